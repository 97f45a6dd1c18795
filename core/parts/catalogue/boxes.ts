import { FOOTPRINTS, type Format } from './footprints'
import type { Dimensions, NormalContents, Pattern, PatternOf } from './pattern'
import { BS1300, FLUSH, MEMORY, USDA, inches, label, massFromMemory, memory, mm } from './sourced'
import type { Length } from '../../units'

/** Rest as deep as the lug is thick: the top bars lie flush and the bee space is below. */
const FLUSH_REST = inches('3/8', BS1300)
/** Rest a quarter inch deeper, so that the bee space is above. */
const SUNK_REST = inches('5/8', USDA)

interface Box {
  readonly id: string
  readonly format: Format
  readonly names: readonly [british: string, northAmerican: string]
  readonly depth: Length
  readonly restDepth: Length
  readonly usualRole: 'brood' | 'super'
  readonly contents?: NormalContents
  readonly sizes?: Dimensions
  readonly more?: Partial<Omit<PatternOf<'box'>, 'dimensions'>>
}

function box({ id, format, names, depth, restDepth, usualRole, contents, sizes = {}, more = {} }: Box): Pattern {
  const { outsideLength, outsideWidth, insideLength, insideWidth, restToRest, material, nesting } = FOOTPRINTS[format]
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

function langstrothBoxes(format: Format, sizes: readonly string[]): Pattern[] {
  const { frames, name, short } = FOOTPRINTS[format]
  return LANGSTROTH_SIZES.filter(([size]) => sizes.includes(size)).map(([size, frame, depth, usualRole, place]) => {
    const word = size === 'deep-older' ? 'deep, older 9 9/16 in' : size
    const american =
      usualRole === 'brood'
        ? `${word === size ? `${size} hive body` : 'older deep hive body, 9 9/16 in'}`
        : `${size} super`
    const northAmerican =
      format === 'langstroth-10' ? american : `${american}, ${name.replace('Langstroth', '').trim()}`
    return box({
      id: `box-${short}-${size}`,
      format,
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
function nationalBoxes(size: keyof typeof NATIONAL_SIZES): Pattern[] {
  const { name, depth, frame, dummy, role, size: place } = NATIONAL_SIZES[size]
  const contents = { framePatternId: frame, count: 11, ...(dummy ? { dummyPatternId: dummy } : {}) }
  const words = size === '14x12' ? name : `National ${name}`
  const ids = { bottom: `box-national-${size}`, top: `box-national-${size}-top-space` }
  return (['bottom', 'top'] as const).map((space) =>
    box({
      id: ids[space],
      format: 'national',
      names: [`${words}, ${space} space`, `${words}, ${space} space`],
      depth: inches(depth, BS1300),
      restDepth: space === 'bottom' ? FLUSH_REST : SUNK_REST,
      usualRole: role,
      contents,
      more: { twinId: ids[space === 'bottom' ? 'top' : 'bottom'], size: place, space },
    }),
  )
}

function polyNational(format: 'poly-national-11' | 'poly-national-12', size: 'brood' | 'super'): Pattern {
  const { name, short, frames } = FOOTPRINTS[format]
  const { depth, frame, role, size: place } = NATIONAL_SIZES[size]
  const words = `${name} ${size}`
  return box({
    id: `box-${short}-${size}`,
    format,
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

function polyLangstroth(size: 'deep' | 'medium', depth: string): Pattern {
  const words = `polystyrene Langstroth ${size}`
  return box({
    id: `box-poly-langstroth-${size}`,
    format: 'poly-langstroth-10',
    names: [words, words],
    depth: memory(inches(depth, USDA).mm, 'polystyrene'),
    restDepth: SUNK_REST,
    usualRole: size === 'deep' ? 'brood' : 'super',
    contents: { framePatternId: `frame-langstroth-${size}`, count: 10 },
    more: { size },
  })
}

/** Boxes that hold something else than a boxful of one colony's frames. */
const SPECIAL: readonly Pattern[] = [
  box({
    id: 'box-double-nucleus',
    format: 'langstroth-10',
    names: ['double nucleus, 5 + 5', 'double nucleus, 5 + 5'],
    depth: inches('9 5/8', USDA),
    restDepth: SUNK_REST,
    usualRole: 'brood',
    contents: { framePatternId: 'frame-langstroth-deep', count: 10 },
    more: { halves: true },
    sizes: { divisionThickness: mm(9.5, MEMORY) },
  }),
  box({
    id: 'box-national-6-divided',
    format: 'national-6',
    names: ['National nucleus divided, 3 + 3', 'National nucleus divided, 3 + 3'],
    depth: inches('8 7/8', BS1300),
    restDepth: FLUSH_REST,
    usualRole: 'brood',
    contents: { framePatternId: 'frame-national-deep', count: 6 },
    more: { halves: true },
    sizes: { divisionThickness: mm(9.5, MEMORY) },
  }),
  box({
    id: 'box-drain-super',
    format: 'langstroth-10',
    names: ['drain-frame super', 'drain-frame super'],
    depth: inches('9 5/8', USDA),
    restDepth: SUNK_REST,
    usualRole: 'super',
    contents: { framePatternId: 'frame-drain', count: 7, slack: 'both-sides' },
    more: { cleanComb: true },
  }),
  box({
    id: 'box-section-rack',
    format: 'national',
    names: ['section rack', 'comb honey rack'],
    depth: inches('5 7/8', BS1300),
    restDepth: FLUSH_REST,
    usualRole: 'super',
    more: { sections: true, cleanComb: true, mass: massFromMemory(4) },
    sizes: { lowerRecess: mm(9.5, MEMORY), upperRecess: FLUSH },
  }),
]

/** Every box of the list. */
export const BOXES: readonly Pattern[] = [
  ...langstrothBoxes('langstroth-10', ['deep', 'medium', 'shallow', 'jumbo', 'deep-older']),
  ...nationalBoxes('brood'),
  ...nationalBoxes('super'),
  ...nationalBoxes('14x12'),
  ...langstrothBoxes('langstroth-8', ['deep', 'medium', 'shallow']),
  ...langstrothBoxes('langstroth-8-narrow', ['deep', 'medium', 'shallow']),
  ...langstrothBoxes('langstroth-5', ['deep', 'medium']),
  box({
    id: 'box-national-6-brood',
    format: 'national-6',
    names: ['National nucleus brood, 6', 'National nucleus brood, 6'],
    depth: inches('8 7/8', BS1300),
    restDepth: FLUSH_REST,
    usualRole: 'brood',
    contents: { framePatternId: 'frame-national-deep', count: 6 },
    more: { size: 'deep' },
  }),
  box({
    id: 'box-16x10',
    format: '16x10',
    names: ['16×10 brood', '16×10 hive body'],
    depth: inches('10 1/2', MEMORY),
    restDepth: inches('3/8', MEMORY),
    usualRole: 'brood',
    contents: { framePatternId: 'frame-16x10', count: 11 },
    more: { size: 'deep' },
  }),
  polyLangstroth('deep', '9 5/8'),
  polyLangstroth('medium', '6 5/8'),
  polyNational('poly-national-11', 'brood'),
  polyNational('poly-national-11', 'super'),
  polyNational('poly-national-12', 'brood'),
  polyNational('poly-national-12', 'super'),
  ...SPECIAL,
]
