import type { HangingPattern } from '#core/catalogue'
import type { FitBox, FrameFit, Seat } from '#core/fit'
import { SIDES, facesOf, type Side } from '#core/geometry'
import type { Rect } from '#core/parts'

/** A figure on a drawing: a stitched line between two points with its text. */
export interface DimensionLine {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  readonly mm: number
  readonly label: string
  readonly bad: boolean
}

export interface Outline {
  readonly rect: Rect
  readonly look: 'lower' | 'upper' | 'hole' | 'frame'
}

/** A box from above with one frame in it: the rings, the top bar, and where each figure is. mm, y across the frames. */
export function frameFromAbove(
  box: FitBox,
  frame: HangingPattern,
  fit: FrameFit,
): { outlines: Outline[]; dimensions: DimensionLine[] } {
  const { dimensions } = box.resolved
  const [length, width] = [dimensions.outsideLength!.mm / 2, dimensions.outsideWidth!.mm / 2]
  const [inside, insideWidth, rest] = [
    dimensions.insideLength!.mm / 2,
    dimensions.insideWidth!.mm / 2,
    dimensions.restToRest!.mm / 2,
  ]
  const bar = frame.topBarLength.mm / 2
  const rect = (x: number, y: number): Rect => ({ x0: -x, x1: x, y0: -y, y1: y })
  return {
    outlines: [
      { rect: rect(length, width), look: 'lower' },
      { rect: rect(rest, insideWidth), look: 'hole' },
      { rect: rect(inside, insideWidth), look: 'hole' },
      { rect: { x0: -bar, x1: bar, y0: -frame.topBarWidth.mm / 2, y1: frame.topBarWidth.mm / 2 }, look: 'frame' },
      {
        rect: {
          x0: -frame.lengthOverEndBars.mm / 2,
          x1: frame.lengthOverEndBars.mm / 2,
          y0: frame.topBarWidth.mm / 2 + 34,
          y1: frame.topBarWidth.mm / 2 + 44,
        },
        look: 'frame',
      },
    ],
    dimensions: frameDimensions(frame, fit, { inside, rest, bar }),
  }
}

/** Where each figure of the fit is, in half lengths from the middle. */
function frameDimensions(
  frame: HangingPattern,
  fit: FrameFit,
  { inside, rest, bar }: { readonly inside: number; readonly rest: number; readonly bar: number },
): DimensionLine[] {
  const { lugBearing, endGap, topBarPlay } = fit.clearances
  return [
    {
      x1: inside,
      y1: -30,
      x2: bar,
      y2: -30,
      mm: lugBearing.mm,
      label: 'lug on its rest',
      bad: fit.reason === 'drops-in' || fit.reason === 'lugs-too-short',
    },
    {
      x1: -rest,
      y1: -62,
      x2: -bar,
      y2: -62,
      mm: topBarPlay.mm / 2,
      label: 'bar to the back of the rest',
      bad: fit.reason === 'top-bar-too-long',
    },
    {
      x1: frame.lengthOverEndBars.mm / 2,
      y1: frame.topBarWidth.mm / 2 + 39,
      x2: inside,
      y2: frame.topBarWidth.mm / 2 + 39,
      mm: endGap.mm,
      label: 'end bar to wall',
      bad: fit.reason === 'between-walls' || fit.reason === 'end-gap',
    },
  ]
}

/** Two boxes from above, the upper one over the lower, with the bearing or the hole on each side. */
export function boxesFromAbove(
  lower: FitBox,
  upper: FitBox,
  seat: Seat,
): { outlines: Outline[]; dimensions: DimensionLine[] } {
  const below = facesOf(lower.resolved, false).upper.edge
  const above = facesOf(upper.resolved, false).lower.edge
  if (!below || !above) return { outlines: [], dimensions: [] }
  const outlines: Outline[] = [{ rect: below.outside, look: 'lower' }]
  if (below.inside) outlines.push({ rect: below.inside, look: 'hole' })
  outlines.push({ rect: above.outside, look: 'upper' })
  if (above.inside) outlines.push({ rect: above.inside, look: 'upper' })
  const place: Record<Side, readonly [number, number]> = { front: [-1, 0], back: [1, 0], left: [0, -1], right: [0, 1] }
  return {
    outlines,
    dimensions: SIDES.map((side) => {
      const [dx, dy] = place[side]
      const far = Math.min(
        dx === 0 ? above.outside.y1 : above.outside.x1,
        dx === 0 ? below.outside.y1 : below.outside.x1,
      )
      const near = far - seat.overlapMm[side]
      const bad = seat.overlapMm[side] < 6
      return {
        x1: dx * near,
        y1: dy * near,
        x2: dx * far,
        y2: dy * far,
        mm: Math.abs(seat.overlapMm[side]),
        label: seat.overlapMm[side] < 0 ? 'open' : 'bears',
        bad,
      }
    }),
  }
}
