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

/** How strongly warm air rises, (m/s)² for each m of height: 2 g ΔT / T, T of outside in K. */
function lift({ insideCelsius, outsideCelsius }: Air, { gravity }: Figures): number {
  const warmer = Math.max(0, insideCelsius - outsideCelsius)
  return (2 * gravity * warmer) / (outsideCelsius + ZERO_CELSIUS_IN_KELVIN)
}

/**
 * Air that warmth drives through a hive, m³/s: by two openings at different heights 0.6·A·√(2 g h ΔT/T) with
 * 1/A² = 1/A₁² + 1/A₂²; by one alone 0.2·A·√(g h ΔT/T), h its own height (stack effect, ASHRAE Handbook Fundamentals,
 * from memory). Several at one height count as one; wind is not in it.
 */
export function draughtOf(openings: readonly Opening[], air: Air, figures: Figures): number {
  const open = openings.filter(({ areaMm2 }) => areaMm2 > 0).sort((a, b) => a.atMm - b.atMm)
  if (open.length === 0) return 0
  const [lowest, highest] = [open[0]!, open.at(-1)!]
  const middle = (lowest.atMm + highest.atMm) / 2
  const areaOf = (some: readonly Opening[]) => some.reduce((sum, { areaMm2 }) => sum + areaMm2, 0) / 1e6
  const [low, high] = [open.filter(({ atMm }) => atMm <= middle), open.filter(({ atMm }) => atMm > middle)]
  if (high.length === 0)
    return (figures.oneOpening * areaOf(open) * Math.sqrt((lift(air, figures) * lowest.highMm) / 1000)) / Math.SQRT2
  const areaM2 = 1 / Math.hypot(1 / areaOf(low), 1 / areaOf(high))
  return figures.twoOpenings * areaM2 * Math.sqrt((lift(air, figures) * (highest.atMm - lowest.atMm)) / 1000)
}

/** Heat that air takes along, W/K, for so many m³/s. */
export function heatOfAir(m3PerS: number, { airHolds }: Figures): number {
  return m3PerS * airHolds
}
