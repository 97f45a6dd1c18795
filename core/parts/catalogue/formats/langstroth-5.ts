import { MEMORY, inches } from '../sourced'
import { LANGSTROTH_LENGTHS } from './lengths'
import { langstrothBoxes } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Five frames: its nuclei. */
const FOOTPRINT: Footprint = {
  ...LANGSTROTH_LENGTHS,
  outsideWidth: inches('9', MEMORY),
  insideWidth: inches('7 1/2', MEMORY),
  frames: 5,
  name: '5-frame nucleus',
  short: 'langstroth-5',
}

export const LANGSTROTH_5: HiveFormat = {
  ...FOOTPRINT,
  space: 'above',
  boxes: [...langstrothBoxes('langstroth-5', FOOTPRINT, ['deep', 'medium'])],
  specialBoxes: [],
  leftOut: null,
  narrower: null,
  nucleus: null,
  supersOf: null,
  adaptedTo: ['langstroth-10'],
  hasDivisionBoard: false,
  broodRooms: [],
  start: null,
}
