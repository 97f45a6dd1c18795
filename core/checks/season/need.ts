import type { Climate } from '../../hive'

/**
 * What a winter asks of a hive in the usual winter form of its climate, kg of stores; without a winter, a dearth
 * (common practice; the dearth from memory).
 */
const NEED_KG: Readonly<Record<Climate, FoodNeed>> = {
  'cool-maritime': { low: 16, high: 20 },
  'warm-temperate': { low: 18, high: 27 },
  'cold-continental': { low: 27, high: 41 },
  'tropical-highland': { low: 5, high: 10 },
}
/** A prolific strain goes into winter with more bees and eats so much more (from memory). */
const PROLIFIC = 1.2

export interface FoodNeed {
  readonly low: number
  readonly high: number
}

/** The one need of a hive, kg of stores: the same in every view, finding and print. */
export function foodNeedOf({ climate, prolific }: { readonly climate: Climate; readonly prolific: boolean }): FoodNeed {
  const { low, high } = NEED_KG[climate]
  return prolific ? { low: low * PROLIFIC, high: high * PROLIFIC } : { low, high }
}
