import { setTimeout as wait } from 'node:timers/promises'
import type { Client, InArgs, InStatement } from '@libsql/client'
import { faultKind } from './faults'

const AGAIN_MS = 60
/** A line that is cut so often is away. */
const CUT_TRIES = 4
const ONLY_READS = /^\s*select\b/i

/**
 * Begins work again that meets a lock of another program, or of a file being brought in, for so long.
 * @param before what is done before it is begun again
 */
export async function patiently<T>(work: () => Promise<T>, mostMs: number, before?: () => Promise<void>): Promise<T> {
  for (const until = performance.now() + mostMs; ;) {
    try {
      return await work()
    } catch (error) {
      if (faultKind(error) !== 'locked') throw error
      await before?.()
      if (performance.now() > until) throw error
      await wait(AGAIN_MS)
    }
  }
}

/** A client that asks again what only reads, where the line was cut: nothing is done twice by it. */
export function askingAgain(client: Client): Client {
  const once = client.execute.bind(client)
  client.execute = async (statement: InStatement, args?: InArgs) => {
    const one = typeof statement === 'string' ? { sql: statement, args: args ?? [] } : statement
    for (let tries = 1; ; tries++) {
      try {
        return await once(one)
      } catch (error) {
        if (faultKind(error) !== 'away' || !ONLY_READS.test(one.sql) || tries >= CUT_TRIES) throw error
        await wait(AGAIN_MS * tries)
      }
    }
  }
  return client
}
