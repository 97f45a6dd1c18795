import type { Gap } from '../gaps'
import { type HiveSide, type Stage, meaningOf } from '../../yard'
import { comparableMm } from '../../units'
import { floorBandOf, isMarginal, limitDistance, type Band, type LimitDistance } from './band'
import type { JudgingAt } from './judging'
import type { Grade } from './grade'
import type { Figures } from '../../figures'

/** What the bees will do with a gap. */
export type GapVerdict =
  | 'meets'
  | 'glued'
  | 'squeezed'
  | 'bee-space'
  | 'bridged'
  | 'comb'
  | 'floor-low'
  | 'floor-open'
  | 'floor-deep'
  | 'filled'
  | 'open-for-now'
  | 'out-of-reach'

/** A gap with its verdict, its grade and whether it is marginal. */
export interface JudgedGap extends Gap {
  readonly verdict: GapVerdict
  readonly grade: Grade
  readonly band: Band | null
  readonly nearest: LimitDistance | null
  readonly marginal: boolean
  /** Usual for two parts of this make: most keepers live with it. */
  readonly usual: boolean
  /** Where it is another one on the two sides of an uneven part: the side that is told, and what it is on the other. */
  readonly uneven?: UnevenSide
}

/** A figure that holds on one side of a hive only. */
export interface UnevenSide {
  readonly side: HiveSide
  /** The figure on the other side, where there is one. */
  readonly elsewhereMm: number | null
}

/**
 * Judges one vertical gap by the band of its place. Value and limit are compared to 0.01 mm, half up; limits
 * are inclusive; within the sum of the ± of a limit the verdict is marginal and no better or worse than watch, and
 * no worse than a note where both parts are as made and what they leave is at most what comb is not hung in.
 */
export function judgeGap(
  gap: Gap,
  { band, stage, figures }: Pick<JudgingAt, 'band' | 'stage' | 'figures'>,
  asMade = false,
): JudgedGap {
  if (gap.place === 'through-open') return judgeOpen(gap, stage)
  if (gap.place === 'no-frames')
    return judgeWithoutFrames(
      gap,
      gap.lowerSurface === 'floor' || gap.lowerSurface === 'floor-mesh' ? floorBandOf(figures) : band,
    )
  const own = gap.place === 'floor' ? floorBandOf(figures) : band
  const nearest = limitDistance(gap.mm, own)
  const marginal = isMarginal(gap.plusMinusMm, nearest)
  const { verdict, grade } =
    gap.place === 'floor' ? floorVerdict(gap.mm, nearest, figures) : bandVerdict(gap.mm, nearest, figures)
  const usual =
    asMade &&
    gap.place !== 'floor' &&
    (nearest.side === 'over' || (nearest.side === 'inside' && marginal)) &&
    comparableMm(gap.mm) <= comparableMm(figures.wideMm)
  return judged(gap, verdict, usual ? 'note' : marginal ? 'watch' : grade, own, nearest, marginal, usual)
}

function bandVerdict(
  mm: number,
  nearest: LimitDistance,
  { beeTightMm, wideMm }: Figures,
): { verdict: GapVerdict; grade: Grade } {
  const value = comparableMm(mm)
  if (value < 0) return { verdict: 'meets', grade: 'stop' }
  if (value < beeTightMm) return { verdict: 'glued', grade: 'mend' }
  if (nearest.side === 'under') return { verdict: 'squeezed', grade: 'watch' }
  if (nearest.side === 'inside') return { verdict: 'bee-space', grade: 'good' }
  return value <= comparableMm(wideMm) ? { verdict: 'bridged', grade: 'watch' } : { verdict: 'comb', grade: 'mend' }
}

function floorVerdict(
  mm: number,
  nearest: LimitDistance,
  { beeTightMm }: Figures,
): { verdict: GapVerdict; grade: Grade } {
  const value = comparableMm(mm)
  if (value < 0) return { verdict: 'meets', grade: 'stop' }
  if (nearest.side === 'under') return { verdict: 'floor-low', grade: value < beeTightMm ? 'mend' : 'watch' }
  return nearest.side === 'inside' ? { verdict: 'floor-open', grade: 'good' } : { verdict: 'floor-deep', grade: 'mend' }
}

function judgeOpen(gap: Gap, stage: Stage): JudgedGap {
  if (!gap.reached) return judged(gap, 'out-of-reach', 'good')
  return meaningOf(stage).bearsOpenSpace ? judged(gap, 'open-for-now', 'note') : judged(gap, 'filled', 'mend')
}

/** Where no frame faces it, only room that bees reach and fill matters. */
function judgeWithoutFrames(gap: Gap, band: Band): JudgedGap {
  const nearest = limitDistance(gap.mm, band)
  if (!gap.reached || nearest.side !== 'over') return judged(gap, 'out-of-reach', 'good')
  return judged(gap, 'bridged', 'watch', band, nearest, isMarginal(gap.plusMinusMm, nearest))
}

/** Written out field by field: spreading so many is ten times as slow in the hot path. */
function judged(
  gap: Gap,
  verdict: GapVerdict,
  grade: Grade,
  band: Band | null = null,
  nearest: LimitDistance | null = null,
  marginal = false,
  usual = false,
): JudgedGap {
  return {
    mm: gap.mm,
    plusMinusMm: gap.plusMinusMm,
    likelyPlusMinusMm: gap.likelyPlusMinusMm,
    lowerId: gap.lowerId,
    upperId: gap.upperId,
    lowerSurface: gap.lowerSurface,
    upperSurface: gap.upperSurface,
    place: gap.place,
    throughIds: gap.throughIds,
    terms: gap.terms,
    fromMm: gap.fromMm,
    toMm: gap.toMm,
    reached: gap.reached,
    verdict,
    grade,
    band,
    nearest,
    marginal,
    usual,
  }
}
