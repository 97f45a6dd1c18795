import type { Stage } from '../hive'

/** A yard's year: days as `MM-DD`, which are those of its own hemisphere. */
export interface Calendar {
  readonly firstPollen: string
  readonly flowStart: string
  readonly flowEnd: string
  /** None where there is no frost. */
  readonly firstFrost: string
}

/** A year to start from, cool and maritime, north (from memory). */
export const COOL_MARITIME: Calendar = { firstPollen: '03-01', flowStart: '05-20', flowEnd: '07-31', firstFrost: '11-01' }

const DAY_MS = 86_400_000
const YEAR_DAYS = 365

/** The day of a year that has no leap day, 0 to 364. */
function dayOf(monthDay: string): number {
  return Math.round((Date.parse(`2025-${monthDay}T00:00:00Z`) - Date.parse('2025-01-01T00:00:00Z')) / DAY_MS)
}

/**
 * The stage of a yard on a day: late-winter check from first pollen − 28 days, building up from first pollen, supering from
 * flow start − 21, flow by its dates, crop for 14 days from flow end, after the crop until first frost − 28, packing down
 * until first frost, then winter. A boundary belongs to the stage that it begins; where two overlap: flow, crop, supering,
 * late-winter check, packing down, winter. Common practice; the day counts from memory.
 */
export function stageOn(at: string, { firstPollen, flowStart, flowEnd, firstFrost }: Calendar): Stage {
  const day = dayOf(at.slice(5, 10) === '02-29' ? '02-28' : at.slice(5, 10))
  const from = (monthDay: string, offset = 0) => (dayOf(monthDay) + offset + YEAR_DAYS) % YEAR_DAYS
  const within = (start: number, end: number) => (start <= end ? day >= start && day < end : day >= start || day < end)
  if (within(from(flowStart), from(flowEnd))) return 'flow'
  if (within(from(flowEnd), from(flowEnd, 14))) return 'crop'
  if (within(from(flowStart, -21), from(flowStart))) return 'supering'
  if (within(from(firstPollen, -28), from(firstPollen))) return 'late-winter-check'
  if (within(from(firstFrost, -28), from(firstFrost))) return 'pack-down'
  if (within(from(firstFrost), from(firstPollen, -28))) return 'winter'
  if (within(from(firstPollen), from(flowStart, -21))) return 'building-up'
  return 'after-crop'
}
