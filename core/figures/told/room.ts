import type { ROOM } from '../room'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: how much room a colony needs, and food. */
export const ROOM_TOLD = {
  cellWidth: { unit: 'mm', label: 'width of a worker cell', usedIn: 'rooms', source: MEMORY },
  broodNeedMend: {
    unit: 'cells',
    label: 'brood space, too little under',
    usedIn: 'rooms',
    source: COMMON,
  },
  broodNeedWatch: { unit: 'cells', label: 'brood space, tight under', usedIn: 'rooms', source: COMMON },
  layingPeak: { unit: 'eggs a day', label: 'laying at the peak', usedIn: 'rooms', source: COMMON },
  broodDays: {
    unit: 'days',
    label: 'days from egg to bee',
    usedIn: 'rooms: what a queen fills at her peak',
    source: COMMON,
  },
  prolific: {
    unit: '',
    label: 'a prolific strain needs this many times the room',
    usedIn: 'rooms',
    source: COMMON,
  },
  foodYearMin: {
    unit: 'kg',
    label: 'honey for a colony’s own use in a year, a common saying, at least',
    usedIn: 'rooms',
    source: COMMON,
  },
  foodYearMax: {
    unit: 'kg',
    label: 'honey for a colony’s own use in a year, a common saying, at most',
    usedIn: 'rooms',
    source: COMMON,
  },
  storesFromSugar: {
    unit: 'kg',
    label: 'stores that a kilogram of sugar gives',
    usedIn: 'feeding',
    source: COMMON,
  },
  storesFromFondant: {
    unit: 'kg',
    label: 'stores that a kilogram of fondant gives: it is 80 to 90 % sugar',
    usedIn: 'feeding',
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof ROOM, Told>
