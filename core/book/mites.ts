import type { Figures } from '../figures'
import { meaningOf } from '../yard'
import { addDays, daysFrom } from '../units'
import { stageOn, type YardYear } from '../year'
import { entriesOf } from './current'
import { dayOf, daysLater } from './days'
import type { Entry, EntryOf, MiteCount } from './entries'
import { treatmentEnd } from './treatment'

/** What a count comes to: mites that fall a day, or mites in 100 bees. */
export interface MiteRate {
  readonly in: 'day' | 'hundred'
  readonly rate: number
}

/**
 * Mites a day = count ÷ days the tray was in; mites in 100 bees = count ÷ bees of the sample × 100. Common practice.
 * @throws RangeError for a tray of no days or a sample of no bees
 */
export function miteRate(count: MiteCount): MiteRate {
  const of = count.way === 'tray' ? count.days : count.bees
  if (!(of > 0)) throw new RangeError('a count over no days or among no bees says nothing')
  return count.way === 'tray'
    ? { in: 'day', rate: count.mites / count.days }
    : { in: 'hundred', rate: (count.mites / count.bees) * 100 }
}

/** True from one round of counts before winter bees are reared until the first frost; never where there is none. */
export function isRearing(day: string, { calendar, figures }: YardYear): boolean {
  const { firstFrost } = calendar
  if (firstFrost === null) return false
  const from = addDays(firstFrost, -(figures.winterBeeDays + figures.miteCountDays))
  return daysFrom(from, day.slice(5, 10)) < daysFrom(from, firstFrost)
}

/**
 * The yard's own limit for a count of a day. For a wash: in spring until the main flow, from then on, and while winter
 * bees are reared; for the fall by season, early spring as winter. Common practice; figures from memory.
 */
export function miteLimit(measure: MiteRate['in'], day: string, year: YardYear): number {
  const { figures } = year
  const { firstPollen, flowStart, firstFrost } = year.calendar
  const monthDay = day.slice(5, 10)
  const isWithin = (from: string, to: string) => daysFrom(from, monthDay) < daysFrom(from, to)
  if (measure === 'hundred') {
    if (isRearing(day, year)) return figures.washRearingInHundred
    return isWithin(firstFrost ?? firstPollen, flowStart) ? figures.washSpringInHundred : figures.washSeasonInHundred
  }
  if (isWithin(firstPollen, addDays(firstPollen, figures.earlySpringDays))) return figures.fallWinterADay
  return figures[meaningOf(stageOn(dayOf(day), year)).fallLimit]
}

/** A count against the limit of its day. */
export interface JudgedCount extends MiteRate {
  readonly day: string
  readonly limit: number
  readonly over: boolean
  /** Fell while a treatment was on or just over: it is large because it works, and is held against no limit. */
  readonly underTreatment: boolean
}

/**
 * A count as high as the limit is over it: at the limit something is done (common practice).
 * @param own what the book of its hive says, for its treatments
 */
export function judgedCount({ at, body }: EntryOf<'mites'>, year: YardYear, own: readonly Entry[] = []): JudgedCount {
  const rate = miteRate(body)
  const limit = miteLimit(rate.in, at, year)
  const day = dayOf(at)
  const underTreatment =
    body.way === 'tray' &&
    entriesOf(own, 'treatment').some((treatment) => {
      const end = treatmentEnd(treatment)
      const until = end === undefined ? day : daysLater(end, year.figures.fallLargeDays)
      return day >= dayOf(treatment.at) && day <= until
    })
  return { ...rate, day, limit, over: !underTreatment && rate.rate >= limit, underTreatment }
}

/** How well a treatment worked. */
export interface Worked {
  readonly before: MiteRate
  readonly after: MiteRate
  /** Of the mites there were, gone: 0 to 1; below 0 where there are more. */
  readonly gone: number
  /** So few mites were counted before that it says little. */
  readonly few: boolean
}

/**
 * The count after a treatment against the last one before it, both of one way: 1 − after ÷ before. Common practice;
 * undefined where one is missing, or where there were none before.
 */
export function treatmentWorked(
  from: string,
  until: string,
  counts: readonly EntryOf<'mites'>[],
  { fewMites }: Figures,
): Worked | undefined {
  const after = counts.find(({ at }) => dayOf(at) > dayOf(until))
  const before = counts.findLast(
    ({ at, body }) => dayOf(at) <= dayOf(from) && (body.way === 'tray') === (after?.body.way === 'tray'),
  )
  if (!after || !before) return undefined
  const [was, is] = [miteRate(before.body), miteRate(after.body)]
  if (was.rate === 0) return undefined
  return { before: was, after: is, gone: 1 - is.rate / was.rate, few: before.body.mites < fewMites }
}

/** What a wash of so much is taken as: half a cup, about 120 mL, is about 300 bees (common practice). */
export function beesInCups(cups: number, { washBees }: Figures): number {
  return Math.round(cups * 2 * washBees)
}
