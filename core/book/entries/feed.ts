import type { Sort } from './sort'

export const FEED_KINDS = ['two-to-one', 'one-to-one', 'fondant', 'comb'] as const

/** Food given: syrup and fondant by what goes on, combs by the stores in them, kg. */
export interface FeedGiven {
  readonly feed: (typeof FEED_KINDS)[number]
  readonly kg: number
}

/** Food given. */
export const FEED: Sort<FeedGiven> = {
  made: (written, body) => ({ ...written, sort: 'feed', body }),
  writtenBy: 'keeper',
  form: 'book',
  isTold: true,
  bearsOnFood: true,
  tellsOfColony: false,
  columns: [
    ['feed', 'feed', 'text'],
    ['kg', 'kg', 'number'],
  ],
}
