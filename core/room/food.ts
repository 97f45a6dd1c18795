import type { ResolvedPart } from '../geometry'
import { combAreaDm2 } from './comb'

/** Honey at 18 % water, kg/L (Krell 1996, FAO Agricultural Services Bulletin 124, after White 1975, from memory). */
const HONEY_KG_PER_LITRE = 1.417
/** Share of the space that is honey; the rest is wax and the rounding of the comb (from memory). */
const HONEY_SHARE = 0.92
/** Way left between two sealed combs, mm (common practice). */
const COMB_GAP_MM = 8
/** How full a box is that a keeper calls full: typical, and the range (common practice). */
export const FILL = { low: 0.75, middle: 0.88, high: 1 } as const

/**
 * Honey that boxes hold when full, kg: comb area of one side (dm²) × (pitch − 8 mm) / 100 × 0.92 litres a frame,
 * × 1.417 kg/L × fill. Common practice; density published.
 */
export function honeyKg(boxes: readonly ResolvedPart[], fill: number): number {
  const litres = boxes.flatMap(({ hung }) => hung).reduce((sum, { pattern }) => {
    if (pattern?.kind !== 'frame') return sum
    return sum + (combAreaDm2(pattern) * (pattern.spacing.mm - COMB_GAP_MM) * HONEY_SHARE) / 100
  }, 0)
  return litres * HONEY_KG_PER_LITRE * fill
}
