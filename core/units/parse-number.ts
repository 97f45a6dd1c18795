import { inchesFromFraction } from './inch-fraction'

const GLYPHS: Readonly<Record<string, string>> = { '½': ' 1/2', '¼': ' 1/4', '¾': ' 3/4', '⅓': ' 1/3', '⅔': ' 2/3' }

/**
 * A number as people type it: `12`, `12,5`, `1 200`, `2 1/2`, `½`, `−3`; undefined where it is none. A comma before
 * three figures parts thousands where whole numbers are asked, and could be either elsewhere: there it is none.
 */
export function parseNumber(text: string, decimals = 0): number | undefined {
  const plain = text
    .trim()
    .replace(/[½¼¾⅓⅔]/g, (glyph) => GLYPHS[glyph]!)
    .replace(/^[−–]/, '-')
    .trim()
  const isLess = plain.startsWith('-')
  const figure = plain.slice(isLess ? 1 : 0)
  const value = figure.includes('/') ? inchesFromFraction(figure) : decimalOf(figure, decimals)
  return value === undefined ? undefined : isLess ? -value : value
}

function decimalOf(figure: string, decimals: number): number | undefined {
  if (/^\d{1,3}([ ,\u00a0\u202f]\d{3})+$/.test(figure))
    return decimals > 0 && figure.includes(',') ? undefined : Number(figure.replace(/\D/g, ''))
  return /^(\d+([.,]\d*)?|[.,]\d+)$/.test(figure) ? Number(figure.replace(',', '.')) : undefined
}

/** A temperature as people type it, °C: `50 °F`, `10C`, or a bare number in the unit that is switched on. */
export function parseTemperature(text: string, isMetric: boolean): number | undefined {
  const match = /^(.*?)\s*°?\s*([cf])?$/i.exec(text.trim())
  const value = match ? parseNumber(match[1]!, 1) : undefined
  if (value === undefined) return undefined
  const isCelsius = match![2] ? match![2].toLowerCase() === 'c' : isMetric
  return isCelsius ? value : (value - 32) / 1.8
}
