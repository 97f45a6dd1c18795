import type { UnitSystem } from './show-length'

const MM_PER_INCH = 25.4

/** A height of the body as people say it: `163 cm`, `5 ft 4 in`. */
export function showStature(mm: number, units: UnitSystem): string {
  if (units === 'mm') return `${Math.round(mm / 10)} cm`
  const inches = Math.round(mm / MM_PER_INCH)
  const [feet, rest] = [Math.floor(inches / 12), inches % 12]
  return [feet > 0 ? `${feet} ft` : '', rest > 0 || feet === 0 ? `${rest} in` : ''].filter(Boolean).join(' ')
}

const NUMBER = String.raw`(\d{1,3}(?:[.,]\d{1,2})?)`
const FEET = new RegExp(String.raw`^(\d)\s*(?:ft|feet|foot|'|′)\s*(?:${NUMBER}\s*(?:in|inch|inches|"|″|'')?)?$`)
const PLAIN = new RegExp(String.raw`^${NUMBER}\s*(m|cm|mm|in|inch|inches|"|″)?$`)

/**
 * Reads a height of the body as people type it: `163`, `163 cm`, `1.63 m`, `5 ft 4`, `5'4"`, `64 in`; mm, or null where
 * it is none. A bare number is centimetres, or inches where those are switched on.
 */
export function parseStature(text: string, units: UnitSystem): number | null {
  const typed = text.trim().toLowerCase()
  const figure = (written: string | undefined) => Number((written ?? '0').replace(',', '.'))
  const feet = FEET.exec(typed)
  if (feet) return figure(feet[2]) < 12 ? (figure(feet[1]) * 12 + figure(feet[2])) * MM_PER_INCH : null
  const plain = PLAIN.exec(typed)
  if (!plain) return null
  const value = figure(plain[1])
  const unit = plain[2] ?? (units === 'mm' ? 'cm' : 'in')
  if (unit === 'm') return value * 1000
  if (unit === 'cm') return value * 10
  return unit === 'mm' ? value : value * MM_PER_INCH
}
