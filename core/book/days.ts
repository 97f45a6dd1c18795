import dayjs from 'dayjs'

/** The day of a moment, `2026-05-31`. */
export function dayOf(at: string): string {
  return at.slice(0, 10)
}

/** So many days later; days are whole, so that the hour at which clocks change does not matter. */
export function daysLater(day: string, days: number): string {
  return dayjs(dayOf(day)).add(Math.round(days), 'day').format('YYYY-MM-DD')
}

/** Days from one day to another; below 0 where the other lies before. */
export function daysBetween(from: string, to: string): number {
  return Math.round(dayjs(dayOf(to)).diff(dayjs(dayOf(from)), 'day', true))
}

/** The last of these days; what is not known is none. */
export function laterOf(day: string, ...more: readonly (string | undefined)[]): string
export function laterOf(...days: readonly (string | undefined)[]): string | undefined
export function laterOf(...days: readonly (string | undefined)[]): string | undefined {
  return days.reduce((last, day) => (day !== undefined && (last === undefined || day > last) ? day : last), undefined)
}

/** Every day after one, up to another; none where it lies before. */
export function daysAfter(from: string, to: string): string[] {
  return Array.from({ length: Math.max(0, daysBetween(from, to)) }, (_, i) => daysLater(from, i + 1))
}
