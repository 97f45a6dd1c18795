import type { Figures } from '../figures'
import type { WinterMonth } from './months'
import { honeyKgADay } from './colony'
import { burnAt, type Inside, type Shell } from './state'

/** Kilograms with what is known of them. */
export interface Bounded {
  readonly low: number
  readonly middle: number
  readonly high: number
}

/** What one month of winter takes. */
export interface MonthOfFood extends WinterMonth {
  /** How warm it is in the hive in its mean, °C, at the middle of what is known. */
  readonly insideCelsius: number
  /** Honey of one colony, kg. */
  readonly honeyKg: Bounded
}

/**
 * Honey that a colony burns through the months of a winter, kg, by its heat: more where there is brood. Its bounds are
 * those of what is known of a cluster's heat; flights, robbing, cold snaps, wind, sun and damp wood are not in it.
 */
export function foodThrough(
  shell: Shell,
  months: readonly WinterMonth[],
  beesKg: number,
  inside: Inside,
  figures: Figures,
): MonthOfFood[] {
  const { clusterBoundsShare, broodEatsTimes } = figures
  return months.map((month) => {
    const at = (times: number) => burnAt(shell, { outsideCelsius: month.celsius, beesKg, inside, times }, figures)
    const middle = at(1)
    const kg = (watts: number) =>
      honeyKgADay(watts, figures) * month.days * (1 + month.withBrood * (broodEatsTimes - 1))
    const [low, high] =
      inside.warm === 'cluster' ? [at(1 - clusterBoundsShare), at(1 + clusterBoundsShare)] : [middle, middle]
    return {
      ...month,
      insideCelsius: middle.insideCelsius,
      honeyKg: { low: kg(low.colonyWatts), middle: kg(middle.colonyWatts), high: kg(high.colonyWatts) },
    }
  })
}

/** The same, all months together, kg. */
export function foodInAll(months: readonly Pick<MonthOfFood, 'honeyKg'>[]): Bounded {
  const sum = (bound: keyof Bounded) => months.reduce((all, { honeyKg }) => all + honeyKg[bound], 0)
  return { low: sum('low'), middle: sum('middle'), high: sum('high') }
}
