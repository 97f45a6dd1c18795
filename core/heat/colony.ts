import type { Figures } from '../figures'

/** Seconds of a day. */
export const SECONDS_A_DAY = 86_400
/** Steps in which a balance is found at the latest. */
const MOST_STEPS = 200
/** A balance is closed when no more than this is over, W. */
const CLOSED_TO = 1e-11

/**
 * Heat of a winter cluster, W, in air of so many °C: least where it is warm, more with each degree of cold, at most so
 * much. From memory, ± 40 %; the shape is published, the figures differ from study to study.
 * @param times how much of it is taken, for its bounds
 */
export function clusterWatts(beesKg: number, airCelsius: number, figures: Figures, times = 1): number {
  const { clusterLeastWPerKg, clusterSlopeWPerKgK, clusterTurnCelsius, clusterMostWPerKg } = figures
  return (
    beesKg *
    times *
    Math.min(clusterMostWPerKg, clusterLeastWPerKg + clusterSlopeWPerKgK * Math.max(0, clusterTurnCelsius - airCelsius))
  )
}

/** How warm it is in a hive, and what that takes. */
export interface Balance {
  readonly insideCelsius: number
  readonly watts: number
}

/**
 * Temperature at which a cluster gives what the hive loses, with only the cluster warm: energy balance. More heat is
 * lost the warmer it is and less is given, so that there is one such temperature; found between two bounds by false
 * position (Illinois), to the last figure that a number holds.
 * @param lossWatts what the hive loses at a temperature inside, W; 0 at that of outside
 */
export function balanceOf(
  beesKg: number,
  outsideCelsius: number,
  lossWatts: (insideCelsius: number) => number,
  figures: Figures,
  times = 1,
): Balance {
  const over = (celsius: number) => lossWatts(celsius) - clusterWatts(beesKg, celsius, figures, times)
  let [low, high] = [outsideCelsius, outsideCelsius + 1]
  let [atLow, atHigh] = [over(low), over(high)]
  while (atHigh < 0 && high - outsideCelsius < WARMEST_RISE) {
    ;[low, atLow] = [high, atHigh]
    high = outsideCelsius + 2 * (high - outsideCelsius)
    atHigh = over(high)
  }
  let insideCelsius = atLow >= 0 ? low : high
  for (let i = 0; i < MOST_STEPS && atLow < 0 && atHigh > 0; i++) {
    insideCelsius = (low * atHigh - high * atLow) / (atHigh - atLow)
    const now = over(insideCelsius)
    if (Math.abs(now) < CLOSED_TO) break
    if (now < 0) {
      ;[low, atLow] = [insideCelsius, now]
      atHigh /= 2
    } else {
      ;[high, atHigh] = [insideCelsius, now]
      atLow /= 2
    }
  }
  return { insideCelsius, watts: clusterWatts(beesKg, insideCelsius, figures, times) }
}

/** No air in a hive is warmer than outside by more than this many degrees: a hive that loses nothing would be. */
const WARMEST_RISE = 1e3

/** Honey that is burnt for so much heat, kg a day: energy of honey (USDA FoodData Central, 304 kcal in 100 g). */
export function honeyKgADay(watts: number, { honeyEnergyMjPerKg }: Figures): number {
  return (watts * SECONDS_A_DAY) / (honeyEnergyMjPerKg * 1e6)
}

/**
 * Water that is given off with so much honey, kg: of its burnt sugar (C₆H₁₂O₆ + 6 O₂ → 6 CO₂ + 6 H₂O) and what it holds
 * itself.
 */
export function waterOfHoneyKg(honeyKg: number, { waterOfSugarKgPerKg, honeyWaterShare }: Figures): number {
  return honeyKg * (waterOfSugarKgPerKg * (1 - honeyWaterShare) + honeyWaterShare)
}
