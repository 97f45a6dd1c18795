/** Days of a year that has no leap day, as `MM-DD`; the 29th of February counts as the 28th. */
export const YEAR_DAYS = 365

/** Half a year, to the day: what lies between the hemispheres. */
export const HALF_YEAR_DAYS = 182

export const DAYS_A_WEEK = 7
/** What is told by the month is told for so many days. */
export const DAYS_A_MONTH = 30

/** Days of the year before each month begins. */
const BEFORE_MONTH = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334] as const

/** How a day of the year is written. */
export const MONTH_DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/

const twoDigits = (value: number) => String(value).padStart(2, '0')

/** The number of a day, 0 to 364. */
export function dayOfYear(monthDay: string): number {
  return (BEFORE_MONTH[Number(monthDay.slice(0, 2)) - 1] ?? 0) + Number(monthDay.slice(3, 5)) - 1
}

/** The day with this number, going round. */
export function monthDayOf(day: number): string {
  const inYear = ((day % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS
  const month = BEFORE_MONTH.findLastIndex((before) => before <= inYear)
  return `${twoDigits(month + 1)}-${twoDigits(inYear - BEFORE_MONTH[month]! + 1)}`
}

/** So many days later, going round the year. */
export function addDays(monthDay: string, days: number): string {
  return monthDayOf(dayOfYear(monthDay) + days)
}

/** Days from one day forward to another, 0 to 364. */
export function daysFrom(from: string, to: string): number {
  return (dayOfYear(to) - dayOfYear(from) + YEAR_DAYS) % YEAR_DAYS
}
