import { parseArgs } from 'node:util'
import { sendAll, sendSigned } from './lib/device'

const HELP = `A simulated hive scale: sends signed readings to a Duvet server.

  npm run scale -- --id <scale> --key <key> [--url http://127.0.0.1:3000] [--days 3] [--from 2026-05-01] [--start 60] [--seed 1]

It drifts, it weighs the rain on the roof, its battery dies for half a day, and it sends some reports twice.
`

export interface ScaleOptions {
  readonly days: number
  readonly from: string
  readonly startKg: number
  readonly seed: number
}

export interface ScaleReport {
  readonly sequence: number
  readonly batteryPercent: number
  readonly readings: readonly { readonly at: string; readonly kg: number }[]
}

const MINUTES = 15
const PER_REPORT = 48

/** What a scale under a hive in a flow would send: in order, with gaps, rain, drift, and some reports a second time. */
export function simulatedReports({ days, from, startKg, seed }: ScaleOptions): ScaleReport[] {
  const chance = generator(seed)
  const start = Date.parse(`${from}T00:00:00Z`)
  const count = Math.round((days * 24 * 60) / MINUTES)
  const dead = [Math.floor(count * 0.6), Math.floor(count * 0.6) + Math.min(48, Math.floor(count / 6))] as const
  const reports: ScaleReport[] = []
  let pending: { at: string; kg: number }[] = []
  let rainKg = 0
  for (let i = 0; i < count; i++) {
    if (i >= dead[0] && i < dead[1]) continue
    const hour = ((i * MINUTES) / 60) % 24
    if (chance() < 0.01) rainKg += 0.6 * chance()
    rainKg *= 0.985
    const flowKg = (i / count) * days * 0.9 + 0.5 * Math.max(0, Math.sin(((hour - 7) / 12) * Math.PI))
    const driftKg = 0.0002 * i
    pending.push({
      at: new Date(start + i * MINUTES * 60_000).toISOString(),
      kg: Math.round((startKg + flowKg + driftKg + rainKg + (chance() - 0.5) * 0.06) * 100) / 100,
    })
    if (pending.length === PER_REPORT || i === count - 1) {
      const report = {
        sequence: reports.length === 0 ? 1 : reports.at(-1)!.sequence + 1,
        batteryPercent: Math.max(3, Math.round(100 - (i / Math.max(1, dead[0])) * 90)),
        readings: pending,
      }
      reports.push(report)
      if (chance() < 0.1) reports.push(report)
      pending = []
    }
  }
  return reports
}

/** Chance that can be had again (mulberry32). */
export function generator(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** Sends one report of a scale, signed. */
export function sendReport(url: string, id: string, keyHex: string, report: ScaleReport): Promise<Response> {
  return sendSigned(`${url}/api/scales/${encodeURIComponent(id)}/readings`, keyHex, report)
}

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      id: { type: 'string' },
      key: { type: 'string' },
      url: { type: 'string', default: 'http://127.0.0.1:3000' },
      days: { type: 'string', default: '3' },
      from: { type: 'string', default: '2026-05-01' },
      start: { type: 'string', default: '60' },
      seed: { type: 'string', default: '1' },
      help: { type: 'boolean', default: false },
    },
  })
  if (values.help || !values.id || !values.key) {
    process.stdout.write(HELP)
    process.exitCode = values.help ? 0 : 2
    return
  }
  await sendAll(
    simulatedReports({
      days: Number(values.days),
      from: values.from,
      startKg: Number(values.start),
      seed: Number(values.seed),
    }),
    (report) => sendReport(values.url, values.id!, values.key!, report),
  )
}

if (process.argv[1]?.endsWith('scale.ts')) void main()
