import type { Figures } from '../../figures'
import { comparableMm } from '../../units'
import { limitDistance } from './band'
import type { JudgedGap } from './judge-gap'

/** What a marginal gap could be, and what to measure to be sure. */
export interface Settling {
  /** Worst case both ways: the ± added up. */
  readonly leastMm: number
  readonly mostMm: number
  /** Likely case: root of the sum of squares. */
  readonly likelyLeastMm: number
  readonly likelyMostMm: number
  /** The part whose figure is least sure, and whether measuring it alone settles the verdict. */
  readonly partId: string
  readonly settles: boolean
}

/** How far a gap may be off and which measurement would settle it; undefined where every figure is exact. */
export function settlingOf(gap: JudgedGap, { rulerMm }: Pick<Figures, 'rulerMm'>): Settling | undefined {
  if (gap.plusMinusMm === 0) return undefined
  const worst = gap.terms.reduce((least, term) => (term.plusMinusMm > least.plusMinusMm ? term : least))
  const left = gap.plusMinusMm - worst.plusMinusMm + Math.min(worst.plusMinusMm, rulerMm)
  const distance = gap.band ? limitDistance(gap.mm, gap.band).mm : Number.POSITIVE_INFINITY
  return {
    leastMm: gap.mm - gap.plusMinusMm,
    mostMm: gap.mm + gap.plusMinusMm,
    likelyLeastMm: gap.mm - gap.likelyPlusMinusMm,
    likelyMostMm: gap.mm + gap.likelyPlusMinusMm,
    partId: worst.partId,
    settles: comparableMm(distance) > comparableMm(left),
  }
}
