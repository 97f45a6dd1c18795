import type { StageMeaning } from './stage'

/** Is there food above the cluster until forage comes? */
export const LATE_WINTER_CHECK: StageMeaning = {
  words: 'late-winter check',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: true,
  autumnDay: null,
  beginsSpring: true,
  setsScale: false,
  forage: 'as-it-comes',
  isCold: true,
  isBroodless: false,
  isGrowing: false,
  buildsComb: false,
  bearsOpenSpace: true,
  closesUp: 'no',
  nextBoxAt: null,

  supers: 'none',
  fillsSupers: false,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: true,
  livesInOneBox: false,

  foodWatched: 'each-week',
  feed: 'fondant',
  feederStands: false,
  fullness: 'winter',

  door: 'as-in-winter',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'on',

  treating: 'no',
  isBeforeWinterBees: false,
  fallLimit: 'fallWinterADay',
  isUnitingTime: false,
  autumnTold: [],
}
