import type { STAGES } from '../stages'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: days of the year's stages, and what makes a step of a visit a lift. */
export const STAGES_TOLD = {
  lateWinterDays: {
    unit: 'days',
    label: 'late-winter check before first pollen',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  forageAfterPollen: {
    unit: 'days',
    label: 'forage can be relied on after first pollen',
    usedIn: 'food on a day',
    source: MEMORY,
  },
  swarmAfterPollen: {
    unit: 'days',
    label: 'swarming is likely after first pollen',
    usedIn: 'when to look next',
    source: COMMON,
  },
  needNucleusLow: { unit: 'kg', label: 'winter food of a nucleus, from', usedIn: 'food on a day', source: MEMORY },
  needNucleusHigh: { unit: 'kg', label: 'winter food of a nucleus, to', usedIn: 'food on a day', source: MEMORY },
  foodLeast: { unit: 'kg', label: 'food that a colony is never kept under', usedIn: 'food on a day', source: COMMON },
  superingDays: {
    unit: 'days',
    label: 'supers go on before a flow',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  cropDays: {
    unit: 'days',
    label: 'crop is taken after a flow',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  afterCropLeast: {
    unit: 'days',
    label: 'after the last crop there are at least',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  treatWithin: {
    unit: 'days',
    label: 'winter bees are raised already, and mites are treated within',
    usedIn: 'time to treat',
    source: MEMORY,
  },
  packDownDays: {
    unit: 'days',
    label: 'packing down before first frost',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  longestFlowDays: {
    unit: 'days',
    label: 'no flow is taken to be longer',
    usedIn: 'dates of the year',
    source: MEMORY,
  },
  miteCountDays: {
    unit: 'days',
    label: 'from one mite count to the next',
    usedIn: 'calendar',
    source: COMMON,
  },
  winterBeeDays: {
    unit: 'days',
    label: 'winter bees are raised before first frost',
    usedIn: 'calendar',
    source: COMMON,
  },
  feedDays: {
    unit: 'days',
    label: 'feeding and treating have after the crop, at least',
    usedIn: 'packing down',
    source: MEMORY,
  },
  wrapCelsius: {
    unit: '°C',
    label: 'wraps go on when the mean of a day falls under',
    usedIn: 'wrapping',
    source: COMMON,
  },
  lastLookDays: {
    unit: 'days',
    label: 'joints are glued again after',
    usedIn: 'cautions of a visit',
    source: COMMON,
  },
  liftFrom: { unit: 'kg', label: 'a move of this much is a lift', usedIn: 'visits', source: COMMON },
  twoPeopleFrom: {
    unit: 'kg',
    label: 'a lift for two, from',
    usedIn: 'cautions of a visit',
    source: MEMORY,
  },
  travelWay: {
    unit: 'mm',
    label: 'way out for air between a travel screen and what lies over it, at least',
    usedIn: 'moving a hive',
    source: MEMORY,
  },
  nextBoxSettling: {
    unit: '',
    label: 'share of the frames worked at which the next box is given, while a colony settles or builds up',
    usedIn: 'when the next box is due',
    source: COMMON,
  },
  nextBoxInFlow: {
    unit: '',
    label: 'the same from the first super on',
    usedIn: 'when the next box is due',
    source: COMMON,
  },
} as const satisfies Record<keyof typeof STAGES, Told>
