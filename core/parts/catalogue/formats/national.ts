import { BS1300, FLUSH, MEMORY, inches, massFromMemory, mm } from '../sourced'
import { NATIONAL_LENGTHS } from './lengths'
import { box, FLUSH_REST, nationalBoxes } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Eleven frames in a square box, usually with bee space below. */
const FOOTPRINT: Footprint = {
  ...NATIONAL_LENGTHS,
  outsideWidth: inches('18 1/8', BS1300),
  insideWidth: inches('16 5/8', BS1300),
  frames: 11,
  name: 'National',
  short: 'national',
}

export const NATIONAL: HiveFormat = {
  ...FOOTPRINT,
  space: 'below',
  boxes: [
    ...nationalBoxes(FOOTPRINT, 'brood'),
    ...nationalBoxes(FOOTPRINT, 'super'),
    ...nationalBoxes(FOOTPRINT, '14x12'),
  ],
  specialBoxes: [
    box('national', FOOTPRINT, {
      id: 'box-section-rack',
      names: ['section rack', 'comb honey rack'],
      depth: inches('5 7/8', BS1300),
      restDepth: FLUSH_REST,
      usualRole: 'super',
      more: { sections: true, cleanComb: true, mass: massFromMemory(4) },
      sizes: { lowerRecess: mm(9.5, MEMORY), upperRecess: FLUSH },
    }),
  ],
  leftOut: 'National',
  narrower: null,
  nucleus: 'national-6',
  supersOf: null,
  adaptedTo: ['langstroth-10', '16x10', 'poly-national-11'],
  hasDivisionBoard: true,
  broodRooms: [
    ['National single', ['deep']],
    ['National brood and a half', ['deep', 'shallow']],
    ['National double', ['deep', 'deep']],
    ['14×12', ['large']],
  ],
  start: [
    ['stand-timber-200'],
    ['floor-mesh-national'],
    ['box-national-brood', 'brood'],
    ['crown-national'],
    ['roof-telescoping-national'],
  ],
}
