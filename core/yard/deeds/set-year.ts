import type { Edit } from '../edits/edit'
import type { Hive } from '../model/yard'
import type { HiveSeason, YardSeason } from '../model/season'

/** Says how a yard's year is kept; what says nothing is nothing. */
export function setYear(season: YardSeason): Edit {
  return { kind: 'set-year', season: isEmpty(season) ? null : season }
}

/** Says how one hive is kept through the year. */
export function setWay({ id }: Pick<Hive, 'id'>, season: HiveSeason): Edit {
  return { kind: 'set-way', hiveId: id, season: isEmpty(season) ? null : season }
}

function isEmpty(season: YardSeason | HiveSeason): boolean {
  return Object.keys(season).length === 0
}
