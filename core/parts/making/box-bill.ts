import { dimensionMm } from '../sizes'
import { hasBuiltUpEnds } from '../box'
import { isBox } from '../is'
import type { ResolvedPart } from '../resolve'
import type { Fixing, FramePiece } from './frame-bill'

export const CORNERS = ['rabbet', 'butt', 'finger'] as const
/** How the boards of a box meet: ends rabbeted half through, plain butt, or fingers. */
export type Corner = (typeof CORNERS)[number]

/** What is cut into a board, for the saw; lengths in mm. */
export type Cut =
  | { readonly cut: 'frame-rest'; readonly widthMm: number; readonly depthMm: number }
  | { readonly cut: 'rabbet'; readonly widthMm: number; readonly depthMm: number }
  | { readonly cut: 'fingers'; readonly widthMm: number; readonly depthMm: number; readonly count: number }
  | {
      readonly cut: 'hand-hold'
      readonly centreBelowTopMm: number
      readonly lengthMm: number
      readonly depthMm: number
    }

/** A board of a box with what is cut into it. */
export interface Panel extends FramePiece {
  readonly cuts: readonly Cut[]
}

/** What a number of boxes is made of: panels, fixings and boards. */
export interface BoxBill {
  readonly count: number
  readonly panels: readonly Panel[]
  readonly fixings: readonly Fixing[]
  readonly glueMl: number
}

/** Why a box cannot be built from boards. */
export type BoxProblem = 'moulded' | 'not-a-box' | 'no-frames'

/** Whether a box is made of boards at all. */
export function boxProblem(part: ResolvedPart): BoxProblem | undefined {
  if (!isBox(part)) return 'not-a-box'
  if (part.pattern.material !== 'wood') return 'moulded'
  return part.pattern.sections ? 'no-frames' : undefined
}

/** An end of one board, or a board with two rails that make the grip. */
export function isBuiltUp(box: ResolvedPart): boolean {
  return isBox(box) && hasBuiltUpEnds(box)
}

/**
 * The boards of so many boxes, with what is cut into them. Sides and ends follow from outside, inside and depth;
 * a rabbet goes half through the ends, so that each side board is a wall shorter in all (USDA Agriculture Handbook
 * 335, from memory: 19 1/8 in for a box of 19 7/8); butted, it loses a whole wall at each end; fingers are as wide
 * as the wall and both boards full length. Hand-holds 65 mm below the upper edge, from memory.
 * @throws RangeError when the count is not a whole number from 1 to 200
 */
export function boxBill(box: ResolvedPart, count: number, corner: Corner = 'rabbet'): BoxBill {
  if (!Number.isInteger(count) || count < 1 || count > 200) throw new RangeError(`not a count of boxes: ${count}`)
  const panels = (isBuiltUp(box) ? builtUpPanels(box) : boardPanels(box, corner)).map((panel) => ({
    ...panel,
    count: panel.count * count,
  }))
  const depthMm = dimensionMm(box, 'depth')
  const perCorner = Math.max(2, Math.ceil(depthMm / box.figures.nailEveryMm))
  const fixings: Fixing[] = [
    { kind: 'box-nail', lengthMm: box.figures.boxNailMm, place: 'corner', count: 4 * perCorner * count },
  ]
  if (isBuiltUp(box)) fixings.push({ kind: 'screw', lengthMm: box.figures.boxNailMm, place: 'rail', count: 16 * count })
  return { count, panels, fixings, glueMl: Math.round(((4 * depthMm) / 1000) * 15) * count }
}

function wallOf(box: ResolvedPart): { sideMm: number; endMm: number } {
  return {
    sideMm: (dimensionMm(box, 'outsideWidth') - dimensionMm(box, 'insideWidth')) / 2,
    endMm: (dimensionMm(box, 'outsideLength') - dimensionMm(box, 'insideLength')) / 2,
  }
}

function boardPanels(box: ResolvedPart, corner: Corner): Panel[] {
  const { sideMm, endMm } = wallOf(box)
  const depthMm = dimensionMm(box, 'depth')
  const length = dimensionMm(box, 'outsideLength')
  const width = dimensionMm(box, 'outsideWidth')
  const sideLength = { rabbet: length - endMm, butt: length - 2 * endMm, finger: length }[corner]
  const rest: Cut = {
    cut: 'frame-rest',
    widthMm: (dimensionMm(box, 'restToRest') - dimensionMm(box, 'insideLength')) / 2,
    depthMm: dimensionMm(box, 'restDepth'),
  }
  const fingers = (wallMm: number): Cut => ({
    cut: 'fingers',
    widthMm: wallMm,
    depthMm: wallMm,
    count: Math.floor(depthMm / (2 * wallMm)),
  })
  const { handHoldMm, handHoldLengthMm, handHoldDepthMm } = box.figures
  const hold: Cut = {
    cut: 'hand-hold',
    centreBelowTopMm: handHoldMm,
    lengthMm: handHoldLengthMm,
    depthMm: handHoldDepthMm,
  }
  return [
    {
      name: 'side',
      count: 2,
      lengthMm: sideLength,
      widthMm: depthMm,
      thicknessMm: sideMm,
      cuts: [hold, ...(corner === 'finger' ? [fingers(endMm)] : [])],
    },
    {
      name: 'end',
      count: 2,
      lengthMm: width,
      widthMm: depthMm,
      thicknessMm: endMm,
      cuts: [
        rest,
        hold,
        ...(corner === 'rabbet'
          ? [{ cut: 'rabbet' as const, widthMm: sideMm, depthMm: endMm / 2 }]
          : corner === 'finger'
            ? [fingers(sideMm)]
            : []),
      ],
    },
  ]
}

/** Full-length sides; between them an inner end board that the lugs rest on, and two rails outside it. From memory. */
function builtUpPanels(box: ResolvedPart): Panel[] {
  const { sideMm, endMm } = wallOf(box)
  const depthMm = dimensionMm(box, 'depth')
  const between = dimensionMm(box, 'insideWidth')
  const railThickness = endMm - box.figures.endBoardMm
  return [
    {
      name: 'side',
      count: 2,
      lengthMm: dimensionMm(box, 'outsideLength'),
      widthMm: depthMm,
      thicknessMm: sideMm,
      cuts: [],
    },
    {
      name: 'end-board',
      count: 2,
      lengthMm: between,
      widthMm: depthMm - dimensionMm(box, 'restDepth'),
      thicknessMm: box.figures.endBoardMm,
      cuts: [],
    },
    {
      name: 'rail',
      count: 4,
      lengthMm: between,
      widthMm: box.figures.railDepthMm,
      thicknessMm: railThickness,
      cuts: [],
    },
  ]
}
