import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startDatabaseServer, type DatabaseServer, type Trouble } from '../../scripts/lib/database-server'
import { sendSigned } from '../../scripts/devices/send'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { appendEntries } from '../../server/database/book'
import { bookOfHive } from '../../server/database/book-reads'
import { inTransaction, openDatabase, type Database } from '../../server/database/client'
import { commitEdits } from '../../server/database/commit'
import { asFault, DatabaseFault } from '../../server/database/faults'
import { importPlan } from '../../server/database/import'
import { readLog } from '../../server/database/log'
import { seedFrom } from '../../server/database/seed'
import { readYards, setRemoved } from '../../server/database/yards'
import { addKeeper, beginSession, keepersOf, setPart } from '../../server/keepers/accounts'
import { addPasskey, passkeysOf } from '../../server/keepers/passkeys'
import { addReadings } from '../../server/readings/keep'
import { readingSeries } from '../../server/readings/look-up'
import { loansOf, shedOf, withoutLoan } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { entry } from '../helpers/book'
import type { Submission } from '#wire/edit-schema'
import { DEMO, addSuper, demoPlan, get, post, storedYards, submission } from '../helpers/wire'

const home = mkdtempSync(join(tmpdir(), 'duvet-server-'))
const TODAY = '2026-05-01'
const NOW = '2026-05-01T12:00:00.000Z'
const servers: { stop: () => Promise<void> }[] = []
afterAll(async () => {
  // Who asks is stopped before who answers.
  for (const one of servers.toReversed()) await one.stop()
  rmSync(home, { recursive: true, force: true })
})
let seeded: string
let n = 0
// The tests wait for their servers, not for the machine: they run beside each other.
/** A busy server: no stream lives for long, and every request takes its time. */
const SLOW = { idleMs: 1000, lifeMs: 2000, delayMs: 200 }
/** A server over a copy of the demo, or over an empty file. */
async function serve(isEmpty = false): Promise<DatabaseServer> {
  const path = join(home, `${n++}.db`)
  if (!isEmpty) copyFileSync(seeded, path)
  const server = await startDatabaseServer(path, SLOW)
  servers.push(server)
  return server
}
beforeAll(async () => {
  seeded = join(home, 'seeded.db')
  const { client, database } = await openDatabase(`file:${seeded}`, TODAY)
  await seedFrom(database, DEMO)
  await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
  client.close()
})

