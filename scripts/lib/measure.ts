import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'

/** Runs work until it has been timed often enough, and tells how long one run takes, in ms. */
export function timed(work: () => unknown, { rounds = 30, warmUp = 10, perRound = 1 } = {}): number[] {
  for (let i = 0; i < warmUp; i++) for (let j = 0; j < perRound; j++) work()
  return Array.from({ length: rounds }, () => {
    const start = performance.now()
    for (let j = 0; j < perRound; j++) work()
    return (performance.now() - start) / perRound
  })
}

/** How long one run of it takes, ms. */
export async function milliseconds(work: () => unknown): Promise<number> {
  const start = performance.now()
  await work()
  return performance.now() - start
}

/** What this process holds in memory once all that nobody needs is gone, MB. */
export function heldMb(): number {
  setFlagsFromString('--expose-gc')
  const collect: () => void = runInNewContext('gc')
  collect()
  return process.memoryUsage().heapUsed / 1e6
}

export function median(values: readonly number[]): number {
  return quantile(values, 0.5)
}

/** The value below which a share of them lies (linear between neighbours). */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  const at = (sorted.length - 1) * share
  const low = Math.floor(at)
  const next = sorted[Math.min(low + 1, sorted.length - 1)]!
  return sorted[low]! + (next - sorted[low]!) * (at - low)
}

/** `0.212 ms (0.198 to 0.260)`: the median with the middle half. */
export function spread(values: readonly number[], unit = 'ms'): string {
  const show = (value: number) => value.toPrecision(3)
  return `${show(median(values))} ${unit} (${show(quantile(values, 0.25))} to ${show(quantile(values, 0.75))})`
}

/** The slope of log time over log size: 1 is linear. */
export function growthExponent(points: readonly { readonly size: number; readonly ms: number }[]): number {
  const logs = points.map(({ size, ms }) => [Math.log(size), Math.log(ms)] as const)
  const meanX = logs.reduce((sum, [x]) => sum + x, 0) / logs.length
  const meanY = logs.reduce((sum, [, y]) => sum + y, 0) / logs.length
  const over = logs.reduce((sum, [x, y]) => sum + (x - meanX) * (y - meanY), 0)
  return over / logs.reduce((sum, [x]) => sum + (x - meanX) ** 2, 0)
}

/** A task under this is seen by nobody, and told by no browser. */
const TOLD_TASK_MS = 50

/** How long a task was, as a browser tells it: one under 50 ms is not told at all. */
export const taskText = (longestMs: number): string =>
  longestMs < TOLD_TASK_MS ? `under ${TOLD_TASK_MS} ms` : `${longestMs.toFixed(0)} ms`

interface Missed {
  readonly name: string
  readonly text: string
  readonly limit: string
}

const missed: Missed[] = []

/** Prints a figure beside its limit. */
export function tell(name: string, text: string, ok?: boolean, limit?: string): void {
  if (ok === false) missed.push({ name: name.trim(), text, limit: limit ?? '' })
  const verdict = ok === undefined ? '' : ok ? `   within ${limit}` : `   MISSES ${limit}`
  process.stdout.write(`${name.padEnd(58)} ${text}${verdict}\n`)
}

/** What missed its limit so far. */
export function missedFigures(): readonly Missed[] {
  return missed
}
