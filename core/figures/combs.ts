import { COMMON, MEMORY, figure } from './figure'

/** How thick comb is drawn, on what, and how its frames are spaced. */
export const COMBS = {
  combGapMm: figure(8, 'mm', 'way left between two sealed combs', 'honey in a box', COMMON),
  combMostMm: figure(40, 'mm', 'thickest comb that bees draw', 'frames: honey at a spacing', MEMORY),
  broodCombMm: figure(25, 'mm', 'brood comb through both sides', 'frames: gap between combs', COMMON),
  foundationSheetMm: figure(0.75, 'mm', 'sheet of foundation', 'frames', MEMORY),
  foundationLowerMm: figure(6, 'mm', 'foundation lower than the clear inside by', 'building: foundation', MEMORY),
  foundationShorterMm: figure(4, 'mm', 'foundation shorter than the clear inside by', 'building: foundation', MEMORY),
  foundationMassKgPerM2: figure(0.72, 'kg/m²', 'wax in a sheet of foundation', 'building: foundation', MEMORY),
  spacerForNineMm: figure(41.3, 'mm', 'spacer for nine frames, middle to middle', 'frames: spacing', COMMON),
  spacerForEightMm: figure(46, 'mm', 'spacer for eight frames, middle to middle', 'frames: spacing', COMMON),
  unsupportedCombMm: figure(
    170,
    'mm',
    'frame that holds foundationless comb without wires, height at most',
    'foundationless frames',
    COMMON,
  ),
  drawnAtExtraMm: figure(
    0.5,
    'mm',
    'foundation is drawn straight at full count, and this much over',
    'frames not drawn yet',
    MEMORY,
  ),
  drainOffCentreMm: figure(
    3,
    'mm',
    'drain frames: room at one wall more than at the other, at most',
    'drain frames',
    MEMORY,
  ),
  drainTiltDeg: figure(3, '°', 'tilt that empties drain frames', 'frames: drain frames', MEMORY),
} as const
