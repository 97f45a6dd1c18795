import { MEMORY, inches } from '../sourced'
import { LANGSTROTH_LENGTHS } from './lengths'
import { langstrothBoxes } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Eight frames, a quarter of an inch narrower. */
const FOOTPRINT: Footprint = {
  ...LANGSTROTH_LENGTHS,
  outsideWidth: inches('13 3/4', MEMORY),
  insideWidth: inches('12 1/4', MEMORY),
  frames: 8,
  name: 'narrow 8-frame Langstroth',
  short: 'langstroth-8-narrow',
}

export const LANGSTROTH_8_NARROW: HiveFormat = {
  ...FOOTPRINT,
  space: 'above',
  boxes: [...langstrothBoxes('langstroth-8-narrow', FOOTPRINT, ['deep', 'medium', 'shallow'])],
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
