import { counted } from './names'

const MINUTE_MS = 60_000
const HOUR_MS = 60 * MINUTE_MS
const DAY_MS = 24 * HOUR_MS

/** A span of time in the largest whole units that tell it: `3 days`, `2 hours`, `12 minutes`. */
export function spanInWords(ms: number): string {
  if (ms >= 2 * DAY_MS) return counted(Math.round(ms / DAY_MS), 'day')
  return ms >= 2 * HOUR_MS ? counted(Math.round(ms / HOUR_MS), 'hour') : counted(Math.round(ms / MINUTE_MS), 'minute')
}
