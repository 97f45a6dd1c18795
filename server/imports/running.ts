import { MessageChannel } from 'node:worker_threads'
import type { Imported, ImportProgress } from '#wire/import-answer'
import type { Importing } from '../database/import'
import { databaseAddress, answered } from '../utils/database'
import { inWorker } from '../workers/pool'
import type { TaskAnswer } from '../workers/shapes'

interface Running {
  progress: ImportProgress
  readonly stop: Int32Array
}

const running = new Map<string, Running>()

/** Brings a file in, in a thread of its own; how far it is can be asked meanwhile. */
export async function runImport(
  importId: string,
  text: string,
  device: string,
  keeper?: Importing['keeper'],
): Promise<TaskAnswer<{ readonly imported: readonly Imported[] }>> {
  const stop = new SharedArrayBuffer(4)
  const { port1, port2 } = new MessageChannel()
  const entry: Running = { progress: { state: 'reading', yards: 0, of: 0 }, stop: new Int32Array(stop) }
  running.set(importId, entry)
  port1.on('message', (progress: ImportProgress) => {
    entry.progress = progress
  })
  port1.unref()
  try {
    return await inWorker(
      'bringIn',
      {
        text,
        address: databaseAddress(),
        importId,
        device,
        now: new Date().toISOString(),
        ...(keeper ? { keeper } : {}),
        stop,
        progress: port2,
      },
      { transferList: [port2] },
    )
  } catch (error) {
    throw answered(error)
  } finally {
    port1.close()
    if (running.get(importId) === entry) running.delete(importId)
  }
}

/** How far an import has come; undefined where none of this identity is running. */
export function importProgress(importId: string): ImportProgress | undefined {
  return running.get(importId)?.progress
}

/** Asks an import to stop before its next yard; nothing of it is kept then. False where none is running. */
export function stopImport(importId: string): boolean {
  const entry = running.get(importId)
  if (entry) Atomics.store(entry.stop, 0, 1)
  return entry !== undefined
}
