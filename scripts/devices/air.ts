import { roundTo } from '#core/units'
import { hourOf, type SimulatedDevice } from './simulated'

const YEAR_MS = 365 * 86_400_000
/** How much warmer than outside it is where the sensor is, and how damp. */
const PLACES: Readonly<Record<string, { readonly warmer: number; readonly damp: number }>> = {
  outside: { warmer: 0, damp: 85 },
  inside: { warmer: 7, damp: 68 },
  crown: { warmer: 9, damp: 62 },
}

/** A sensor through a winter: day and night, drift, a clock that jumps once into the next year. */
export const SENSOR: SimulatedDevice<{
  readonly at: string
  readonly celsius: number
  readonly humidityPercent: number
}> = {
  about: `A sensor of temperature and humidity at --place ${Object.keys(PLACES).join(', ')}: drifts, its clock jumps once. --start is the mean outside, °C.`,
  usual: { from: '2026-01-10', start: -4, place: 'inside' },
  minutes: 30,
  readings({ days, start, place = 'inside' }, count, chance) {
    const { warmer, damp } = PLACES[place] ?? PLACES.inside!
    const jump = Math.floor(count * 0.7)
    return (i, atMs) => {
      const sun = Math.cos(((hourOf(atMs) - 14) / 12) * Math.PI)
      const outside = start + 3 * sun + 3 * Math.sin((i / count) * days * 0.9)
      const celsius = outside * (warmer > 0 ? 0.8 : 1) + warmer + 0.0001 * i + (chance() - 0.5) * 0.3
      return {
        at: new Date(atMs + (i === jump ? YEAR_MS : 0)).toISOString(),
        celsius: roundTo(celsius, 2),
        humidityPercent: roundTo(Math.min(100, Math.max(20, damp - 5 * sun + (chance() - 0.5) * 4)), 1),
      }
    }
  },
  battery: (through) => Math.max(0.05, 1 - through * 0.6),
}
