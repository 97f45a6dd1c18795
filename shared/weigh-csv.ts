import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'
import { KG_PER_POUND } from '#core/units'

dayjs.extend(utc)
dayjs.extend(timezone)
dayjs.extend(customParseFormat)

/** How the columns of a file are read. */
export interface CsvMapping {
  readonly timeColumn: string
  readonly kgColumn: string
  readonly unit: 'kg' | 'lb' | 'g'
  readonly decimal: '.' | ','
  /** Where the clock that wrote it stood, such as `Europe/London`; `UTC` for a clock without summer time. */
  readonly zone: string
}

type RowProblem =
  'no-time' | 'no-mass' | 'wrong-decimal' | 'other-unit' | 'skipped-hour' | 'doubled-hour' | 'out-of-range'

export type ReadRow =
  | { readonly ok: true; readonly at: string; readonly kg: number; readonly doubled?: true }
  | { readonly ok: false; readonly problem: RowProblem; readonly text: string }

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
const MOST_KG = 1000

/**
 * A reader of one file's rows: local time with its summer time, mass with its unit and decimal sign. It remembers the
 * form of the dates and the days on which the clock stands still.
 */
export function weighRowReader(mapping: CsvMapping): (row: Readonly<Record<string, string>>) => ReadRow {
  const readTime = timeReader(mapping.zone)
  return (row) => {
    const timeText = (row[mapping.timeColumn] ?? '').trim()
    const massText = (row[mapping.kgColumn] ?? '').trim()
    const mass = readMass(massText, mapping)
    if (typeof mass === 'string') return { ok: false, problem: mass, text: massText }
    const time = readTime(timeText)
    if (typeof time === 'string') return { ok: false, problem: time, text: timeText }
    return {
      ok: true,
      at: time.at,
      kg: Math.round(mass * 1000) / 1000,
      ...(time.doubled ? { doubled: true as const } : {}),
    }
  }
}

function readMass(text: string, { decimal, unit }: CsvMapping): number | RowProblem {
  const named = /(kg|lbs?|g)$/i.exec(text)?.[1]?.toLowerCase().replace('lbs', 'lb')
  if (named && named !== unit) return 'other-unit'
  const body = text.replace(/\s*(kg|lbs?|g)$/i, '')
  const other = decimal === '.' ? ',' : '.'
  if (body.includes(other)) return 'wrong-decimal'
  if (!/^[-−]?\d+(?:[.,]\d+)?$/.test(body)) return 'no-mass'
  const value = Number(body.replace(',', '.').replace('−', '-'))
  const kg = unit === 'lb' ? value * KG_PER_POUND : unit === 'g' ? value / 1000 : value
  return kg < 0 || kg > MOST_KG ? 'out-of-range' : kg
}

type Moment = { readonly at: string; readonly doubled: boolean }

/**
 * Reads local times of one zone. An hour that the clock skips is none; of an hour that it goes through twice the first
 * is taken, and said.
 */
function timeReader(zone: string): (text: string) => Moment | RowProblem {
  const offsets = new Map<string, number | null>()
  let usual: (typeof FORMATS)[number] = FORMATS[0]
  const parsed = (text: string) => {
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

function onChangingDay(plain: string, zone: string): Moment | RowProblem {
  const moment = dayjs.tz(plain, zone)
  const candidates = [moment.subtract(1, 'hour'), moment, moment.add(1, 'hour')].filter(
    (one) => one.tz(zone).format(PLAIN) === plain,
  )
  if (candidates.length === 0) return 'skipped-hour'
  return { at: candidates[0]!.toISOString(), doubled: candidates.length > 1 }
}

const PROBLEMS: Record<RowProblem, string> = {
  'no-time': 'is no date with a time: such as 2026-05-31 14:15',
  'no-mass': 'is no mass: such as 45.2',
  'wrong-decimal': 'has the other decimal sign: choose which one the file uses',
  'other-unit': 'names another unit than the one chosen',
  'skipped-hour': 'is an hour that the clock skips when summer time begins: choose the zone of the clock that wrote it',
  'doubled-hour': 'is an hour that comes twice',
  'out-of-range': 'is no mass that a hive has: from 0 to 1000 kg',
}

/** Why a row was left out, naming it. */
export function rowProblemInWords(row: number, { problem, text }: Extract<ReadRow, { ok: false }>): string {
  return `Row ${row}: “${text.slice(0, 40)}” ${PROBLEMS[problem]}.`
}
