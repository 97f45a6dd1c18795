import { rangeOf } from '../../figures'
import type { AssembledHive } from '../../geometry'
import { isFrame } from '../../parts'
import { cellsOfFrame } from '../../room'
import { daysLater } from '../days'
import { foodFramesOf, framesWithBrood, type Look } from './look'

/** Room that is left for brood, and when another box is due. */
export interface RoomLeft {
  /** Combs of the brood boxes, and those of them that are free for brood. */
  readonly combs: number
  readonly free: number
  /** By this day at the earliest they are laid full. */
  readonly boxDue: string
  readonly inDays: number
}

/**
 * Combs free for brood, and the day by which a queen at her best has filled them: free cells ÷ eggs a day; a prolific
 * strain half as fast again. Common practice; undefined where brood or food was not told, or no frame hangs there.
 */
export function roomLeft(look: Look, day: string, assembled: AssembledHive, prolific: boolean): RoomLeft | undefined {
  const { stack, figures } = assembled
  const frames = stack.filter(({ placement }) => placement.role === 'brood').flatMap(({ hung }) => hung.filter(isFrame))
  const brood = framesWithBrood(look)
  const [first] = frames
  if (!first || brood === undefined) return undefined
  const food = (foodFramesOf(look, 'sealed') ?? 0) + (foodFramesOf(look, 'pollen') ?? 0)
  const free = Math.max(0, frames.length - brood - food - (look.undrawnLeft ?? 0))
  const cells = free * cellsOfFrame(first.pattern, figures.cellWidth) * rangeOf(figures, 'broodOfComb').middle
  const inDays = Math.floor(cells / (figures.layingPeak * (prolific ? figures.prolific : 1)))
  return { combs: frames.length, free, boxDue: daysLater(day, inDays), inDays }
}
