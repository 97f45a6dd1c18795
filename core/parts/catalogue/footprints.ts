import { isOneOf, type Length } from '../../units'
import type { Dimensions } from './pattern'
import { BS1300, MEMORY, USDA, inches, memory, mm } from './sourced'

export const FORMATS = [
  'langstroth-10',
  'langstroth-8',
  'langstroth-8-narrow',
  'langstroth-5',
  'national',
  'national-6',
  '16x10',
  'poly-langstroth-10',
  'poly-national-11',
  'poly-national-12',
] as const
export type Format = (typeof FORMATS)[number]

/** The format that something is of when nothing says otherwise. */
export const STARTING_FORMAT: Format = 'langstroth-10'

/** True for a format that ships; a pattern of the keeper’s own may name another. */
export function isFormat(format: string): format is Format {
  return isOneOf(FORMATS, format)
}

/** The name of a format; one that does not ship is called what it is called. */
export function formatName(format: string): string {
  return isFormat(format) ? FOOTPRINTS[format].name : format
}

/** The plan of a format's boxes: outside, inside, and the length free for the top bar. */
export interface Footprint {
  readonly outsideLength: Length
  readonly outsideWidth: Length
  readonly insideLength: Length
  readonly insideWidth: Length
  readonly restToRest: Length
  readonly material: 'wood' | 'polystyrene'
  readonly frames: number
  readonly name: string
  readonly short: string
  /** The same make eight frames wide. */
  readonly narrower?: Format
  /** The format of its nuclei. */
  readonly nucleus?: Format
  /** The format whose supers go on its brood boxes, where it has none of its own. */
  readonly supersOf?: Format
  /** How far interlocking edges reach into each other. */
  readonly nesting?: Length
}

const LANGSTROTH_LENGTHS = {
  outsideLength: inches('19 7/8', USDA),
  insideLength: inches('18 3/8', USDA),
  restToRest: inches('19 1/8', USDA),
  material: 'wood',
} as const
const NATIONAL_LENGTHS = {
  outsideLength: inches('18 1/8', BS1300),
  insideLength: mm(370, MEMORY),
  restToRest: inches('17 1/8', MEMORY),
  material: 'wood',
} as const

/** Every footprint of the list, by format. */
export const FOOTPRINTS: Readonly<Record<Format, Footprint>> = {
  'langstroth-10': {
    nucleus: 'langstroth-5',
    ...LANGSTROTH_LENGTHS,
    outsideWidth: inches('16 1/4', USDA),
    insideWidth: inches('14 3/4', USDA),
    frames: 10,
    name: 'Langstroth',
    short: 'langstroth',
    narrower: 'langstroth-8',
  },
  'langstroth-8': {
    nucleus: 'langstroth-5',
    ...LANGSTROTH_LENGTHS,
    outsideWidth: inches('14', MEMORY),
    insideWidth: inches('12 1/2', MEMORY),
    frames: 8,
    name: '8-frame Langstroth',
    short: 'langstroth-8',
  },
  'langstroth-8-narrow': {
    ...LANGSTROTH_LENGTHS,
    outsideWidth: inches('13 3/4', MEMORY),
    insideWidth: inches('12 1/4', MEMORY),
    frames: 8,
    name: 'narrow 8-frame Langstroth',
    short: 'langstroth-8-narrow',
  },
  'langstroth-5': {
    ...LANGSTROTH_LENGTHS,
    outsideWidth: inches('9', MEMORY),
    insideWidth: inches('7 1/2', MEMORY),
    frames: 5,
    name: '5-frame nucleus',
    short: 'langstroth-5',
  },
  national: {
    nucleus: 'national-6',
    ...NATIONAL_LENGTHS,
    outsideWidth: inches('18 1/8', BS1300),
    insideWidth: inches('16 5/8', BS1300),
    frames: 11,
    name: 'National',
    short: 'national',
  },
  'national-6': {
    ...NATIONAL_LENGTHS,
    outsideWidth: mm(270, MEMORY),
    insideWidth: mm(222, MEMORY),
    frames: 6,
    name: 'National nucleus',
    short: 'national-6',
  },
  '16x10': {
    outsideLength: mm(465, MEMORY),
    outsideWidth: mm(465, MEMORY),
    insideLength: inches('16 5/8', MEMORY),
    insideWidth: inches('16 5/8', MEMORY),
    restToRest: inches('17 3/8', MEMORY),
    material: 'wood',
    frames: 11,
    name: '16×10',
    short: '16x10',
    supersOf: 'national',
  },
  'poly-langstroth-10': {
    outsideLength: memory(560, 'polystyrene'),
    outsideWidth: memory(460, 'polystyrene'),
    insideLength: memory(466.725, 'polystyrene'),
    insideWidth: memory(374.65, 'polystyrene'),
    restToRest: memory(485.775, 'polystyrene'),
    material: 'polystyrene',
    frames: 10,
    name: 'polystyrene Langstroth',
    short: 'poly-langstroth',
  },
  'poly-national-11': {
    outsideLength: memory(500, 'polystyrene'),
    outsideWidth: memory(500, 'polystyrene'),
    insideLength: memory(370, 'polystyrene'),
    insideWidth: memory(422, 'polystyrene'),
    restToRest: memory(435, 'polystyrene'),
    material: 'polystyrene',
    frames: 11,
    name: 'flat-edged polystyrene National',
    short: 'poly-national',
  },
  'poly-national-12': {
    outsideLength: memory(500, 'polystyrene'),
    outsideWidth: memory(537, 'polystyrene'),
    insideLength: memory(370, 'polystyrene'),
    insideWidth: memory(457, 'polystyrene'),
    restToRest: memory(435, 'polystyrene'),
    material: 'polystyrene',
    frames: 12,
    name: 'interlocking polystyrene National',
    short: 'poly-national-12',
    nesting: memory(8, 'polystyrene'),
  },
}

/** Outside of the boxes of each format, which everything that bears on them shares. */
export function outsideOf(format: Format): Required<Pick<Dimensions, 'outsideLength' | 'outsideWidth'>> {
  const { outsideLength, outsideWidth } = FOOTPRINTS[format]
  return { outsideLength, outsideWidth }
}

export const RIM_WIDTH = mm(19, MEMORY)
