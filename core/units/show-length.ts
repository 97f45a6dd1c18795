import { inchReading } from './inch-fraction'
import { MM_PER_INCH, roundTo } from './length'

export type UnitSystem = 'mm' | 'inches'

/**
 * A length as the keeper reads it: `9.5 mm`, or in inches: a sixteenth where it is one, `3/8 in`, else decimals, `0.28
 * in`.
 * @param mm millimetres
 */
export function showLength(mm: number, units: UnitSystem): string {
  return `${showFigure(mm, units)} ${units === 'mm' ? 'mm' : 'in'}`
}

/** The figure of `showLength` without its unit. */
export function showFigure(mm: number, units: UnitSystem): string {
  if (units === 'mm') return showMm(mm)
  const { text, side } = inchReading(mm)
  const inches = mm / MM_PER_INCH
  return (side === 0 ? text : String(roundTo(inches, Math.abs(inches) < 0.1 ? 3 : 2) || 0)).replace('-', '−')
}

/** At most two decimals under 100 mm and one above, no idle zeros: 6.35, 9.53, 12.7, 7, 244.5. */
function showMm(mm: number): string {
  return String(roundTo(mm, Math.abs(mm) < 100 ? 2 : 1) || 0).replace('-', '−')
}
