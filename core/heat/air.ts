import type { Figures } from '../figures'

/** Degrees between the zero of Celsius and that of Kelvin (exact, by definition). */
export const ZERO_CELSIUS_IN_KELVIN = 273.15

/** EN ISO 13788, annex E, Eq. E.7 and E.8, from memory: over water from 0 °C up, over ice below. */
const OVER = {
  water: { pa: 610.5, a: 17.269, b: 237.3 },
  ice: { pa: 610.5, a: 21.875, b: 265.5 },
} as const

/**
 * Pressure of water vapour at saturation, Pa, at a temperature in °C (EN ISO 13788, Eq. E.7 and E.8, from memory).
 */
export function saturationPa(celsius: number): number {
  const { pa, a, b } = celsius >= 0 ? OVER.water : OVER.ice
  return pa * Math.exp((a * celsius) / (b + celsius))
}

/**
 * Temperature in °C at which air of so much vapour is saturated: its dew point, or frost point below 0 °C (EN ISO
 * 13788, Eq. E.9 and E.10: the inverse of the above, from memory).
 */
export function dewPointCelsius(vapourPa: number): number {
  const { pa, a, b } = vapourPa >= OVER.water.pa ? OVER.water : OVER.ice
  const log = Math.log(vapourPa / pa)
  return (b * log) / (a - log)
}

/** Vapour in air, kg/m³, at a vapour pressure and a temperature: ideal gas, 461.5 J/(kg·K) (EN ISO 13788, Eq. 2). */
export function vapourDensity(
  vapourPa: number,
  celsius: number,
  { vapourGasJPerKgK }: Pick<Figures, 'vapourGasJPerKgK'>,
): number {
  return vapourPa / (vapourGasJPerKgK * (celsius + ZERO_CELSIUS_IN_KELVIN))
}