describe.concurrent('a database on a server', () => {
  it('is made, filled and read back whole', async () => {
    const { url } = await serve(true)
    const { client, database } = await openDatabase(url, TODAY)
    await seedFrom(database, DEMO)
    expect((await readYards(database)).map(({ yard }) => yard)).toEqual(demoPlan().yards)
    client.close()
  })

  it('is opened by its own scheme too', async () => {
    const { url } = await serve()
    const { client, database } = await openDatabase(`${url.replace('http:', 'libsql:')}?tls=0`, TODAY)
    expect(await readYards(database)).toHaveLength(2)
    client.close()
  })

  it('that five open at once is migrated by one of them, and filled once', async () => {
    const { url } = await serve(true)
    const all = await Promise.all(
      Array.from({ length: 5 }, async () => {
        const opened = await openDatabase(url, TODAY)
        await seedFrom(opened.database, DEMO)
        return opened
      }),
    )
    const [first] = all
    const done = await first!.client.execute('SELECT created_at, count(*) AS n FROM __drizzle_migrations GROUP BY 1')
    expect(done.rows.length).toBeGreaterThan(8)
    expect(new Set(done.rows.map((row) => Number(row.n)))).toEqual(new Set([1]))
    expect(await readYards(first!.database)).toHaveLength(2)
    for (const { client } of all) client.close()
  })

  it('that a newer Duvet has written is left as it is', async () => {
    const { url } = await serve()
    const { client } = await openDatabase(url, TODAY)
    await client.execute(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 9e15)`)
    await expect(openDatabase(url, TODAY)).rejects.toThrow(/written by a newer Duvet\. It was left as it is/)
    client.close()
  })

  it.each<[string, (server: DatabaseServer) => unknown, RegExp]>([
    ['whose token has ended', (server) => (server.token = 'another'), /does not know this token, or it has ended/],
    [
      'that answers with errors',
      (server) => (server.trouble = () => ({ status: 502 })),
      /does not answer as it should/,
    ],
    ['that is not there', (server) => server.stop(), /does not answer as it should/],
    [
      'whose disk is full',
      (server) => (server.trouble = () => ({ error: { message: 'full', code: 'SQLITE_FULL' } })),
      /The disk is full/,
    ],
  ])('%s is told in a sentence', async (_name, spoil, sentence) => {
    const server = await serve()
    const { client, database } = await openDatabase(server.url, TODAY)
    await spoil(server)
    const error = await readYards(database).catch((found: unknown) => asFault(found, undefined))
    expect(error).toBeInstanceOf(DatabaseFault)
    expect((error as DatabaseFault).sentence).toMatch(sentence)
    client.close()
  })
})

const task = (id: string, text: string) => ({
  ...entry('task', '2026-04-30T10:00', { text, by: '2026-05-02' }),
  id,
  hiveId: 'twill/0',
})
const CHANGES = submission(
  0,
  [addSuper('twill/0', 1), { kind: 'set-yard', note: 'noted' }],
  ['cut-1', 'cut-2'],
) as Submission
const TASKS = [task('one', 'Mend'), task('two', 'Paint')]
const weighed = { at: '2026-04-30T12:00:00Z', kg: 31.2, method: 'scale' as const }
let ids = 0
let lentId: string | undefined
const TWILL = { yardId: 'sallow-quay', hiveId: 'twill/0' }
const PASSKEY = {
  id: 'key',
  keeperId: 'ann',
  publicKey: 'AA',
  counter: 0,
  transports: [],
  host: 'localhost',
  madeAt: NOW,
  device: 'phone',
}
/** Everything that is written, and what of it can be read back. */
const WRITES: readonly [string, (database: Database) => Promise<unknown>, (database: Database) => Promise<unknown>][] =
  [
    [
      'changes of a yard',
      (database) => commitEdits(database, 'sallow-quay', CHANGES, NOW),
      async (database) => [
        (await readYards(database)).map(({ revision, yard }) => [revision, yard.note, yard.parts.length]),
        (await readLog(database, 'sallow-quay', 99)).map(({ id, revision }) => [id, revision]),
      ],
    ],
    [
      'entries of the book',
      (database) => appendEntries(database, 'sallow-quay', TASKS, NOW),
      async (database) =>
        (await bookOfHive(database, 'sallow-quay', 'twill/0')).map(({ id }) => id).filter((id) => id.length === 3),
    ],
    [
      'a weighing',
      (database) =>
        inTransaction(database, (tx) =>
          addReadings(
            tx,
            TWILL,
            { kind: 'weight', place: 'under', source: 'hand', batchId: 'batch' },
            [weighed],
            () => `w${ids++}`,
          ),
        ),
      (database) => readingSeries(database, TWILL, 'weight', 100),
    ],
    [
      'a yard that is taken away',
      (database) => setRemoved(database, 'kiln-bank', NOW),
      async (database) => (await readYards(database)).map(({ yard }) => yard.id),
    ],
    [
      'a plan file',
      (database) =>
        importPlan(
          database,
          { ...demoPlan(), yards: [{ ...demoPlan().yards[0]!, id: 'brought', hives: [], parts: [] }], books: [] },
          { importId: 'once', contentHash: 'h', device: 'd', now: NOW },
        ),
      async (database) => (await readYards(database)).map(({ yard }) => yard.id),
    ],
    [
      'a loan, in both of its yards',
      async (database) => {
        const stored = await readYards(database)
        const { yard } = stored.find((one) => one.yard.id === 'kiln-bank')!
        const part = yard.parts.find(({ id }) => id === lentId) ?? shedOf(yard)[0]!
        lentId = part.id
        const edit = deeds.lend([withoutLoan(part)], { yardId: 'sallow-quay', name: 'Sallow Quay', since: TODAY })
        return commitEdits(database, 'kiln-bank', submission(0, [edit], ['loan']) as Submission, NOW)
      },
      async (database) =>
        (await readYards(database)).map(({ revision, yard }) => {
          const { lent, borrowed } = loansOf(yard)
          return [revision, lent.map(({ id }) => id), borrowed.map(({ id }) => id)]
        }),
    ],
    [
      'a reading of the air',
      (database) =>
        inTransaction(database, (tx) =>
          addReadings(
            tx,
            TWILL,
            { kind: 'air', place: 'crown', source: 'hand', batchId: 'air' },
            [{ at: NOW, celsius: 21.5, humidityPercent: null }],
            () => `a${ids++}`,
          ),
        ),
      (database) => readingSeries(database, TWILL, 'air', 100),
    ],
    [
      'a keeper who is made, plays a part and signs in',
      (database) =>
        inTransaction(database, async (tx) => {
          await addKeeper(tx, { id: 'ann', name: 'Ann', passHash: 'h', now: NOW })
          await setPart(tx, 'sallow-quay', 'ann', 'owner', NOW)
          await beginSession(tx, 'ann', 'localhost', NOW)
          await addPasskey(tx, PASSKEY)
        }),
      async (database) => [await keepersOf(database, 'sallow-quay'), await passkeysOf(database, 'ann')],
    ],
  ]

describe.concurrent.each(WRITES)('the line that is cut while %s go in', (_name, write, read) => {
  it.each(['before', 'after'] as const)('%s any of the requests: all of it is there in the end, once', async (when) => {
    const sound = await serve()
    const { client, database } = await openDatabase(sound.url, TODAY)
    const untouched = await read(database)
    const from = sound.count()
    await write(database)
    const requests = sound.count() - from
    const wanted = await read(database)
    expect(wanted).not.toEqual(untouched)
    client.close()
    expect(requests).toBeGreaterThan(0)
    const cutAnyOf = async (cutAt: number) => {
      const server = await serve()
      const opened = await openDatabase(server.url, TODAY)
      const begins = server.count()
      server.trouble = (at): Trouble | undefined => (at === begins + cutAt ? { cut: when } : undefined)
      const first = await write(opened.database).then(
        () => null,
        (error: unknown) => asFault(error, undefined),
      )
      // A line that is cut at the very end may be no error to who closes it.
      if (first !== null) expect(first).toBeInstanceOf(DatabaseFault)
      await write(opened.database)
      expect(await read(opened.database)).toEqual(wanted)
      opened.client.close()
      await server.stop()
    }
    await Promise.all(Array.from({ length: requests }, (_, cutAt) => cutAnyOf(cutAt)))
  })
})

describe.concurrent('a server that ends what stays open', () => {
  it('loses no write of several who write at once, and doubles none', async () => {
    const { url } = await serve()
    const opened = await Promise.all([1, 2, 3].map(() => openDatabase(url, TODAY)))
    const ids = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => `many-${id}`)
    const kept = await Promise.all(
      ids.map((id, i) => appendEntries(opened[i % 3]!.database, 'sallow-quay', [task(id, 'Mend')], NOW)),
    )
    expect(kept).toEqual(ids.map(() => ({ added: 1, repeated: 0 })))
    const there = (await bookOfHive(opened[0]!.database, 'sallow-quay', 'twill/0')).map(({ id }) => id)
    expect(there.filter((id) => id.startsWith('many-')).sort()).toEqual(ids)
    for (const { client } of opened) client.close()
  })

  it('commits everything of a change in one request, whatever it reads before', async () => {
    const server = await serve()
    const { client, database } = await openDatabase(server.url, TODAY)
    let writing = 0
    server.trouble = (_n, requests) => {
      if (JSON.stringify(requests).includes('COMMIT')) writing++
      return undefined
    }
    await commitEdits(database, 'sallow-quay', CHANGES, NOW)
    expect(writing).toBe(1)
    client.close()
  })

  it('gives back the error of the work where nobody wrote meanwhile, and nothing stays', async () => {
    const server = await serve()
    const { client, database } = await openDatabase(server.url, TODAY)
    const failing = inTransaction(database, async (tx) => {
      await setRemoved(tx, 'kiln-bank', NOW)
      throw new Error('not so')
    })
    await expect(failing).rejects.toThrow('not so')
    expect((await readYards(database)).map(({ yard }) => yard.id)).toContain('kiln-bank')
    client.close()
  })

  it('is waited for by a Duvet that begins while it is away', async () => {
    const server = await serve()
    let refused = 3
    server.trouble = () => (refused-- > 0 ? { status: 502 } : undefined)
    const duvet = await startServer({ env: { DUVET_DATABASE: server.url } })
    servers.push(duvet)
    expect(await storedYards(duvet.url)).toHaveLength(2)
  })
})

describe.concurrent('a Duvet whose line is cut', () => {
  /** A Duvet over a server whose line can be cut. */
  async function overALine() {
    const server = await serve()
    const duvet = await startServer({ env: { DUVET_DATABASE: server.url } })
    servers.push(duvet)
    return { server, duvet }
  }
  const reads = (requests: readonly { type: string }[]) => /"select /i.test(JSON.stringify(requests))

  it('is not noticed by who reads, as long as it comes back', async () => {
    const { server, duvet } = await overALine()
    let cuts = 0
    // Every other read is cut, before or after it was done.
    let seen = 0
    server.trouble = (_n, requests) => {
      if (!reads(requests) || seen++ % 2 === 1) return undefined
      return { cut: cuts++ % 2 === 0 ? 'before' : 'after' }
    }
    for (const path of ['', '/colonies?today=2026-05-01', '/sallow-quay/hives/twill%2F0/book'])
      expect((await fetch(`${duvet.url}/api/yards${path}`)).status).toBe(200)
    expect(cuts).toBeGreaterThan(2)
  })

  it('is told to who reads, where it stays away', async () => {
    const { server, duvet } = await overALine()
    server.trouble = () => ({ cut: 'before' })
    const answer = await get<{ sentence: string }>(`${duvet.url}/api/yards`)
    expect(answer.sentence).toContain('database')
  })

  it('leaves nothing of a file that was being brought in, and says so in a sentence; it can be sent again', async () => {
    const { server, duvet } = await overALine()
    const { books: _books, ...rest } = demoPlan()
    const plan = { ...rest, yards: [{ ...rest.yards[0]!, id: 'brought', name: 'Brought' }] }
    const send = () =>
      fetch(`${duvet.url}/api/plans/import`, {
        method: 'POST',
        body: JSON.stringify(plan),
        headers: { 'content-type': 'application/json', 'x-import': 'cut' },
      })
    server.trouble = (_n, requests) => (JSON.stringify(requests).includes('COMMIT') ? { cut: 'before' } : undefined)
    const cut = await send()
    expect(cut.status).toBe(503)
    expect(((await cut.json()) as { sentence: string }).sentence).toContain('database')
    server.trouble = () => undefined
    expect((await storedYards(duvet.url)).map(({ yard }) => yard.id)).not.toContain('brought')
    expect((await send()).status).toBe(200)
    expect((await storedYards(duvet.url)).map(({ yard }) => yard.id)).toContain('brought')
  })
})

describe.concurrent('several Duvet servers on one database', () => {
  async function several(): Promise<RunningServer[]> {
    const { url } = await serve()
    const duvets = await Promise.all([1, 2, 3].map(() => startServer({ env: { DUVET_DATABASE: url } })))
    servers.push(...duvets)
    return duvets
  }

  it('keep what a scale sends once, although it sends it to each of them at once', async () => {
    const duvets = await several()
    const made = await post(`${duvets[0]!.url}/api/devices`, {
      yardId: 'sallow-quay',
      hiveId: 'twill/0',
      kind: 'weight',
      name: 'Left',
    })
    const { id, key } = made.body as unknown as { id: string; key: string }
    const report = { sequence: 1, readings: [{ at: '2026-04-30T12:00:00Z', kg: 31.2 }] }
    const answers = await Promise.all(
      // Once at the address that scales have now, once at the one they had, and once more.
      duvets.map(({ url }, i) =>
        sendSigned(`${url}/api/${i === 1 ? 'scales' : 'devices'}/${id}/readings`, key, report),
      ),
    )
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200])
    const { series } = await get<{ series: { count: number }[] }>(
      `${duvets[2]!.url}/api/yards/sallow-quay/hives/twill%2F0/readings?kind=weight`,
    )
    expect(series.map(({ count }) => count)).toEqual([1])
  })

  it('know who signed in at another of them, until that ends, and count tries together', async () => {
    const duvets = await several()
    const words = 'straw skep in the orchard'
    const send = (n: number, path: string, body: unknown, cookie = '') =>
      fetch(duvets[n]!.url + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie },
        body: JSON.stringify(body),
      })
    const first = await send(0, '/api/keepers', { name: 'Ann', passphrase: words })
    const cookie = first.headers.get('set-cookie')!.split(';')[0]!
    const isIn = async (n: number) =>
      (await fetch(`${duvets[n]!.url}/api/yards`, { headers: { cookie } })).status === 200
    expect([await isIn(1), await isIn(2)]).toEqual([true, true])
    await send(2, '/api/sign-out', {}, cookie)
    expect([await isIn(0), await isIn(1)]).toEqual([false, false])
    const tries: number[] = []
    for (let i = 0; i < 10; i++)
      tries.push((await send(i % 3, '/api/sign-in', { name: 'Ann', passphrase: 'wrong words' })).status)
    expect(tries).toEqual([...Array<number>(8).fill(422), 429, 429])
  })

  it('lose and double nothing, whichever of them is asked', { timeout: 300_000 }, async () => {
    const duvets = await several()
    const CLIENTS = 9
    const EACH = 3
    await Promise.all(
      Array.from({ length: CLIENTS }, async (_, client) => {
        const address = duvets[client % duvets.length]!.url
        for (let i = 0; i < EACH; i++) {
          const id = `c${client}-${i}`
          const edits = submission(0, [{ kind: 'set-hive', hiveId: 'twill/0', note: id }], [id])
          // Whoever is overtaken goes on from what stands then, as the browser does.
          for (let revision = 0, tries = 0; ; tries++) {
            const answer = await post(`${address}/api/yards/sallow-quay/edits`, { ...edits, baseRevision: revision })
            if (answer.status === 200) break
            if (answer.status === 409) revision = (answer.body as { revision: number }).revision
            if (tries > 300) throw new Error(`${answer.status} ${JSON.stringify(answer.body).slice(0, 200)}`)
          }
        }
      }),
    )
    const log = (await get(`${duvets[0]!.url}/api/yards/sallow-quay/log?limit=999`)) as {
      id: string
      revision: number
    }[]
    const stored = (await storedYards(duvets[1]!.url)).find(({ yard }) => yard.id === 'sallow-quay')!
    expect(stored.revision).toBe(CLIENTS * EACH)
    expect(log.map(({ revision }) => revision)).toEqual(Array.from({ length: CLIENTS * EACH }, (_, i) => i + 1))
    expect(new Set(log.map(({ id }) => id)).size).toBe(CLIENTS * EACH)
  })
})
