import type { Vocabulary } from '../parts'

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const

/** A month by its first letters, 1 to 12: `Jan`. */
export const monthWord = (month: number): string => MONTHS[month - 1]?.slice(0, 3) ?? String(month)

/** A day as its reader writes it: `20 May 2026` or `May 20, 2026` of `2026-05-20`; without a year of `05-20`. */
export function dayInWords(day: string, vocabulary: Vocabulary): string {
  const [year, month, date] = day.length > 5 ? day.slice(0, 10).split('-') : ['', ...day.split('-')]
  const named = MONTHS[Number(month) - 1]?.slice(0, 3) ?? month
  if (vocabulary === 'british') return `${Number(date)} ${named}${year ? ` ${year}` : ''}`
  return `${named} ${Number(date)}${year ? `, ${year}` : ''}`
}
