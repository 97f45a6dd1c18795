import { memory } from '../sourced'
import { polyNational } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Twelve frames in polystyrene whose edges interlock. */
const FOOTPRINT: Footprint = {
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
}

export const POLY_NATIONAL_12: HiveFormat = {
  ...FOOTPRINT,
  space: 'below',
  boxes: [polyNational('poly-national-12', FOOTPRINT, 'brood'), polyNational('poly-national-12', FOOTPRINT, 'super')],
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
