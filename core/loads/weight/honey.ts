import { rangeOf, type Figures } from '../../figures'
import { combsAcross, hangAcross, type ResolvedPart, combAreaDm2 } from '../../parts'
import { sumOf, times, type Range } from './range'

/**
 * Honey that a comb holds when every cell is sealed, kg: area of one side (dm²) × thickness (mm) / 100 × 0.92 litres
 * × 1.417 kg/L. Common practice; density published (Krell 1996, after White 1975, from memory).
 */
export function honeyOfCombKg(areaDm2: number, thicknessMm: number, figures: Figures): number {
  return ((areaDm2 * thicknessMm) / 100) * figures.honeyShare * figures.honeyDensityKgPerLitre
}

/** Honey that boxes hold with every cell sealed, kg: every frame drawn, each as thick as its room lets it. */
export function honeyCapacityKg(boxes: readonly ResolvedPart[]): number {
  return boxes.reduce((sum, box) => {
    const combs = combsAcross(hangAcross(box), 'all-honey')
    return (
      sum +
      combs.reduce(
        (kg, { pattern, nearMm, farMm }) => kg + honeyOfCombKg(combAreaDm2(pattern), nearMm + farMm, box.figures),
        0,
      )
    )
  }, 0)
}

/** Honey in boxes that a keeper calls full, kg; its bounds are those of the fill. */
export function honeyKg(boxes: readonly ResolvedPart[]): Range {
  return sumOf(boxes.map((box) => times(rangeOf(box.figures, 'fillShare'), honeyCapacityKg([box]))))
}

/** Wax of drawn honey comb, kg: 1 kg for 25 kg of honey that it can hold, 1:30 to 1:22 (common practice). */
export function waxKg(capacityKg: number, figures: Figures): Range {
  return {
    low: capacityKg / figures.waxHoldsKgPerKgHigh,
    middle: capacityKg / figures.waxHoldsKgPerKg,
    high: capacityKg / figures.waxHoldsKgPerKgLow,
  }
}
