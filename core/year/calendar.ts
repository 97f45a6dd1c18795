import { addDays, daysFrom, monthDayOf, dayOfYear, YEAR_DAYS, there } from '../units'
import { catalogueOf } from '../parts'
import { SHIPPED_FIGURES, type Figures } from '../figures'
import { type Calendar, type Stage, type Yard, meaningOf, STAGES } from '../yard'
import { COOL_MARITIME } from './climates'

/** Stages that come at any time: a colony that arrives, a hive that is moved. */
export const ANY_TIME: readonly Stage[] = STAGES.filter((stage) => meaningOf(stage).comes === 'any-time')

/** One run of days in one stage; a year is a ring, so the last may go on past its end. */
export interface Period {
  readonly stage: Stage
  readonly from: string
  /** The first day that is no longer in it. */
  readonly to: string
  readonly days: number
}

/** A year to be divided: its dates, and the figures of its yard that say how long each stage is. */
export interface YardYear {
  readonly calendar: Calendar
  readonly figures: Figures
}

/** The year of a yard; until it has dates of its own, that of a cool maritime climate. */
export function yearOf(yard: Pick<Yard, 'season' | 'overrides' | 'figures' | 'patterns' | 'hanging'>): YardYear {
  // Kept as long as the yard is: what is worked out of a year is kept by it.
  let known = yearsKnown.get(yard)
  if (!known)
    yearsKnown.set(
      yard,
      (known = { calendar: yard.season?.calendar ?? COOL_MARITIME, figures: catalogueOf(yard).figures }),
    )
  return known
}

const yearsKnown = new WeakMap<object, YardYear>()

/**
 * The stage of every day of a year by its rules alone, day 0 first: late-winter check from first pollen − 28 days,
 * building up from first pollen, supering from flow start − 21, flow by its dates, crop for 14 days from each flow's
 * end, after the crop until first frost − 28 and some days after the last crop in any case, packing down until first
 * frost, then winter; dearth between two flows. Where two overlap: flow, crop, supering, late-winter check, packing
 * down, winter. Common practice; day counts from memory.
 */
export function paintedDays({ calendar, figures }: YardYear): Stage[] {
  const { lateWinterDays, superingDays, cropDays, packDownDays, afterCropLeastDays } = figures
  const { firstPollen, firstFrost, secondFlow } = calendar
  const flows = [{ start: calendar.flowStart, end: calendar.flowEnd }, ...(secondFlow ? [secondFlow] : [])]
  const days = Array<Stage>(YEAR_DAYS).fill(firstFrost === null ? 'dearth' : 'after-crop')
  const paint = (stage: Stage, start: string, end: string) => {
    const first = dayOfYear(start)
    const count = daysFrom(start, end)
    for (let i = 0; i < count; i++) days[(first + i) % YEAR_DAYS] = stage
  }
  if (firstFrost !== null) {
    if (secondFlow) paint('dearth', calendar.flowEnd, secondFlow.start)
    if (daysFrom(firstPollen, calendar.flowStart) > superingDays)
      paint('building-up', firstPollen, addDays(calendar.flowStart, -superingDays))
    if (daysFrom(firstFrost, firstPollen) > lateWinterDays)
      paint('winter', firstFrost, addDays(firstPollen, -lateWinterDays))
    paint('pack-down', addDays(firstFrost, -packDownDays), firstFrost)
    paint('late-winter-check', addDays(firstPollen, -lateWinterDays), firstPollen)
    for (const { start } of flows) paint('supering', addDays(start, -superingDays), start)
  }
  const last = addDays(there(flows.at(-1)).end, cropDays)
  // Treatment belongs after the last crop: it keeps days of its own, and packing down begins later.
  if (firstFrost !== null && daysFrom(last, firstFrost) <= YEAR_DAYS / 2)
    paint('after-crop', last, addDays(last, Math.min(afterCropLeastDays, daysFrom(last, firstFrost))))
  for (const { end } of flows) paint('crop', end, addDays(end, cropDays))
  for (const { start, end } of flows) paint('flow', start, end)
  return days
}

export function periodsOf(days: readonly Stage[]): Period[] {
  const starts = days.flatMap((stage, day) => (days[(day + YEAR_DAYS - 1) % YEAR_DAYS] === stage ? [] : [day]))
  if (starts.length === 0) return [{ stage: days[0]!, from: monthDayOf(0), to: monthDayOf(0), days: YEAR_DAYS }]
  return starts.map((start, i) => {
    const end = starts[(i + 1) % starts.length]!
    return {
      stage: days[start]!,
      from: monthDayOf(start),
      to: monthDayOf(end),
      days: (end - start + YEAR_DAYS) % YEAR_DAYS || YEAR_DAYS,
    }
  })
}

/**
 * The stages of a year in their order through it, with what the keeper has moved; no day is in two, none in no stage.
 */
export function stagesOfYear(year: YardYear): readonly Period[] {
  let known = stagesKnown.get(year)
  if (!known) stagesKnown.set(year, (known = divided(year)))
  return known
}

