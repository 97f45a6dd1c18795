import { BASE, above } from './level'
import type { Kind } from './kind'
import { NOTHING_STANDS_HERE, outsideRect, shape } from './shape'
import { rails } from './solid'

/** Sizes that such a part always has. */
export const RACK_SIZES = ['outsideLength', 'outsideWidth', 'depth', 'rimWidth'] as const

/** What loose frames hang on in the shed: it never stands on a hive. */
export const RACK: Kind<'rack'> = {
  sizes: RACK_SIZES,
  shape: (part) => {
    const top = above(BASE, part.dimensions.depth)
    const crate = rails(outsideRect(part), part.dimensions.rimWidth.mm, BASE, top, 'timber', 'rail')
    return shape(part, top, crate, NOTHING_STANDS_HERE, NOTHING_STANDS_HERE)
  },
  wayUp: () => 'any',
  usualPlace: (stack) => stack.length,
  tray: null,
}
