import { MEMORY, inches, mm } from '../sourced'
import { box } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Frames sixteen inches by ten; it takes National supers. */
const FOOTPRINT: Footprint = {
  outsideLength: mm(465, MEMORY),
  outsideWidth: mm(465, MEMORY),
  insideLength: inches('16 5/8', MEMORY),
  insideWidth: inches('16 5/8', MEMORY),
  restToRest: inches('17 3/8', MEMORY),
  material: 'wood',
  frames: 11,
  name: '16×10',
  short: '16x10',
}

export const SIXTEEN_BY_TEN: HiveFormat = {
  ...FOOTPRINT,
  space: 'below',
  boxes: [
    box('16x10', FOOTPRINT, {
      id: 'box-16x10',
      names: ['16×10 brood', '16×10 hive body'],
      depth: inches('10 1/2', MEMORY),
      restDepth: inches('3/8', MEMORY),
      usualRole: 'brood',
      contents: { framePatternId: 'frame-16x10', count: 11 },
      more: { size: 'deep' },
    }),
  ],
  specialBoxes: [],
  leftOut: null,
  narrower: null,
  nucleus: null,
  supersOf: 'national',
  adaptedTo: [],
  hasDivisionBoard: false,
  broodRooms: [['16×10', ['deep']]],
  start: null,
}
