import { SHIPPED_FIGURES } from '../../figures'
import { BETWEEN_AND_ABOVE } from './between-and-above'
import { FORMATS, HIVE_FORMATS } from './formats'
import { HANGING } from './frames'
import type { Catalogue } from './pattern'
import { FITTINGS, FLOORS, STANDS } from './stands-and-floors'

/** All patterns that ship, in the order of a tray: from the ground up. */
export const CATALOGUE: Catalogue = {
  patterns: new Map(
    [
      ...STANDS,
      ...FLOORS,
      ...FORMATS.flatMap((format) => HIVE_FORMATS[format].boxes),
      ...FORMATS.flatMap((format) => HIVE_FORMATS[format].specialBoxes),
      ...BETWEEN_AND_ABOVE,
      ...FITTINGS,
    ].map((pattern) => [pattern.id, pattern]),
  ),
  hanging: new Map(HANGING.map((pattern) => [pattern.id, pattern])),
  figures: SHIPPED_FIGURES,
}
