import type { FoodNeed } from '../checks'
import type { Figures } from '../figures'
import { rangeOf } from '../figures'
import { isCold, type Stage } from '../hive'
import { exactly, sumOf, ZERO, type Range } from '../weight'
import { dayOf, daysBetween, daysLater } from './days'
import { isEntry, type Entry, type FeedGiven } from './entry'

/** What a hive had to eat on a day, kg, and how that is known. */
export interface Measured {
  readonly day: string
  readonly kg: Range
  readonly by: 'weighed' | 'heft' | 'frames' | 'model'
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

/** Stores that so much feed gives: sugar × 1.25 (common practice); comb as the stores in it. */
export function storesOfFeed({ feed, kg }: FeedGiven, { storesFromSugar }: Figures): number {
  if (feed === 'comb') return kg
  const sugarShare = feed === 'two-to-one' ? 2 / 3 : feed === 'one-to-one' ? 1 / 2 : 1
  return kg * sugarShare * storesFromSugar
}

const minus = ({ low, middle, high }: Range): Range => ({ low: -high, middle: -middle, high: -low })

/**
 * What a colony eats a day without a flow, kg: by the heat of its form in the cold, else from memory; none in a flow.
 */
export function eatsADay(stage: Stage, coldKgADay: Range, figures: Figures): Range {
  if (isCold(stage)) return coldKgADay
  return stage === 'flow' || stage === 'supering' ? ZERO : rangeOf(figures, 'eatsADay')
}

/** What a colony eats, kg a day: on each day, and now when nothing comes in. */
export interface Eats {
  readonly on: (day: string) => Range
  readonly withoutFlow: Range
}

/** The newest of what is known of a hive's food up to a day. */
export function latestMeasured(known: readonly Measured[], today: string): Measured | undefined {
  return known
    .filter(({ day }) => dayOf(day) <= dayOf(today))
    .reduce<Measured | undefined>((last, one) => (!last || dayOf(one.day) >= dayOf(last.day) ? one : last), undefined)
}

/**
 * The food of a hive: what was there when it was last known, what came in and went out since. What was fed or taken on
 * the very day that it was measured is in the measure already.
 */
export function ledgerOf(
  measured: Measured,
  entries: readonly Entry[],
  today: string,
  eats: Eats,
  need: FoodNeed,
  figures: Figures,
): Ledger {
  const since = entries.filter(({ at }) => dayOf(at) > dayOf(measured.day) && dayOf(at) <= dayOf(today))
  const eaten = days(measured.day, today).map(eats.on)
  const lines: LedgerLine[] = [
    { day: dayOf(measured.day), of: 'there', kg: measured.kg },
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
    lastsDays: now.low > 0 ? { low: there.low / now.high, high: there.high / now.low } : undefined,
  }
}

/** Every day after one up to another. */
function days(from: string, to: string): string[] {
  return Array.from({ length: Math.max(0, daysBetween(from, to)) }, (_, i) => daysLater(from, i + 1))
}

export const RIPENESS = ['ripe', 'unripe', 'too-wet'] as const

/**
 * Whether honey keeps: sealed over most of its cells, or by its water; above 20 % it is no honey for people (Codex Stan
 * 12-1981). Undefined where neither was told.
 */
export function ripenessOf(
  { sealedShare, water }: { readonly sealedShare?: number; readonly water?: number },
  { ripeShare, ripeWater, mostWater }: Figures,
): (typeof RIPENESS)[number] | undefined {
  if (water !== undefined) return water > mostWater ? 'too-wet' : water <= ripeWater ? 'ripe' : 'unripe'
  if (sealedShare === undefined) return undefined
  return sealedShare >= ripeShare ? 'ripe' : 'unripe'
}
