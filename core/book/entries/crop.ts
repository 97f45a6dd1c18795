import type { Sort } from './sort'

/** Honey taken, kg; by boxes where they were. */
export interface Crop {
  readonly kg: number
  readonly boxIds?: readonly string[]
  /** Of its cells, sealed, 0 to 1. */
  readonly sealedShare?: number
  /** Water by a refractometer, 0 to 1. */
  readonly water?: number
  /** Comb honey of it: 4 × 4 in squares cut out, and sections. */
  readonly squares?: number
  readonly sections?: number
}

/** Honey taken. */
export const CROP: Sort<Crop> = {
  made: (written, body) => ({ ...written, sort: 'crop', body }),
  writtenBy: 'keeper',
  form: 'book',
  isTold: true,
  bearsOnFood: true,
  tellsOfColony: false,
  columns: [
    ['kg', 'kg', 'number'],
    ['box_ids', 'boxIds', 'json'],
    ['sealed_share', 'sealedShare', 'number'],
    ['water', 'water', 'number'],
    ['squares', 'squares', 'number'],
    ['sections', 'sections', 'number'],
  ],
}
