import type { YardYear } from '../season'
import { byHiveOf, groupedBy } from './by-hive'
import { entriesOf } from './current'
import { dayOf } from './days'
import type { Entry } from './entry'
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

/** The mites of a yard: month by month, and hive by hive as last counted, the worst against its limit first. */
export interface YardMites {
  readonly months: Readonly<Record<MiteRate['in'], readonly MonthOfMites[]>>
  readonly last: readonly (JudgedCount & { readonly hiveId: string })[]
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
          high: rates.at(-1)!,
          counts: all.length,
          over: all.filter(({ over }) => over).length,
        }
      })
      .sort((a, b) => (a.day < b.day ? -1 : 1))
  const last = [...byHiveOf(counts).values()].map((own) =>
    own.reduce((newest, one) => (dayOf(one.day) >= dayOf(newest.day) ? one : newest)),
  )
  return {
    months: { day: monthsOf('day'), hundred: monthsOf('hundred') },
    last: last.sort((a, b) => b.rate / b.limit - a.rate / a.limit),
    treated: treatedDays(entries, span.to),
    winterBees: winterBeesIn(span, year),
  }
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
