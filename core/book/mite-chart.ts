import { marksOf, type YardYear } from '../year'
import { daysBetween, daysLater, dayOf } from './days'
import { entriesOf } from './current'
import type { Entry } from './entries'
import { judgedCount, miteLimit, treatmentWorked, type JudgedCount, type MiteRate, type Worked } from './mites'
import { treatmentEnd } from './treatment'

/** A run of days on a chart. */
export interface Days {
  readonly from: string
  readonly to: string
}

/** A treatment on a chart: its days, whether its end is known, and how well it worked. */
interface TreatedDays extends Days {
  readonly product: string
  readonly isOpen: boolean
  readonly worked: Worked | undefined
}

/** Counts of mites against the limits of their days, treatments, and the weeks in which winter bees are reared. */
export interface MiteChart {
  readonly span: Days
  readonly counts: readonly JudgedCount[]
  readonly limits: Readonly<Record<MiteRate['in'], readonly { readonly day: string; readonly limit: number }[]>>
  readonly treatments: readonly TreatedDays[]
  readonly winterBees: readonly Days[]
}

/** Days between two points of a limit. */
const STEP = 7

/** What a chart of mites shows; undefined where none were counted. An open treatment reaches to the last day. */
export function miteChart(entries: readonly Entry[], year: YardYear, today: string): MiteChart | undefined {
  const written = entriesOf(entries, 'mites')
  const [first] = written
  if (!first) return undefined
  const counts = written.map((count) => judgedCount(count, year, entries))
  const treatments = entriesOf(entries, 'treatment').map((treatment): TreatedDays => {
    const end = treatmentEnd(treatment)
    const from = dayOf(treatment.at)
    const to = end ?? today
    return {
      from,
      to,
      product: treatment.body.product,
      isOpen: end === undefined,
      worked: treatmentWorked(from, to, written, year.figures),
    }
  })
  const from = [dayOf(first.at), ...treatments.map((one) => one.from)].reduce((a, b) => (a < b ? a : b))
  const span = { from: daysLater(from, -STEP), to: daysLater(today, STEP) }
  return {
    span,
    counts,
    limits: { day: limitsOf('day', span, year), hundred: limitsOf('hundred', span, year) },
    treatments,
    winterBees: winterBeesIn(span, year),
  }
}

function limitsOf(measure: MiteRate['in'], { from, to }: Days, year: YardYear) {
  return Array.from({ length: Math.floor(daysBetween(from, to) / STEP) + 1 }, (_, i) => {
    const day = daysLater(from, i * STEP)
    return { day, limit: miteLimit(measure, day, year) }
  })
}

/** The weeks of winter bees of every year that a span touches. */
export function winterBeesIn({ from, to }: Days, year: YardYear): Days[] {
  const [mark] = marksOf(year, 'winter-bees')
  if (!mark) return []
  const years = Array.from(
    { length: Number(to.slice(0, 4)) - Number(from.slice(0, 4)) + 2 },
    (_, i) => Number(from.slice(0, 4)) - 1 + i,
  )
  return years
    .map((one) => ({ from: `${one}-${mark.from}`, to: daysLater(`${one}-${mark.from}`, mark.days) }))
    .filter((weeks) => weeks.to >= from && weeks.from <= to)
}
