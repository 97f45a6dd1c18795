import type { Source } from '../../units'

const HANDBOOK: Source = {
  mark: 'P',
  text: 'USDA Forest Products Laboratory, Wood Handbook FPL-GTR-282, tables of specific gravity, from memory',
}

/**
 * Density of wood at 12 % moisture, kg/m³: 1.12 × specific gravity × 1000 (Wood Handbook, chapter 4, from memory).
 * @param specificGravity on oven-dry mass and volume at 12 % moisture
 */
export function timberDensityKgPerM3(specificGravity: number): number {
  return 1.12 * specificGravity * 1000
}

/** Timbers that boxes are made of; where none is chosen, a yard has a figure of its own. */
export const TIMBERS = {
  'white-pine': { label: 'eastern white pine', kgPerM3: timberDensityKgPerM3(0.35), source: HANDBOOK },
  'ponderosa-pine': { label: 'ponderosa pine', kgPerM3: timberDensityKgPerM3(0.4), source: HANDBOOK },
  'red-cedar': { label: 'western redcedar', kgPerM3: timberDensityKgPerM3(0.32), source: HANDBOOK },
  plywood: { label: 'plywood', kgPerM3: 575, source: { mark: 'M', text: 'from memory, 550 to 600' } },
} as const satisfies Record<string, { readonly label: string; readonly kgPerM3: number; readonly source: Source }>
/** A timber with its density, kg/m³. */
export type Timber = keyof typeof TIMBERS
