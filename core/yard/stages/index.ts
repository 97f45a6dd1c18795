import { AFTER_CROP } from './after-crop'
import { BAIT } from './bait'
import { BUILDING_UP } from './building-up'
import { CROP } from './crop'
import { DEARTH } from './dearth'
import { FLOW } from './flow'
import { LATE_WINTER_CHECK } from './late-winter-check'
import { MOVING } from './moving'
import { PACK_DOWN } from './pack-down'
import { SETTLING } from './settling'
import { SUPERING } from './supering'
import { WINTER } from './winter'
import type { StageMeaning } from './stage'
import { keysOf } from '../../units'

/** Stages of a hive's year, each with what it means: one file a stage. */
const STAGE = {
  settling: SETTLING,
  'late-winter-check': LATE_WINTER_CHECK,
  'building-up': BUILDING_UP,
  supering: SUPERING,
  flow: FLOW,
  crop: CROP,
  dearth: DEARTH,
  'after-crop': AFTER_CROP,
  'pack-down': PACK_DOWN,
  winter: WINTER,
  moving: MOVING,
  bait: BAIT,
} as const satisfies Readonly<Record<string, StageMeaning>>
/** A time of a colony's year. */
export type Stage = keyof typeof STAGE
export const STAGES = keysOf(STAGE)

/** What a stage means. */
export const meaningOf = (stage: Stage): StageMeaning => STAGE[stage]

/** True for the stages in which a colony sits closed in its winter form. */
export const isCold = (stage: Stage): boolean => meaningOf(stage).isCold
