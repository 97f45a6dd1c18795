import { memory } from '../sourced'
import { polyNational } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Eleven frames in polystyrene with flat edges. */
const FOOTPRINT: Footprint = {
  outsideLength: memory(500, 'polystyrene'),
  outsideWidth: memory(500, 'polystyrene'),
  insideLength: memory(370, 'polystyrene'),
  insideWidth: memory(422, 'polystyrene'),
  restToRest: memory(435, 'polystyrene'),
  material: 'polystyrene',
  frames: 11,
  name: 'flat-edged polystyrene National',
  short: 'poly-national',
}

export const POLY_NATIONAL_11: HiveFormat = {
  ...FOOTPRINT,
  space: 'below',
  boxes: [polyNational('poly-national-11', FOOTPRINT, 'brood'), polyNational('poly-national-11', FOOTPRINT, 'super')],
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
