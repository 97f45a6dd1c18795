import { MEMORY, inches } from '../sourced'
import { LANGSTROTH_LENGTHS } from './lengths'
import { langstrothBoxes } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** The same, eight frames wide. */
const FOOTPRINT: Footprint = {
  ...LANGSTROTH_LENGTHS,
  outsideWidth: inches('14', MEMORY),
  insideWidth: inches('12 1/2', MEMORY),
  frames: 8,
  name: '8-frame Langstroth',
  short: 'langstroth-8',
}

export const LANGSTROTH_8: HiveFormat = {
  ...FOOTPRINT,
  space: 'above',
  boxes: [...langstrothBoxes('langstroth-8', FOOTPRINT, ['deep', 'medium', 'shallow'])],
  specialBoxes: [],
  leftOut: null,
  narrower: null,
  nucleus: 'langstroth-5',
  supersOf: null,
  adaptedTo: ['langstroth-10'],
  hasDivisionBoard: true,
  broodRooms: [
    ['8-frame deep', ['deep']],
    ['two 8-frame deeps', ['deep', 'deep']],
    ['three 8-frame mediums', ['medium', 'medium', 'medium']],
  ],
  start: null,
}
