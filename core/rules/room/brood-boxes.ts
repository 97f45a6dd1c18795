import { isBox, isDivision } from '../../parts'
import { roomOf, type PlacedPart, type Room } from '../../stack'
import type { Context, MeasuredHive } from '../context'

/** What one colony has to brood in, of those over and under division boards. */
export interface BroodRoom {
  readonly key: string
  readonly isShared: boolean
  readonly boxes: readonly PlacedPart[]
  readonly room: Room
}

/** The brood boxes of each colony in a hive; none where it broods in halves of a box. */
export function broodRooms({ layout, assembled }: MeasuredHive, { figures }: Context): BroodRoom[] {
  const boards = layout.parts.filter(isDivision).map(({ index }) => index)
  return [...boards, Number.POSITIVE_INFINITY].flatMap((to, i) => {
    const boxes = layout.parts.filter((part) => isBrood(part) && part.index < to && part.index > (boards[i - 1] ?? -1))
    if (boxes.length === 0 || boxes.some(({ pattern }) => pattern?.halves)) return []
    const room = roomOf(
      boxes.map(({ resolved }) => resolved),
      figures.cellWidthMm,
    )
    const key = i === 0 ? assembled.hive.id : `${assembled.hive.id}/${i}`
    return [{ key, isShared: boards.length > 0, boxes, room }]
  })
}

function isBrood({ pattern, placement, part }: PlacedPart): boolean {
  return isBox({ pattern }) && placement.role === 'brood' && part.contents.length > 0
}
