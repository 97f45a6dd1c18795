import { type HangingPattern, boundsOf, hungFromAbove, shapeOf, type Rect } from '#core/parts'
import { type FitBox, type FrameFit, type Seat, SIDES, facesOf, type Side } from '#core/stack'

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

/** An outline of a box or frame laid over another. */
export interface Outline {
  readonly rect: Rect
  readonly look: 'lower' | 'upper' | 'hole' | 'frame'
}

/**
 * A box from above with one frame in it, and that frame's end bars drawn beside its top bar: the bodies of both, lower
 * ones first, and where each figure is. mm, y across the frames.
 */
export function frameFromAbove(
  box: FitBox,
  frame: HangingPattern,
  fit: FrameFit,
): { outlines: Outline[]; dimensions: DimensionLine[] } {
  const shell = [...shapeOf(box.resolved).solids].sort((a, b) => a.to.mm - b.to.mm).map(({ rect }) => rect)
  const { body, endBars, lugs } = hungFromAbove(frame, 0, undefined)
  const [topBar, over] = [boundsOf([...lugs, body]), boundsOf([...endBars, body])]
  const beside = topBar.y1 + 34
  const rightOf = (edge: (rect: Rect) => number) => Math.min(...shell.map(edge).filter((x) => x > 0))
  return {
    outlines: [
      ...shell.map((rect): Outline => ({ rect, look: 'lower' })),
      { rect: topBar, look: 'frame' },
      { rect: { ...over, y0: beside, y1: beside + 10 }, look: 'frame' },
    ],
    dimensions: frameDimensions(fit, {
      inside: rightOf(({ x0 }) => x0),
      rest: Math.max(...shell.map(({ x0 }) => x0)),
      bar: topBar.x1,
      end: over.x1,
      beside: beside + 5,
    }),
  }
}

/** Where each figure of the fit is, in half lengths from the middle. */
function frameDimensions(
  fit: FrameFit,
  { inside, rest, bar, end, beside }: Readonly<Record<'inside' | 'rest' | 'bar' | 'end' | 'beside', number>>,
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
      x1: end,
      y1: beside,
      x2: inside,
      y2: beside,
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
