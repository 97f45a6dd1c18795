import { fieldOf } from '#core/plain'
import { resolve } from 'node:path'
import { Piscina } from 'piscina'
import { createError } from 'h3'
import type * as tasks from './tasks'

/** At most so much of it at a time, waiting included, and for so long. */
const MOST_WAITING = 12
const MOST_MS = { check: 20_000, assess: 30_000, print: 60_000, bringIn: 600_000 } as const
const WORD = { check: 'look through', assess: 'assess', print: 'print', bringIn: 'bring in' } as const

type Task = keyof typeof MOST_MS
type Given<T extends Task> = Parameters<(typeof tasks)[T]>[0]
type Made<T extends Task> = Awaited<ReturnType<(typeof tasks)[T]>>

const workerFile = () => process.env.DUVET_WORKER ?? resolve('.output/server/worker/tasks.mjs')
let pool: Piscina | undefined

/** Two at a time: one may be long. A thread that is idle ends, and with it the memory that it took. */
function poolOnce(): Piscina {
  pool ??= new Piscina({
    filename: workerFile(),
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: 20_000,
    maxQueue: MOST_WAITING,
    resourceLimits: { maxOldGenerationSizeMb: 1024 },
  })
  return pool
}

/**
 * Does something long in a thread of its own.
 * @throws an answer of 422 where it takes longer than it may, of 503 where too much waits already
 */
export async function inWorker<T extends Task>(
  name: T,
  given: Given<T>,
  transferList: readonly MessagePortLike[] = [],
): Promise<Made<T>> {
  const signal = AbortSignal.timeout(MOST_MS[name])
  try {
    // Its types take the browser’s ports for those of Node.
    const options: object = { name, signal, transferList }
    return await poolOnce().run(given, options)
  } catch (error) {
    if (signal.aborted || fieldOf(error, 'code') === 'ERR_WORKER_OUT_OF_MEMORY')
      throw said(422, `This takes longer than ${MOST_MS[name] / 1000} s to ${WORD[name]}: send less at a time.`)
    if (/queue/i.test(String(fieldOf(error, 'message'))))
      throw said(503, `Too much is waiting to be done just now: try again in a minute.`)
    throw error
  }
}

type MessagePortLike = import('node:worker_threads').MessagePort

function said(statusCode: number, sentence: string) {
  return createError({ statusCode, statusMessage: 'Refused', data: { field: 'body', sentence } })
}
