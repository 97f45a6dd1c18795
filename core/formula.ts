import type { Source } from './units'

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
  honeyDensity: { label: 'honey at 18 % water and 20 °C', value: 1.417, unit: 'kg/L', source: { mark: 'P', text: 'Krell 1996, Value-added products from beekeeping, FAO Agricultural Services Bulletin 124, after White 1975, from memory' }, usedIn: 'honey in a box' },
  honeyShare: { label: 'share of a honey comb that is honey', value: 0.92, unit: '', source: M, usedIn: 'honey in a box' },
  combGap: { label: 'way left between two sealed combs', value: 8, unit: 'mm', source: C, usedIn: 'honey in a box' },
  fillLow: { label: 'fill of a box called full, from', value: 0.75, unit: '', source: C, usedIn: 'honey in a box' },
  fillTypical: { label: 'fill of a box called full, typical', value: 0.88, unit: '', source: C, usedIn: 'honey in a box' },
  fillHigh: { label: 'fill of a box called full, at most', value: 1, unit: '', source: C, usedIn: 'honey in a box' },
  combMost: { label: 'thickest comb that bees draw', value: 40, unit: 'mm', source: M, usedIn: 'frames: honey at a spacing' },
  broodComb: { label: 'brood comb through both sides', value: 25, unit: 'mm', source: C, usedIn: 'frames: gap between combs' },
  foundationSheet: { label: 'sheet of foundation', value: 0.75, unit: 'mm', source: M, usedIn: 'frames' },
  foundationMass: { label: 'wax in a sheet of foundation', value: 0.72, unit: 'kg/m²', source: M, usedIn: 'building: foundation' },
  foundationLower: { label: 'foundation lower than the clear inside by', value: 6, unit: 'mm', source: M, usedIn: 'building: foundation' },
  foundationShorter: { label: 'foundation shorter than the clear inside by', value: 4, unit: 'mm', source: M, usedIn: 'building: foundation' },
  spacerForNine: { label: 'spacer for nine frames, middle to middle', value: 41.3, unit: 'mm', source: C, usedIn: 'frames: spacing' },
  spacerForEight: { label: 'spacer for eight frames, middle to middle', value: 46, unit: 'mm', source: C, usedIn: 'frames: spacing' },
  drainTilt: { label: 'tilt that empties drain frames', value: 3, unit: '°', source: M, usedIn: 'frames: drain frames' },
  waxRatio: { label: 'honey that a kilogram of comb wax can hold', value: 25, unit: 'kg', source: C, usedIn: 'frames: wax' },
  waxRatioLow: { label: 'the same, at least', value: 22, unit: 'kg', source: C, usedIn: 'frames: wax' },
  waxRatioHigh: { label: 'the same, at most', value: 30, unit: 'kg', source: C, usedIn: 'frames: wax' },
  timberDensity: { label: 'timber where none is chosen', value: 420, unit: 'kg/m³', source: M, usedIn: 'weight of boxes' },
  foamDensityLow: { label: 'polystyrene of boxes, from', value: 100, unit: 'kg/m³', source: M, usedIn: 'weight of boxes' },
  foamDensityHigh: { label: 'polystyrene of boxes, to', value: 120, unit: 'kg/m³', source: M, usedIn: 'weight of boxes' },
  shellExtra: { label: 'nails, paint and propolis on a shell: times', value: 1.05, unit: '', source: M, usedIn: 'weight of boxes' },
  builtUpFrom: { label: 'an end thicker than this is a board with two rails', value: 30, unit: 'mm', source: M, usedIn: 'weight and building of boxes' },
  endBoard: { label: 'end board of a built-up end', value: 19, unit: 'mm', source: M, usedIn: 'weight and building of boxes' },
  railWidth: { label: 'rail of a built-up end, width', value: 26, unit: 'mm', source: M, usedIn: 'weight and building of boxes' },
  railDepth: { label: 'rail of a built-up end, depth', value: 40, unit: 'mm', source: M, usedIn: 'weight and building of boxes' },
  handHold: { label: 'middle of a hand-hold below the upper edge', value: 65, unit: 'mm', source: M, usedIn: 'building of boxes' },
  broodLow: { label: 'brood comb with its pollen and honey, one side, from', value: 0.15, unit: 'kg/dm²', source: M, usedIn: 'weight of brood' },
  broodTypical: { label: 'brood comb with its pollen and honey, one side', value: 0.2, unit: 'kg/dm²', source: M, usedIn: 'weight of brood' },
  broodHigh: { label: 'brood comb with its pollen and honey, one side, to', value: 0.28, unit: 'kg/dm²', source: M, usedIn: 'weight of brood' },
  beesPerCm2: { label: 'bees on a comb covered by them', value: 1.38, unit: 'bees/cm²', source: { mark: 'P', text: 'Burgett & Burikam 1985, J. Econ. Entomol. 78, as used by Delaplane et al. 2013, J. Apic. Res. 52(1), from memory' }, usedIn: 'weight of bees' },
  beeGrams: { label: 'a bee', value: 0.13, unit: 'g', source: C, usedIn: 'weight of bees' },
  coverLow: { label: 'brood combs covered by bees, from', value: 0.5, unit: '', source: M, usedIn: 'weight of bees' },
  coverTypical: { label: 'brood combs covered by bees', value: 0.75, unit: '', source: M, usedIn: 'weight of bees' },
  coverHigh: { label: 'brood combs covered by bees, to', value: 1, unit: '', source: M, usedIn: 'weight of bees' },
  winterCoverLow: { label: 'brood combs covered by the winter cluster, from', value: 0.25, unit: '', source: M, usedIn: 'weight of bees' },
  winterCoverTypical: { label: 'brood combs covered by the winter cluster', value: 0.4, unit: '', source: M, usedIn: 'weight of bees' },
  winterCoverHigh: { label: 'brood combs covered by the winter cluster, to', value: 0.6, unit: '', source: M, usedIn: 'weight of bees' },
  nectarLow: { label: 'comb being filled, from', value: 0.25, unit: '', source: M, usedIn: 'weight in the flow' },
  nectarTypical: { label: 'comb being filled', value: 0.5, unit: '', source: M, usedIn: 'weight in the flow' },
  nectarHigh: { label: 'comb being filled, to', value: 0.75, unit: '', source: M, usedIn: 'weight in the flow' },
  sectionsShare: { label: 'share of a rack of comb-honey sections that is honey', value: 0.43, unit: '', source: M, usedIn: 'weight of sections' },
  winterStoreLow: { label: 'stores in the brood box in winter, share of its combs, from', value: 0.3, unit: '', source: M, usedIn: 'weight in winter' },
  winterStoreTypical: { label: 'stores in the brood box in winter, share of its combs', value: 0.5, unit: '', source: M, usedIn: 'weight in winter' },
  winterStoreHigh: { label: 'stores in the brood box in winter, share of its combs, to', value: 0.7, unit: '', source: M, usedIn: 'weight in winter' },
  woodConducts: { label: 'timber conducts', value: 0.12, unit: 'W/(m·K)', source: M, usedIn: 'winter: top against walls' },
  polystyreneConducts: { label: 'polystyrene of boxes conducts', value: 0.035, unit: 'W/(m·K)', source: M, usedIn: 'winter: top against walls' },
  foamConducts: { label: 'an insulation slab conducts', value: 0.033, unit: 'W/(m·K)', source: M, usedIn: 'winter: top against walls' },
  chipsConduct: { label: 'chips of an absorbing top conduct', value: 0.06, unit: 'W/(m·K)', source: M, usedIn: 'winter: top against walls' },
  storesFromSugar: { label: 'stores that a kilogram of sugar gives', value: 1.25, unit: 'kg', source: C, usedIn: 'feeding' },
  gravity: { label: 'fall of a body', value: 9.80665, unit: 'm/s²', source: { mark: 'P', text: 'standard gravity, NIST SP 330' }, usedIn: 'standing up to wind' },
  airDensity: { label: 'air', value: 1.25, unit: 'kg/m³', source: M, usedIn: 'standing up to wind' },
  windForce: { label: 'force of wind on a box, times pressure and area', value: 1.3, unit: '', source: M, usedIn: 'standing up to wind' },
  memoryWood: { label: '± of a length from memory, in wood', value: 1, unit: 'mm', source: C, usedIn: 'every figure marked M' },
  memoryPolystyrene: { label: '± of a length from memory, in polystyrene', value: 3, unit: 'mm', source: C, usedIn: 'every figure marked M' },
  prolific: { label: 'a prolific strain needs this many times the room', value: 1.5, unit: '', source: C, usedIn: 'rooms' },
  inch: { label: 'millimetres in an inch', value: 25.4, unit: 'mm', source: { mark: 'P', text: 'NIST SP 811, Appendix B.8, exact' }, usedIn: 'every length in inches' },
} as const satisfies Record<string, FormulaFigure>
