import type { StageMeaning } from './stage'

/** From first pollen on: brood needs warmth, and food goes fast. */
export const BUILDING_UP: StageMeaning = {
  words: 'building up',
  comes: 'each-year',
  isSettling: false,
  isOnTheRoad: false,
  isInspected: true,
  autumnDay: null,
  beginsSpring: true,
  setsScale: false,
  forage: 'as-it-comes',
  isCold: false,
  isBroodless: false,
  isGrowing: true,
  buildsComb: true,
  bearsOpenSpace: false,
  closesUp: 'no',
  nextBoxAt: 'nextBoxSettlingShare',

  supers: 'none',
  fillsSupers: true,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: false,
  livesInOneBox: false,

  foodWatched: 'each-week',
  feed: 'one-to-one',
  feederStands: false,
  fullness: 'in-flow',

  door: 'narrow-after-winter',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'on',

  treating: 'no',
  isBeforeWinterBees: false,
  fallLimit: 'fallLateSpringADay',
  isUnitingTime: false,
  autumnTold: [],
}
