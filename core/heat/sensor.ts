import type { Figures } from '../figures'
import { dewPointOf, surfaceCelsius } from './moisture'
import { lossWPerK, type Shell } from './state'
import { draughtOf, heatOfAir } from './draught'
import type { HeatFace } from './enclosure'

export const SENSOR_PLACES = ['inside', 'crown', 'outside'] as const
/** Where a sensor is: among the combs, under the crown, outside of the hive. */
export type SensorPlace = (typeof SENSOR_PLACES)[number]

/** What a sensor says of the air where it is. */
export interface AirReading {
  /** UTC. */
  readonly at: string
  readonly celsius: number
  /** Per cent, where it measures it. */
  readonly humidityPercent: number | null
}

/** What a reading in a hive says of it. */
export interface ReadAs {
  /** Undefined where no humidity was measured. */
  readonly dewPointCelsius: number | undefined
  /** Faces that are at the dew point or below it now. */
  readonly wet: readonly HeatFace[]
  /** What the colony gives, W: what is lost at this difference; at least nothing. */
  readonly watts: number
}

/**
 * What a reading in the hive says with the air outside: dew point, faces that are wet now, heat of the cluster from the
 * difference (EN ISO 13788 and heat balance).
 */
export function readAs(
  { enclosure, openings }: Shell,
  { celsius, humidityPercent }: Pick<AirReading, 'celsius' | 'humidityPercent'>,
  outsideCelsius: number,
  figures: Figures,
): ReadAs {
  const air = { insideCelsius: celsius, outsideCelsius }
  const dewPointCelsius = humidityPercent === null ? undefined : dewPointOf(celsius, humidityPercent / 100)
  const wPerK = lossWPerK(enclosure) + heatOfAir(draughtOf(openings, air, figures), figures)
  return {
    dewPointCelsius,
    wet:
      dewPointCelsius === undefined
        ? []
        : enclosure.faces.filter((face) => surfaceCelsius(face, air) <= dewPointCelsius),
    watts: Math.max(0, wPerK * (celsius - outsideCelsius)) / enclosure.colonies,
  }
}

/** Warmer than any air in a hive or outside it, °C, and colder: such readings are in another unit (from memory). */
const POSSIBLE = { least: -55, most: 50 } as const

/** Whether readings that are said to be in °C can only be in °F. */
export function looksFahrenheit(celsius: Iterable<number>): boolean {
  let [most, least] = [-Infinity, Infinity]
  for (const one of celsius) {
    most = Math.max(most, one)
    least = Math.min(least, one)
  }
  return most > POSSIBLE.most && least > POSSIBLE.least
}

/** A reading that is further from those beside it than this was written by a clock that had jumped, ms (31 days). */
const JUMPED_MS = 31 * 86_400_000

/**
 * Readings in their order without those that a clock wrote which had jumped for one of them: far from the reading
 * before and from the one after; at an end, from the only one beside it where those agree. Common practice.
 */
export function withoutJumps<R extends Pick<AirReading, 'at'>>(readings: readonly R[]): R[] {
  const times = readings.map(({ at }) => Date.parse(at))
  const far = (i: number, j: number) => Math.abs(times[i]! - times[j]!) > JUMPED_MS
  const last = readings.length - 1
  if (last < 2) return [...readings]
  return readings.filter((_, i) => {
    if (i === 0) return !(far(0, 1) && !far(1, 2))
    if (i === last) return !(far(last, last - 1) && !far(last - 1, last - 2))
    return !(far(i, i - 1) && far(i, i + 1) && !far(i - 1, i + 1))
  })
}
