import { COMMON, MEMORY, figure } from './figure'

/** What lies between the colony and the cold. */
export const WINTER = {
  woodConductsWPerMK: figure(0.12, 'W/(m·K)', 'timber conducts', 'winter: heat', MEMORY),
  polystyreneConductsWPerMK: figure(0.036, 'W/(m·K)', 'polystyrene of boxes conducts', 'winter: heat', MEMORY),
  foamConductsWPerMK: figure(0.033, 'W/(m·K)', 'an insulation slab conducts', 'winter: heat', MEMORY),
  chipsConductWPerMK: figure(0.06, 'W/(m·K)', 'chips of an absorbing top conduct', 'winter: heat', MEMORY),
  chipsLeastMm: figure(25, 'mm', 'chips of an absorbing top, at least', 'winter top', COMMON),
  needMaritimeKgLow: figure(16, 'kg', 'stores for a cool maritime winter, from', 'winter food', COMMON),
  needMaritimeKgHigh: figure(20, 'kg', 'stores for a cool maritime winter, to', 'winter food', COMMON),
  needWarmKgLow: figure(18, 'kg', 'stores for a warm temperate winter, from', 'winter food', COMMON),
  needWarmKgHigh: figure(27, 'kg', 'stores for a warm temperate winter, to', 'winter food', COMMON),
  needColdKgLow: figure(27, 'kg', 'stores for a cold continental winter, from', 'winter food', COMMON),
  needColdKgHigh: figure(41, 'kg', 'stores for a cold continental winter, to', 'winter food', COMMON),
  needDearthKgLow: figure(5, 'kg', 'stores for a dearth without a winter, from', 'winter food', MEMORY),
  needDearthKgHigh: figure(10, 'kg', 'stores for a dearth without a winter, to', 'winter food', MEMORY),
  prolificFoodTimes: figure(1.2, '', 'a prolific strain eats so many times as much in winter', 'winter food', MEMORY),
  needsAlikeShare: figure(
    0.1,
    '',
    'two reckonings of winter food that are alike differ by, at most',
    'winter food',
    MEMORY,
  ),
  mildLookCelsius: figure(10, '°C', 'where there is no winter, tops are held against', 'winter tops', COMMON),
} as const
