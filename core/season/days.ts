/** Days of a year that has no leap day, as `MM-DD`; the 29th of February counts as the 28th. */
export const YEAR_DAYS = 365

const DAY_MS = 86_400_000
const FIRST = Date.UTC(2025, 0, 1)

/** How a day of the year is written. */
export const MONTH_DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/

/** The number of a day, 0 to 364. */
export function dayOfYear(monthDay: string): number {
  return (Date.UTC(2025, Number(monthDay.slice(0, 2)) - 1, Number(monthDay.slice(3, 5))) - FIRST) / DAY_MS
}

/** The day with this number, going round. */
export function monthDayOf(day: number): string {
  return new Date(FIRST + ((day % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS * DAY_MS).toISOString().slice(5, 10)
}

/** So many days later, going round the year. */
export function addDays(monthDay: string, days: number): string {
  return monthDayOf(dayOfYear(monthDay) + days)
}

/** Days from one day forward to another, 0 to 364. */
export function daysFrom(from: string, to: string): number {
  return (dayOfYear(to) - dayOfYear(from) + YEAR_DAYS) % YEAR_DAYS
}
