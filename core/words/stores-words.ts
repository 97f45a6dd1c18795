import type { FoodFacts } from '../rules'
import type { KnownStores } from '../yard'
import { dayInWords } from './day-words'
import type { Reader } from './names'
import { rangeInWords } from './weight-words'

const BY: Readonly<Record<KnownStores['by'], string>> = {
  weighed: 'weighed',
  heft: 'by heft',
  frames: 'frames of stores counted',
}
const WITHOUT: Readonly<Record<NonNullable<KnownStores['without']>, string>> = {
  'all-supers': 'without its supers',
  'what-may-go': 'without the supers that may go',
}
type HowKnown = Pick<KnownStores, 'by' | 'at'>

/** How stores are known: `weighed on 4 Oct 2026`. */
const knownBy = ({ by, at }: HowKnown, reader: Reader) => `${BY[by]} on ${dayInWords(at, reader.vocabulary)}`

/** The same with whether anything came or went since: `weighed on 4 Oct 2026, with what came and went since`. */
export function knownByInWords({ since, ...how }: HowKnown & Pick<KnownStores, 'since'>, reader: Reader): string {
  return `${knownBy(how, reader)}${since ? ', with what came and went since' : ''}`
}

/** The stores of a hive by its book: those that are left without the supers that go, and all of them. */
export function knownStoresInWords(stores: KnownStores, reader: Reader): string {
  const inAll = `${rangeInWords(stores.inAll, reader, 1)}: ${knownByInWords(stores, reader)}`
  return stores.without ? `${rangeInWords(stores.kg, reader, 1)} ${WITHOUT[stores.without]}; in all ${inAll}` : inAll
}

/** What a hive that is short has, by its book or in the boxes that stay. */
export function storesOfFinding(facts: FoodFacts, reader: Reader): string {
  const { storesLow, storesHigh, by, at } = facts
  const there = rangeInWords({ low: storesLow, high: storesHigh }, reader, 0)
  return by && at ? `It has ${there}, ${knownBy({ by, at }, reader)}` : `About ${there} in the boxes that stay`
}
