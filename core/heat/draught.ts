import type { Figures } from '../figures'
import { ZERO_CELSIUS_IN_KELVIN } from './air'
import type { Air } from './moisture'

/** Parts of a height that are halved until it is as sure as a figure can be. */
const HALVINGS = 60

/** A way for air through a hive: how large, and how high it lies. */
export interface AirOpening {
  readonly areaMm2: number
  /** Middle above the ground, mm. */
  readonly atMm: number
  /** Its own height, mm. */
  readonly highMm: number
}

/**
 * How freely warmth drives air through a hive, m³/s for each root of ΔT/T: by openings at different heights 0.6·A·√(2 g
 * h) each, h from the level at which as much comes in below as goes out above (of two: 1/A² = 1/A₁² + 1/A₂²); by one
 * alone 0.2·A·√(g h), h its own height (stack effect, ASHRAE Handbook Fundamentals, from memory). Wind is not in it.
 */
export function draughtFactor(
  openings: readonly AirOpening[],
  { gravityMPerS2, oneOpeningFactor, twoOpeningsFactor }: Figures,
): number {
  const open = openings.filter(({ areaMm2 }) => areaMm2 > 0)
  if (open.length === 0) return 0
  const alone = open.reduce(
    (sum, { areaMm2, highMm }) => sum + oneOpeningFactor * (areaMm2 / 1e6) * Math.sqrt((gravityMPerS2 * highMm) / 1000),
    0,
  )
  const level = neutralMm(open)
  const out = open.reduce((sum, { areaMm2, atMm }) => sum + areaMm2 * Math.sqrt(Math.max(0, atMm - level)), 0)
  // A way that is hardly higher than the others takes nothing away from what they pass by themselves.
  return Math.max(alone, twoOpeningsFactor * (out / 1e6) * Math.sqrt((2 * gravityMPerS2) / 1000))
}

/** The level at which as much air comes in below as goes out above, mm; found by halving. */
function neutralMm(open: readonly AirOpening[]): number {
  const heights = open.map(({ atMm }) => atMm)
  let [low, high] = [Math.min(...heights), Math.max(...heights)]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    const out = open.reduce(
      (sum, { areaMm2, atMm }) => sum + areaMm2 * Math.sign(atMm - middle) * Math.sqrt(Math.abs(atMm - middle)),
      0,
    )
    if (out > 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/**
 * The share of all air that leaves by each of these openings, in their order: those above the level at which as much
 * comes in as goes out, or each by itself where they lie at one height. They add up to 1, or to 0 where none is open.
 */
export function leavesBy(openings: readonly AirOpening[]): number[] {
  const open = openings.filter(({ areaMm2 }) => areaMm2 > 0)
  const level = open.length > 0 ? neutralMm(open) : 0
  const above = openings.map(({ areaMm2, atMm }) => areaMm2 * Math.sqrt(Math.max(0, atMm - level)))
  const alone = openings.map(({ areaMm2, highMm }) => areaMm2 * Math.sqrt(highMm))
  const flows = above.some((flow) => flow > 1e-6) ? above : alone
  const all = flows.reduce((sum, flow) => sum + flow, 0)
  return flows.map((flow) => (all > 0 ? flow / all : 0))
}

/** Air that warmth drives through a hive of that freedom, m³/s: none where it is no warmer inside. */
export function draughtAt(factor: number, { insideCelsius, outsideCelsius }: Air): number {
  const warmer = Math.max(0, insideCelsius - outsideCelsius)
  return factor * Math.sqrt(warmer / (outsideCelsius + ZERO_CELSIUS_IN_KELVIN))
}

/** The same for openings, m³/s. */
export function draughtOf(openings: readonly AirOpening[], air: Air, figures: Figures): number {
  return draughtAt(draughtFactor(openings, figures), air)
}

/** Heat that air takes along, W/K, for so many m³/s. */
export function heatOfAir(m3PerS: number, { airHoldsJPerM3K }: Figures): number {
  return m3PerS * airHoldsJPerM3K
}
