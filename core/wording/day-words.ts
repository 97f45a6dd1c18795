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

/** A day as it is said: `20 May` of `05-20`, `20 May 2026` of `2026-05-20`. */
export function dayInWords(day: string): string {
  const [year, month, date] = day.length > 5 ? day.slice(0, 10).split('-') : ['', ...day.split('-')]
  return `${Number(date)} ${MONTHS[Number(month) - 1]?.slice(0, 3) ?? month}${year ? ` ${year}` : ''}`
}
