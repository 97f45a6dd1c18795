import type { Figures } from '../figures'
import { isSouthern, type Calendar, type Climate } from '../yard'
import { addDays, dayOfYear, daysFrom } from '../units'

/** Means outside, °C, October to March, in the south April to September; none without a winter. From memory. */
const MEANS: Readonly<Record<Climate, readonly number[]>> = {
  'cool-maritime': [10, 7, 5, 5, 6, 8],
  'cold-continental': [9, 3, -4, -8, -6, 1],
  'warm-temperate': [15, 11, 8, 7, 9, 12],
  'tropical-highland': [],
}
const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const
const FIRST_IN = { north: 10, south: 4 } as const

/** One month of a winter. */
export interface WinterMonth {
  /** 1 to 12. */
  readonly month: number
  readonly days: number
  readonly celsius: number
  /** So much of it there is brood, 0 to 1. */
  readonly withBrood: number
}

/** Means of a yard's winter, °C: its own where they are whole, else those of its climate. From memory. */
function meansOf(climate: Climate, own: readonly number[] | undefined): readonly number[] {
  return own?.length === MEANS['cool-maritime'].length ? own : MEANS[climate]
}

/** Mean of the coldest month of a yard, °C; undefined where there is no winter. From memory. */
export function coldestCelsius(climate: Climate, own?: readonly number[]): number | undefined {
  const means = meansOf(climate, own)
  return means.length > 0 ? Math.min(...means) : undefined
}

/**
 * The months of a yard's winter: its own means, or those of its climate; brood from the late-winter check on. From
 * memory; none where there is no winter.
 */
export function winterMonths(
  calendar: Calendar,
  own: readonly number[] | undefined,
  { lateWinterDays }: Figures,
): WinterMonth[] {
  const means = meansOf(calendar.climate, own)
  const first = isSouthern(calendar) ? FIRST_IN.south : FIRST_IN.north
  const monthAt = (i: number) => ((first - 1 + i) % DAYS.length) + 1
  const firstDay = (month: number) => `${String(month).padStart(2, '0')}-01`
  const ends = firstDay(monthAt(means.length))
  const brood = addDays(calendar.firstPollen, -lateWinterDays)
  // Before its first month and after its last there is brood anyway: neither begins within the winter.
  const within = daysFrom(firstDay(first), brood) < daysFrom(firstDay(first), ends)
  return means.map((celsius, i) => {
    const month = monthAt(i)
    const days = DAYS[month - 1]!
    const before = daysFrom(firstDay(first), firstDay(month))
    const begins = dayOfYear(brood) === dayOfYear(firstDay(first)) ? 0 : daysFrom(firstDay(first), brood)
    const withBrood = within ? Math.min(1, Math.max(0, (before + days - begins) / days)) : 0
    return { month, days, celsius, withBrood }
  })
}
