import { KG_PER_POUND } from '#core/units'
import { MOST_KG } from './readings/weight'
import { TIME_PROBLEMS, timeReader, type TimeProblem } from './csv-time'

/** How the columns of a file are read. */
export interface CsvMapping {
  readonly timeColumn: string
  readonly kgColumn: string
  readonly unit: 'kg' | 'lb' | 'g'
  readonly decimal: '.' | ','
  /** Where the clock that wrote it stood, such as `Europe/London`; `UTC` for a clock without summer time. */
  readonly zone: string
}

type RowProblem = TimeProblem | 'no-mass' | 'wrong-decimal' | 'other-unit' | 'doubled-hour' | 'out-of-range'

/** A row of a file of weighings, or what is wrong with it. */
export type ReadRow =
  | { readonly ok: true; readonly at: string; readonly kg: number; readonly doubled?: true }
  | { readonly ok: false; readonly problem: RowProblem; readonly text: string }

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

const PROBLEMS: Record<RowProblem, string> = {
  ...TIME_PROBLEMS,
  'no-mass': 'is no mass: such as 45.2',
  'wrong-decimal': 'has the other decimal sign: choose which one the file uses',
  'other-unit': 'names another unit than the one chosen',
  'doubled-hour': 'is an hour that comes twice',
  'out-of-range': 'is no mass that a hive has: from 0 to 1000 kg',
}

/** Why a row was left out, naming it. */
export function rowProblemInWords(row: number, { problem, text }: Extract<ReadRow, { ok: false }>): string {
  return `Row ${row}: “${text.slice(0, 40)}” ${PROBLEMS[problem]}.`
}
