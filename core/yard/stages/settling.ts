import type { StageMeaning } from './stage'

/** A colony has come: one box until it covers it. */
export const SETTLING: StageMeaning = {
  words: 'settling in',
  comes: 'any-time',
  isSettling: true,
  isOnTheRoad: false,
  isInspected: false,
  autumnDay: null,
  beginsSpring: false,
  setsScale: false,
  forage: 'as-it-comes',
  isCold: false,
  isBroodless: false,
  isGrowing: false,
  buildsComb: true,
  bearsOpenSpace: true,
  closesUp: 'no',
  nextBoxAt: 'nextBoxSettlingShare',

  supers: 'none',
  fillsSupers: true,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: false,
  livesInOneBox: true,

  foodWatched: 'no',
  feed: 'one-to-one',
  feederStands: true,
  fullness: 'drawn',

  door: 'narrow',
  isDoorCleared: false,
  robbers: 'to-the-weak',
  wrap: 'off',

  treating: 'usual',
  isBeforeWinterBees: false,
  fallLimit: 'fallSummerADay',
  isUnitingTime: false,
  autumnTold: [],
}
