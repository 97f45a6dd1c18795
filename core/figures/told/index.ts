import type { FigureName } from '../all'
import { BEE_SPACE_TOLD } from './bee-space'
import { BEES_TOLD } from './bees'
import { BOOK_TOLD } from './book'
import { COMBS_TOLD } from './combs'
import { PHYSICS_OF_WINTER_TOLD } from './heat'
import { HONEY_TOLD } from './honey'
import { ROOM_TOLD } from './room'
import { STAGES_TOLD } from './stages'
import { STANDING_TOLD } from './standing'
import { WARE_TOLD } from './ware'
import { WINTER_TOLD } from './winter'
import type { Told } from './told'

export type { Told }

/**
 * What is told of every figure. Kept apart from the figures, so that whoever only counts with them does not carry it.
 */
export const TOLD: Readonly<Record<FigureName, Told>> = {
  ...BEE_SPACE_TOLD,
  ...COMBS_TOLD,
  ...ROOM_TOLD,
  ...HONEY_TOLD,
  ...BEES_TOLD,
  ...WARE_TOLD,
  ...WINTER_TOLD,
  ...PHYSICS_OF_WINTER_TOLD,
  ...STANDING_TOLD,
  ...STAGES_TOLD,
  ...BOOK_TOLD,
}
