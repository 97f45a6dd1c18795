import { COMMON, MEMORY, type Figure } from './figure'

/** Days of the year's stages, and what makes a step of a visit a lift. */
export const STAGES = {
  lateWinterDays: {
    value: 28,
    unit: 'days',
    label: 'late-winter check before first pollen',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  superingDays: {
    value: 21,
    unit: 'days',
    label: 'supers go on before a flow',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  cropDays: {
    value: 14,
    unit: 'days',
    label: 'crop is taken after a flow',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  packDownDays: {
    value: 28,
    unit: 'days',
    label: 'packing down before first frost',
    usedIn: 'stages of the year',
    source: MEMORY,
  },
  longestFlowDays: {
    value: 240,
    unit: 'days',
    label: 'no flow is taken to be longer',
    usedIn: 'dates of the year',
    source: MEMORY,
  },
  miteCountDays: {
    value: 30,
    unit: 'days',
    label: 'from one mite count to the next',
    usedIn: 'calendar',
    source: COMMON,
  },
  winterBeeDays: {
    value: 56,
    unit: 'days',
    label: 'winter bees are raised before first frost',
    usedIn: 'calendar',
    source: COMMON,
  },
  lastLookDays: {
    value: 14,
    unit: 'days',
    label: 'joints are glued again after',
    usedIn: 'cautions of a visit',
    source: COMMON,
  },
  liftFrom: { value: 3, unit: 'kg', label: 'a move of this much is a lift', usedIn: 'visits', source: COMMON },
  twoPeopleFrom: {
    value: 23,
    unit: 'kg',
    label: 'a lift for two, from',
    usedIn: 'cautions of a visit',
    source: MEMORY,
  },
} as const satisfies Record<string, Figure>
