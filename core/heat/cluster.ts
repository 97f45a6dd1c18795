import { combAreaDm2, isFrame, type HungContent } from '../parts'
import type { Figures } from '../figures'

/** Grams of a kilogram. */
const GRAMS = 1000

/** The comb of one frame that bees can cover. */
export interface CombOfBees {
  /** Both of its sides, dm². */
  readonly areaDm2: number
  /** What a frame takes of the box with the bees on it, litres. */
  readonly litres: number
}

/** The frame that most of a box hangs, as comb that bees cover; undefined where none hangs there. Geometry. */
export function combOfBees(hung: readonly HungContent[]): CombOfBees | undefined {
  const frame = hung.find(isFrame)?.pattern
  if (!frame) return undefined
  const sideDm2 = combAreaDm2(frame)
  return { areaDm2: 2 * sideDm2, litres: (sideDm2 * frame.spacing.mm) / 100 }
}

/** Bees in so many covered seams of these combs, kg; a cluster is looser at its edge. Bees on comb × their mass. */
export function beesInSeamsKg(seams: number, { areaDm2 }: CombOfBees, { beesPerCm2, beeGrams }: Figures): number {
  return (seams * areaDm2 * 100 * beesPerCm2 * beeGrams) / GRAMS
}

/** Seams that so many bees cover, as densely as comb can be covered; the inverse of the above. */
export function seamsOfBees(beesKg: number, comb: CombOfBees, figures: Figures): number {
  return beesKg / beesInSeamsKg(1, comb, figures)
}

/** Number of bees of a mass. Mass of a bee from common practice. */
export function beesOf(beesKg: number, { beeGrams }: Figures): number {
  return (beesKg * GRAMS) / beeGrams
}
