import dayjs from 'dayjs'
import type { Entry } from './entries'

/** What was written within so long of its own day was written as “now”, ms. */
const NEAR_MS = 86_400_000

/**
 * An entry of a device whose clock was off, as it would have been written with the clock right: when it was made, and
 * the moment that it is about where that was the device's now. A day that was chosen otherwise stays. Common practice.
 * @param offMs how much the right time is ahead of the device's clock, ms
 * @param madeLocal when it was made, by the device's clock where the hive stands: `2026-05-31T14:15`
 */
export function withClockRight(entry: Entry, offMs: number, madeLocal: string): Entry {
  const isNow = Math.abs(dayjs(entry.at).diff(madeLocal)) < NEAR_MS
  return {
    ...entry,
    madeAt: dayjs(entry.madeAt).add(offMs, 'ms').toISOString(),
    at: isNow ? dayjs(entry.at).add(offMs, 'ms').format('YYYY-MM-DDTHH:mm') : entry.at,
  }
}
