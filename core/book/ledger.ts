import type { FoodNeed } from '../year'
import { type Figures, rangeOf } from '../figures'
import { isCold, type Stage } from '../yard'
import { exactly, sumOf, type Range } from '../loads'
import { dayOf, daysAfter } from './days'
import { isEntry, type Entry, type FeedGiven } from './entries'

/** What a hive had to eat at a moment, kg, and how that is known. */
export interface MeasuredStores {
  /** The day, or the moment by the clock where the hive stands: `2026-05-31T14:15`. */
  readonly at: string
  readonly kg: Range
  readonly by: 'weighed' | 'heft' | 'frames' | 'model'
  /** The entry that says so. */
  readonly entryId?: string
}

/** One line of the ledger: what came in, or what went out as less than nothing, kg. */
interface LedgerLine {
  readonly day: string
  readonly of: 'there' | 'feed' | 'crop' | 'eaten'
  readonly kg: Range
  readonly entryId?: string
}

/** What a hive has to eat. */
export interface Ledger {
  readonly lines: readonly LedgerLine[]
  /** The sum of all lines; its bounds may lie below nothing where more went out than was known of. */
  readonly balance: Range
  /** The same as it can be: never below nothing. */
  readonly there: Range
  readonly need: FoodNeed
  /** What may be taken so that the need stays: surely, and at the most. */
  readonly mayTake: { readonly low: number; readonly high: number }
  /** Days that it lasts when nothing comes in; undefined where nothing is eaten. */
  readonly lastsDays: { readonly low: number; readonly high: number } | undefined
}

/**
 * Stores that so much feed gives, kg: of syrup its sugar × 1.25 (common practice); of fondant × 1.05, as it is 80 to
 * 90 % sugar (from memory); comb as the stores in it.
 */
export function storesOfFeed(
  { feed, kg }: FeedGiven,
  { storesFromSugarKgPerKg, storesFromFondantKgPerKg }: Figures,
): number {
  if (feed === 'comb') return kg
  if (feed === 'fondant') return kg * storesFromFondantKgPerKg
  const sugarShare = feed === 'two-to-one' ? 2 / 3 : 1 / 2
  return kg * sugarShare * storesFromSugarKgPerKg
}

const minus = ({ low, middle, high }: Range): Range => ({ low: -high, middle: -middle, high: -low })

/** What a colony eats a day, kg: by the heat of its form in the cold, else from memory; also while more comes in. */
export function eatsADay(stage: Stage, coldKgADay: Range, figures: Figures): Range {
  return isCold(stage) ? coldKgADay : rangeOf(figures, 'eatsKgADay')
}

/** What a colony eats, kg a day: on each day, and now when nothing comes in. */
export interface Eats {
  readonly on: (day: string) => Range
  readonly withoutFlow: Range
}

/** The newest of what is known of a hive's food up to a day; of one moment the last. */
export function latestMeasured(known: readonly MeasuredStores[], today: string): MeasuredStores | undefined {
  return known
    .filter(({ at }) => dayOf(at) <= dayOf(today))
    .reduce<MeasuredStores | undefined>((last, one) => (!last || isNoOlder(one.at, last.at) ? one : last), undefined)
}

/**
 * The food of a hive: what was there when it was last known, and what came in and went out from that moment on. Of what
 * was fed or taken on that day at no known time nobody knows whether it was measured: nothing is counted that may not
 * be there.
 */
export function ledgerOf(
  measured: MeasuredStores,
  entries: readonly Entry[],
  today: string,
  eats: Eats,
  need: FoodNeed,
  figures: Figures,
): Ledger {
  const since = entries.filter(
    (entry) => entry.id !== measured.entryId && dayOf(entry.at) <= dayOf(today) && isAfter(entry, measured.at),
  )
  const eaten = daysAfter(measured.at, today).map(eats.on)
  const lines: LedgerLine[] = [
    { day: dayOf(measured.at), of: 'there', kg: measured.kg },
    ...since.flatMap((entry): LedgerLine[] => {
      const line = { day: dayOf(entry.at), entryId: entry.id }
      if (isEntry(entry, 'feed')) return [{ ...line, of: 'feed', kg: exactly(storesOfFeed(entry.body, figures)) }]
      return isEntry(entry, 'crop') ? [{ ...line, of: 'crop', kg: exactly(-entry.body.kg) }] : []
    }),
    ...(eaten.length > 0 ? [{ day: dayOf(today), of: 'eaten' as const, kg: minus(sumOf(eaten)) }] : []),
  ]
  const balance = sumOf(lines.map(({ kg }) => kg))
  const there = {
    low: Math.max(0, balance.low),
    middle: Math.max(0, balance.middle),
    high: Math.max(0, balance.high),
  }
  const now = eats.withoutFlow
  return {
    lines,
    balance,
    there,
    need,
    mayTake: { low: Math.max(0, there.low - need.high), high: Math.max(0, there.high - need.low) },
    // A heft is a hand’s judgement: no days are told from it.
    lastsDays:
      now.low > 0 && measured.by !== 'heft' ? { low: there.low / now.high, high: there.high / now.low } : undefined,
  }
}

/** Of one day, what has no time is taken as no older: of two that may be, the one told later counts. */
function isNoOlder(at: string, than: string): boolean {
  const areTimed = at.length > DAY_LENGTH && than.length > DAY_LENGTH
  return areTimed ? at >= than : dayOf(at) >= dayOf(than)
}

/** An entry that takes effect after a measure; of one day without a time, what goes out does and what comes in not. */
function isAfter(entry: Entry, measuredAt: string): boolean {
  if (dayOf(entry.at) !== dayOf(measuredAt)) return dayOf(entry.at) > dayOf(measuredAt)
  const areTimed = entry.at.length > DAY_LENGTH && measuredAt.length > DAY_LENGTH
  return areTimed ? entry.at >= measuredAt : isEntry(entry, 'crop')
}
const DAY_LENGTH = 10

export const RIPENESS = ['ripe', 'unripe', 'too-wet'] as const

/**
 * Whether honey keeps: sealed over most of its cells, or by its water; above 20 % it is no honey for people (Codex Stan
 * 12-1981). Undefined where neither was told.
 */
export function ripenessOf(
  { sealedShare, water }: { readonly sealedShare?: number; readonly water?: number },
  { ripeShare, ripeWaterShare, mostWaterShare }: Figures,
): (typeof RIPENESS)[number] | undefined {
  if (water !== undefined) return water > mostWaterShare ? 'too-wet' : water <= ripeWaterShare ? 'ripe' : 'unripe'
  if (sealedShare === undefined) return undefined
  return sealedShare >= ripeShare ? 'ripe' : 'unripe'
}
