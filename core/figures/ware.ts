import { COMMON, MEMORY, type Figure } from './figure'

/** Wood, polystyrene, and how boxes are built of it. */
export const WARE = {
  timberDensity: {
    value: 420,
    unit: 'kg/m³',
    label: 'timber where none is chosen',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  foamDensityLow: {
    value: 100,
    unit: 'kg/m³',
    label: 'polystyrene of boxes, from',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  foamDensityHigh: {
    value: 120,
    unit: 'kg/m³',
    label: 'polystyrene of boxes, to',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  shellExtra: {
    value: 1.05,
    unit: '',
    label: 'nails, paint and propolis on a shell: times',
    usedIn: 'weight of boxes',
    source: MEMORY,
  },
  builtUpFrom: {
    value: 30,
    unit: 'mm',
    label: 'an end thicker than this is a board with two rails',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  endBoard: {
    value: 19,
    unit: 'mm',
    label: 'end board of a built-up end',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  railWidth: {
    value: 26,
    unit: 'mm',
    label: 'rail of a built-up end, width',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  railDepth: {
    value: 40,
    unit: 'mm',
    label: 'rail of a built-up end, depth',
    usedIn: 'weight and building of boxes',
    source: MEMORY,
  },
  handHold: {
    value: 65,
    unit: 'mm',
    label: 'middle of a hand-hold below the upper edge',
    usedIn: 'building of boxes',
    source: MEMORY,
  },
  nailEvery: {
    value: 35,
    unit: 'mm',
    label: 'nails of a box corner, one every',
    usedIn: 'building of boxes',
    source: COMMON,
  },
  nailedFrom: {
    value: 15,
    unit: 'mm',
    label: 'a top bar this thick is nailed, a thinner one pinned',
    usedIn: 'building of frames',
    source: MEMORY,
  },
  gluePerFrame: { value: 4, unit: 'mL', label: 'wood glue for a frame', usedIn: 'building of frames', source: MEMORY },
} as const satisfies Record<string, Figure>
