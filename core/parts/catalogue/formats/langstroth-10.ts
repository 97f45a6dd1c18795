import { MEMORY, USDA, inches, mm } from '../sourced'
import { LANGSTROTH_LENGTHS } from './lengths'
import { box, SUNK_REST, langstrothBoxes } from './make-boxes'
import type { Footprint, HiveFormat } from './format'

/** Ten frames, bee space above. */
const FOOTPRINT: Footprint = {
  ...LANGSTROTH_LENGTHS,
  outsideWidth: inches('16 1/4', USDA),
  insideWidth: inches('14 3/4', USDA),
  frames: 10,
  name: 'Langstroth',
  short: 'langstroth',
}

export const LANGSTROTH_10: HiveFormat = {
  ...FOOTPRINT,
  space: 'above',
  boxes: [...langstrothBoxes('langstroth-10', FOOTPRINT, ['deep', 'medium', 'shallow', 'jumbo', 'deep-older'])],
  specialBoxes: [
    box('langstroth-10', FOOTPRINT, {
      id: 'box-double-nucleus',
      names: ['double nucleus, 5 + 5', 'double nucleus, 5 + 5'],
      depth: inches('9 5/8', USDA),
      restDepth: SUNK_REST,
      usualRole: 'brood',
      contents: { framePatternId: 'frame-langstroth-deep', count: 10 },
      more: { halves: true },
      sizes: { divisionThickness: mm(9.5, MEMORY) },
    }),
    box('langstroth-10', FOOTPRINT, {
      id: 'box-drain-super',
      names: ['drain-frame super', 'drain-frame super'],
      depth: inches('9 5/8', USDA),
      restDepth: SUNK_REST,
      usualRole: 'super',
      contents: { framePatternId: 'frame-drain', count: 7, slack: 'both-sides' },
      more: { cleanComb: true },
    }),
  ],
  leftOut: 'Langstroth',
  narrower: 'langstroth-8',
  nucleus: 'langstroth-5',
  supersOf: null,
  adaptedTo: ['poly-langstroth-10'],
  hasDivisionBoard: true,
  broodRooms: [
    ['one Langstroth deep', ['deep']],
    ['two deeps', ['deep', 'deep']],
    ['deep and medium', ['deep', 'medium']],
    ['two mediums', ['medium', 'medium']],
    ['three mediums', ['medium', 'medium', 'medium']],
    ['jumbo', ['large']],
  ],
  start: [
    ['stand-timber-200'],
    ['floor-mesh-langstroth'],
    ['box-langstroth-deep', 'brood'],
    ['crown-langstroth'],
    ['roof-telescoping-langstroth'],
  ],
}
