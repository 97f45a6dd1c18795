import type { Source } from '../units'
import { COMMON, MEMORY, figure } from './figure'

const SWARMS: Source = { mark: 'P', text: 'Seeley 1977, Behavioral Ecology and Sociobiology 2, from memory' }

/** How much room a colony needs, and food. */
export const ROOM = {
  cellWidthMm: figure(5.4, 'mm', 'width of a worker cell', 'rooms', MEMORY),
  broodNeedMendCells: figure(42_000, 'cells', 'brood space, too little under', 'rooms', COMMON),
  broodNeedWatchCells: figure(55_000, 'cells', 'brood space, tight under', 'rooms', COMMON),
  layingPeakEggsADay: figure(2000, 'eggs a day', 'laying at the peak', 'rooms', COMMON),
  broodDays: figure(21, 'days', 'days from egg to bee', 'rooms: what a queen fills at her peak', COMMON),
  prolificRoomTimes: figure(1.5, '', 'a prolific strain needs this many times the room', 'rooms', COMMON),
  foodYearMinKg: figure(23, 'kg', 'honey for a colony’s own use in a year, a common saying, at least', 'rooms', COMMON),
  foodYearMaxKg: figure(32, 'kg', 'honey for a colony’s own use in a year, a common saying, at most', 'rooms', COMMON),
  storesFromSugarKgPerKg: figure(1.25, 'kg/kg', 'stores that a kilogram of sugar gives', 'feeding', COMMON),
  storesFromFondantKgPerKg: figure(
    1.05,
    'kg/kg',
    'stores that a kilogram of fondant gives: it is 80 to 90 % sugar',
    'feeding',
    MEMORY,
  ),
  usualSupers: figure(2, 'supers', 'supers of a hive that has fewer now', 'plan of the year', COMMON),
  baitLeastLitres: figure(25, 'L', 'room of a bait hive, at least', 'bait hives', SWARMS),
  baitUsualLitres: figure(40, 'L', 'room that a swarm looks for', 'bait hives', SWARMS),
  baitMostLitres: figure(60, 'L', 'room of a bait hive, at most', 'bait hives', SWARMS),
} as const
