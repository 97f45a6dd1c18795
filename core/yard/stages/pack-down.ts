import type { StageMeaning } from './stage'

/** Into the winter form, before the joints can no longer be glued. */
export const PACK_DOWN: StageMeaning = {
  words: 'packing down',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: true,
  autumnDay: 'pack',
  beginsSpring: false,
  setsScale: false,
  forage: 'as-it-comes',
  isCold: true,
  isBroodless: false,
  isGrowing: false,
  buildsComb: false,
  bearsOpenSpace: true,
  closesUp: 'now',
  nextBoxAt: null,

  supers: 'none',
  fillsSupers: false,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: true,
  livesInOneBox: false,

  foodWatched: 'each-month',
  feed: 'two-to-one',
  feederStands: false,
  fullness: 'winter',

  door: 'as-in-winter',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'stays',

  treating: 'usual',
  isBeforeWinterBees: false,
  fallLimit: 'fallAutumnADay',
  isUnitingTime: true,
  autumnTold: ['pack', 'wrap', 'close'],
}
