import { setWay } from '../yard/deeds'
import type { Edit, Way, Yard } from '../yard'
import type { YardYear } from '../year'
import { byHiveOf } from './by-hive'
import { entriesOf } from './current'
import { dayOf } from './days'
import type { Entry, TrialSide } from './entries'
import { miteRate } from './mites'
import { coldTimes } from './winters'
import { compareShares, drawByLot, wilson, type Compared, type ShareOf } from './share'

/** A trial of a yard: which hives have what is tried, and which have not. */
export interface Trial {
  readonly name: string
  readonly began: string
  readonly with: readonly string[]
  readonly without: readonly string[]
}

/** The trials of a yard by their names, the newest first; of a hive that was drawn twice the last counts. */
export function trialsOf(entries: readonly Entry[]): Trial[] {
  const byName = new Map<string, { began: string; sides: Map<string, TrialSide> }>()
  for (const { at, hiveId, body } of entriesOf(entries, 'trial')) {
    const trial = byName.get(body.trial) ?? { began: dayOf(at), sides: new Map<string, TrialSide>() }
    byName.set(body.trial, trial)
    trial.sides.set(hiveId, body.side)
  }
  const sideOf = (sides: ReadonlyMap<string, TrialSide>, wanted: TrialSide) =>
    [...sides].filter(([, side]) => side === wanted).map(([hiveId]) => hiveId)
  return [...byName]
    .map(([name, { began, sides }]) => ({
      name,
      began,
      with: sideOf(sides, 'with'),
      without: sideOf(sides, 'without'),
    }))
    .sort((a, b) => (a.began < b.began ? 1 : -1))
}

/** Hives drawn by lot into the two sides of a trial, half each; of an odd number one more stays without. */
export function drawTrial(hiveIds: readonly string[], chance: () => number): Record<TrialSide, string[]> {
  const drawn = new Set(drawByLot(hiveIds, Math.floor(hiveIds.length / 2), chance))
  return { with: hiveIds.filter((id) => drawn.has(id)), without: hiveIds.filter((id) => !drawn.has(id)) }
}

/**
 * Whether a hive of a trial lives: dead once it was written dead, whatever was written of it before; alive where it was
 * said, or where it was looked into once the winter was over. Undefined where nobody knows.
 */
function livesIn(own: readonly Entry[], winterOver: string | undefined): boolean | undefined {
  const fates = entriesOf(own, 'fate').map(({ body }) => body.fate)
  // A death is never outdone by the colony that came after it.
  if (fates.includes('dead')) return false
  if (fates.includes('alive')) return true
  const isSeen = winterOver !== undefined && entriesOf(own, 'look').some(({ at }) => dayOf(at) >= winterOver)
  return isSeen ? true : undefined
}

/** What a trial came to so far, side by side. */
export interface TrialOutcome {
  /** Of those of which it is known, alive; undefined where nobody has said of any. */
  readonly alive: Readonly<Record<TrialSide, ShareOf | undefined>>
  readonly compared: Compared | undefined
  /** Last count of mites a day since it began, mean of the side, of so many hives. */
  readonly fall: Readonly<Record<TrialSide, { readonly mean: number; readonly of: number } | undefined>>
}

/** The outcome of a trial by what was written since it began: what became of its hives, and their last tray counts. */
export function trialOutcome(trial: Trial, entries: readonly Entry[], year: YardYear, today: string): TrialOutcome {
  const { figures } = year
  const since = entries.filter(({ at }) => dayOf(at) >= trial.began)
  const books = byHiveOf(since)
  const winterOver = coldTimes(year, trial.began, today).at(0)?.to
  const aliveOf = (ids: readonly string[]) => {
    const fates = ids.flatMap((id) => livesIn(books.get(id) ?? [], winterOver) ?? [])
    return fates.length > 0 ? wilson(fates.filter((lives) => lives).length, fates.length) : undefined
  }
  const fallOf = (ids: readonly string[]) => {
    const counts = ids.flatMap((id) => {
      const last = entriesOf(since, 'mites').findLast(({ hiveId, body }) => hiveId === id && body.way === 'tray')
      return last ? [miteRate(last.body).rate] : []
    })
    return counts.length > 0
      ? { mean: counts.reduce((sum, rate) => sum + rate, 0) / counts.length, of: counts.length }
      : undefined
  }
  const alive = { with: aliveOf(trial.with), without: aliveOf(trial.without) }
  return {
    alive,
    compared: alive.with && alive.without && compareShares(alive.with, alive.without, figures),
    fall: { with: fallOf(trial.with), without: fallOf(trial.without) },
  }
}

/** The plans of a trial's hives, each with its side's way in the field that is tried. */
export function trialWays(
  yard: Yard,
  sides: Readonly<Record<TrialSide, readonly string[]>>,
  field: keyof Way,
  ways: Readonly<Record<TrialSide, Way[keyof Way]>>,
): Edit[] {
  return (['with', 'without'] as const).flatMap((side) =>
    yard.hives
      .filter(({ id }) => sides[side].includes(id))
      .map((hive) => setWay(hive, { ...hive.season, way: { ...hive.season?.way, [field]: ways[side] } })),
  )
}
