import Fraction from 'fraction.js'
import { MM_PER_INCH } from './length'

/** How a length reads in inches: the fraction, and whether the true value is above or below it. */
export interface InchReading {
  readonly text: string
  /** The fraction as a number. */
  readonly inches: number
  /** −1: the true value is a little less than the fraction; 0: the same; 1: a little more. */
  readonly side: -1 | 0 | 1
}

const SAME_MM = 0.006

/**
 * The length in inches to the nearest sixteenth (or other part of an inch), as a mixed fraction in lowest terms.
 * @param mm millimetres, either sign
 * @param parts into how many parts the inch is divided
 * @returns for 244.475 `{ text: '9 5/8', side: 0, … }`; for 7 `{ text: '1/4', side: 1, … }`
 * Common practice of the trade: rulers and drawings in sixteenths.
 */
export function inchReading(mm: number, parts = 16): InchReading {
  const count = Math.round((mm / MM_PER_INCH) * parts)
  const text = new Fraction(count, parts).toFraction(true)
  const shownMm = (count / parts) * MM_PER_INCH
  const side = Math.abs(mm - shownMm) < SAME_MM ? 0 : mm > shownMm ? 1 : -1
  return { text, inches: count / parts, side }
}

/** Inches as a number from a mixed fraction such as `9 5/8`; undefined when it is none. */
export function inchesFromFraction(text: string): number | undefined {
  const match = /^(\d+)?(?:(?:^|[\s-]+)(\d+)\s*\/\s*(\d+))?$/.exec(text.trim())
  if (!match || text.trim() === '') return undefined
  const [, whole = '0', over = '0', under = '1'] = match
  if (Number(under) === 0) return undefined
  return new Fraction(Number(over), Number(under)).add(Number(whole)).valueOf()
}

const VULGAR: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
}

/** A text with the signs of fractions, `½`, spelled out, ` 1/2`. */
export function spelledFractions(text: string): string {
  return text.replace(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${VULGAR[sign]}`).trim()
}
