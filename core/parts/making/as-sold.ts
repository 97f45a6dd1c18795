import { inchReading, MM_PER_INCH, type UnitSystem } from '../../units'
import type { Figures } from '../../figures'
import type { Stock } from './cut-list'

/** Boards as a timber yard sells them where lengths are read so, and a usual saw. Common practice. */
export function usualStock(units: UnitSystem, { boardLengthMm, boardWidthMm, sawKerfMm }: Figures): Stock {
  return units === 'mm'
    ? { lengthMm: boardLengthMm, widthMm: boardWidthMm, kerfMm: sawKerfMm }
    : { lengthMm: 96 * MM_PER_INCH, widthMm: 11.25 * MM_PER_INCH, kerfMm: MM_PER_INCH / 8 }
}

/** Width as sold by nominal width, inches (American Softwood Lumber Standard PS 20, dressed widths, from memory). */
const NOMINAL_WIDTHS: readonly (readonly [nominalIn: number, widthIn: number])[] = [
  [4, 3.5],
  [6, 5.5],
  [8, 7.25],
  [10, 9.25],
  [12, 11.25],
]
/** Penny sizes by length, inches (common practice). */
const PENNY: Readonly<Record<number, number>> = { 1: 2, 1.25: 3, 1.5: 4, 1.75: 5, 2: 6, 2.25: 7, 2.5: 8 }
const SAME_IN = 0.02

/** The nominal width of a 1-inch board, inches: 12 for one of 11 1/4 in; undefined where it is none as sold. */
export function nominalWidthIn(widthMm: number): number | undefined {
  return NOMINAL_WIDTHS.find(([, widthIn]) => Math.abs(widthMm / MM_PER_INCH - widthIn) < SAME_IN)?.[0]
}

/** A nail or screw as it is sold: `50 mm`; in inches to the quarter, a nail with its penny size: `2 in (6d)`. */
export function fixingAsSold(lengthMm: number, isNail: boolean, units: UnitSystem): string {
  if (units === 'mm') return `${lengthMm} mm`
  const { text, inches } = inchReading(lengthMm, 4)
  return isNail && PENNY[inches] ? `${text} in (${PENNY[inches]}d)` : `${text} in`
}
