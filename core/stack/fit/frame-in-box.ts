import type { DimensionName, HangingPattern, ResolvedPart } from '../../parts'
import type { Judging } from '../bands'
import { isMarginal, limitDistance, outsideMm } from '../bands/band'
import { comparableMm, exact, halfMeasure, lessMeasure, roundTo, sumOfMeasures, type Measure } from '../../units'

type FrameVerdict = 'fits' | 'gap-problem' | 'does-not-fit'

/** The dimension that decides, and how. */
export type FrameReason =
  | 'top-bar-too-long'
  | 'drops-in'
  | 'lugs-too-short'
  | 'between-walls'
  | 'stands-below'
  | 'meets-rim'
  | 'void-below'
  | 'end-gap'
  | 'over-frames'
  | 'all-clear'
  | 'no-frames-here'
  | 'not-measured'

/** Whether a frame goes into a box, and the clearance that decides. */
export interface FrameFit {
  readonly verdict: FrameVerdict
  readonly reason: FrameReason
  /** The clearance that decides; below zero the parts overlap. */
  readonly deciding: Measure
  /** The ± reaches a limit: it could go the other way. */
  readonly marginal: boolean
  readonly clearances: FrameClearances
  /** How many hang side by side. */
  readonly count: number
  /** What they leave beside them, mm. */
  readonly sideMm: number
}

interface FrameClearances {
  /** Rest to rest less the top bar. */
  readonly topBarPlay: Measure
  /** Of each lug on its rest, the frame centred. */
  readonly lugBearing: Measure
  /** Each end bar to its wall. */
  readonly endGap: Measure
  /** Rim of the box over the top bar. */
  readonly topSpace: Measure
  /** Bottom bar over the lower edge of the box. */
  readonly bottomSpace: Measure
}

/**
 * Whether a frame goes into a box, from dimensions alone: between the walls, its lugs on both rests, its bottom bar
 * above the box's edge, and what it leaves free. The frame hangs centred. Lengths in mm; interval ±. Common practice.
 */
export function frameInBox(frame: HangingPattern, box: ResolvedPart, { band, figures, catalogue }: Judging): FrameFit {
  const clearances = clearancesOf(frame, box)
  const insideMm = box.dimensions.insideWidth?.mm ?? 0
  const count = Math.max(0, Math.floor((insideMm + 1e-9) / frame.spacing.mm))
  const said = (verdict: FrameVerdict, reason: FrameReason, deciding: Measure, marginal = false): FrameFit => ({
    verdict,
    reason,
    deciding,
    marginal,
    clearances,
    count,
    sideMm: roundTo(insideMm - count * frame.spacing.mm, 6),
  })
  if (box.pattern?.sections) return said('does-not-fit', 'no-frames-here', exact(0))
  if (NEEDED.some((name) => !box.dimensions[name])) return said('does-not-fit', 'not-measured', exact(0))
  const { topBarPlay, lugBearing, endGap, topSpace, bottomSpace } = clearances
  const unsure = ({ mm, plusMinusMm }: Measure, limit: number) =>
    plusMinusMm > 0 && Math.abs(comparableMm(mm) - limit) <= plusMinusMm
  if (topBarPlay.mm < 0) return said('does-not-fit', 'top-bar-too-long', topBarPlay, unsure(topBarPlay, 0))
  if (lugBearing.mm <= 0) return said('does-not-fit', 'drops-in', lugBearing, unsure(lugBearing, 0))
  if (endGap.mm < 0) return said('does-not-fit', 'between-walls', endGap, unsure(endGap, 0))
  if (comparableMm(lugBearing.mm) < figures.bearingMm)
    return said('does-not-fit', 'lugs-too-short', lugBearing, unsure(lugBearing, figures.bearingMm))
  if (bottomSpace.mm < 0) return said('does-not-fit', 'stands-below', bottomSpace, unsure(bottomSpace, 0))
  if (topSpace.mm < 0) return said('gap-problem', 'meets-rim', topSpace, unsure(topSpace, 0))
  const usual = catalogue.hanging.get(box.pattern?.normalContents?.framePatternId ?? '')
  // What the usual frame leaves is the box's own room: a frame of another make that hangs as low leaves no void.
  const hangsAsLow =
    usual !== undefined &&
    comparableMm(frame.height.mm - frame.lugThickness.mm) >= comparableMm(usual.height.mm - usual.lugThickness.mm)
  const below = { minMm: 0, maxMm: hangsAsLow ? Math.max(figures.wideMm, band.maxMm) : band.maxMm }
  if (outsideMm(bottomSpace.mm, below) > 0)
    return said(
      'gap-problem',
      'void-below',
      bottomSpace,
      isMarginal(bottomSpace.plusMinusMm, limitDistance(bottomSpace.mm, below)),
    )
  if (comparableMm(topSpace.mm) > comparableMm(band.maxMm))
    return said('gap-problem', 'over-frames', topSpace, unsure(topSpace, band.maxMm))
  const nearest = limitDistance(endGap.mm, band)
  const marginal = isMarginal(endGap.plusMinusMm, nearest)
  return nearest.side === 'inside'
    ? said('fits', 'all-clear', endGap, marginal)
    : said(marginal ? 'fits' : 'gap-problem', 'end-gap', endGap, marginal)
}

/** Without one of these nobody can say whether a frame goes in. */
const NEEDED = ['insideLength', 'insideWidth', 'restToRest', 'restDepth', 'depth'] as const satisfies DimensionName[]

function clearancesOf(frame: HangingPattern, box: ResolvedPart): FrameClearances {
  const size = (name: DimensionName) => sumOfMeasures([box.dimensions[name]].filter((one) => one !== undefined))
  const inside = size('insideLength')
  const topSpace = lessMeasure(size('restDepth'), frame.lugThickness)
  return {
    topBarPlay: lessMeasure(size('restToRest'), frame.topBarLength),
    lugBearing: halfMeasure(lessMeasure(sumOfMeasures([frame.topBarLength]), inside)),
    endGap: halfMeasure(lessMeasure(inside, frame.lengthOverEndBars)),
    topSpace,
    bottomSpace: lessMeasure(lessMeasure(size('depth'), topSpace), frame.height),
  }
}
