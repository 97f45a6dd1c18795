import { OUTSIDE } from './footprints'
import type { Pattern } from './pattern'
import { BS1300, MEMORY, USDA, inches, label, mm } from './sourced'

const langstrothShell = {
  ...OUTSIDE['langstroth-10'],
  insideLength: inches('18 3/8', USDA),
  insideWidth: inches('14 3/4', USDA),
  restToRest: inches('19 1/8', USDA),
  restDepth: inches('5/8', USDA),
} as const

const nationalShell = {
  ...OUTSIDE.national,
  insideLength: mm(370, MEMORY),
  insideWidth: inches('16 5/8', BS1300),
  restToRest: inches('17 1/8', MEMORY),
} as const

/** Rest as deep as the lug is thick: the top bars lie flush and the bee space is below. */
const flushRest = inches('3/8', BS1300)
/** Rest a quarter inch deeper, so that the bee space is above. */
const sunkRest = inches('5/8', BS1300)

function langstroth(size: string, depth: string, usualRole: 'brood' | 'super'): Pattern {
  return {
    id: `box-langstroth-${size}`, kind: 'box', format: 'langstroth-10', material: 'wood', usualRole,
    label: label(`Langstroth ${size}`, size === 'deep' ? 'deep hive body' : `${size} super`),
    dimensions: { ...langstrothShell, depth: inches(depth, USDA) },
    normalContents: { framePatternId: `frame-langstroth-${size}`, count: 10 },
  }
}

function national(size: 'brood' | 'super' | '14x12', depth: string): Pattern[] {
  const names = { brood: 'National brood', super: 'National super', '14x12': '14×12' }
  const frame = { brood: 'frame-national-deep', super: 'frame-national-shallow', '14x12': 'frame-national-14x12' }
  const dummy = { brood: 'dummy-national-deep', super: undefined, '14x12': 'dummy-national-14x12' }
  const normalContents = { framePatternId: frame[size], count: 11, ...(dummy[size] ? { dummyPatternId: dummy[size] } : {}) }
  const shared = {
    kind: 'box', format: 'national', material: 'wood', normalContents, usualRole: size === 'super' ? 'super' : 'brood',
  } as const
  const bottom = `box-national-${size}`
  const top = `box-national-${size}-top-space`
  return [
    { ...shared, id: bottom, twinId: top, label: label(`${names[size]}, bottom space`), dimensions: { ...nationalShell, restDepth: flushRest, depth: inches(depth, BS1300) } },
    { ...shared, id: top, twinId: bottom, label: label(`${names[size]}, top space`), dimensions: { ...nationalShell, restDepth: sunkRest, depth: inches(depth, BS1300) } },
  ]
}

/** Boxes of both formats. */
export const BOXES: readonly Pattern[] = [
  langstroth('deep', '9 5/8', 'brood'),
  langstroth('medium', '6 5/8', 'super'),
  langstroth('shallow', '5 11/16', 'super'),
  ...national('brood', '8 7/8'),
  ...national('super', '5 7/8'),
  ...national('14x12', '12 3/8'),
]
