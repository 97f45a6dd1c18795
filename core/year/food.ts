import type { Figures } from '../figures'
import type { FoodNeed } from './food-need'
import { type Stage, meaningOf, type StageMeaning } from '../yard'
import type { Range } from '../loads'

/** Sugar to water by mass: two to one in autumn, one to one in spring, none in the cold. */
export type Feed = StageMeaning['feed']

/**
 * What is missing to the need, kg: from the least need less the most stores to the most need less the least stores,
 * never below 0.
 */
export interface Short {
  readonly low: number
  readonly high: number
}

export function shortOf(stores: Pick<Range, 'low' | 'high'>, need: FoodNeed): Short {
  return { low: Math.max(0, need.low - stores.high), high: Math.max(0, need.high - stores.low) }
}

/** What to mix. */
export interface Mix {
  readonly feed: Feed
  readonly sugarKg: number
  readonly waterKg: number
  readonly totalKg: number
}

/**
 * Sugar and water that give so many kg of stores: 1 kg of sugar gives about 1.25 kg (common practice), 1 kg of fondant,
 * 80 to 90 % sugar, about 1.05 kg (from memory): its water is in it.
 * @throws RangeError for less than nothing
 */
export function mixFor(
  storesKg: number,
  feed: Feed,
  { storesFromSugarKgPerKg, storesFromFondantKgPerKg }: Figures,
): Mix {
  if (!(storesKg >= 0)) throw new RangeError('stores to be fed are less than nothing')
  const sugarKg = storesKg / storesFromSugarKgPerKg
  if (feed === 'fondant') {
    const totalKg = storesKg / storesFromFondantKgPerKg
    return { feed, sugarKg, waterKg: totalKg - sugarKg, totalKg }
  }
  const waterKg = feed === 'two-to-one' ? sugarKg / 2 : sugarKg
  return { feed, sugarKg, waterKg, totalKg: sugarKg + waterKg }
}

/** What is done about the food of a hive at a stage, and with what. */
export interface Feeding {
  readonly short: Short
  readonly feed: Feed
  readonly least: Mix
  readonly most: Mix
  /** Given where it cannot be weighed: half way. */
  readonly middle: Mix
  /** Nothing; supers off first or left as food; weighed first, since it may be enough; fed. */
  readonly todo: 'nothing' | 'supers-first' | 'weigh-first' | 'feed'
}

/**
 * What is missing and what to do about it: never sugar under crop supers, no range without a decision. Common practice.
 */
export function feedingOf(
  stores: Pick<Range, 'low' | 'high'>,
  need: FoodNeed,
  { stage, hasSupers, figures }: { readonly stage: Stage; readonly hasSupers: boolean; readonly figures: Figures },
): Feeding {
  const short = shortOf(stores, need)
  const { feed } = meaningOf(stage)
  const mix = (kg: number) => mixFor(kg, feed, figures)
  return {
    short,
    feed,
    least: mix(short.low),
    most: mix(short.high),
    middle: mix((short.low + short.high) / 2),
    todo: short.high === 0 ? 'nothing' : hasSupers ? 'supers-first' : short.low === 0 ? 'weigh-first' : 'feed',
  }
}
