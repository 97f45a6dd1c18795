import type { StageMeaning } from './stage'

/** Nobody lives there yet: a swarm may. */
export const BAIT: StageMeaning = {
  words: 'bait hive',
  comes: 'as-bait',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: false,
  autumnDay: null,
  beginsSpring: false,
  setsScale: false,
  forage: 'as-it-comes',
  isCold: false,
  isBroodless: false,
  isGrowing: false,
  buildsComb: false,
  bearsOpenSpace: false,
  closesUp: 'no',
  nextBoxAt: null,

  supers: 'none',
  fillsSupers: true,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: false,
  livesInOneBox: true,

  foodWatched: 'no',
  feed: 'one-to-one',
  feederStands: false,
  fullness: 'drawn',

  door: 'narrow',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'off',

  treating: 'no',
  isBeforeWinterBees: false,
  fallLimit: 'fallSummerADay',
  isUnitingTime: false,
  autumnTold: [],
}
