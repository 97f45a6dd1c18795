import { inchesFromFraction, spelledFractions } from './inch-fraction'
import { mmFromInches, roundTo } from './length'
import type { UnitSystem } from './show-length'

/** What a typed length was read as, mm, or why it was not. */
export type ParsedLength =
  | { readonly ok: true; readonly mm: number; readonly inches?: string }
  | { readonly ok: false; readonly problem: LengthProblem; readonly readings?: readonly string[] }

/** Why a text is not taken as a length. */
export type LengthProblem = 'empty' | 'not-a-length' | 'negative' | 'mixed-units' | 'ambiguous-comma' | 'out-of-range'

/** The shortest and the longest that a length may be, mm. */
export interface LengthLimits {
  readonly minMm: number
  readonly maxMm: number
}

const INCH = /(?:\s*(?:in\.?|inch|inches|"|″|”|''))$/i
const METRIC = /\s*(mm|millimet(?:re|er)s?|cm|centimet(?:re|er)s?|m|met(?:re|er)s?)$/i

/**
 * Reads a length as people type it: `9 5/8`, `9-5/8"`, `244mm`, `24.4 cm`, `24,4 cm`, `1 ft 4 1/4 in`.
 * A bare number is in the unit system that is switched on; a fraction is inches, whatever is switched on.
 * @param text what was typed
 * @param units the unit meant when none is typed
 * @param limits the smallest and largest length that makes sense here, in mm
 * @returns millimetres, or the problem as a word for the wording module; a comma that
 * could be a decimal sign or a thousands sign (`1,234`) comes back with both readings
 */
export function parseLength(text: string, units: UnitSystem, limits: LengthLimits): ParsedLength {
  let rest = text
    .trim()
    .normalize('NFC')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/[\u2044\u2215]/g, '/')
  rest = spelledFractions(rest)
  if (rest === '') return { ok: false, problem: 'empty' }
  if (/^[-−–]/.test(rest)) return { ok: false, problem: 'negative' }
  const inches = INCH.test(rest)
  const metric = METRIC.exec(rest)
  const body = inches ? rest.replace(INCH, '').trim() : metric ? rest.slice(0, metric.index).trim() : rest
  if (/(mm|cm|"|″|in\b|inch)/i.test(body)) return { ok: false, problem: 'mixed-units' }
  const feet = /^(\d+)\s*(?:ft|feet|foot|'|′)\s*(.*)$/i.exec(body)
  if (feet && metric) return { ok: false, problem: 'mixed-units' }
  if (/^\d{1,3}(,\d{3})+$/.test(body)) {
    const unit = inches ? ' in' : metric ? ` ${metric[1]}` : ''
    return {
      ok: false,
      problem: 'ambiguous-comma',
      readings: [body.replace(',', '.') + unit, body.replaceAll(',', '') + unit],
    }
  }
  const inInches = inches || feet !== null || (!metric && (units === 'inches' || body.includes('/')))
  const figure = feet ? feetAndInches(feet[1]!, feet[2]!) : readFigure(body, inInches)
  if (figure === undefined || !Number.isFinite(figure)) return { ok: false, problem: 'not-a-length' }
  const mm = inInches ? mmFromInches(figure) : roundTo(figure * mmPer(metric?.[1]), 6)
  if (mm < limits.minMm || mm > limits.maxMm) return { ok: false, problem: 'out-of-range' }
  const fraction = body.replace(/(\d)-(?=\d)/, '$1 ').replace(/\s*\/\s*/, '/')
  return inInches && fraction.includes('/') && !feet ? { ok: true, mm, inches: fraction } : { ok: true, mm }
}

function readFigure(body: string, fractionsAllowed: boolean): number | undefined {
  if (/^\d*[.,]?\d+$|^\d+[.,]$/.test(body)) return Number(body.replace(',', '.'))
  return fractionsAllowed || body.includes('/') ? inchesFromFraction(body) : undefined
}

function feetAndInches(feet: string, inches: string): number | undefined {
  const more = inches === '' ? 0 : readFigure(inches, true)
  return more === undefined ? undefined : Number(feet) * 12 + more
}

function mmPer(unit: string | undefined): number {
  const first = (unit ?? 'mm').toLowerCase()
  if (first.startsWith('mm') || first.startsWith('milli')) return 1
  return first.startsWith('c') ? 10 : 1000
}
