import type { UnitSystem } from './show-length'

/** Exact by definition (NIST SP 811, Appendix B.8: 1 lb = 4.535 923 7 E-01 kg). */
export const KG_PER_POUND = 0.45359237

/** Pounds in a number of kilograms (exact conversion, NIST SP 811). */
export function poundsFromKg(kg: number): number {
  return kg / KG_PER_POUND
}

/** A mass as it is shown: `23.5 kg`, `51.8 lb`; kilograms go with millimetres, pounds with inches. */
export function showMass(kg: number, units: UnitSystem, decimals = 1): string {
  return `${massFigure(kg, units, decimals)} ${massUnit(units)}`
}

/** The figure alone, to a tenth where nothing else is asked for. */
export function massFigure(kg: number, units: UnitSystem, decimals = 1): string {
  return (units === 'mm' ? kg : poundsFromKg(kg)).toFixed(decimals)
}

export function massUnit(units: UnitSystem): 'kg' | 'lb' {
  return units === 'mm' ? 'kg' : 'lb'
}

/** Why a text is not taken as a mass. */
export type MassProblem = 'empty' | 'not-a-mass' | 'negative' | 'two-units' | 'out-of-range'

/** What a typed mass was read as, kg, or why it was not. */
export type ParsedMass =
  { readonly ok: true; readonly kg: number } | { readonly ok: false; readonly problem: MassProblem }

const FIGURE = String.raw`(\d{1,4}(?:[.,]\d{1,3})?)`
const POUNDS = String.raw`(lbs?|pounds?)(?:\s*(\d{1,2}(?:[.,]\d)?)\s*(?:oz|ounces?))?`
const MASS = new RegExp(String.raw`^${FIGURE}\s*(?:(kg|kilos?|kilograms?)|${POUNDS})?$`)

/**
 * Reads a mass as people type it: `45`, `45,5 kg`, `98 lb`, `98 lb 8 oz`. A bare number is in the unit that is switched
 * on.
 */
export function parseMass(
  text: string,
  units: UnitSystem,
  limits: { readonly leastKg: number; readonly mostKg: number },
): ParsedMass {
  const rest = text.trim().toLowerCase()
  if (rest === '') return { ok: false, problem: 'empty' }
  if (/^[-−–]/.test(rest)) return { ok: false, problem: 'negative' }
  if (/kg/.test(rest) && /lb|oz/.test(rest)) return { ok: false, problem: 'two-units' }
  const match = MASS.exec(rest)
  if (!match) return { ok: false, problem: 'not-a-mass' }
  const value = Number(match[1]!.replace(',', '.'))
  const pounds = match[3] !== undefined || (match[2] === undefined && units === 'inches')
  const kg = pounds ? (value + Number((match[4] ?? '0').replace(',', '.')) / 16) * KG_PER_POUND : value
  return kg < limits.leastKg || kg > limits.mostKg ? { ok: false, problem: 'out-of-range' } : { ok: true, kg }
}

/** Standard acceleration of a falling body, m/s² (NIST SP 330, exact). */
export const STANDARD_GRAVITY_MS2 = 9.80665
