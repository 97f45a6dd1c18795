import { celsiusFrom } from '#core/units'
import type { AirReading } from '#core/heat'
import { AIR_LIMITS } from './readings/air'
import { TIME_PROBLEMS, timeReader, type TimeProblem } from './csv-time'

/** How the columns of a file of readings of the air are read. */
export interface AirMapping {
  readonly timeColumn: string
  readonly warmColumn: string
  /** Empty where none was measured. */
  readonly dampColumn: string
  readonly unit: 'C' | 'F'
  readonly decimal: '.' | ','
  /** Where the clock that wrote it stood, such as `Europe/London`; `UTC` for a clock without summer time. */
  readonly zone: string
}

type RowProblem =
  TimeProblem | 'no-warmth' | 'wrong-decimal' | 'other-unit' | 'out-of-range' | 'no-damp' | 'damp-out' | 'to-come'

/** A row of a file of air readings, or what is wrong with it. */
export type ReadAirRow =
  | { readonly ok: true; readonly reading: AirReading; readonly doubled?: true }
  | { readonly ok: false; readonly problem: RowProblem; readonly text: string }

/** A clock that is further ahead than this has jumped. */
const AHEAD_MS = 86_400_000

/**
 * A reader of one file's rows: local time with its summer time, temperature with its unit, humidity in per cent.
 * @param now the moment it is, ms: what a clock says of days to come is left out
 */
export function airRowReader(mapping: AirMapping, now: number): (row: Readonly<Record<string, string>>) => ReadAirRow {
  const readTime = timeReader(mapping.zone)
  const textOf = (row: Readonly<Record<string, string>>, column: string) => (row[column] ?? '').trim()
  return (row) => {
    const warmText = textOf(row, mapping.warmColumn)
    const warm = readFigure(warmText, mapping.decimal, /\s*°?\s*([CF])$/i)
    if (typeof warm === 'string') return { ok: false, problem: warm === 'no' ? 'no-warmth' : warm, text: warmText }
    if (warm.unit && warm.unit.toUpperCase() !== mapping.unit)
      return { ok: false, problem: 'other-unit', text: warmText }
    const celsius = mapping.unit === 'F' ? celsiusFrom(warm.value) : warm.value
    if (celsius < AIR_LIMITS.leastCelsius || celsius > AIR_LIMITS.mostCelsius)
      return { ok: false, problem: 'out-of-range', text: warmText }
    const dampText = mapping.dampColumn ? textOf(row, mapping.dampColumn) : ''
    const damp = dampText === '' ? null : readFigure(dampText, mapping.decimal, /\s*(%)$/)
    if (typeof damp === 'string') return { ok: false, problem: damp === 'no' ? 'no-damp' : damp, text: dampText }
    if (damp && (damp.value < 0 || damp.value > 100)) return { ok: false, problem: 'damp-out', text: dampText }
    const timeText = textOf(row, mapping.timeColumn)
    const time = readTime(timeText)
    if (typeof time === 'string') return { ok: false, problem: time, text: timeText }
    if (Date.parse(time.at) > now + AHEAD_MS) return { ok: false, problem: 'to-come', text: timeText }
    const reading = {
      at: time.at,
      celsius: Math.round(celsius * 100) / 100,
      humidityPercent: damp ? Math.round(damp.value * 10) / 10 : null,
    }
    return { ok: true, reading, ...(time.doubled ? { doubled: true as const } : {}) }
  }
}

function readFigure(
  text: string,
  decimal: '.' | ',',
  ending: RegExp,
): { readonly value: number; readonly unit: string | undefined } | 'no' | 'wrong-decimal' {
  const unit = ending.exec(text)?.[1]
  const body = text.replace(ending, '')
  if (body.includes(decimal === '.' ? ',' : '.')) return 'wrong-decimal'
  if (!/^[-−]?\d+(?:[.,]\d+)?$/.test(body)) return 'no'
  return { value: Number(body.replace(',', '.').replace('−', '-')), unit }
}

const PROBLEMS: Record<RowProblem, string> = {
  ...TIME_PROBLEMS,
  'no-warmth': 'is no temperature: such as 12.5',
  'wrong-decimal': 'has the other decimal sign: choose which one the file uses',
  'other-unit': 'names another unit than the one chosen',
  'out-of-range': 'is no temperature that a hive has: from −60 to 80 °C',
  'no-damp': 'is no humidity: such as 78',
  'damp-out': 'is no humidity: from 0 to 100 %',
  'to-come': 'is a day to come: the clock that wrote it has jumped',
}

/** Why a row was left out, naming it. */
export function airRowProblemInWords(row: number, { problem, text }: Extract<ReadAirRow, { ok: false }>): string {
  return `Row ${row}: “${text.slice(0, 40)}” ${PROBLEMS[problem]}.`
}
