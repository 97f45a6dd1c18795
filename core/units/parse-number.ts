import { inchesFromFraction, spelledFractions } from './inch-fraction'
import type { UnitSystem } from './show-length'
import { celsiusFrom } from './temperature'

/**
 * A number as people type it: `12`, `12,5`, `1 200`, `2 1/2`, `½`, `−3`; undefined where it is none. A comma before
 * three figures parts thousands where whole numbers are asked, and could be either elsewhere: there it is none.
 */
export function parseNumber(text: string, decimals = 0): number | undefined {
  const plain = spelledFractions(text)
  const isLess = /^[-−–]/.test(plain)
  const figure = plain.slice(isLess ? 1 : 0).trim()
  const value = figure.includes('/') ? inchesFromFraction(figure) : decimalOf(figure, decimals)
  return value === undefined ? undefined : isLess ? -value : value
}

function decimalOf(figure: string, decimals: number): number | undefined {
  if (/^\d{1,3}([ ,\u00a0\u202f]\d{3})+$/.test(figure))
    return decimals > 0 && figure.includes(',') ? undefined : Number(figure.replace(/\D/g, ''))
  return /^(\d+([.,]\d*)?|[.,]\d+)$/.test(figure) ? Number(figure.replace(',', '.')) : undefined
}

/** A temperature as people type it, °C: `50 °F`, `10C`, or a bare number in the unit that is switched on. */
export function parseTemperature(text: string, units: UnitSystem): number | undefined {
  const [, figure = '', letter] = /^(.*?)\s*°?\s*([cf])?$/i.exec(text.trim()) ?? []
  const value = parseNumber(figure, 1)
  if (value === undefined) return undefined
  const isCelsius = letter ? letter.toLowerCase() === 'c' : units === 'mm'
  return isCelsius ? value : celsiusFrom(value)
}
