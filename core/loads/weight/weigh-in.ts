import type { AssembledHive } from '../../stack'
import { honeyCapacityKg } from './honey'
import { massOfHive, type HiveMass, type Weighing } from './mass'
import { sumOf, type Range } from './range'
import { isBox } from '../../parts'

/** What a reading says of the stores, kg. */
export interface Stores {
  /** Wood, frames and wax of exactly this stack. */
  readonly tareKg: Range
  readonly beesKg: Range
  readonly broodKg: Range
  readonly storesKg: Range
  /** What the model expected to weigh. */
  readonly predictedKg: Range
  readonly needKg: { readonly low: number; readonly high: number }
  /** Missing to the least that is needed; 0 when there is enough at the middle. */
  readonly shortKg: number
  /** How full the combs are by this reading, against all that they can hold. */
  readonly fill: number
}

/**
 * Stores by a weigh-in: reading less the tare of exactly this stack, less bees and brood as they are known, else as
 * its season has them. Low and high come from the bounds of what is taken off. Common practice; masses by their own
 * sources.
 */
export function storesOf(
  assembled: AssembledHive,
  readingKg: number,
  weighing: Weighing,
  needKg: Stores['needKg'],
  living?: { readonly bees: Range; readonly brood: Range },
): Stores {
  const mass = massOfHive(assembled, weighing)
  const tareKg = sumOf([mass.items.ware, mass.items.frames, mass.items.wax])
  const { bees, brood } = living ?? mass.items
  const off = sumOf([tareKg, bees, brood])
  const storesKg = {
    low: Math.max(0, readingKg - off.high),
    middle: Math.max(0, readingKg - off.middle),
    high: Math.max(0, readingKg - off.low),
  }
  const capacityKg = capacityOf(assembled)
  return {
    tareKg,
    beesKg: bees,
    broodKg: brood,
    storesKg,
    predictedKg: mass.kg,
    needKg,
    shortKg: Math.max(0, needKg.low - storesKg.middle),
    fill: capacityKg > 0 ? storesKg.middle / capacityKg : 0,
  }
}

function capacityOf({ stack }: AssembledHive): number {
  return honeyCapacityKg(stack.filter(isBox).map(({ resolved }) => resolved))
}

/** Why a reading cannot be of this stack, with the limit that it breaks, kg. */
export type WeighInProblem = { readonly problem: 'below-tare' | 'above-full'; readonly limitKg: number }

/** A reading that this stack cannot have: lighter than it is empty, or heavier than every comb full. */
export function weighInProblem(
  assembled: AssembledHive,
  readingKg: number,
  weighing: Weighing,
): WeighInProblem | undefined {
  const empty = massOfHive(assembled, { ...weighing, fullness: 'empty' })
  if (readingKg < empty.kg.low) return { problem: 'below-tare', limitKg: empty.kg.low }
  const most = mostOf(assembled, weighing, empty)
  return readingKg > most ? { problem: 'above-full', limitKg: most } : undefined
}

/** Every comb full, and the bees and brood at their most besides. */
function mostOf(assembled: AssembledHive, weighing: Weighing, empty: HiveMass): number {
  const drawn = massOfHive(assembled, { ...weighing, fullness: 'drawn' })
  const living = massOfHive(assembled, { ...weighing, fullness: 'in-flow' })
  return empty.kg.high + drawn.items.wax.high + capacityOf(assembled) + living.items.bees.high + living.items.brood.high
}
