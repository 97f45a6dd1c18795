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

export type RowProblem = 'no-time' | 'no-mass' | 'wrong-decimal' | 'other-unit' | 'skipped-hour' | 'doubled-hour' | 'out-of-range'

export type ReadRow = { readonly ok: true; readonly at: string; readonly kg: number; readonly doubled?: true } | { readonly ok: false; readonly problem: RowProblem; readonly text: string }

const FORMATS = ['YYYY-MM-DD HH:mm:ss', 'YYYY-MM-DD HH:mm', 'YYYY-MM-DDTHH:mm:ss', 'YYYY-MM-DDTHH:mm', 'DD.MM.YYYY HH:mm', 'DD/MM/YYYY HH:mm', 'DD.MM.YYYY HH:mm:ss', 'DD/MM/YYYY HH:mm:ss'] as const
const MOST_KG = 1000

/** Reads the columns of one row: local time with its summer time, mass with its unit and decimal sign. */
export function readWeighRow(row: Readonly<Record<string, string>>, mapping: CsvMapping): ReadRow {
  const timeText = (row[mapping.timeColumn] ?? '').trim()
  const massText = (row[mapping.kgColumn] ?? '').trim()
  const mass = readMass(massText, mapping)
  if (typeof mass === 'string') return { ok: false, problem: mass, text: massText }
  const time = readTime(timeText, mapping.zone)
  if (typeof time === 'string') return { ok: false, problem: time, text: timeText }
  return { ok: true, at: time.at, kg: Math.round(mass * 1000) / 1000, ...(time.doubled ? { doubled: true as const } : {}) }
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

/** The moment of a local time. An hour that the clock skips is none; of an hour that it goes through twice the first is taken, and said. */
function readTime(text: string, zone: string): { at: string; doubled: boolean } | RowProblem {
  if (/(?:Z|[+-]\d{2}:?\d{2})$/.test(text) && dayjs(text).isValid()) return { at: dayjs(text).toISOString(), doubled: false }
  const format = FORMATS.find((one) => dayjs(text, one, true).isValid())
  if (!format) return 'no-time'
  const plain = dayjs(text, format, true).format('YYYY-MM-DDTHH:mm:ss')
  let moment: dayjs.Dayjs
  try {
    moment = dayjs.tz(plain, zone)
  } catch {
    return 'no-time'
  }
  const local = (one: dayjs.Dayjs) => one.tz(zone).format('YYYY-MM-DDTHH:mm:ss')
  const candidates = [moment.subtract(1, 'hour'), moment, moment.add(1, 'hour')].filter((one) => local(one) === plain)
  if (candidates.length === 0) return 'skipped-hour'
  return { at: candidates[0]!.toISOString(), doubled: candidates.length > 1 }
}

const PROBLEMS: Record<RowProblem, string> = {
  'no-time': 'is no date with a time: such as 2026-05-31 14:15', 'no-mass': 'is no mass: such as 45.2', 'wrong-decimal': 'has the other decimal sign: choose which one the file uses', 'other-unit': 'names another unit than the one chosen',
  'skipped-hour': 'is an hour that the clock skips when summer time begins: choose the zone of the clock that wrote it', 'doubled-hour': 'is an hour that comes twice', 'out-of-range': 'is no mass that a hive has: from 0 to 1000 kg',
}

/** Why a row was left out, naming it. */
export function rowProblemInWords(row: number, { problem, text }: Extract<ReadRow, { ok: false }>): string {
  return `Row ${row}: “${text.slice(0, 40)}” ${PROBLEMS[problem]}.`
}
