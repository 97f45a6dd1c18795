import { STANDARD_GRAVITY_MS2 } from '../../units'
import type { Figures } from '../../figures'

type Wind = Pick<Figures, 'windForceFactor' | 'airDensityKgPerM3'>

/**
 * The wind that tips a body over the edge of its base, m/s: q = M·g·(b/2) / (c·A·lever), v = √(2q/ρ), with c = 1.3 and
 * ρ = 1.25 kg/m³. Form of EN 1991-1-4; c and ρ from memory. A screening figure.
 * @param massKg all that tips with it
 * @param baseMm the narrower side that it stands on
 * @param areaM2 side facing the wind
 * @param leverMm from the edge up to the middle of that side
 */
export function tippingWindMs(massKg: number, baseMm: number, areaM2: number, leverMm: number, figures: Wind): number {
  const pressurePa =
    (massKg * STANDARD_GRAVITY_MS2 * (baseMm / 2000)) / (figures.windForceFactor * areaM2 * (leverMm / 1000))
  return Math.sqrt((2 * pressurePa) / figures.airDensityKgPerM3)
}

/** The wind that takes a roof, m/s: c·q·area against the weight of roof and ballast. The same source. */
export function roofWindMs(massKg: number, areaM2: number, figures: Wind): number {
  return Math.sqrt((2 * massKg * STANDARD_GRAVITY_MS2) / (figures.windForceFactor * areaM2 * figures.airDensityKgPerM3))
}
