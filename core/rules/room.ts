import { type PlacedPart, roomOf } from '../stack'
import { meaningOf } from '../yard'
import type { Context, MeasuredHive } from './context'
import { findingOf, type Finding } from './finding'
import { isBox, isDivision } from '../parts'

/**
 * Brood space in cells against what a queen fills at her peak, for each colony over and under a division board; a small
 * colony that is settling against too much hive.
 */
export function checkRoom({ layout, assembled }: MeasuredHive, { stage, figures, prolific }: Context): Finding[] {
  const boards = layout.parts.filter(isDivision).map(({ index }) => index)
  const colonies = [...boards, Number.POSITIVE_INFINITY].map((to, i) =>
    layout.parts.filter((part) => isBrood(part) && part.index < to && part.index > (boards[i - 1] ?? -1)),
  )
  return colonies.flatMap((brood, i) =>
    roomFindings(brood, i === 0 ? assembled.hive.id : `${assembled.hive.id}/${i}`, boards.length > 0, {
      stage,
      figures,
      prolific,
    }),
  )
}

function roomFindings(
  brood: readonly PlacedPart[],
  colonyId: string,
  shared: boolean,
  { stage, figures, prolific }: Pick<Context, 'stage' | 'figures' | 'prolific'>,
): Finding[] {
  if (brood.length === 0 || brood.some(({ pattern }) => pattern?.halves)) return []
  const { cells, frames } = roomOf(
    brood.map(({ resolved }) => resolved),
    figures.cellWidth,
  )
  if (meaningOf(stage).isSettling) return tooMuch(brood, frames)
  if (!meaningOf(stage).isGrowing) return []
  const factor = prolific ? figures.prolific : 1
  const mend = figures.broodNeedMend * factor
  const watch = figures.broodNeedWatch * factor
  if (cells >= watch) return []
  return [
    findingOf(
      'room.brood',
      cells < mend ? 'mend' : 'watch',
      brood.map(({ part }) => part.id),
      {
        key: `room.brood:${colonyId}`,
        facts: {
          cells: Math.round(cells),
          needCells: Math.round(cells < mend ? mend : watch),
          layingPeak: figures.layingPeak * factor,
          shared,
          litres: roomOf(
            brood.map(({ resolved }) => resolved),
            figures.cellWidth,
          ).litres,
        },
      },
    ),
  ]
}

function isBrood({ pattern, placement, part }: PlacedPart): boolean {
  return isBox({ pattern }) && placement.role === 'brood' && part.contents.length > 0
}

/** A colony that settles covers one box; a second is more than it can keep warm. */
function tooMuch(brood: readonly PlacedPart[], frames: number): Finding[] {
  return brood.length < 2
    ? []
    : [
        findingOf(
          'room.too-much',
          'watch',
          brood.slice(1).map(({ part }) => part.id),
          { facts: { frames } },
        ),
      ]
}
