import type { StageMeaning } from './stage'

/** Nectar comes in: all supers on, the door open. */
export const FLOW: StageMeaning = {
  words: 'flow',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: true,
  autumnDay: null,
  beginsSpring: false,
  setsScale: true,
  forage: 'flow',
  isCold: false,
  isBroodless: false,
  isGrowing: true,
  buildsComb: true,
  bearsOpenSpace: false,
  closesUp: 'no',
  nextBoxAt: 'nextBoxInFlowShare',

  supers: 'all',
  fillsSupers: true,
  supersHoldHoney: true,
  isCropTaken: false,
  supersMayBeFood: false,
  livesInOneBox: false,

  foodWatched: 'no',
  feed: 'one-to-one',
  feederStands: false,
  fullness: 'in-flow',

  door: 'wide',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'off',

  treating: 'no',
  isBeforeWinterBees: true,
  fallLimit: 'fallSummerADay',
  isUnitingTime: false,
  autumnTold: [],
}
