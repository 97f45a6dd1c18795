/** A day of the year as it is said: `20 May`. */
export function dayWord(monthDay: string): string {
  return new Date(`2025-${monthDay}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' })
}
