import { parseArgs } from 'node:util'
import { sendAll, sendSigned } from './lib/device'
import { generator } from './scale'

const HELP = `A simulated sensor of temperature and humidity in a hive: sends signed readings to a Duvet server.

  npm run sensor -- --id <sensor> --key <key> [--url http://127.0.0.1:3000] [--days 3] [--from 2026-01-10] [--mean -4] [--place inside] [--seed 1]

It follows day and night, it drifts, its clock jumps once into the next year, and it sends some reports twice.
`

export interface SensorOptions {
  readonly days: number
  readonly from: string
  /** Mean outside, °C. */
  readonly meanCelsius: number
  readonly place: 'inside' | 'crown' | 'outside'
  readonly seed: number
}

export interface SensorReport {
  readonly sequence: number
  readonly batteryPercent: number
  readonly readings: readonly { readonly at: string; readonly celsius: number; readonly humidityPercent: number }[]
}

const MINUTES = 30
const PER_REPORT = 48
const YEAR_MS = 365 * 86_400_000
/** How much warmer than outside it is where the sensor is, and how damp. */
const PLACES = {
  outside: { warmer: 0, damp: 85 },
  inside: { warmer: 7, damp: 68 },
  crown: { warmer: 9, damp: 62 },
} as const

/** What a sensor would send through a winter: day and night, drift, a clock that jumps once, some reports twice. */
export function simulatedAir({ days, from, meanCelsius, place, seed }: SensorOptions): SensorReport[] {
  const chance = generator(seed)
  const start = Date.parse(`${from}T00:00:00Z`)
  const count = Math.round((days * 24 * 60) / MINUTES)
  const { warmer, damp } = PLACES[place]
  const jump = Math.floor(count * 0.7)
  const reports: SensorReport[] = []
  let pending: SensorReport['readings'][number][] = []
  for (let i = 0; i < count; i++) {
    const hour = ((i * MINUTES) / 60) % 24
    const sun = Math.cos(((hour - 14) / 12) * Math.PI)
    const weather = 3 * Math.sin((i / count) * days * 0.9)
    const outside = meanCelsius + 3 * sun + weather
    const at = start + i * MINUTES * 60_000 + (i === jump ? YEAR_MS : 0)
    pending.push({
      at: new Date(at).toISOString(),
      celsius:
        Math.round((outside * (warmer > 0 ? 0.8 : 1) + warmer + 0.0001 * i + (chance() - 0.5) * 0.3) * 100) / 100,
      humidityPercent: Math.round(Math.min(100, Math.max(20, damp - 5 * sun + (chance() - 0.5) * 4)) * 10) / 10,
    })
    if (pending.length < PER_REPORT && i < count - 1) continue
    const report = {
      sequence: (reports.at(-1)?.sequence ?? 0) + 1,
      batteryPercent: Math.max(5, Math.round(100 - (i / count) * 60)),
      readings: pending,
    }
    reports.push(report)
    if (chance() < 0.1) reports.push(report)
    pending = []
  }
  return reports
}

/** Sends one report of a sensor, signed. */
export function sendAir(url: string, id: string, keyHex: string, report: SensorReport): Promise<Response> {
  return sendSigned(`${url}/api/sensors/${encodeURIComponent(id)}/readings`, keyHex, report)
}

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      id: { type: 'string' },
      key: { type: 'string' },
      url: { type: 'string', default: 'http://127.0.0.1:3000' },
      days: { type: 'string', default: '3' },
      from: { type: 'string', default: '2026-01-10' },
      mean: { type: 'string', default: '-4' },
      place: { type: 'string', default: 'inside' },
      seed: { type: 'string', default: '1' },
      help: { type: 'boolean', default: false },
    },
  })
  const place = (Object.keys(PLACES) as SensorOptions['place'][]).find((one) => one === values.place)
  if (values.help || !values.id || !values.key || !place) {
    process.stdout.write(HELP)
    process.exitCode = values.help ? 0 : 2
    return
  }
  const { id, key, url } = values
  const reports = simulatedAir({
    days: Number(values.days),
    from: values.from,
    meanCelsius: Number(values.mean),
    place,
    seed: Number(values.seed),
  })
  await sendAll(reports, (report) => sendAir(url, id, key, report))
}

if (process.argv[1]?.endsWith('sensor.ts')) void main()
