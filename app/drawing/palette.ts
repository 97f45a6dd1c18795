import type { Grade } from '#core/stack'
import type { Material } from './shape'

/** The colours of the drawing, as attributes, so that an exported drawing carries them. */
export const INK = '#22262e'
export const SOFT_INK = '#565b63'
export const SEAM = '#cbbfa6'
export const PAPER = '#fdfbf6'
export const INDIGO = '#27408b'

export const GRADE_COLOURS: Readonly<Record<Grade, string>> = {
  stop: '#9e2a2f',
  mend: '#9e2a2f',
  watch: '#8a5600',
  note: '#49637e',
  good: '#3c6a2d',
}

/** Ground colour and outline of each material; the hatch over it is in HatchDefs. */
export const MATERIALS: Readonly<
  Record<Material, { readonly fill: string; readonly edge: string; readonly word: string }>
> = {
  timber: { fill: '#ead9b6', edge: '#7d6233', word: 'timber' },
  plywood: { fill: '#e6d2a6', edge: '#7d6233', word: 'plywood' },
  bar: { fill: '#bd8d4e', edge: '#6f4f22', word: 'frame' },
  brood: { fill: '#cf9a63', edge: '#8a5b2b', word: 'brood comb' },
  honey: { fill: '#f3cd6d', edge: '#a07516', word: 'honey comb' },
  comb: { fill: '#efe0c2', edge: '#a07516', word: 'comb' },
  metal: { fill: '#8b949e', edge: '#4c545d', word: 'metal' },
  foam: { fill: '#dbe7ee', edge: '#5f7d92', word: 'foam' },
  chips: { fill: '#e4cfa0', edge: '#86692f', word: 'chips' },
  masonry: { fill: '#d5d1c8', edge: '#6d6a63', word: 'masonry' },
  plastic: { fill: '#e7ecec', edge: '#5d6c6c', word: 'plastic' },
  syrup: { fill: '#f6e4a8', edge: '#a98d33', word: 'syrup' },
  unknown: { fill: '#efe9dc', edge: '#8a8373', word: 'unknown' },
  polystyrene: { fill: '#e9eef0', edge: '#74828a', word: 'polystyrene' },
}
