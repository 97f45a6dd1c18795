import {
  cropFrom,
  dayOf,
  entriesOf,
  foodOf,
  isEntry,
  judgedCount,
  ripenessOf,
  storesOfFeed,
  treatmentsStillOn,
  treatmentWarnings,
  type Entry,
  type EntryOf,
  type Weighed,
} from '../book'
import type { HiveIn } from '../ask'
import { yearOf } from '../year'
import { showMass } from '../units'
import { treatmentWarningInWords } from './book-words'
import { mitesInWords } from './entry-words'
import { dayInWords } from './day-words'
import type { Reader } from './names'

/** What is known of a hive when something is written of it. */
interface Before {
  readonly known: HiveIn
  /** What its book says so far. */
  readonly entries: readonly Entry[]
  readonly weighings: readonly Weighed[]
}

/** What an entry means at once, in a sentence each: limits, labels, ripeness, what is left. */
export function meaningInWords(entry: Entry, before: Before, reader: Reader): string[] {
  if (isEntry(entry, 'mites')) return ofMites(entry, before)
  if (isEntry(entry, 'treatment')) return ofTreatment(entry, before, reader)
  if (isEntry(entry, 'feed')) {
    const kg = storesOfFeed(entry.body, before.known.context.figures)
    return [`About ${showMass(kg, reader.units, 1)} of stores once it is taken down.`]
  }
  if (isEntry(entry, 'crop')) return ofCrop(entry, before, reader)
  return isEntry(entry, 'fate') && entry.body.fate === 'dead'
    ? ['Close it at once, so that no other bees rob it. Its combs go to no other hive before the cause is known.']
    : []
}

function ofMites(entry: EntryOf<'mites'>, { known, entries }: Before): string[] {
  const { limit, over, underTreatment } = judgedCount(entry, yearOf(known.yard), entries)
  const measure = entry.body.way === 'tray' ? 'a day' : 'in 100 bees'
  if (underTreatment)
    return [
      `${mitesInWords(entry.body)}: a fall under a treatment, or just after it, is large because it works. ` +
        'It is held against no limit; count again two weeks after the end.',
    ]
  return [
    `${mitesInWords(entry.body)}; the limit of this yard on that day is ${limit} ${measure}: ` +
      (over ? 'at or over it. Decide with the label and local law.' : 'under it.'),
  ]
}

function ofTreatment(entry: EntryOf<'treatment'>, { known, entries }: Before, reader: Reader): string[] {
  const from = cropFrom(entry)
  return [
    ...treatmentWarnings(entry, {
      supersOn: known.hive.stack.filter(({ role }) => role === 'super').length,
      cropDays: entriesOf(entries, 'crop').map((other) => other.at),
    }).map((warning) => treatmentWarningInWords(warning, reader)),
    ...(from ? [`A crop may be taken again from ${dayInWords(from, reader.vocabulary)}.`] : []),
  ]
}

function ofCrop(entry: EntryOf<'crop'>, { known, entries, weighings }: Before, reader: Reader): string[] {
  const { figures } = known.context
  const ripe = ripenessOf(entry.body, figures)
  const earlier = entries.filter(({ at }) => at < entry.at)
  const { ledger } = foodOf(known, earlier, weighings, dayOf(entry.at))
  const left = ledger.there.middle - entry.body.kg
  const mass = (kg: number) => showMass(kg, reader.units, 1)
  return [
    ...(ripe === 'unripe' ? ['Not ripe: it may ferment. 80 % sealed, or 18 % of water and below, keeps.'] : []),
    ...(ripe === 'too-wet'
      ? ['More than 20 % of water: no table honey, unless it is of heather (up to 23 %); baker’s honey may hold more.']
      : []),
    ...treatmentsStillOn(entries, entry.at).map(
      ({ body }) => `${body.product}: its withdrawal is not over by what was noted. This is no honey for people then.`,
    ),
    entry.body.kg > ledger.there.high
      ? `That is more than there was: at most ${mass(ledger.there.high)} by what is known. Is it of another hive too?`
      : left < ledger.need.low
        ? `About ${mass(Math.max(0, left))} are left, less than its winter asks (${mass(ledger.need.low)} and more): ` +
          'leave some on. It is fed only once no crop super is on.'
        : `About ${mass(left)} are left; its winter asks ${mass(ledger.need.low)} to ${mass(ledger.need.high)}.`,
  ]
}
