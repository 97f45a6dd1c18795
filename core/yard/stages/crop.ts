import type { StageMeaning } from './stage'

/** What the food lets go is taken. */
export const CROP: StageMeaning = {
  words: 'crop',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
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

  supers: 'all',
  fillsSupers: false,
  supersHoldHoney: true,
  isCropTaken: true,
  supersMayBeFood: false,
  livesInOneBox: false,

  foodWatched: 'each-month',
  feed: 'two-to-one',
  feederStands: false,
  fullness: 'full',

  door: 'stays-narrow',
  isDoorCleared: false,
  robbers: 'to-open-honey',
  wrap: 'off',

  treating: 'no',
  isBeforeWinterBees: true,
  fallLimit: 'fallSummerADay',
  isUnitingTime: true,
  autumnTold: [],
}
