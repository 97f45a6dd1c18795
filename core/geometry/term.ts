import { roundTo } from '../units'

export interface Sum {
  readonly mm: number
  /** Worst case: the ± added up. */
  readonly plusMinusMm: number
  /** Likely case: root of the sum of squares. */
  readonly likelyPlusMinusMm: number
}

/** The sum of terms with its ± both ways (interval arithmetic; root-sum-square, JCGM 100:2008 Eq. 10, from memory). */
export function sumTerms(terms: readonly { readonly mm: number; readonly plusMinusMm: number }[]): Sum {
  let mm = 0
  let plusMinusMm = 0
  let squares = 0
  for (const term of terms) {
    mm += term.mm
    plusMinusMm += term.plusMinusMm
    squares += term.plusMinusMm ** 2
  }
  return { mm: roundTo(mm, 6), plusMinusMm: roundTo(plusMinusMm, 6), likelyPlusMinusMm: Math.sqrt(squares) }
}
