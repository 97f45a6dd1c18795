import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { describe, expect, it } from 'vitest'
import { startDatabaseServer } from '../../scripts/lib/database-server'
import { openDatabase } from '../../server/database/client'
import { Turns } from '../../server/database/turns'
import { yardLease } from '../../server/database/yard-lease'

/** A yard that is written to: stale unless the base is its revision, and each write takes its time. */
function yardWith(turns: Turns) {
  const yard = { revision: 0, tries: 0, order: [] as string[] }
  const send = (device: string, base: number) =>
    turns.take(
      'y',
      device,
      async () => {
        yard.tries++
        await wait(2)
        if (base !== yard.revision) return { isStale: true, revision: yard.revision }
        yard.order.push(device)
        return { isStale: false, revision: ++yard.revision }
      },
      ({ isStale }) => isStale,
    )
  const write = async (device: string) => {
    for (let base = 0, tries = 1; ; tries++) {
      const done = await send(device, base)
      if (!done.isStale) return tries
      base = done.revision
    }
  }
  return { yard, write, send }
}

describe('turns at a yard', () => {
  it('twenty devices that all begin on the same revision each write at the second try, in the order they came', async () => {
    const { yard, write } = yardWith(new Turns())
    const devices = Array.from({ length: 20 }, (_, i) => `d${i}`)
    const tries = await Promise.all(devices.map(write))
    expect(Math.max(...tries)).toBe(2)
    expect(yard).toEqual({ revision: 20, tries: 39, order: devices })
  })

  it('one that does not come back holds the others up for a moment only', async () => {
    const { yard, write, send } = yardWith(new Turns())
    await write('a')
    expect((await send('gone', 0)).isStale).toBe(true)
    await write('b')
    expect(yard.order).toEqual(['a', 'b'])
  })

  it('work that fails gives its turn on, and yards do not wait for each other', async () => {
    const turns = new Turns()
    const fails = turns.take('y', 'a', () => Promise.reject(new Error('no')), Boolean)
    const goesOn = turns.take(
      'y',
      'b',
      () => Promise.resolve('done'),
      () => false,
    )
    await expect(fails).rejects.toThrow('no')
    expect(await goesOn).toBe('done')
    let release = () => {}
    const long = turns.take(
      'y',
      'a',
      () => new Promise<void>((resolve) => (release = resolve)),
      () => false,
    )
    expect(
      await turns.take(
        'z',
        'b',
        () => Promise.resolve('at once'),
        () => false,
      ),
    ).toBe('at once')
    release()
    await long
  })

  it('asks other servers only once somebody was overtaken, and lets them have the yard when nobody waits', async () => {
    const told: string[] = []
    const { write } = yardWith(
      new Turns({
        hold: (yardId) => Promise.resolve(void told.push(`hold ${yardId}`)),
        release: (yardId) => Promise.resolve(void told.push(`release ${yardId}`)),
      }),
    )
    await write('a')
    expect(told).not.toContain('hold y')
    await write('b')
    expect(told.slice(-2)).toEqual(['hold y', 'release y'])
  })
})

describe('the lease of a yard, between servers on one database', () => {
  it('is one server’s until that gives it away, or for a moment where that is gone', async () => {
    const home = mkdtempSync(join(tmpdir(), 'duvet-lease-'))
    const server = await startDatabaseServer(join(home, 'one.db'))
    const [a, b] = [await openDatabase(server.url, '2026-05-01'), await openDatabase(server.url, '2026-05-01')]
    const [own, other] = [yardLease(a.client), yardLease(b.client)]
    const order: string[] = []
    await own.hold('y')
    // Another yard is another lease.
    await other.hold('z')
    const waits = other.hold('y').then(() => order.push('held by the other'))
    await wait(100)
    order.push('given away')
    await own.release('y')
    await waits
    expect(order).toEqual(['given away', 'held by the other'])
    // The other one is gone without a word: what it held ends by itself, and no row is left once all is given away.
    await own.hold('y')
    await own.release('y')
    await other.release('z')
    const { rows } = await a.client.execute(`SELECT name FROM settings WHERE name LIKE 'turn/%'`)
    expect(rows).toEqual([])
    a.client.close()
    b.client.close()
    await server.stop()
    rmSync(home, { recursive: true, force: true })
  })
})
