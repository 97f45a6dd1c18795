import type { Length } from '../../../units'
import type { Dimensions, NormalContents, Pattern, PatternOf } from '../pattern'
import { BS1300, USDA, inches, label, memory } from '../sourced'
import type { Format } from '.'
import type { Footprint } from './format'

/** Rest as deep as the lug is thick: the top bars lie flush and the bee space is below. */
export const FLUSH_REST = inches('3/8', BS1300)
/** Rest a quarter inch deeper, so that the bee space is above. */
export const SUNK_REST = inches('5/8', USDA)

interface Box {
  readonly id: string
  readonly names: readonly [british: string, northAmerican: string]
  readonly depth: Length
  readonly restDepth: Length
  readonly usualRole: 'brood' | 'super'
  readonly contents?: NormalContents
  readonly sizes?: Dimensions
  readonly more?: Partial<Omit<PatternOf<'box'>, 'dimensions'>>
}

/** A box of a format, from its footprint. */
export function box(
  format: Format,
  { outsideLength, outsideWidth, insideLength, insideWidth, restToRest, material, nesting }: Footprint,
  { id, names, depth, restDepth, usualRole, contents, sizes = {}, more = {} }: Box,
): Pattern {
  const dimensions = {
    outsideLength,
    outsideWidth,
    insideLength,
    insideWidth,
    restToRest,
    restDepth,
    depth,
    ...(nesting ? { nesting } : {}),
    ...sizes,
  }
  return {
    format,
    material,
    usualRole,
    ...more,
    kind: 'box',
    id,
    label: label(...names),
    dimensions,
    normalContents: contents,
  }
}

const LANGSTROTH_SIZES = [
  ['deep', 'deep', '9 5/8', 'brood', 'deep'],
  ['medium', 'medium', '6 5/8', 'super', 'medium'],
  ['shallow', 'shallow', '5 11/16', 'super', 'shallow'],
  ['jumbo', 'jumbo', '11 5/8', 'brood', 'large'],
  ['deep-older', 'deep', '9 9/16', 'brood', undefined],
] as const

/** Langstroth boxes of these sizes, in a width of them. */
export function langstrothBoxes(format: Format, footprint: Footprint, sizes: readonly string[]): Pattern[] {
  const { frames, name, short } = footprint
  return LANGSTROTH_SIZES.filter(([size]) => sizes.includes(size)).map(([size, frame, depth, usualRole, place]) => {
    const word = size === 'deep-older' ? 'deep, older 9 9/16 in' : size
    const american =
      usualRole === 'brood'
        ? `${word === size ? `${size} hive body` : 'older deep hive body, 9 9/16 in'}`
        : `${size} super`
    const northAmerican = name === 'Langstroth' ? american : `${american}, ${name.replace('Langstroth', '').trim()}`
    return box(format, footprint, {
      id: `box-${short}-${size}`,
      names: [`${name} ${word}`, northAmerican],
      depth: inches(depth, USDA),
      restDepth: SUNK_REST,
      usualRole,
      contents: { framePatternId: `frame-langstroth-${frame}`, count: frames },
      ...(place ? { more: { size: place } } : {}),
    })
  })
}

const NATIONAL_SIZES = {
  brood: {
    name: 'brood',
    size: 'deep',
    depth: '8 7/8',
    frame: 'frame-national-deep',
    dummy: 'dummy-national-deep',
    role: 'brood',
  },
  super: {
    name: 'super',
    size: 'shallow',
    depth: '5 7/8',
    frame: 'frame-national-shallow',
    dummy: undefined,
    role: 'super',
  },
  '14x12': {
    name: '14×12',
    size: 'large',
    depth: '12 3/8',
    frame: 'frame-national-14x12',
    dummy: 'dummy-national-14x12',
    role: 'brood',
  },
} as const

/** A National box with its space at the bottom, and its twin with the space on top. */
export function nationalBoxes(footprint: Footprint, size: keyof typeof NATIONAL_SIZES): Pattern[] {
  const { name, depth, frame, dummy, role, size: place } = NATIONAL_SIZES[size]
  const contents = { framePatternId: frame, count: 11, ...(dummy ? { dummyPatternId: dummy } : {}) }
  const words = size === '14x12' ? name : `National ${name}`
  const ids = { bottom: `box-national-${size}`, top: `box-national-${size}-top-space` }
  return (['bottom', 'top'] as const).map((space) =>
    box('national', footprint, {
      id: ids[space],
      names: [`${words}, ${space} space`, `${words}, ${space} space`],
      depth: inches(depth, BS1300),
      restDepth: space === 'bottom' ? FLUSH_REST : SUNK_REST,
      usualRole: role,
      contents,
      more: { twinId: ids[space === 'bottom' ? 'top' : 'bottom'], size: place, space },
    }),
  )
}

/** A polystyrene National box. */
export function polyNational(format: Format, footprint: Footprint, size: 'brood' | 'super'): Pattern {
  const { name, short, frames } = footprint
  const { depth, frame, role, size: place } = NATIONAL_SIZES[size]
  const words = `${name} ${size}`
  return box(format, footprint, {
    id: `box-${short}-${size}`,
    names: [words, words],
    depth: memory(inches(depth, BS1300).mm, 'polystyrene'),
    restDepth: FLUSH_REST,
    usualRole: role,
    contents: {
      framePatternId: frame === 'frame-national-shallow' ? 'frame-national-shallow-self-spacing' : frame,
      count: frames,
    },
    more: { size: place },
  })
}
