import type { YardYear } from '../season'
import { byHiveOf } from './by-hive'
import { entriesOf } from './current'
import { dayOf } from './days'
import type { Entry } from './entry'
import { judgedCount, miteLimit, type JudgedCount, type MiteRate } from './mites'

/** The counts of a yard in one month, of one measure. */
export interface MonthOfMites {
  /** The middle of the month. */
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
}

/** What counts of a yard come to. */
export function yardMites(entries: readonly Entry[], year: YardYear): YardMites {
  const counts = entriesOf(entries, 'mites').map((count) => ({ hiveId: count.hiveId, ...judgedCount(count, year) }))
  const months = new Map<string, JudgedCount[]>()
  for (const count of counts) {
    const key = `${count.in} ${count.day.slice(0, 7)}`
    const list = months.get(key)
    if (list) list.push(count)
    else months.set(key, [count])
  }
  const monthsOf = (measure: MiteRate['in']) =>
    [...months]
      .filter(([key]) => key.startsWith(measure))
      .map(([key, all]): MonthOfMites => {
        const rates = all.map(({ rate }) => rate).sort((a, b) => a - b)
        const day = `${key.slice(-7)}-15`
        return {
          day,
          low: rates[0]!,
          median: rates[Math.floor(rates.length / 2)]!,
          high: rates.at(-1)!,
          counts: all.length,
          over: all.filter(({ over }) => over).length,
          limit: miteLimit(measure, day, year),
        }
      })
      .sort((a, b) => (a.day < b.day ? -1 : 1))
  const last = [...byHiveOf(counts).values()].map((own) =>
    own.reduce((newest, one) => (dayOf(one.day) >= dayOf(newest.day) ? one : newest)),
  )
  return {
    months: { day: monthsOf('day'), hundred: monthsOf('hundred') },
    last: last.sort((a, b) => b.rate / b.limit - a.rate / a.limit),
  }
}
