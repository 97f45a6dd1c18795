import type { WARE } from '../ware'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: wood, polystyrene, and how boxes are built of it. */
export const WARE_TOLD = {
  timberDensity: {
    unit: 'kg/m³',
    label: 'timber where none is chosen',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  foamDensityLow: {
    unit: 'kg/m³',
    label: 'polystyrene of boxes, from',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  foamDensityHigh: {
    unit: 'kg/m³',
    label: 'polystyrene of boxes, to',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  shellExtra: {
    unit: '',
    label: 'nails, paint and propolis on a shell: times',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  builtUpFrom: {
    unit: 'mm',
    label: 'an end thicker than this is a board with two rails',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  makesMeet: {
    unit: 'mm',
    label: 'outsides of two makes of box that still stand on each other differ by, at most',
    usedIn: 'supers of a plan',
    source: MEMORY,
  },
  gableBoard: {
    unit: 'mm',
    label: 'boards of a gabled roof, thick',
    usedIn: 'heat of a gabled roof',
    source: MEMORY,
  },
  endBoard: {
    unit: 'mm',
    label: 'end board of a built-up end',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  railWidth: {
    unit: 'mm',
    label: 'rail of a built-up end, width',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  railDepth: {
    unit: 'mm',
    label: 'rail of a built-up end, depth',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  handHold: {
    unit: 'mm',
    label: 'middle of a hand-hold below the upper edge',
    usedIn: 'building of boxes',
    source: MEMORY,
  },
  boardLength: { unit: 'mm', label: 'boards as bought, length', usedIn: 'building of boxes', source: MEMORY },
  boardWidth: { unit: 'mm', label: 'boards as bought, width', usedIn: 'building of boxes', source: MEMORY },
  sawKerf: { unit: 'mm', label: 'cut of the saw', usedIn: 'building of boxes', source: COMMON },
  nailEvery: {
    unit: 'mm',
    label: 'nails of a box corner, one every',
    usedIn: 'building of boxes',
    source: COMMON,
  },
  nailedFrom: {
    unit: 'mm',
    label: 'a top bar this thick is nailed, a thinner one pinned',
    usedIn: 'building of frames',
    source: MEMORY,
  },
  handHoldLength: {
    unit: 'mm',
    label: 'length of a hand-hold',
    usedIn: 'building of boxes',
    source: MEMORY,
  },
  handHoldDepth: { unit: 'mm', label: 'depth of a hand-hold', usedIn: 'building of boxes', source: MEMORY },
  boxNail: { unit: 'mm', label: 'nails and screws of a box', usedIn: 'building of boxes', source: COMMON },
  frameNail: { unit: 'mm', label: 'nails of a frame', usedIn: 'building of frames', source: COMMON },
  brad: { unit: 'mm', label: 'brads of a wedge', usedIn: 'building of frames', source: COMMON },
  gimpPin: { unit: 'mm', label: 'pins of a frame', usedIn: 'building of frames', source: COMMON },
  bottomBarWhole: {
    unit: 'mm',
    label: 'width of a bottom bar in one',
    usedIn: 'building of frames',
    source: MEMORY,
  },
  bottomBarSplit: {
    unit: 'mm',
    label: 'width of each of two bottom bars',
    usedIn: 'building of frames',
    source: MEMORY,
  },
  wedge: { unit: 'mm', label: 'wedge of a top bar, square', usedIn: 'building of frames', source: MEMORY },
  gluePerFrame: { unit: 'mL', label: 'wood glue for a frame', usedIn: 'building of frames', source: MEMORY },
} as const satisfies Record<keyof typeof WARE, Told>
