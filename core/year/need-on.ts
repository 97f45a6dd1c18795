import { foodNeedOf, type FoodNeed } from './food-need'
import type { Figures } from '../figures'
import { type Calendar, type Yard, meaningOf } from '../yard'
import { clusterWatts, winterMonths, type WinterMonth } from '../heat'
import { stageAround, yearOf, type YardYear } from './calendar'
import { addDays, daysFrom } from '../units'
import { isNucleus } from './ways/usual'

/**
 * What a hive asks on a day, kg of stores: what is still to come of its winter or dearth, and never under the least.
 */
export interface NeedOn extends FoodNeed {
  /** So much of the whole is still to come, 0 to 1; 0 where forage is there. */
  readonly share: number
  /** The day from which forage comes in that can be relied on, `MM-DD`; the next flow in a dearth. */
  readonly until: string
}

/**
 * What is left of a yard's winter on a day, up to the first forage that can be relied on: by the months of its winter,
 * warmed by a cluster in the open and with brood in it; the share of a dearth that is left; never under the least that
 * a colony is kept with. Common practice; how it is shared out and when forage is there, from memory.
 * @param day `2026-02-25`, or `02-25`
 */
export function needOn(yard: Yard, day: string): NeedOn {
  const monthDay = day.slice(-5)
  const known = knownOf.get(yard) ?? new Map<string, NeedOn>()
  knownOf.set(yard, known)
  const before = known.get(monthDay)
  if (before) return before
  const found = workedOut(yard, monthDay)
  known.set(monthDay, found)
  return found
}

/** Days go round the year: which one it is does not count. */
const A_YEAR = '2025'
const knownOf = new WeakMap<Yard, Map<string, NeedOn>>()

/** What a hive asks of what its yard does: a nucleus asks less, by what is still to come (from memory). */
export function needOfHive(
  assembled: Parameters<typeof isNucleus>[0],
  need: NeedOn,
  { needNucleusKgLow, needNucleusKgHigh, foodLeastKg }: Figures,
): NeedOn {
  if (!isNucleus(assembled)) return need
  return {
    ...need,
    low: Math.min(need.low, Math.max(foodLeastKg, needNucleusKgLow * need.share)),
    high: Math.min(need.high, Math.max(foodLeastKg, needNucleusKgHigh * need.share)),
  }
}

/** From when forage can be relied on after winter: some weeks after first pollen, or the flow (from memory). */
export function firstForage({ calendar, figures }: YardYear): string {
  const { firstPollen, flowStart } = calendar
  return daysFrom(firstPollen, flowStart) < figures.forageAfterPollenDays
    ? flowStart
    : addDays(firstPollen, figures.forageAfterPollenDays)
}

function workedOut(yard: Yard, monthDay: string): NeedOn {
  const year = yearOf(yard)
  const { calendar, figures } = year
  const whole = foodNeedOf({ climate: calendar.climate, prolific: yard.prolific, figures })
  const times = (need: FoodNeed, share: number, until: string): NeedOn => ({
    low: Math.max(figures.foodLeastKg, need.low * share),
    high: Math.max(figures.foodLeastKg, need.high * share),
    share,
    until,
  })
  const dearth = foodNeedOf({ climate: 'tropical-highland', prolific: yard.prolific, figures })
  const { now, sinceDays } = stageAround(`${A_YEAR}-${monthDay}`, year)
  const toFlow = nextFlow(calendar, monthDay)
  const { forage: comes, isCropTaken, supers } = meaningOf(now.stage)
  if (comes === 'dearth') return times(dearth, (now.days - sinceDays) / now.days, toFlow)
  const isCrop = isCropTaken && supers !== 'none'
  if (isCrop && (calendar.firstFrost === null || !isLast(calendar, monthDay))) return times(dearth, 1, toFlow)
  if (calendar.firstFrost === null) return times(dearth, 0, toFlow)
  const forage = firstForage(year)
  if (daysFrom(calendar.firstFrost, monthDay) < daysFrom(calendar.firstFrost, forage)) {
    const months = winterMonths(calendar, yard.season?.winterMeansCelsius, figures)
    const winter = { to: forage, aDay: burnsADay(calendar.firstFrost, forage, months, figures) }
    return times(whole, burnt(monthDay, winter) / burnt(calendar.firstFrost, winter), forage)
  }
  const lastFlow = (calendar.secondFlow ?? { end: calendar.flowEnd }).end
  const isFillingUp = daysFrom(lastFlow, monthDay) < daysFrom(lastFlow, calendar.firstFrost)
  return times(whole, isFillingUp ? 1 : 0, forage)
}

/** Whether the last flow of the year is over on a day of its crop. */
function isLast({ flowEnd, secondFlow }: Calendar, monthDay: string): boolean {
  return !secondFlow || daysFrom(secondFlow.end, monthDay) < daysFrom(flowEnd, monthDay)
}

function nextFlow({ flowStart, secondFlow }: Calendar, monthDay: string): string {
  const starts = [flowStart, ...(secondFlow ? [secondFlow.start] : [])]
  return starts.reduce((next, one) => (daysFrom(monthDay, one) < daysFrom(monthDay, next) ? one : next))
}

/** What a colony burns on each day from one to another, summed, in a unit of its own. */
function burnt(from: string, { to, aDay }: { readonly to: string; readonly aDay: (day: string) => number }): number {
  let sum = 0
  for (let i = 0; i < daysFrom(from, to); i++) sum += aDay(addDays(from, i))
  return sum
}

/** A day's share: by its month of winter; before those as without brood, after those with it, both at the mildest. */
function burnsADay(frost: string, to: string, months: readonly WinterMonth[], figures: Figures) {
  const inMonth = new Map(
    months.map(({ month, celsius, withBrood }) => [
      month,
      clusterWatts(1, celsius, figures) * (1 + withBrood * (figures.broodEatsTimes - 1)),
    ]),
  )
  const mild = clusterWatts(1, figures.clusterTurnCelsius, figures)
  const isSpring = (day: string) => daysFrom(day, to) < daysFrom(frost, to) / 2
  return (day: string) => inMonth.get(Number(day.slice(0, 2))) ?? mild * (isSpring(day) ? figures.broodEatsTimes : 1)
}
