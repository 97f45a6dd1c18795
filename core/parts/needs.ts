import type { STAND_SIZES } from './stand'
import type { FLOOR_SIZES } from './floor'
import type { BOX_NEEDS } from './box'
import type { EXCLUDER_SIZES } from './excluder'
import type { ADAPTER_SIZES } from './adapter'
import type { DIVISION_SIZES } from './division'
import type { EKE_SIZES } from './eke'
import type { ABSORBER_SIZES } from './absorber'
import type { FEEDER_SIZES } from './feeder'
import type { CROWN_SIZES } from './crown'
import type { SLAB_SIZES } from './slab'
import type { ROOF_SIZES } from './roof'
import type { RACK_SIZES } from './rack'
import type { WRAP_SIZES } from './wrap'
import type { BALLAST_SIZES, ENTRANCE_SIZES, INSERT_SIZES } from './fitting'

/** The sizes of every kind that it cannot do without, as each kind lists them. */
interface Needs {
  stand: typeof STAND_SIZES
  floor: typeof FLOOR_SIZES
  box: typeof BOX_NEEDS
  excluder: typeof EXCLUDER_SIZES
  adapter: typeof ADAPTER_SIZES
  division: typeof DIVISION_SIZES
  eke: typeof EKE_SIZES
  absorber: typeof ABSORBER_SIZES
  feeder: typeof FEEDER_SIZES
  crown: typeof CROWN_SIZES
  slab: typeof SLAB_SIZES
  roof: typeof ROOF_SIZES
  'entrance-fitting': typeof ENTRANCE_SIZES
  'floor-insert': typeof INSERT_SIZES
  ballast: typeof BALLAST_SIZES
  wrap: typeof WRAP_SIZES
  rack: typeof RACK_SIZES
}

/** A size that every part of a kind has. */
export type NeededSize<K extends keyof Needs> = Needs[K][number]
