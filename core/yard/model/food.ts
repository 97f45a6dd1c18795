import type { Hive, Yard } from './yard'

/** Stores of a hive by its book, and how they are known. */
export interface KnownStores {
  /** What is its own for the winter, kg: what stays on it once its crop is off. */
  readonly kg: Bounds
  /** All that is there, kg. */
  readonly inAll: Bounds
  /** What is not counted in its own: all supers while they fill, else those that may go. */
  readonly without?: 'all-supers' | 'what-may-go'
  /** The day or the moment of the measure, and what it was. */
  readonly at: string
  readonly by: 'weighed' | 'heft' | 'frames'
  /** Something came or went since. */
  readonly since: boolean
}
interface Bounds {
  readonly low: number
  readonly middle: number
  readonly high: number
}

/** What the food of a hive says today, as every view asks it. Worked out from the book, never stored. */
export interface KnownFood {
  /** Absent where nothing was weighed, hefted or counted lately. */
  readonly stores?: KnownStores
  /** Supers that may go, so that the need surely stays. */
  readonly mayGo: readonly string[]
  /** The supers are still being filled: what they hold when they come off is not said by what they hold today. */
  readonly stillFills: boolean
}

/** What is known of the food of hives, by their identity. */
export type KnownFoods = Readonly<Record<string, KnownFood>>

/** The stores of a hive by its book, the same for every view, check and print; undefined where it says nothing. */
export function storesByBook(yard: Pick<Yard, 'foods'>, hiveId: string): KnownStores | undefined {
  return yard.foods?.[hiveId]?.stores
}

/** Supers of a hive that stay on it as food, since its food does not let them go. */
export function keptAsFood(yard: Pick<Yard, 'foods'>, hive: Hive): ReadonlySet<string> {
  const food = yard.foods?.[hive.id]
  if (!food?.stores || food.stillFills) return new Set()
  return new Set(
    hive.stack.flatMap(({ partId, role }) => (role === 'super' && !food.mayGo.includes(partId) ? [partId] : [])),
  )
}
