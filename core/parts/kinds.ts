import type { PartKind } from './catalogue'
import { ABSORBER } from './absorber'
import { ADAPTER } from './adapter'
import { BOX } from './box'
import { CROWN } from './crown'
import { DIVISION } from './division'
import { EKE } from './eke'
import { EXCLUDER } from './excluder'
import { FEEDER } from './feeder'
import { BALLAST, ENTRANCE_FITTING, FLOOR_INSERT } from './fitting'
import { FLOOR } from './floor'
import type { Kind } from './kind'
import { RACK } from './rack'
import { ROOF } from './roof'
import { SLAB } from './slab'
import { STAND } from './stand'
import { WRAP } from './wrap'

/** Every kind of part that there is: a new one is a file and a line. */
export const KINDS: { readonly [K in PartKind]: Kind<K> } = {
  stand: STAND,
  floor: FLOOR,
  box: BOX,
  excluder: EXCLUDER,
  adapter: ADAPTER,
  division: DIVISION,
  eke: EKE,
  absorber: ABSORBER,
  feeder: FEEDER,
  crown: CROWN,
  slab: SLAB,
  roof: ROOF,
  'entrance-fitting': ENTRANCE_FITTING,
  'floor-insert': FLOOR_INSERT,
  ballast: BALLAST,
  wrap: WRAP,
  rack: RACK,
}
