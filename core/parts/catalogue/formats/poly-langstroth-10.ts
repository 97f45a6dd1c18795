import type { Pattern } from '../pattern'
import { USDA, inches, memory } from '../sourced'
import { box, SUNK_REST } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Ten frames in polystyrene. */
const FOOTPRINT: Footprint = {
  outsideLength: memory(560, 'polystyrene'),
  outsideWidth: memory(460, 'polystyrene'),
  insideLength: memory(466.725, 'polystyrene'),
  insideWidth: memory(374.65, 'polystyrene'),
  restToRest: memory(485.775, 'polystyrene'),
  material: 'polystyrene',
  frames: 10,
  name: 'polystyrene Langstroth',
  short: 'poly-langstroth',
}

function polyLangstroth(size: 'deep' | 'medium', depth: string): Pattern {
  const words = `polystyrene Langstroth ${size}`
  return box('poly-langstroth-10', FOOTPRINT, {
    id: `box-poly-langstroth-${size}`,
    names: [words, words],
    depth: memory(inches(depth, USDA).mm, 'polystyrene'),
    restDepth: SUNK_REST,
    usualRole: size === 'deep' ? 'brood' : 'super',
    contents: { framePatternId: `frame-langstroth-${size}`, count: 10 },
    more: { size },
  })
}

export const POLY_LANGSTROTH_10: HiveFormat = {
  ...FOOTPRINT,
  space: 'above',
  boxes: [polyLangstroth('deep', '9 5/8'), polyLangstroth('medium', '6 5/8')],
  specialBoxes: [],
  leftOut: null,
  narrower: null,
  nucleus: null,
  supersOf: null,
  adaptedTo: [],
  hasDivisionBoard: false,
  broodRooms: [],
  start: null,
}
