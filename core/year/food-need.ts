import type { FigureName, Figures } from '../figures'
import type { Climate } from '../yard'

/** The honey that a colony needs for its winter, kg. */
export interface FoodNeed {
  readonly low: number
  readonly high: number
}

const NEED_FIGURES = {
  'cool-maritime': ['needMaritimeKgLow', 'needMaritimeKgHigh'],
  'warm-temperate': ['needWarmKgLow', 'needWarmKgHigh'],
  'cold-continental': ['needColdKgLow', 'needColdKgHigh'],
  'tropical-highland': ['needDearthKgLow', 'needDearthKgHigh'],
} as const satisfies Record<Climate, readonly [FigureName, FigureName]>

/**
 * The one need of a hive, kg of stores: what a winter asks in the usual winter form of its climate, a dearth where
 * there is none; the same in every view, finding and print. Common practice; the dearth from memory.
 */
export function foodNeedOf({
  climate,
  prolific,
  figures,
}: {
  readonly climate: Climate
  readonly prolific: boolean
  readonly figures: Figures
}): FoodNeed {
  const [low, high] = NEED_FIGURES[climate]
  const times = prolific ? figures.prolificFoodTimes : 1
  return { low: figures[low] * times, high: figures[high] * times }
}
