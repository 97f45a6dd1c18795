import { checkEndBars, checkVerticalGaps } from './bee-space'
import { checkColony } from './colony'
import type { Context, MeasuredHive } from './context'
import type { Finding } from './finding'
import { checkFrames } from './fit'
import { checkComb, checkDrainFrames, checkFrameSpacing, checkSideRoom } from './frames'
import { checkJoints } from './joints'
import { checkFeedersAndEmptyBoxes } from './order/feeders-and-empty'
import { checkQueenOrder } from './order/queen-order'
import { checkStackOrder } from './order/stack-order'
import { checkRoom } from './room'
import {
  checkBait,
  checkEntrance,
  checkFood,
  checkGrowth,
  checkHeadspace,
  checkSeasonBoxes,
  checkTravel,
  checkWinterTop,
} from './season'

type Check = (measured: MeasuredHive, context: Context) => Finding[]

/** The one list of what a hive is looked through for; what hangs in one box is asked of a box by itself too. */
const CHECKS: readonly { readonly check: Check; readonly isOfABox: boolean }[] = [
  { check: checkColony, isOfABox: false },
  { check: checkStackOrder, isOfABox: false },
  { check: checkQueenOrder, isOfABox: false },
  { check: checkFeedersAndEmptyBoxes, isOfABox: false },
  { check: checkJoints, isOfABox: false },
  { check: checkFrames, isOfABox: true },
  { check: checkVerticalGaps, isOfABox: false },
  { check: checkEndBars, isOfABox: true },
  { check: checkFrameSpacing, isOfABox: true },
  { check: checkSideRoom, isOfABox: true },
  { check: checkComb, isOfABox: true },
  { check: checkDrainFrames, isOfABox: true },
  { check: checkRoom, isOfABox: false },
  { check: checkEntrance, isOfABox: false },
  { check: checkWinterTop, isOfABox: false },
  { check: checkSeasonBoxes, isOfABox: false },
  { check: checkTravel, isOfABox: false },
  { check: checkHeadspace, isOfABox: false },
  { check: checkGrowth, isOfABox: false },
  { check: checkFood, isOfABox: false },
  { check: checkBait, isOfABox: false },
]
const OF_A_BOX = CHECKS.filter(({ isOfABox }) => isOfABox)

/** Everything that is found of a hive. */
export const foundInHive: Check = (measured, context) => CHECKS.flatMap(({ check }) => check(measured, context))

/** What is found of that which hangs in one box. */
export const foundInBox: Check = (measured, context) => OF_A_BOX.flatMap(({ check }) => check(measured, context))
