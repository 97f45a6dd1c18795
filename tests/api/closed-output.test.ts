import { readFileSync } from 'node:fs'
import { setTimeout as wait } from 'node:timers/promises'
import { createClient } from '@libsql/client'
import { describe, expect, it } from 'vitest'
import { startServer } from '../../scripts/lib/server'
import { DEMO, post, submission, addSuper } from '../helpers/wire'

/** Processor time of a process so far, in hundredths of a second (proc(5), fields 14 and 15). */
function hundredths(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(' ')
  return Number(fields[13]) + Number(fields[14])
}

describe('a server whose output nobody reads any more', () => {
  it('goes on quietly where it has a fault to print', async () => {
    const server = await startServer({ seed: DEMO })
    const { process: child, url } = server
    child.stderr?.destroy()
    const other = createClient({ url: `file:${server.databasePath}` })
    const lock = await other.transaction('write')
    // The first thing that cannot be printed is let go by Node itself; the second is not.
    const yards = ['sallow-quay', 'kiln-bank', 'sallow-quay']
    const send = (yardId: string) => post(`${url}/api/yards/${yardId}/edits`, submission(0, [addSuper('twill/0', 3)]))
    for (const { status } of await Promise.all(yards.map(send))) expect(status).toBe(503)
    await lock.rollback()
    other.close()
    const before = hundredths(child.pid!)
    await wait(1500)
    expect(hundredths(child.pid!) - before).toBeLessThan(75)
    expect((await fetch(`${url}/api/health`)).status).toBe(200)
    await server.stop()
  })
})
