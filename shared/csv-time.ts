import { there } from '#core/units'
import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'

dayjs.extend(utc)
dayjs.extend(timezone)
dayjs.extend(customParseFormat)

/** What is wrong with a time of a file. */
export type TimeProblem = 'no-time' | 'skipped-hour'

const FORMATS = [
  'YYYY-MM-DD HH:mm:ss',
  'YYYY-MM-DD HH:mm',
  'YYYY-MM-DDTHH:mm:ss',
  'YYYY-MM-DDTHH:mm',
  'DD.MM.YYYY HH:mm',
  'DD/MM/YYYY HH:mm',
  'DD.MM.YYYY HH:mm:ss',
  'DD/MM/YYYY HH:mm:ss',
] as const
const PLAIN = 'YYYY-MM-DDTHH:mm:ss'
type Moment = { readonly at: string; readonly doubled: boolean }

/**
 * Reads local times of one zone. An hour that the clock skips is none; of an hour that it goes through twice the first
 * is taken, and said.
 */
export function timeReader(zone: string): (text: string) => Moment | TimeProblem {
  const offsets = new Map<string, number | null>()
  let usual: (typeof FORMATS)[number] = FORMATS[0]
  const parsed = (text: string) => {
    const usualMs = isoMs(text)
    if (usualMs !== undefined) return dayjs.utc(usualMs)
    const before = dayjs.utc(text, usual, true)
    if (before.isValid()) return before
    const format = FORMATS.find((one) => dayjs.utc(text, one, true).isValid())
    if (!format) return undefined
    usual = format
    return dayjs.utc(text, format, true)
  }
  return (text) => {
    if (/(?:Z|[+-]\d{2}:?\d{2})$/.test(text) && dayjs(text).isValid())
      return { at: dayjs(text).toISOString(), doubled: false }
    const plain = parsed(text)
    if (!plain) return 'no-time'
    const day = plain.toISOString().slice(0, 10)
    let offset = offsets.get(day)
    if (offset === undefined) {
      try {
        offset = steadyOffsetMinutes(day, zone)
      } catch {
        return 'no-time'
      }
      offsets.set(day, offset)
    }
    return offset === null
      ? onChangingDay(plain.format(PLAIN), zone)
      : { at: new Date(plain.valueOf() - offset * 60_000).toISOString(), doubled: false }
  }
}

const ISO = /^(\d{4})-(\d\d)-(\d\d)[ T](\d\d):(\d\d)(?::(\d\d))?$/

/** The form that most loggers write, read without a parser: a year of rows is read in a tenth of the time. */
function isoMs(text: string): number | undefined {
  const found = ISO.exec(text)
  if (!found) return undefined
  const [year, month, day, hour, minute, second] = found.slice(1).map((part) => Number(part ?? 0))
  const ms = Date.UTC(there(year), there(month) - 1, day, hour, minute, second)
  // A day or an hour that there is not would come out as another one.
  return new Date(ms).toISOString().slice(0, 16) === `${text.slice(0, 10)}T${text.slice(11, 16)}` ? ms : undefined
}

/** How far the clock is from UTC on a day; null when it changes on that day. */
function steadyOffsetMinutes(day: string, zone: string): number | null {
  if (zone === 'UTC') return 0
  const begins = dayjs.tz(`${day}T00:00:00`, zone)
  const offset = begins.utcOffset()
  return dayjs.tz(`${dayjs.utc(day).add(1, 'day').format('YYYY-MM-DD')}T00:00:00`, zone).utcOffset() === offset &&
    begins.format(PLAIN) === `${day}T00:00:00`
    ? offset
    : null
}

function onChangingDay(plain: string, zone: string): Moment | TimeProblem {
  const moment = dayjs.tz(plain, zone)
  const candidates = [moment.subtract(1, 'hour'), moment, moment.add(1, 'hour')].filter(
    (one) => one.tz(zone).format(PLAIN) === plain,
  )
  if (candidates.length === 0) return 'skipped-hour'
  return { at: candidates[0]!.toISOString(), doubled: candidates.length > 1 }
}

export const TIME_PROBLEMS: Readonly<Record<TimeProblem, string>> = {
  'no-time': 'is no date with a time: such as 2026-05-31 14:15',
  'skipped-hour': 'is an hour that the clock skips when summer time begins: choose the zone of the clock that wrote it',
}
