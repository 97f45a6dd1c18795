import type { Figures } from '../figures'
import { dewPointCelsius, saturationPa, vapourDensity } from './air'
import { SECONDS_A_DAY } from './colony'
import type { HeatFace } from './enclosure'

/** Air inside and outside of a hive. */
export interface Air {
  readonly insideCelsius: number
  readonly outsideCelsius: number
}

/** Surface of a face inside, °C: T_out + (1 − R_si / R) · (T_in − T_out) (EN ISO 13788, Eq. 4). */
export function surfaceCelsius(
  { pathM2KPerW, insideM2KPerW }: Pick<HeatFace, 'pathM2KPerW' | 'insideM2KPerW'>,
  { insideCelsius, outsideCelsius }: Air,
): number {
  return outsideCelsius + (1 - insideM2KPerW / pathM2KPerW) * (insideCelsius - outsideCelsius)
}

/** Humidity inside from which a face drips, or grows frost, 0 to 1: e_s of its surface / e_s of the air. */
export function dripsFrom(face: Pick<HeatFace, 'pathM2KPerW' | 'insideM2KPerW'>, air: Air): number {
  return saturationPa(surfaceCelsius(face, air)) / saturationPa(air.insideCelsius)
}

/** The face that is wet first: the one that drips from the lowest humidity on; undefined where there are no faces. */
export function wetFirst<F extends Pick<HeatFace, 'pathM2KPerW' | 'insideM2KPerW'>>(
  faces: readonly F[],
  air: Air,
): F | undefined {
  return [...faces].sort((a, b) => dripsFrom(a, air) - dripsFrom(b, air))[0]
}

/** Dew point of air of so much humidity, °C. */
export function dewPointOf(celsius: number, humidity: number): number {
  return dewPointCelsius(saturationPa(celsius) * humidity)
}

/**
 * Air that carries off all the water before a face drips, m³/s: water / (vapour at e_s of its surface − vapour
 * outside); none is enough where the air outside holds more.
 */
export function airToKeepDry(
  face: Pick<HeatFace, 'pathM2KPerW' | 'insideM2KPerW'>,
  air: Air,
  outsideHumidity: number,
  waterKgADay: number,
  figures: Figures,
): number {
  const inside = vapourDensity(saturationPa(surfaceCelsius(face, air)), air.insideCelsius, figures)
  const outside = vapourDensity(saturationPa(air.outsideCelsius) * outsideHumidity, air.outsideCelsius, figures)
  const carries = inside - outside
  return carries > 0 ? waterKgADay / SECONDS_A_DAY / carries : Number.POSITIVE_INFINITY
}
