import type { Figures } from '../../figures'
import type { Climate } from '../../hive'

export interface FoodNeed {
  readonly low: number
  readonly high: number
}

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
  const { low, high } = needOf(climate, figures)
  const times = prolific ? figures.prolificFood : 1
  return { low: low * times, high: high * times }
}

function needOf(climate: Climate, figures: Figures): FoodNeed {
  switch (climate) {
    case 'cool-maritime':
      return { low: figures.needMaritimeLow, high: figures.needMaritimeHigh }
    case 'warm-temperate':
      return { low: figures.needWarmLow, high: figures.needWarmHigh }
    case 'cold-continental':
      return { low: figures.needColdLow, high: figures.needColdHigh }
    case 'tropical-highland':
      return { low: figures.needDearthLow, high: figures.needDearthHigh }
  }
}
