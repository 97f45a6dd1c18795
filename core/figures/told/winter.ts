import type { WINTER } from '../winter'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: what lies between the colony and the cold. */
export const WINTER_TOLD = {
  woodConducts: {
    unit: 'W/(m·K)',
    label: 'timber conducts',
    usedIn: 'winter: heat',
    source: MEMORY,
  },
  polystyreneConducts: {
    unit: 'W/(m·K)',
    label: 'polystyrene of boxes conducts',
    usedIn: 'winter: heat',
    source: MEMORY,
  },
  foamConducts: {
    unit: 'W/(m·K)',
    label: 'an insulation slab conducts',
    usedIn: 'winter: heat',
    source: MEMORY,
  },
  chipsConduct: {
    unit: 'W/(m·K)',
    label: 'chips of an absorbing top conduct',
    usedIn: 'winter: heat',
    source: MEMORY,
  },
  chipsLeast: {
    unit: 'mm',
    label: 'chips of an absorbing top, at least',
    usedIn: 'winter top',
    source: COMMON,
  },
  needMaritimeLow: {
    unit: 'kg',
    label: 'stores for a cool maritime winter, from',
    usedIn: 'winter food',
    source: COMMON,
  },
  needMaritimeHigh: {
    unit: 'kg',
    label: 'stores for a cool maritime winter, to',
    usedIn: 'winter food',
    source: COMMON,
  },
  needWarmLow: {
    unit: 'kg',
    label: 'stores for a warm temperate winter, from',
    usedIn: 'winter food',
    source: COMMON,
  },
  needWarmHigh: {
    unit: 'kg',
    label: 'stores for a warm temperate winter, to',
    usedIn: 'winter food',
    source: COMMON,
  },
  needColdLow: {
    unit: 'kg',
    label: 'stores for a cold continental winter, from',
    usedIn: 'winter food',
    source: COMMON,
  },
  needColdHigh: {
    unit: 'kg',
    label: 'stores for a cold continental winter, to',
    usedIn: 'winter food',
    source: COMMON,
  },
  needDearthLow: {
    unit: 'kg',
    label: 'stores for a dearth without a winter, from',
    usedIn: 'winter food',
    source: MEMORY,
  },
  needDearthHigh: {
    unit: 'kg',
    label: 'stores for a dearth without a winter, to',
    usedIn: 'winter food',
    source: MEMORY,
  },
  prolificFood: {
    unit: '',
    label: 'a prolific strain eats so many times as much in winter',
    usedIn: 'winter food',
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof WINTER, Told>
