import { sumOfMeasures } from '../../units'
import { type Catalogue, type HangingPattern, type Pattern, resolvePart, type ResolvedPart } from '../../parts'
import type { Judging, JudgingAt } from '../bands'
import { judgeGap, type JudgedGap } from '../bands/judge-gap'
import { areAsMade } from '../bands/usual-joint'
import { assembleHive } from '../assemble'
import { facesOf } from '../faces'
import { gapsOf, termOf } from '../gaps'
import { layOut } from '../layout'
import { newPart, newPlacement } from '../../yard'
import { frameInBox, type FrameFit } from './frame-in-box'
import { seatOn, type Seat } from './box-on-box'

/** A box as a column or row of the table: a pattern, or a part of the yard as measured. */
export interface FitBox {
  readonly id: string
  readonly resolved: ResolvedPart
}

/** How a box bears on another, and the gap between their frames. */
export interface BoxFit {
  readonly seat: Seat
  /** The gap between the two boxes' frames, where both have some. */
  readonly gap: Pick<JudgedGap, 'mm' | 'plusMinusMm' | 'verdict' | 'grade' | 'marginal'> | null
}

/** A pattern with its normal frames, to be looked at. */
export function boxOfPattern(pattern: Pattern, catalogue: Catalogue): FitBox {
  let hung = 0
  const part = newPart(pattern, catalogue, () => `${pattern.id}/${hung++}`)
  return { id: pattern.id, resolved: resolvePart({ ...part, id: pattern.id }, catalogue) }
}

/** Every frame in every box. */
export function frameTable(
  frames: readonly HangingPattern[],
  boxes: readonly FitBox[],
  context: Judging,
): FrameFit[][] {
  return frames.map((frame) => boxes.map(({ resolved }) => frameInBox(frame, resolved, context)))
}

/** Every box (row) on every box (column). */
export function boxTable(boxes: readonly FitBox[], context: JudgingAt): BoxFit[][] {
  return boxes.map((upper) => boxes.map((lower) => boxFit(lower, upper, context)))
}

/** One box on another: how it bears, and the gap between their frames. */
export function boxFit(lower: FitBox, upper: FitBox, context: JudgingAt): BoxFit {
  return {
    seat: seatOn(lower.resolved, upper.resolved, context.figures),
    gap: frameGap(lower.resolved, upper.resolved, context),
  }
}

function frameGap(lower: ResolvedPart, upper: ResolvedPart, context: JudgingAt): BoxFit['gap'] {
  const below = facesOf(lower, false).upper.zones[0]
  const above = facesOf(upper, false).lower.zones[0]
  if (below?.surface !== 'top-bars' || above?.surface !== 'bottom-bars') return null
  const sum = sumOfMeasures([below.recess, above.recess])
  const { verdict, grade, marginal } = judgeGap(
    {
      ...sum,
      lowerId: lower.part.id,
      upperId: upper.part.id,
      lowerSurface: 'top-bars',
      upperSurface: 'bottom-bars',
      place: 'frames',
      throughIds: [],
      terms: [termOf(below, lower), termOf(above, upper)],
      fromMm: 0,
      toMm: sum.mm,
      reached: true,
    },
    context,
    areAsMade(lower, upper),
  )
  return { mm: sum.mm, plusMinusMm: sum.plusMinusMm, verdict, grade, marginal }
}

/** Two boxes one on the other as a layout, for the drawing. */
export function stackOfTwo(
  lower: FitBox,
  upper: FitBox,
  { catalogue, figures }: Pick<Judging, 'catalogue' | 'figures'>,
) {
  const [a, b] = [
    lower.resolved.part,
    lower.id === upper.id ? { ...upper.resolved.part, id: `${upper.id}/upper` } : upper.resolved.part,
  ]
  const hive = {
    id: 'fit',
    name: '',
    stage: 'flow' as const,
    note: '',
    stack: [newPlacement(a.id, lower.resolved.pattern), newPlacement(b.id, upper.resolved.pattern)],
    attachments: [],
    accepted: [],
  }
  const layout = layOut(
    assembleHive(
      hive,
      new Map([
        [a.id, a],
        [b.id, b],
      ]),
      catalogue,
    ),
  )
  return { layout, gaps: gapsOf(layout, figures.beeTightMm).gaps }
}
