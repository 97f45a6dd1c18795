import { BS1300, MEMORY, inches, mm } from '../sourced'
import { NATIONAL_LENGTHS } from './lengths'
import { box, FLUSH_REST } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Six frames: its nuclei. */
const FOOTPRINT: Footprint = {
  ...NATIONAL_LENGTHS,
  outsideWidth: mm(270, MEMORY),
  insideWidth: mm(222, MEMORY),
  frames: 6,
  name: 'National nucleus',
  short: 'national-6',
}

export const NATIONAL_6: HiveFormat = {
  ...FOOTPRINT,
  space: 'below',
  boxes: [
    box('national-6', FOOTPRINT, {
      id: 'box-national-6-brood',
      names: ['National nucleus brood, 6', 'National nucleus brood, 6'],
      depth: inches('8 7/8', BS1300),
      restDepth: FLUSH_REST,
      usualRole: 'brood',
      contents: { framePatternId: 'frame-national-deep', count: 6 },
      more: { size: 'deep' },
    }),
  ],
  specialBoxes: [
    box('national-6', FOOTPRINT, {
      id: 'box-national-6-divided',
      names: ['National nucleus divided, 3 + 3', 'National nucleus divided, 3 + 3'],
      depth: inches('8 7/8', BS1300),
      restDepth: FLUSH_REST,
      usualRole: 'brood',
      contents: { framePatternId: 'frame-national-deep', count: 6 },
      more: { halves: true },
      sizes: { divisionThickness: mm(9.5, MEMORY) },
    }),
  ],
  leftOut: 'National',
  narrower: null,
  nucleus: null,
  supersOf: null,
  adaptedTo: ['national'],
  hasDivisionBoard: false,
  broodRooms: [],
  start: null,
}
