import { roundTo } from './length'

/**
 * A length that is sure to a ±: worst case and likely case. Masses keep their bounds apart (`Range`): one density is
 * behind all boxes of a hive, so that their ± do not average out as a likely case by squares would have it, and what
 * fills a comb is not as far below its middle as above it.
 */
export interface Measure {
  readonly mm: number
  /** Worst case: the ± added up. */
  readonly plusMinusMm: number
  /** Likely case: root of the sum of squares. */
  readonly likelyPlusMinusMm: number
}

/** A length that is sure. */
export function exact(mm: number): Measure {
  return { mm, plusMinusMm: 0, likelyPlusMinusMm: 0 }
}

/** A length with one ±. */
export function about(mm: number, plusMinusMm: number): Measure {
  return { mm, plusMinusMm, likelyPlusMinusMm: plusMinusMm }
}

/** A length of two that are equally sure, with the ± of both together: each takes half. */
export function aboutTwo(mm: number, plusMinusMm: number): Measure {
  return { mm, plusMinusMm, likelyPlusMinusMm: plusMinusMm / Math.SQRT2 }
}

/**
 * The sum of lengths with its ± both ways (interval arithmetic; root-sum-square, JCGM 100:2008 Eq. 10, from memory).
 */
export function sumOfMeasures(terms: readonly { readonly mm: number; readonly plusMinusMm: number }[]): Measure {
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

/** What is left of one length without another; the ± of both add up. */
export function lessMeasure(from: Measure, taken: { readonly mm: number; readonly plusMinusMm: number }): Measure {
  return {
    mm: roundTo(from.mm - taken.mm, 6),
    plusMinusMm: roundTo(from.plusMinusMm + taken.plusMinusMm, 6),
    likelyPlusMinusMm: Math.hypot(from.likelyPlusMinusMm, taken.plusMinusMm),
  }
}

/** Half of a length and of its ±. */
export function halfMeasure({ mm, plusMinusMm, likelyPlusMinusMm }: Measure): Measure {
  return { mm: mm / 2, plusMinusMm: plusMinusMm / 2, likelyPlusMinusMm: likelyPlusMinusMm / 2 }
}
