import type { Pattern } from './pattern'

/** Parts that few keepers own, by the beginning of their ids. Common practice. */
const RARE = [
  'box-langstroth-jumbo',
  'box-langstroth-deep-older',
  'box-double-nucleus',
  'box-drain-super',
  'box-section-rack',
  'stand-metal-',
  'stand-slab-',
  'stand-frame-',
  'floor-insert-',
  'floor-reversible-',
  'eke-shallow-',
  'vent-rim-',
  'division-',
  'adapter-',
  'travel-screen-',
  'battens-',
  'roof-flush-risers-',
  'roof-gabled-',
  'slab-box-',
  'crown-acrylic-',
  'crown-film-',
  'wrap-',
  'robbing-screen',
  'entrance-mesh',
  'ballast-',
]

/** Whether few keepers own a part as made; the keeper's own patterns are not rare. */
export function isRare({ id, own }: Pick<Pattern, 'id' | 'own'>): boolean {
  return !own && RARE.some((beginning) => id.startsWith(beginning))
}
