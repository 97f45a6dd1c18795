import { fieldOf } from '#core/units'
import { resolve } from 'node:path'
import { Piscina } from 'piscina'
import pLimit from 'p-limit'
import { createError } from 'h3'
import type * as tasks from './tasks'

/** For so long at the most, once it is begun, ms. */
const MOST_MS = { check: 20_000, assess: 30_000, print: 60_000, bringIn: 600_000 } as const
const WORD = { check: 'look through', assess: 'assess', print: 'print', bringIn: 'bring in' } as const

type Task = keyof typeof MOST_MS
type Given<T extends Task> = Parameters<(typeof tasks)[T]>[0]
type Made<T extends Task> = Awaited<ReturnType<(typeof tasks)[T]>>

/** What is looked through for who saves never waits behind a print or a file that is brought in. */
const POOLS = {
  work: { threads: 2, mostWaiting: 12, mostWaitMs: 10_000 },
  print: { threads: 1, mostWaiting: 6, mostWaitMs: 45_000 },
  file: { threads: 1, mostWaiting: 4, mostWaitMs: 120_000 },
} as const
type PoolName = keyof typeof POOLS
const POOL_OF: Readonly<Record<Task, PoolName>> = { check: 'work', assess: 'work', print: 'print', bringIn: 'file' }

interface Pool {
  readonly piscina: Piscina
  readonly limit: ReturnType<typeof pLimit>
}
const workerFile = () => process.env.DUVET_WORKER ?? resolve('.output/server/worker/tasks.mjs')
const pools = new Map<PoolName, Pool>()

/** A thread that is idle ends, and with it the memory that it took. */
function poolOf(name: PoolName): Pool {
  let pool = pools.get(name)
  if (!pool) {
    const { threads } = POOLS[name]
    const piscina = new Piscina({
      filename: workerFile(),
      minThreads: 0,
      maxThreads: threads,
      idleTimeout: 20_000,
      resourceLimits: { maxOldGenerationSizeMb: 1024 },
    })
    pools.set(name, (pool = { piscina, limit: pLimit(threads) }))
  }
  return pool
}

/**
 * Does something long in a thread of its own.
 * @param given.gone ends it where nobody waits for it any more
 * @throws an answer of 422 where it takes longer than it may, of 503 where it cannot be begun soon: it may be tried again
 */
export async function inWorker<T extends Task>(
  name: T,
  given: Given<T>,
  { transferList = [], gone }: { transferList?: readonly MessagePortLike[]; gone?: AbortSignal } = {},
): Promise<Made<T>> {
  const { piscina, limit } = poolOf(POOL_OF[name])
  const { mostWaiting, mostWaitMs } = POOLS[POOL_OF[name]]
  if (limit.pendingCount >= mostWaiting) throw busy()
  const until = performance.now() + mostWaitMs
  return limit(async () => {
    if (performance.now() > until || gone?.aborted) throw busy()
    const signal = AbortSignal.timeout(MOST_MS[name])
    try {
      // Its types take the browser’s ports for those of Node.
      const options: object = { name, signal: gone ? AbortSignal.any([signal, gone]) : signal, transferList }
      return await piscina.run(given, options)
    } catch (error) {
      if (gone?.aborted) throw busy()
      if (signal.aborted || fieldOf(error, 'code') === 'ERR_WORKER_OUT_OF_MEMORY')
        throw said(422, `This takes longer than ${MOST_MS[name] / 1000} s to ${WORD[name]}: send less at a time.`)
      throw error
    }
  })
}

type MessagePortLike = import('node:worker_threads').MessagePort

const busy = () => said(503, 'Too much is waiting to be done just now: try again in a minute.')

function said(statusCode: number, sentence: string) {
  return createError({ statusCode, statusMessage: 'Refused', data: { field: 'body', sentence } })
}
