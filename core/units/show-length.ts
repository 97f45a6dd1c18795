import { inchReading } from './inch-fraction'
import { roundTo } from './length'

export type UnitSystem = 'mm' | 'inches'

/**
 * A length as the keeper reads it: `9.5 mm`, or in inches to the sixteenth: `3/8 in`.
 * A value that lies off the sixteenth carries + or − behind it (`1/4+ in`: a little over).
 * @param mm millimetres
 */
export function showLength(mm: number, units: UnitSystem): string {
  return `${showFigure(mm, units)} ${units === 'mm' ? 'mm' : 'in'}`
}

/** The figure of `showLength` without its unit. */
export function showFigure(mm: number, units: UnitSystem): string {
  if (units === 'mm') return showMm(mm)
  const { text, side } = inchReading(mm)
  return text.replace('-', '−') + (side === 0 ? '' : side > 0 ? '+' : '−')
}

/** At most two decimals under 100 mm and one above, no idle zeros: 6.35, 9.53, 12.7, 7, 244.5. */
function showMm(mm: number): string {
  return String(roundTo(mm, Math.abs(mm) < 100 ? 2 : 1)).replace('-', '−')
}
