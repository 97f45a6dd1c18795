import { isOneOf, keysOf } from '../../../units'
import type { Dimensions } from '../pattern'
import { SIXTEEN_BY_TEN } from './16x10'
import { LANGSTROTH_10 } from './langstroth-10'
import { LANGSTROTH_5 } from './langstroth-5'
import { LANGSTROTH_8 } from './langstroth-8'
import { LANGSTROTH_8_NARROW } from './langstroth-8-narrow'
import { NATIONAL } from './national'
import { NATIONAL_6 } from './national-6'
import { POLY_LANGSTROTH_10 } from './poly-langstroth-10'
import { POLY_NATIONAL_11 } from './poly-national-11'
import { POLY_NATIONAL_12 } from './poly-national-12'
import type { HiveFormat } from './format'

/** Every format of hive that ships: one file a format, one line here. */
const LIST = {
  'langstroth-10': LANGSTROTH_10,
  national: NATIONAL,
  'langstroth-8': LANGSTROTH_8,
  'langstroth-8-narrow': LANGSTROTH_8_NARROW,
  'langstroth-5': LANGSTROTH_5,
  'national-6': NATIONAL_6,
  '16x10': SIXTEEN_BY_TEN,
  'poly-langstroth-10': POLY_LANGSTROTH_10,
  'poly-national-11': POLY_NATIONAL_11,
  'poly-national-12': POLY_NATIONAL_12,
} as const satisfies Readonly<Record<string, HiveFormat>>
/** A format with all that belongs to it, as its file tells. */
export type Format = keyof typeof LIST
export const FORMATS = keysOf(LIST)
export const HIVE_FORMATS: Readonly<Record<Format, HiveFormat>> = LIST

/** The format that something is of when nothing says otherwise. */
export const STARTING_FORMAT: Format = 'langstroth-10'

/** True for a format that ships; a pattern of the keeper’s own may name another. */
export function isFormat(format: string): format is Format {
  return isOneOf(FORMATS, format)
}

/** The name of a format; one that does not ship is called what it is called. */
export function formatName(format: string): string {
  return isFormat(format) ? HIVE_FORMATS[format].name : format
}

/** Outside of the boxes of each format, which everything that bears on them shares. */
export function outsideOf(format: Format): Required<Pick<Dimensions, 'outsideLength' | 'outsideWidth'>> {
  const { outsideLength, outsideWidth } = HIVE_FORMATS[format]
  return { outsideLength, outsideWidth }
}

export type { StartStack } from './format'
