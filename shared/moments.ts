const MOMENT = /^(\d{4}-\d\d-\d\d)T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,3})?)?Z$/

/** True for a day that there is: `2026-02-29` is none. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d\d-\d\d$/.test(text)) return false
  const at = Date.parse(`${text}T00:00:00Z`)
  return Number.isFinite(at) && new Date(at).toISOString().startsWith(text)
}

/** True for a moment in UTC that there is: `2026-02-31T09:30:00Z` is none. */
export function isMoment(text: string): boolean {
  const day = MOMENT.exec(text)?.[1]
  return day !== undefined && isDay(day)
}
