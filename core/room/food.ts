import type { ResolvedPart } from '../geometry'
import { combAreaDm2 } from './comb'
import { FORMULA } from './constants'

/** How full a box is that a keeper calls full: typical, and the range (common practice). */
export const FILL = { low: FORMULA.fillLow.value, middle: FORMULA.fillTypical.value, high: FORMULA.fillHigh.value } as const

/**
 * Honey that boxes hold when full, kg: comb area of one side (dm²) × (pitch − 8 mm) / 100 × 0.92 litres a frame,
 * × 1.417 kg/L × fill. Common practice; density published.
 */
export function honeyKg(boxes: readonly ResolvedPart[], fill: number): number {
  const litres = boxes.flatMap(({ hung }) => hung).reduce((sum, { pattern }) => {
    if (pattern?.kind !== 'frame') return sum
    return sum + (combAreaDm2(pattern) * (pattern.spacing.mm - FORMULA.combGap.value) * FORMULA.honeyShare.value) / 100
  }, 0)
  return litres * FORMULA.honeyDensity.value * fill
}
