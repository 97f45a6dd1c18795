import type { HangingKind, HangingPattern } from './catalogue'
import type { Content } from './model'
import { BASE, above, below, type Level } from './level'
import { centredRect, type Rect } from './rect'
import { solid, type Solid, type SolidMaterial } from './solid'
import type { HungComb } from './across-gaps'

/** What hangs in a box, where its pattern is known. */
interface Hung {
  readonly pattern: HangingPattern | undefined
}

function isOf(kind: HangingKind) {
  return <T extends Hung>(one: T): one is T & { readonly pattern: HangingPattern } => one.pattern?.kind === kind
}

/** Holds comb. */
export const isFrame = isOf('frame')
/** A board that takes the place of frames. */
export const isDummy = isOf('dummy')
/** A trough in the place of frames. */
export const isFrameFeeder = isOf('feeder')

/** Holds comb, by its pattern alone. */
export function isFramePattern(pattern: HangingPattern | undefined): pattern is HangingPattern {
  return isFrame({ pattern })
}

/** Frames, boards and feeders among what hangs, each with its pattern. */
export function framesOf<T extends Hung>(hung: readonly T[]): (T & { readonly pattern: HangingPattern })[] {
  return hung.filter(isFrame)
}

/** Where what hangs on rests at a level begins and ends. */
export function levelsOf(
  { lugThickness, height }: HangingPattern,
  seat: Level,
): { readonly top: Level; readonly bottom: Level } {
  const top = above(seat, lugThickness)
  return { top, bottom: below(top, height) }
}

/** The bars of a frame on its rests, or the whole of a board or feeder; `seat` is the level of the rests. */
export function barsOf(frame: HangingPattern, id: string, centreMm: number, seat: Level): Solid[] {
  const { top, bottom } = levelsOf(frame, seat)
  const half = frame.lengthOverEndBars.mm / 2
  if (!isFrame({ pattern: frame })) {
    const halfMm = (frame.thickness ?? frame.spacing).mm / 2
    return solid(
      { x0: -half, x1: half, y0: centreMm - halfMm, y1: centreMm + halfMm },
      bottom,
      top,
      frame.kind === 'feeder' ? 'syrup' : 'timber',
      id,
    )
  }
  const under = below(top, frame.topBarThickness)
  const over = above(bottom, frame.bottomBarThickness)
  const bar = frame.topBarWidth.mm / 2
  return [
    ...solid({ x0: -half, x1: half, y0: centreMm - bar, y1: centreMm + bar }, under, top, 'bar', `${id}-top`),
    ...lugsOf(frame, id, centreMm, seat),
    ...endBarsOf(frame, id, centreMm, bar, over, under),
    ...solid(
      { x0: -half, x1: half, y0: centreMm - BOTTOM_BAR_HALF_MM, y1: centreMm + BOTTOM_BAR_HALF_MM },
      bottom,
      over,
      'bar',
      `${id}-bottom`,
    ),
  ]
}

/** What it rests on: the top bar beyond the end bars, or the same of a board or feeder. */
function lugsOf(frame: HangingPattern, id: string, centreMm: number, seat: Level): Solid[] {
  const [half, lug, bar] = [frame.lengthOverEndBars.mm / 2, frame.topBarLength.mm / 2, frame.topBarWidth.mm / 2]
  const [y0, y1] = [centreMm - bar, centreMm + bar]
  const top = above(seat, frame.lugThickness)
  return [
    ...solid({ x0: -lug, x1: -half, y0, y1 }, seat, top, 'bar', `${id}-top`),
    ...solid({ x0: half, x1: lug, y0, y1 }, seat, top, 'bar', `${id}-top`),
  ]
}

function endBarsOf(
  frame: HangingPattern,
  id: string,
  centreMm: number,
  halfMm: number,
  from: Level,
  to: Level,
): Solid[] {
  const [half, end] = [frame.lengthOverEndBars.mm / 2, frame.endBarThickness.mm]
  const [y0, y1] = [centreMm - halfMm, centreMm + halfMm]
  return [
    ...solid({ x0: -half, x1: -half + end, y0, y1 }, from, to, 'bar', `${id}-front`),
    ...solid({ x0: half - end, x1: half, y0, y1 }, from, to, 'bar', `${id}-back`),
  ]
}

/** What hangs in a box, from above, with the top bars taken off: mm across it and along it. */
export interface HungFromAbove {
  /** Comb, board or trough. */
  readonly body: Rect
  /** End bars at their shoulders, where frames touch. */
  readonly endBars: readonly Rect[]
  readonly lugs: readonly Rect[]
  /** All that it takes, as far as its neighbours. */
  readonly taken: Rect
}

/** What hangs in a box from above, by its bodies; a comb that is not begun is a line. */
export function hungFromAbove(frame: HangingPattern, centreMm: number, comb: HungComb | undefined): HungFromAbove {
  const takes = frame.spacing.mm / 2
  const { top, bottom } = levelsOf(frame, BASE)
  const shoulders = isFramePattern(frame)
    ? endBarsOf(frame, '', centreMm, takes, bottom, below(top, frame.topBarThickness))
    : []
  const [half, lug] = [
    frame.lengthOverEndBars.mm / 2 - (isFramePattern(frame) ? frame.endBarThickness.mm : 0),
    frame.topBarLength.mm / 2,
  ]
  const bodies = comb ? combBodyOf(comb, frame, BASE, 'comb') : barsOf(frame, '', centreMm, BASE)
  return {
    body: bodies[0]?.rect ?? { x0: -half, x1: half, y0: centreMm, y1: centreMm },
    endBars: shoulders.map(({ rect }) => rect),
    lugs: lugsOf(frame, '', centreMm, BASE).map(({ rect }) => rect),
    taken: { x0: -lug, x1: lug, y0: centreMm - takes, y1: centreMm + takes },
  }
}

/** Half the width of a bottom bar, mm (as such parts are made). */
const BOTTOM_BAR_HALF_MM = 8
/** A sheet that is drawn at all is drawn at least so thick to either side, mm. */
const LEAST_HALF_MM = 0.6

/** The comb of a frame between its bars: nothing where bees have still to begin. */
export function combBodyOf(comb: HungComb, frame: HangingPattern, seat: Level, material: SolidMaterial): Solid[] {
  if (comb.kind === 'bare') return []
  const top = above(seat, frame.lugThickness)
  const { x0, x1 } = centredRect(frame.lengthOverEndBars.mm - 2 * frame.endBarThickness.mm, 1)
  const rect = {
    x0,
    x1,
    y0: comb.centreMm - Math.max(comb.nearMm, LEAST_HALF_MM),
    y1: comb.centreMm + Math.max(comb.farMm, LEAST_HALF_MM),
  }
  return solid(
    rect,
    above(below(top, frame.height), frame.bottomBarThickness),
    below(top, frame.topBarThickness),
    material,
    `${comb.contentId}-comb`,
    { bears: false, filling: true },
  )
}

/** What a comb is of: what it holds, else what its box is for. */
export function combMaterial({ comb, holds }: Content, use: 'brood' | 'honey'): SolidMaterial {
  if (holds === 'brood') return 'brood'
  if (holds === 'pollen' || holds === 'empty') return 'comb'
  if (holds !== undefined || (comb !== undefined && comb !== 'drawn')) return 'honey'
  return use
}
