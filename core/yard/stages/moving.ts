import type { StageMeaning } from './stage'

/** On the road, behind a screen. */
export const MOVING: StageMeaning = {
  words: 'moving',
  comes: 'any-time',
  isSettling: false,
  isOnTheRoad: true,
  isInspected: true,
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
  fillsSupers: false,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: false,
  livesInOneBox: false,

  foodWatched: 'no',
  feed: 'one-to-one',
  feederStands: false,
  fullness: 'winter',

  door: 'shut',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'off',

  treating: 'no',
  isBeforeWinterBees: false,
  fallLimit: 'fallSummerADay',
  isUnitingTime: false,
  autumnTold: [],
}
