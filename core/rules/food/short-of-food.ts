import { holdsFood, isBox } from '../../parts'
import { isCold, type Climate, type KnownStores } from '../../yard'
import { needOfHive } from '../../year'
import { oneOf, type Rule } from '../rule'
import { storesByModelKg } from './stores-by-model'

/** What is measured of a hive that is short of food, kg. */
export interface FoodFacts {
  readonly climate: Climate
  readonly storesLow: number
  readonly storesHigh: number
  readonly needLow: number
  readonly needHigh: number
  /** So much of its winter or dearth is still to come, and until when. */
  readonly share: number
  readonly until: string
  readonly leastKg: number
  /** What its book has it from, and of when. */
  readonly by?: KnownStores['by']
  readonly at?: string
  readonly unsaid?: true
  readonly supers?: true
}

/**
 * Food against what is still to come of the winter or the dearth, and against the least that a colony is kept with, all
 * year but in a flow (common practice).
 */
export const SHORT_OF_FOOD: Rule<'season.short-of-food', FoodFacts> = {
  id: 'season.short-of-food',
  of: 'bees',
  when: ({ foodWatched }) => foodWatched !== 'no',
  find: ({ assembled, layout }, { stage, climate, climateUnsaid, need: asked, stores: known, planned, figures }) => {
    if (!asked) return []
    const need = needOfHive(assembled, asked, figures)
    const boxes = layout.parts.filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
    if (boxes.length === 0) return []
    const supers = assembled.stack.filter(({ placement }) => placement.role === 'super')
    // In season it eats of its supers too: what is said to be in them is no hunger.
    const isFedBySupers = !isCold(stage) && supers.some(({ part }) => part.contents.some(holdsFood))
    // What is there today says nothing of a stage to come in which it forages; a plan has no supers to eat of.
    const byBook = planned && need.share === 0 ? undefined : known
    const stores = byBook
      ? byBook[isCold(stage) || planned ? 'kg' : 'inAll']
      : storesByModelKg(assembled, { planned, stage })
    const isStarving = stores.high < figures.foodLeastKg
    if (stores.middle >= need.low || (isFedBySupers && need.share === 0)) return []
    // Of a colony that forages only what is said of its combs counts, never what they usually hold.
    if (need.share === 0 && !isStarving) return []
    return oneOf({
      severity: isStarving ? 'mend' : stores.high < need.low ? 'watch' : 'note',
      partIds: boxes.map(({ part }) => part.id),
      at: assembled.hive.id,
      facts: {
        climate,
        storesLow: stores.low,
        storesHigh: stores.high,
        needLow: need.low,
        needHigh: need.high,
        share: need.share,
        until: need.until,
        leastKg: figures.foodLeastKg,
        ...(byBook ? { by: byBook.by, at: byBook.at } : {}),
        ...(climateUnsaid ? { unsaid: true as const } : {}),
        ...(supers.length > 0 ? { supers: true as const } : {}),
      },
    })
  },
}
