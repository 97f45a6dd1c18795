import { type Stage, type Yard, isCold, meaningOf } from '../yard'
import { winterMonths, type WinterMonth } from '../heat'
import { firstDayOf, stageOn, yearOf } from './calendar'
import { addDays, daysFrom, YEAR_DAYS } from '../units'

/** The days of a yard's autumn, `MM-DD`: packing, wrapping and closing are three things with days of their own. */
export interface Autumn {
  /** Boxes down to the winter form, feeder off, door narrow and guarded: fed and treated from the crop until here. */
  readonly pack: string
  /** Wraps on: with them on too early bees fly in vain and brood goes on. */
  readonly wrap: string
  /** No box is parted after it: joints are glued again before the frost stays. */
  readonly lastLook: string
  /** From when the frost stays. */
  readonly frostStays: string
}

const firstOf = (month: number) => `${String(month).padStart(2, '0')}-01`
const middleOf = ({ month, days }: WinterMonth) => addDays(firstOf(month), Math.floor(days / 2))

/** The first day whose mean, on a line through the middles of the months, is under so many °C. From memory. */
function colderFrom(months: readonly WinterMonth[], celsius: number): string | undefined {
  const at = months.findIndex((month) => month.celsius < celsius)
  const [before, month] = [months[at - 1], months[at]]
  if (!month) return undefined
  if (!before) return firstOf(month.month)
  const from = middleOf(before)
  const share = (before.celsius - celsius) / (before.celsius - month.celsius)
  return addDays(from, Math.ceil(share * daysFrom(from, middleOf(month))))
}

const FREEZES = 0

/** Whether a day lies before another, within half a year. */
const isBefore = (day: string, other: string) => day !== other && daysFrom(day, other) < YEAR_DAYS / 2
const later = (a: string, b: string) => (isBefore(a, b) ? b : a)
const earlier = (a: string, b: string) => (isBefore(a, b) ? a : b)

/** A yard as far as its year is asked. */
export type HasYear = Pick<Yard, 'season' | 'overrides' | 'figures' | 'patterns' | 'hanging'>

/**
 * The days of a yard's autumn; undefined where there is no frost. Feeding and treating have some five weeks from the
 * crop on, packing down waits for them, wraps for days whose mean is under about 5 °C, and the last look is a fortnight
 * before the frost stays (common practice; day counts from memory). A day of packing that the keeper moved stands.
 */
export function autumnOf(yard: HasYear): Autumn | undefined {
  const year = yearOf(yard)
  const { calendar, figures } = year
  const { firstFrost, moved } = calendar
  if (firstFrost === null) return undefined
  const months = winterMonths(calendar, yard.season?.winterMeansCelsius, figures)
  const frostStays = later(firstFrost, colderFrom(months, FREEZES) ?? firstFrost)
  const lastLook = addDays(frostStays, -figures.lastLookDays)
  const cropEnds = addDays((calendar.secondFlow ?? { end: calendar.flowEnd }).end, figures.cropDays)
  const begins = firstDayOf('pack-down', year)
  const pack = moved?.['pack-down'] ?? later(begins, earlier(addDays(cropEnds, figures.feedDays), lastLook))
  const wrap = later(firstFrost, colderFrom(months, figures.wrapCelsius) ?? firstFrost)
  return { pack, wrap, lastLook, frostStays }
}

/** The day of autumn on which a stage is visited, `MM-DD`, where that is not the day on which it begins. */
export function ownDayOf(stage: Stage, autumn: Autumn | undefined): string | undefined {
  const { autumnDay } = meaningOf(stage)
  return autumnDay ? autumn?.[autumnDay] : undefined
}

/** Whether boxes may be parted: freely; too late for their joints to be glued again; not at all, in the cold. */
export type Parting = 'free' | 'too-late' | 'cold'

/** Whether boxes may be parted on a day, `2026-10-20`, by the year of a yard (common practice). */
export function partingOn(day: string, yard: HasYear): Parting {
  const stage = stageOn(day, yearOf(yard))
  const autumn = autumnOf(yard)
  if (!autumn || !isCold(stage)) return 'free'
  const monthDay = day.slice(5, 10)
  // What has no day of autumn lies behind winter: nothing is glued again before spring.
  const isBeforeWinter = meaningOf(stage).autumnDay !== null
  if (isBeforeWinter && isBefore(monthDay, autumn.lastLook)) return 'free'
  return isBeforeWinter && isBefore(monthDay, autumn.frostStays) ? 'too-late' : 'cold'
}

/** Whether hives of a yard sit in their winter form on a day: from the day of packing to first pollen. */
export function isPacked(day: string, yard: HasYear): boolean {
  const stage = stageOn(day, yearOf(yard))
  const autumn = autumnOf(yard)
  const isStillFed = meaningOf(stage).autumnDay === 'pack' && autumn && isBefore(day.slice(5, 10), autumn.pack)
  return isCold(stage) && !isStillFed
}

/** Whether boxes may be parted when a stage is visited: today where it runs, else on the day its visit is due. */
export function partingFor(stage: Stage, today: string, yard: HasYear): Parting {
  const year = yearOf(yard)
  if (stageOn(today, year) === stage || !isCold(stage)) return isCold(stage) ? partingOn(today, yard) : 'free'
  return partingOn(`${today.slice(0, 5)}${ownDayOf(stage, autumnOf(yard)) ?? firstDayOf(stage, year)}`, yard)
}
