/** What a simulated device is asked for. */
export interface DeviceAsked {
  readonly days: number
  readonly from: string
  /** What its figure begins at: kg under a hive, °C outside. */
  readonly start: number
  readonly place?: string | undefined
  readonly seed: number
}

export interface SimulatedReport<R> {
  readonly sequence: number
  readonly batteryPercent: number
  readonly readings: readonly R[]
}

/** One kind of simulated devices: how often it reads, and what. */
export interface SimulatedDevice<R> {
  /** What it is, how it fails, and what it begins at. */
  readonly about: string
  readonly usual: { readonly from: string; readonly start: number; readonly place?: string }
  readonly minutes: number
  /** Reads one figure after the other; undefined where it is silent. */
  readings(asked: DeviceAsked, count: number, chance: () => number): (i: number, atMs: number) => R | undefined
  /** What is left of its battery, from 0 to 1 through its days. */
  readonly battery: (through: number) => number
}

/** The hour of the day, with its fraction, UTC. */
export const hourOf = (atMs: number): number => (atMs / 3_600_000) % 24

const PER_REPORT = 48
const AGAIN = 0.1

/** What a device would send: in order, and some reports a second time. */
export function simulated<R>(device: SimulatedDevice<R>, asked: DeviceAsked): SimulatedReport<R>[] {
  const chance = generator(asked.seed)
  const start = Date.parse(`${asked.from}T00:00:00Z`)
  const count = Math.round((asked.days * 24 * 60) / device.minutes)
  const read = device.readings(asked, count, chance)
  const reports: SimulatedReport<R>[] = []
  let pending: R[] = []
  for (let i = 0; i < count; i++) {
    const reading = read(i, start + i * device.minutes * 60_000)
    if (reading) pending.push(reading)
    if (pending.length === 0 || (pending.length < PER_REPORT && i < count - 1)) continue
    const report = {
      sequence: (reports.at(-1)?.sequence ?? 0) + 1,
      batteryPercent: Math.round(100 * device.battery(i / count)),
      readings: pending,
    }
    reports.push(report)
    if (chance() < AGAIN) reports.push(report)
    pending = []
  }
  return reports
}

/** Chance that can be had again (mulberry32). */
function generator(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
