import { hiveIn } from '../ask'
import { standingParts, type Hive, type KnownFood, type KnownFoods, type Yard } from '../yard'
import { byHiveOf } from './by-hive'
import { dayOf, daysLater } from './days'
import { ENTRY_SORTS, sortOf, isEntry, type Entry } from './entries'
import { entriesOf } from './current'
import { foodOf, knownFoodOf, type Weighed } from './food'
import { tellsOfFood } from './look'

/** The last weighing of a hive, and the parts that it was of. */
export interface WeighedHive extends Weighed {
  readonly parts: string
}

/** What the food of a yard's hives is known from: what is current in its book, and the last weighing of each. */
export interface FoodBook {
  readonly entries: readonly Entry[]
  readonly weighed: Readonly<Record<string, WeighedHive>>
}

/** Sorts of entries that food is known from, or that stand in the way of a crop. */
export const FOOD_SORTS = ENTRY_SORTS.filter((sort) => sortOf(sort).bearsOnFood)
export const bearsOnFood = ({ sort }: Entry): boolean => sortOf(sort).bearsOnFood

/**
 * Of all that is written of a yard, what `foodOf` needs: of each hive the last measure, what was seen before it
 * and all since; treatments, for how long their honey is no crop.
 */
export function foodEntries(
  entries: readonly Entry[],
  weighed: FoodBook['weighed'],
  today: string,
  lookSeasonDays: number,
): Entry[] {
  return [...byHiveOf(entries)].flatMap(([hiveId, own]) => {
    const told = entriesOf(own, 'look').findLast(({ body }) => tellsOfFood(body))
    const [oldest = today] = [told?.at, weighed[hiveId]?.at].flatMap((at) => (at ? [dayOf(at)] : [])).sort()
    const from = daysLater(oldest, -lookSeasonDays)
    return own.filter((entry) => isEntry(entry, 'treatment') || dayOf(entry.at) >= from)
  })
}

/**
 * What is known of the food of these hives, by the one function: those of which nothing was weighed, hefted or counted
 * these days are left out.
 */
export function foodsOf(yard: Yard, hives: readonly Hive[], book: FoodBook, today: string): KnownFoods {
  const written = byHiveOf(book.entries)
  return Object.fromEntries(
    hives.flatMap((hive): [string, KnownFood][] => {
      const entries = written.get(hive.id) ?? []
      const weighed = book.weighed[hive.id]
      // What was weighed with other boxes on says little of what stands there now.
      const weighings = weighed && weighed.parts === standingParts(hive) ? [weighed] : []
      if (weighings.length === 0 && !entriesOf(entries, 'look').some(({ body }) => tellsOfFood(body))) return []
      const known = hiveIn(yard, hive)
      const food = knownFoodOf(known, foodOf(known, entries, weighings, today), today)
      return food.stores ? [[hive.id, food]] : []
    }),
  )
}
