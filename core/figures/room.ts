import { COMMON, MEMORY, type Figure } from './figure'

/** How much room a colony needs, and food. */
export const ROOM = {
  cellWidth: { value: 5.4, unit: 'mm', label: 'width of a worker cell', usedIn: 'rooms', source: MEMORY },
  broodNeedMend: {
    value: 42000,
    unit: 'cells',
    label: 'brood space, too little under',
    usedIn: 'rooms',
    source: COMMON,
  },
  broodNeedWatch: { value: 55000, unit: 'cells', label: 'brood space, tight under', usedIn: 'rooms', source: COMMON },
  layingPeak: { value: 2000, unit: 'eggs a day', label: 'laying at the peak', usedIn: 'rooms', source: COMMON },
  broodDays: {
    value: 21,
    unit: 'days',
    label: 'days from egg to bee',
    usedIn: 'rooms: what a queen fills at her peak',
    source: COMMON,
  },
  prolific: {
    value: 1.5,
    unit: '',
    label: 'a prolific strain needs this many times the room',
    usedIn: 'rooms',
    source: COMMON,
  },
  foodYearMin: {
    value: 23,
    unit: 'kg',
    label: 'honey kept on a hive of two boxes where winters are cold, at least',
    usedIn: 'rooms',
    source: COMMON,
  },
  foodYearMax: {
    value: 32,
    unit: 'kg',
    label: 'honey kept on a hive of two boxes where winters are cold, at most',
    usedIn: 'rooms',
    source: COMMON,
  },
  storesFromSugar: {
    value: 1.25,
    unit: 'kg',
    label: 'stores that a kilogram of sugar gives',
    usedIn: 'feeding',
    source: COMMON,
  },
} as const satisfies Record<string, Figure>
