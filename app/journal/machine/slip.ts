import dayjs from 'dayjs'
import { fieldOf } from '#core/units'
import { withClockRight, type Entry } from '#core/book'
import type { ReadingBatch } from '#wire/readings/kinds'

interface Said {
  readonly id: string
  readonly yardId: string
  /** The change of the yard after which it was written: it is sent after that one and before any later. */
  readonly after: string | null
  readonly keptAt: string
  /** Its times were put right, the clock of this device being wrong. */
  readonly isRight?: boolean
}

/** What was written of hives and waits for the server: entries of the book, or a weighing. */
export type Slip =
  | (Said & { readonly sort: 'entries'; readonly entries: readonly Entry[] })
  | (Said & { readonly sort: 'weighing'; readonly hiveId: string; readonly weighIns: ReadingBatch<'weight'> })

const isText = (value: unknown) => typeof value === 'string'

/** Whether a value is a slip: not half written, not of another version. The server looks at all of it. */
export function isSlip(value: unknown): value is Slip {
  const [sort, entries, weighIns] = ['sort', 'entries', 'weighIns'].map((name) => fieldOf(value, name))
  if (!isText(fieldOf(value, 'id')) || !isText(fieldOf(value, 'yardId'))) return false
  if (sort === 'weighing') return isText(fieldOf(value, 'hiveId')) && Array.isArray(fieldOf(weighIns, 'readings'))
  const isEntry = (one: unknown) => isText(fieldOf(one, 'id')) && isText(fieldOf(one, 'sort'))
  return sort === 'entries' && Array.isArray(entries) && entries.every(isEntry)
}

/** How many things a slip holds. */
export function countOf(slip: Slip): number {
  return slip.sort === 'entries' ? slip.entries.length : 1
}

/**
 * How many of the changes that wait in a yard may be sent before what is written down next: all of them where nothing is,
 * none where that is to go first.
 */
export function changesBefore(
  waiting: readonly { readonly id: string }[],
  next: Pick<Slip, 'after'> | undefined,
): number {
  return next ? waiting.findIndex(({ id }) => id === next.after) + 1 : waiting.length
}

/** With its times put right, once, where the clock of this device is so much behind, ms. */
export function withTimesRight(slip: Slip, offMs: number): Slip {
  const local = (at: string) => dayjs(at).format('YYYY-MM-DDTHH:mm')
  const right = { isRight: true, keptAt: dayjs(slip.keptAt).add(offMs, 'ms').toISOString() } as const
  if (slip.sort === 'entries')
    return {
      ...slip,
      ...right,
      entries: slip.entries.map((entry) => withClockRight(entry, offMs, local(entry.madeAt))),
    }
  const isNow = (at: string) => Math.abs(dayjs(at).diff(slip.keptAt, 'day')) < 1
  const readings = slip.weighIns.readings.map((one) =>
    isNow(one.at) ? { ...one, at: dayjs(one.at).add(offMs, 'ms').toISOString() } : one,
  )
  return { ...slip, ...right, weighIns: { ...slip.weighIns, readings } }
}
