import type { COMBS } from '../combs'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: how thick comb is drawn, on what, and how its frames are spaced. */
export const COMBS_TOLD = {
  combGap: {
    unit: 'mm',
    label: 'way left between two sealed combs',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  combMost: {
    unit: 'mm',
    label: 'thickest comb that bees draw',
    usedIn: 'frames: honey at a spacing',
    source: MEMORY,
  },
  broodComb: {
    unit: 'mm',
    label: 'brood comb through both sides',
    usedIn: 'frames: gap between combs',
    source: COMMON,
  },
  foundationSheet: { unit: 'mm', label: 'sheet of foundation', usedIn: 'frames', source: MEMORY },
  foundationLower: {
    unit: 'mm',
    label: 'foundation lower than the clear inside by',
    usedIn: 'building: foundation',
    source: MEMORY,
  },
  foundationShorter: {
    unit: 'mm',
    label: 'foundation shorter than the clear inside by',
    usedIn: 'building: foundation',
    source: MEMORY,
  },
  foundationMass: {
    unit: 'kg/m²',
    label: 'wax in a sheet of foundation',
    usedIn: 'building: foundation',
    source: MEMORY,
  },
  spacerForNine: {
    unit: 'mm',
    label: 'spacer for nine frames, middle to middle',
    usedIn: 'frames: spacing',
    source: COMMON,
  },
  spacerForEight: {
    unit: 'mm',
    label: 'spacer for eight frames, middle to middle',
    usedIn: 'frames: spacing',
    source: COMMON,
  },
  unsupportedComb: {
    unit: 'mm',
    label: 'frame that holds foundationless comb without wires, height at most',
    usedIn: 'foundationless frames',
    source: COMMON,
  },
  drawnAtExtra: {
    unit: 'mm',
    label: 'foundation is drawn straight at full count, and this much over',
    usedIn: 'frames not drawn yet',
    source: MEMORY,
  },
  drainOffCentre: {
    unit: 'mm',
    label: 'drain frames: room at one wall more than at the other, at most',
    usedIn: 'drain frames',
    source: MEMORY,
  },
  drainTilt: {
    unit: '°',
    label: 'tilt that empties drain frames',
    usedIn: 'frames: drain frames',
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof COMBS, Told>
