import type { StageMeaning } from './stage'

/** Closed: hefted, the door cleared, nothing parted. */
export const WINTER: StageMeaning = {
  words: 'winter',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: true,
  autumnDay: 'wrap',
  beginsSpring: false,
  setsScale: true,
  forage: 'as-it-comes',
  isCold: true,
  isBroodless: true,
  isGrowing: false,
  buildsComb: false,
  bearsOpenSpace: true,
  closesUp: 'too-late',
  nextBoxAt: null,

  supers: 'none',
  fillsSupers: false,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: true,
  livesInOneBox: false,

  foodWatched: 'each-month',
  feed: 'fondant',
  feederStands: false,
  fullness: 'winter',

  door: 'as-in-winter',
  isDoorCleared: true,
  robbers: 'none',
  wrap: 'on',

  treating: 'usual',
  isBeforeWinterBees: false,
  fallLimit: 'fallWinterADay',
  isUnitingTime: false,
  autumnTold: ['wrap', 'close'],
}
