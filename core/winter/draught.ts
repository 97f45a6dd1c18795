import type { Figures } from '../figures'
import { ZERO_CELSIUS_IN_KELVIN } from './air'
import type { Air } from './moisture'

/** A way for air through a hive: how large, and how high it lies. */
export interface Opening {
  readonly areaMm2: number
  /** Middle above the ground, mm. */
  readonly atMm: number
  /** Its own height, mm. */
  readonly highMm: number
}

/**
 * How freely warmth drives air through a hive, m³/s for each root of ΔT/T: by two openings at different heights
 * 0.6·A·√(2 g h) with 1/A² = 1/A₁² + 1/A₂²; by one alone 0.2·A·√(g h), h its own height (stack effect, ASHRAE Handbook
 * Fundamentals, from memory). At one height each is by itself; wind is not in it.
 */
export function draughtFactor(openings: readonly Opening[], { gravity, oneOpening, twoOpenings }: Figures): number {
  const open = openings.filter(({ areaMm2 }) => areaMm2 > 0).sort((a, b) => a.atMm - b.atMm)
  if (open.length === 0) return 0
  const [lowest, highest] = [open[0]!, open.at(-1)!]
  const middle = (lowest.atMm + highest.atMm) / 2
  const areaOf = (some: readonly Opening[]) => some.reduce((sum, { areaMm2 }) => sum + areaMm2, 0) / 1e6
  const [low, high] = [open.filter(({ atMm }) => atMm <= middle), open.filter(({ atMm }) => atMm > middle)]
  const alone = open.reduce(
    (sum, { areaMm2, highMm }) => sum + oneOpening * (areaMm2 / 1e6) * Math.sqrt((gravity * highMm) / 1000),
    0,
  )
  if (high.length === 0) return alone
  const areaM2 = 1 / Math.hypot(1 / areaOf(low), 1 / areaOf(high))
  const between = twoOpenings * areaM2 * Math.sqrt((2 * gravity * (highest.atMm - lowest.atMm)) / 1000)
  // A way that is hardly higher than the others takes nothing away from what they pass by themselves.
  return Math.max(alone, between)
}

/** Air that warmth drives through a hive of that freedom, m³/s: none where it is no warmer inside. */
export function draughtAt(factor: number, { insideCelsius, outsideCelsius }: Air): number {
  const warmer = Math.max(0, insideCelsius - outsideCelsius)
  return factor * Math.sqrt(warmer / (outsideCelsius + ZERO_CELSIUS_IN_KELVIN))
}

/** The same for openings, m³/s. */
export function draughtOf(openings: readonly Opening[], air: Air, figures: Figures): number {
  return draughtAt(draughtFactor(openings, figures), air)
}

/** Heat that air takes along, W/K, for so many m³/s. */
export function heatOfAir(m3PerS: number, { airHolds }: Figures): number {
  return m3PerS * airHolds
}