/** The first day of a stage in a year, `MM-DD`; first pollen for one that comes at any time. */
export function firstDayOf(stage: Stage, year: YardYear): string {
  return stagesOfYear(year).find((one) => one.stage === stage)?.from ?? year.calendar.firstPollen
}

const stagesKnown = new WeakMap<YardYear, readonly Period[]>()

function divided(year: YardYear): readonly Period[] {
  const periods = periodsOf(paintedDays(year))
  const moved = year.calendar.moved ?? {}
  if (Object.keys(moved).length === 0) return periods
  const begins = periods.map(({ stage, from }, i) => {
    const first = periods.findIndex((other) => other.stage === stage) === i
    return first && moved[stage] ? moved[stage] : from
  })
  return periods.map((period, i) => {
    const from = begins[i]!
    const to = begins[(i + 1) % begins.length]!
    return { stage: period.stage, from, to, days: daysFrom(from, to) || YEAR_DAYS }
  })
}

/** A calendar in which a stage begins on a day of the keeper's, or by its rule again where that is null. */
export function withBeginning(calendar: Calendar, stage: Stage, day: string | null): Calendar {
  const { moved = {}, ...rest } = calendar
  const { [stage]: _before, ...others } = moved
  const next = day === null ? others : { ...others, [stage]: day }
  return Object.keys(next).length > 0 ? { ...rest, moved: next } : rest
}

/** A border of the ribbon of a year: a stage that begins there, and the days between which its beginning can lie. */
export interface Border {
  readonly stage: Stage
  readonly from: string
  readonly least: string
  readonly most: string
  readonly moved: boolean
}

/**
 * The borders that can be moved, in order from spring: each at least a day from those beside it. A stage that comes
 * twice begins where its first stretch does, and its second cannot be moved.
 */
export function bordersOf(year: YardYear): Border[] {
  const periods = periodsFromSpring(year)
  const inYear = stagesOfYear(year)
  return periods.flatMap((period, i): Border[] => {
    const first = there(inYear.find(({ stage }) => stage === period.stage))
    if (first.from !== period.from) return []
    const before = periods[(i + periods.length - 1) % periods.length]!
    return [
      {
        stage: period.stage,
        from: period.from,
        least: addDays(before.from, 1),
        most: addDays(period.from, period.days - 1),
        moved: year.calendar.moved?.[period.stage] !== undefined,
      },
    ]
  })
}

/** The same from the late-winter check on, as a keeper counts a year; from its first day where there is none. */
export function periodsFromSpring(year: YardYear): Period[] {
  const periods = stagesOfYear(year)
  const first = Math.max(
    0,
    periods.findIndex(({ stage }) => meaningOf(stage).beginsSpring),
  )
  return [...periods.slice(first), ...periods.slice(0, first)]
}

/** The year that is taken where no yard says otherwise. */
export const USUAL_YEAR: YardYear = { calendar: COOL_MARITIME, figures: SHIPPED_FIGURES }

/** Where in a year a day lies: its stage, the one after it, and the days since the first of them began. */
export function stageAround(
  at: string,
  year: YardYear,
): { readonly now: Period; readonly next: Period; readonly sinceDays: number } {
  const text = at.slice(5, 10) === '02-29' ? '02-28' : at.slice(5, 10)
  const stages = stagesOfYear(year)
  const found = stages.findIndex(({ from, days }) => daysFrom(from, text) < days)
  const now = stages[found]!
  return { now, next: stages[(found + 1) % stages.length]!, sinceDays: daysFrom(now.from, text) }
}

/** The stage of a yard on a day, such as `2026-05-31T10:00:00Z`; a boundary belongs to the stage that it begins. */
export function stageOn(at: string, year: YardYear): Stage {
  return stageAround(at, year).now.stage
}

/** Something on the calendar that is no stage. */
export interface CalendarMark {
  readonly kind: 'mite-count' | 'winter-bees'
  readonly from: string
  readonly days: number
}

/**
 * A mite count each month from building up until packing down, and the eight weeks in which winter bees are raised
 * (common practice).
 */
export function marksOf({ calendar, figures }: YardYear, only?: CalendarMark['kind']): CalendarMark[] {
  const { miteCountDays, winterBeeDays } = figures
  const ends = calendar.firstFrost ?? calendar.firstPollen
  const open = daysFrom(calendar.firstPollen, ends) || YEAR_DAYS
  const counts = Array.from({ length: Math.ceil(open / miteCountDays) }, (_, i): CalendarMark => ({
    kind: 'mite-count',
    from: addDays(calendar.firstPollen, i * miteCountDays),
    days: 1,
  }))
  const marks: Readonly<Record<CalendarMark['kind'], CalendarMark[]>> = {
    'mite-count': counts,
    'winter-bees':
      calendar.firstFrost === null
        ? []
        : [{ kind: 'winter-bees', from: addDays(calendar.firstFrost, -winterBeeDays), days: winterBeeDays }],
  }
  return only ? marks[only] : Object.values(marks).flat()
}
