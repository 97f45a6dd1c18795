/** Where a figure comes from, shown beside it wherever it is used. */
export interface Source {
  /** P: published; C: common practice; M: from memory, to be measured; measured: a ruler; own: the keeper's figure. */
  readonly mark: 'P' | 'C' | 'M' | 'measured' | 'own'
  readonly text: string
}

/** A length with what is known about it. `inches` keeps the fraction a pattern is drawn with. */
export interface Length {
  readonly mm: number
  readonly plusMinusMm: number
  readonly source: Source
  readonly inches?: string
  /** What it is on the part’s right or back side, where that is another one: `mm` is left or front. */
  readonly otherMm?: number
}

/** Exact by definition (NIST SP 811, Appendix B.8: 1 in = 2.54 E-02 m, exactly). */
export const MM_PER_INCH = 25.4

/** Millimetres in a number of inches, kept to a nanometre so that binary noise never shows. */
export function mmFromInches(inches: number): number {
  return roundTo(inches * MM_PER_INCH, 6)
}

/** Inches in a number of millimetres (exact conversion, NIST SP 811). */
export function inchesFromMm(mm: number): number {
  return mm / MM_PER_INCH
}

/**
 * Rounds half up (towards +∞) at a number of decimal places, so that 9.525 and
 * 225.425 − 215.9 become the same figure before they are compared.
 * Common practice; the nudge of one part in 10¹² undoes binary representation.
 */
export function roundTo(value: number, places: number): number {
  const scale = 10 ** places
  const scaled = value * scale
  return Math.floor(scaled + 0.5 + Math.abs(scaled) * 1e-12) / scale
}

/** A gap or limit as it is compared: to 0.01 mm, half up. Common practice. */
export function comparableMm(mm: number): number {
  return roundTo(mm, 2)
}
