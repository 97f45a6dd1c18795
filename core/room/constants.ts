import type { Source } from '../units'

const C: Source = { mark: 'C', text: 'common practice of the trade' }
const M: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }

/** A figure of a formula, shown with its source; it belongs to the formula and is not overwritten alone. */
export interface FormulaFigure {
  readonly label: string
  readonly value: number
  readonly unit: string
  readonly source: Source
  readonly usedIn: string
}

/** Figures that stand inside formulas. */
export const FORMULA = {
  broodDays: { label: 'days from egg to bee', value: 21, unit: 'days', source: C, usedIn: 'rooms: what a queen fills at her peak' },
  honeyDensity: { label: 'honey at 18 % water and 20 °C', value: 1.417, unit: 'kg/L', source: { mark: 'P', text: 'Krell 1996, Value-added products from beekeeping, FAO Agricultural Services Bulletin 124, after White 1975, from memory' }, usedIn: 'rooms: food in a box' },
  honeyShare: { label: 'share of a honey comb that is honey', value: 0.92, unit: '', source: M, usedIn: 'rooms: food in a box' },
  combGap: { label: 'way left between two sealed combs', value: 8, unit: 'mm', source: C, usedIn: 'rooms: food in a box' },
  fillLow: { label: 'fill of a box called full, from', value: 0.75, unit: '', source: C, usedIn: 'rooms: food in a box' },
  fillTypical: { label: 'fill of a box called full, typical', value: 0.88, unit: '', source: C, usedIn: 'rooms: food in a box' },
  fillHigh: { label: 'fill of a box called full, at most', value: 1, unit: '', source: C, usedIn: 'rooms: food in a box' },
  memoryWood: { label: '± of a length from memory, in wood', value: 1, unit: 'mm', source: C, usedIn: 'every figure marked M' },
  memoryPolystyrene: { label: '± of a length from memory, in polystyrene', value: 3, unit: 'mm', source: C, usedIn: 'every figure marked M' },
  prolific: { label: 'a prolific strain needs this many times the room', value: 1.5, unit: '', source: C, usedIn: 'rooms' },
  inch: { label: 'millimetres in an inch', value: 25.4, unit: 'mm', source: { mark: 'P', text: 'NIST SP 811, Appendix B.8, exact' }, usedIn: 'every length in inches' },
} as const satisfies Record<string, FormulaFigure>
