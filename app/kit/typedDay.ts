import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat.js'
import type { Vocabulary } from '#core/parts'

dayjs.extend(customParseFormat)

const FORMATS: Readonly<Record<Vocabulary, readonly string[]>> = {
  british: ['D/M/YYYY', 'D/M/YY', 'D MMM YYYY', 'D MMMM YYYY', 'YYYY/M/D', 'MMM D YYYY', 'MMMM D YYYY'],
  northAmerican: ['M/D/YYYY', 'M/D/YY', 'MMM D YYYY', 'MMMM D YYYY', 'YYYY/M/D', 'D MMM YYYY', 'D MMMM YYYY'],
}
/** The same without its year. */
const SHORT: Readonly<Record<Vocabulary, readonly string[]>> = {
  british: ['D/M', 'D MMM', 'D MMMM', 'MMM D', 'MMMM D'],
  northAmerican: ['M/D', 'MMM D', 'MMMM D', 'D MMM', 'D MMMM'],
}
const CLOCK = /\s+(?:at\s+)?(\d{1,2})[:.h](\d{2})\s*(am|pm)?$/i

/** How a typed day is to be read. */
export interface TypedDayAsked {
  readonly vocabulary: Vocabulary
  readonly today: string
  /** The hour and minute as well. */
  readonly time?: boolean
  /** The hour that stands where only a day is typed: `09:30`. */
  readonly hour?: string
  /** A day of every year: the year that is typed is of no matter. */
  readonly everyYear?: boolean
  /** The last day that can be; a day without its year is then the one before it. */
  readonly last?: string
}

/**
 * A day as a keeper types it, `20/12/2026`, `20 December 2026`, `Dec 20`, `2026-12-20`, with `9:30` after it where a time
 * is asked; undefined where it is none. In slashes the month comes where this keeper writes it.
 */
export function dayFromTyped(text: string, asked: TypedDayAsked): string | undefined {
  const clock = asked.time ? CLOCK.exec(text.trim()) : null
  const day = dayOf(clock ? text.trim().slice(0, clock.index) : text, asked)
  if (day === undefined || !asked.time) return day
  const hour = clock ? hourOf(clock) : (asked.hour ?? '12:00')
  return hour && `${day}T${hour}`
}

function dayOf(text: string, { vocabulary, today, everyYear, last }: TypedDayAsked): string | undefined {
  const plain = text
    .trim()
    .replace(/(\d)(st|nd|rd|th)\b/gi, '$1')
    .replace(/,/g, ' ')
    .replace(/[.-](?=\d)/g, '/')
    .replace(/\s+/g, ' ')
    .replace(/\bsept\b/i, 'Sep')
    .replace(/[a-z]+/gi, (word) => word[0]!.toUpperCase() + word.slice(1).toLowerCase())
  const whole = FORMATS[vocabulary].map((format) => dayjs(plain, format, true)).find((one) => one.isValid())
  if (whole) return whole.format('YYYY-MM-DD')
  const year = everyYear ? '2024' : today.slice(0, 4)
  const within = SHORT[vocabulary]
    .map((format) => dayjs(`${plain} ${year}`, `${format} YYYY`, true))
    .find((one) => one.isValid())
  if (!within) return undefined
  const isLater = last !== undefined && within.format('YYYY-MM-DD') > last
  return (isLater ? within.subtract(1, 'year') : within).format('YYYY-MM-DD')
}

function hourOf([, hours, minutes, half]: RegExpExecArray): string | undefined {
  const hour = half ? (Number(hours) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0) : Number(hours)
  return hour < 24 && Number(minutes) < 60 && (!half || Number(hours) <= 12)
    ? `${String(hour).padStart(2, '0')}:${minutes}`
    : undefined
}
