import type { StageMeaning } from './stage'

/** Treated and fed, before the winter bees are reared. */
export const AFTER_CROP: StageMeaning = {
  words: 'after the crop',
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
  bearsOpenSpace: true,
  closesUp: 'now',
  nextBoxAt: null,

  supers: 'none',
  fillsSupers: false,
  supersHoldHoney: true,
  isCropTaken: true,
  supersMayBeFood: true,
  livesInOneBox: false,

  foodWatched: 'each-month',
  feed: 'two-to-one',
  feederStands: true,
  fullness: 'winter',

  door: 'narrow',
  isDoorCleared: false,
  robbers: 'about',
  wrap: 'off',

  treating: 'first',
  isBeforeWinterBees: true,
  fallLimit: 'fallAutumnADay',
  isUnitingTime: true,
  autumnTold: ['pack'],
}
