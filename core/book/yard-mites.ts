import { there } from '../units'
import type { YardYear } from '../year'
import { byHiveOf, groupedBy } from './by-hive'
import { entriesOf } from './current'
import { dayOf, daysBetween } from './days'
import type { Entry } from './entries'
import { winterBeesIn, type Days } from './mite-chart'
import { judgedCount, type JudgedCount, type MiteRate } from './mites'
import { treatmentEnd } from './treatment'

/** The counts of a yard in one month, of one measure. */
interface MonthOfMites {
  /** The day of the middle count, and the limit on it. */
  readonly day: string
  readonly low: number
  readonly median: number
  readonly high: number
  readonly counts: number
  readonly over: number
  readonly limit: number
}

/** The count that a hive is judged by, and a newer tray that says otherwise and is not held against it. */
interface LastCount extends JudgedCount {
  readonly hiveId: string
  readonly beside?: JudgedCount
}

/** The mites of a yard: month by month, and hive by hive as last counted, the worst against its limit first. */
export interface YardMites {
  readonly months: Readonly<Record<MiteRate['in'], readonly MonthOfMites[]>>
  readonly last: readonly LastCount[]
  /** Days on which hives were treated, those that touch put together; with how many. */
  readonly treated: readonly (Days & { readonly hives: number })[]
  /** The weeks in which winter bees are reared. */
  readonly winterBees: readonly Days[]
}

/** What counts of a yard come to. */
export function yardMites(entries: readonly Entry[], year: YardYear, span: Days): YardMites {
  const books = byHiveOf(entries)
  const counts = entriesOf(entries, 'mites').map((count) => ({
    hiveId: count.hiveId,
    ...judgedCount(count, year, books.get(count.hiveId)),
  }))
  const months = groupedBy(counts, (count) => `${count.in} ${count.day.slice(0, 7)}`)
  const monthsOf = (measure: MiteRate['in']) =>
    [...months]
      .filter(([key]) => key.startsWith(measure))
      .map(([, all]): MonthOfMites => {
        const rates = all.map(({ rate }) => rate).sort((a, b) => a - b)
        const { day, limit } = all[Math.floor(all.length / 2)]!
        return {
          day,
          limit,
          low: rates[0]!,
          median: rates[Math.floor(rates.length / 2)]!,
          high: there(rates.at(-1)),
          counts: all.length,
          over: all.filter(({ over }) => over).length,
        }
      })
      .sort((a, b) => (a.day < b.day ? -1 : 1))
  const last = [...byHiveOf(counts).values()].map((own) => countThatCounts(own, year))
  return {
    months: { day: monthsOf('day'), hundred: monthsOf('hundred') },
    last: last.sort((a, b) => b.rate / b.limit - a.rate / a.limit),
    treated: treatedDays(entries, span.to),
    winterBees: winterBeesIn(span, year),
  }
}

/**
 * The newest count of a hive; a wash of the last month before a newer tray, since a tray varies by a factor of two to
 * three from day to day (common practice).
 */
function countThatCounts(own: readonly LastCount[], { figures }: YardYear): LastCount {
  const newestOf = (some: readonly LastCount[]) =>
    some.reduce((newest, one) => (dayOf(one.day) >= dayOf(newest.day) ? one : newest))
  const newest = newestOf(own)
  const washes = own.filter(
    (one) => one.in === 'hundred' && daysBetween(one.day, newest.day) <= figures.miteCountDays && one.day <= newest.day,
  )
  if (newest.in === 'hundred' || washes.length === 0) return newest
  const wash = newestOf(washes)
  return wash.over === newest.over ? wash : { ...wash, beside: newest }
}

function treatedDays(entries: readonly Entry[], today: string): (Days & { readonly hives: number })[] {
  const runs = entriesOf(entries, 'treatment')
    .map((one) => ({ hiveId: one.hiveId, from: dayOf(one.at), to: treatmentEnd(one) ?? today }))
    .sort((a, b) => (a.from < b.from ? -1 : 1))
  const found: { from: string; to: string; hives: Set<string> }[] = []
  for (const { hiveId, from, to } of runs) {
    const last = found.at(-1)
    if (last && from <= last.to) {
      if (to > last.to) last.to = to
      last.hives.add(hiveId)
    } else found.push({ from, to, hives: new Set([hiveId]) })
  }
  return found.map(({ hives, ...days }) => ({ ...days, hives: hives.size }))
}
