import { rangeOf } from '../../figures'
import { type AssembledHive, cellsOfFrame } from '../../stack'
import { isBox, isFrame } from '../../parts'
import { daysLater } from '../days'
import { foodFramesOf, framesWithBrood, type Look } from './look'

/** Room that is left for brood, and when another box is due. */
export interface RoomLeft {
  /** Combs of the brood boxes, and those of them that are surely free for brood, and may be. */
  readonly combs: number
  readonly free: number
  readonly freeMost: number
  /** By this day at the earliest they are laid full. */
  readonly boxDue: string
  readonly inDays: number
}

/**
 * Combs of the brood boxes with neither brood nor food, each comb once, and the day by which a queen at her best has
 * filled those that are surely free: free cells ÷ eggs a day; a prolific strain half as fast again. Combs that were
 * pressed are known one by one; of combs that were only counted nobody knows whether brood and food share them, and
 * food boxes and supers hold their own. Common practice; undefined where no brood was told, or no frame hangs there.
 */
export function roomLeft(look: Look, day: string, assembled: AssembledHive, prolific: boolean): RoomLeft | undefined {
  const { figures } = assembled
  const framesOf = (isBrood: boolean) =>
    assembled.stack
      .filter((layer) => isBox(layer) && (layer.placement.role === 'brood') === isBrood)
      .flatMap(({ hung }) => hung.filter(isFrame))
  const frames = framesOf(true)
  const [first] = frames
  const brood = framesWithBrood(look)
  if (!first || brood === undefined) return undefined
  const used = look.broodFrames ? counted(look, brood, framesOf(false).length) : pressed(look, frames)
  const room = frames.length - (look.undrawnLeft ?? 0)
  const free = Math.max(0, room - used.most)
  const freeMost = Math.max(0, room - used.least)
  const cells = free * cellsOfFrame(first.pattern, figures.cellWidthMm) * rangeOf(figures, 'broodOfCombShare').middle
  const inDays = Math.floor(cells / (figures.layingPeakEggsADay * (prolific ? figures.prolificRoomTimes : 1)))
  return { combs: frames.length, free, freeMost, boxDue: daysLater(day, inDays), inDays }
}

/** Combs of the brood boxes that are taken, of those that were only counted. */
function counted(look: Look, brood: number, elsewhere: number): { readonly least: number; readonly most: number } {
  const food = (foodFramesOf(look, 'sealed') ?? 0) + (foodFramesOf(look, 'pollen') ?? 0)
  const here = Math.max(0, food - elsewhere)
  return { least: Math.max(brood, here), most: brood + here }
}

/** The same of those that were pressed, comb by comb. */
function pressed({ combs = [] }: Look, frames: readonly { readonly content: { readonly id: string } }[]) {
  const taken = new Set(
    combs.flatMap(({ contentId, brood, food }) => (brood?.length || food?.length ? [contentId] : [])),
  )
  const inBrood = frames.filter(({ content }) => taken.has(content.id)).length
  return { least: inBrood, most: inBrood }
}
