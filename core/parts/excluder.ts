import { rimmed } from './crown'
import type { Kind, PartOf } from './kind'
import { over, under } from './place'
import { plate } from './slab'
import type { PartShape } from './shape'

/** Sizes that such a part always has. */
export const EXCLUDER_SIZES = ['outsideLength', 'outsideWidth'] as const

/** Lets workers through and no queen: a bare sheet, or rods in a frame with a rim on one side. */
export const EXCLUDER: Kind<'excluder'> = {
  sizes: EXCLUDER_SIZES,
  sizesInForm: ({ surface }) =>
    surface === 'rods' ? ['boardThickness', 'rimDepth', 'rimWidth'] : ['depth', 'upperRecess', 'lowerRecess'],
  shape: excluderShape,
  wayUp: ({ surface }) => (surface === 'rods' ? 'either' : 'any'),
  usualPlace: (stack) => over(stack, ({ role }) => role === 'brood') ?? under(stack, 'crown', 'roof') ?? stack.length,
  tray: 'between',
}

function excluderShape(part: PartOf<'excluder'>): PartShape {
  return part.pattern.surface === 'rods'
    ? rimmed(part, 'rods', 'rod-side', 'worker')
    : plate(part, 'sheet', 'sheet', 'worker')
}
