import type { StageMeaning } from './stage'

/** Between two flows: nothing comes in, and robbers look for what is open. */
export const DEARTH: StageMeaning = {
  words: 'dearth',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: true,
  autumnDay: null,
  beginsSpring: false,
  setsScale: false,
  forage: 'dearth',
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
  supersMayBeFood: true,
  livesInOneBox: false,

  foodWatched: 'each-week',
  feed: 'one-to-one',
  feederStands: false,
  fullness: 'winter',

  door: 'narrow',
  isDoorCleared: false,
  robbers: 'about',
  wrap: 'off',

  treating: 'usual',
  isBeforeWinterBees: true,
  fallLimit: 'fallSummerADay',
  isUnitingTime: true,
  autumnTold: [],
}
