import type { StageMeaning } from './stage'

/** The first super goes on before the flow. */
export const SUPERING: StageMeaning = {
  words: 'supering',
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
  isGrowing: true,
  buildsComb: true,
  bearsOpenSpace: false,
  closesUp: 'no',
  nextBoxAt: 'nextBoxInFlowShare',

  supers: 'first',
  fillsSupers: true,
  supersHoldHoney: false,
  isCropTaken: false,
  supersMayBeFood: false,
  livesInOneBox: false,

  foodWatched: 'each-week',
  feed: 'one-to-one',
  feederStands: false,
  fullness: 'in-flow',

  door: 'free',
  isDoorCleared: false,
  robbers: 'none',
  wrap: 'off',

  treating: 'no',
  isBeforeWinterBees: false,
  fallLimit: 'fallLateSpringADay',
  isUnitingTime: false,
  autumnTold: [],
}
