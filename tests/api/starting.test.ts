import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { cpSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { afterAll, describe, expect, it } from 'vitest'
import { openDatabase } from '../../server/database/client'
import { asFault, DatabaseFault } from '../../server/database/faults'
import { commitEdits } from '../../server/database/commit'
import { seedFrom } from '../../server/database/seed'
import { freePort, startServer } from '../../scripts/lib/server'
import { DEMO, addSuper, get, post, storedYards, submission } from '../helpers/wire'

const home = mkdtempSync(join(tmpdir(), 'duvet-start-'))
afterAll(() => rmSync(home, { recursive: true, force: true }))
const at = (name: string) => join(home, name)
const hashOf = (path: string) => createHash('sha256').update(readFileSync(path)).digest('hex')

interface Ended {
  readonly code: number | null
  readonly said: string
}

/** Starts a command that is to end by itself. */
function ended(args: readonly string[], env: Record<string, string>): Promise<Ended> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, {
      env: { ...process.env, ...env },
      stdio: ['ignore', 'ignore', 'pipe'],
    })
    let said = ''
    child.stderr.on('data', (data: Buffer) => {
      said += data.toString()
    })
    const late = setTimeout(() => child.kill('SIGKILL'), 20_000)
    child.on('exit', (code) => {
      clearTimeout(late)
      resolve({ code, said })
    })
  })
}
const start = async (database: string) =>
  ended(['.output/server/index.mjs'], {
    DUVET_DATABASE: database,
    NITRO_PORT: String(await freePort()),
    NITRO_HOST: '127.0.0.1',
  })

async function sound(name: string): Promise<string> {
  const { client, database } = await openDatabase(`file:${at(name)}`, '2026-05-01')
  await seedFrom(database, DEMO)
  await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
  client.close()
  return at(name)
}

describe('a database that cannot be used', () => {
  it.each<[string, (path: string) => Promise<unknown> | unknown, RegExp]>([
    [
      'damaged',
      (path) => writeFileSync(path, 'this is no database, '.repeat(500)),
      /damaged\.db is damaged\. No copy stands beside it/,
    ],
    [
      'foreign',
      async (path) => {
        const client = createClient({ url: `file:${path}` })
        await client.execute('CREATE TABLE accounts (id text)')
        client.close()
      },
      /foreign\.db belongs to another program/,
    ],
    [
      'newer',
      async (path) => {
        await sound('newer.db')
        const client = createClient({ url: `file:${path}` })
        await client.execute(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 99999999999999)`)
        await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
        client.close()
      },
      /newer\.db was written by a newer Duvet\. It was left as it is/,
    ],
  ])('%s: one sentence, status 1, and the file as it was', async (name, make, sentence) => {
    const path = at(`${name}.db`)
    await make(path)
    const before = hashOf(path)
    const { code, said } = await start(`file:${path}`)
    expect(code).toBe(1)
    expect(said).toMatch(sentence)
    expect(said.trim().split('\n')).toHaveLength(1)
    expect(hashOf(path)).toBe(before)
  })

  it('torn in the middle: told at the start, with the last good copy', async () => {
    const path = await sound('torn.db')
    const bytes = readFileSync(path)
    bytes.fill(0x5a, 4096 * 3, 4096 * 12)
    writeFileSync(path, bytes)
    writeFileSync(`${path}.before-2026-05-01`, '')
    writeFileSync(`${path}.before-2026-06-01.part`, '')
    const { code, said } = await start(`file:${path}`)
    expect([code, said]).toEqual([
      1,
      expect.stringMatching(/torn\.db is damaged\. The last good copy is torn\.db\.before-2026-05-01, beside it/),
    ])
  })

  it('a folder, an address that is none, a folder that cannot be made', async () => {
    mkdirSync(at('folder'))
    expect(await start(`file:${at('folder')}`)).toEqual({
      code: 1,
      said: expect.stringMatching(/folder is a folder: name a file in it/),
    })
    expect(await start('my bees')).toEqual({ code: 1, said: expect.stringMatching(/DUVET_DATABASE is no address/) })
    writeFileSync(at('plain'), '')
    expect(await start(`file:${at('plain/duvet.db')}`)).toEqual({
      code: 1,
      said: expect.stringMatching(/cannot be opened or made/),
    })
  })

  it('a port that is taken ends the start with a sentence', async () => {
    const taken = createServer()
    const port = await new Promise<number>((resolve) =>
      taken.listen(0, '127.0.0.1', () => resolve((taken.address() as { port: number }).port)),
    )
    const { code, said } = await ended(['scripts/run.mjs', 'start'], {
      PORT: String(port),
      DUVET_DATABASE: `file:${at('port.db')}`,
    })
    taken.close()
    expect([code, said]).toEqual([1, expect.stringContaining(`Port ${port} is taken`)])
  })
})

describe('a fault later on', () => {
  it('a file locked by another program is told after some seconds, reads go on, and nothing is lost', async () => {
    const server = await startServer({ databasePath: at('locked.db'), seed: DEMO })
    const other = createClient({ url: `file:${at('locked.db')}` })
    const holding = await other.transaction('write')
    const { revision } = (await storedYards(server.url))[0]!
    const sent = submission(revision, [addSuper('twill/0', 6)])
    let isAnswered = false
    const writing = post(`${server.url}/api/yards/sallow-quay/edits`, sent).finally(() => (isAnswered = true))
    expect((await fetch(`${server.url}/api/openapi.json`)).status).toBe(200)
    expect(await storedYards(server.url)).toMatchObject([{ revision }, {}])
    // Reads are answered while the write still waits for the lock.
    expect(isAnswered).toBe(false)
    expect(await writing).toMatchObject({
      status: 503,
      body: { field: 'database', sentence: expect.stringMatching(/Another program keeps locked\.db locked/) },
    })
    await holding.rollback()
    other.close()
    expect((await post(`${server.url}/api/yards/sallow-quay/edits`, sent)).status).toBe(200)
    await server.stop()
  })

  it('a full disk is told as such, and nothing of the edit is kept', async () => {
    const { client, database } = await openDatabase(`file:${at('full.db')}`, '2026-05-01')
    await seedFrom(database, DEMO)
    const pages = Object.values((await client.execute('PRAGMA page_count')).rows[0]!)[0]
    await client.execute(`PRAGMA max_page_count = ${Number(pages)}`)
    const fill = async () => {
      for (let n = 0; n < 400; n++)
        await commitEdits(
          database,
          'sallow-quay',
          {
            ...submission(n, [addSuper('twill/0', 2)]),
            edits: submission(n, [{ kind: 'set-yard', note: 'x'.repeat(1990) }]).edits as never,
          },
          '2026-05-01T10:00:00.000Z',
        )
    }
    const error = await fill().then(
      () => undefined,
      (one: unknown) => asFault(one, at('full.db')),
    )
    expect(error).toBeInstanceOf(DatabaseFault)
    expect((error as DatabaseFault).sentence).toMatch(/^The disk is full: this was not saved\./)
    expect(Object.values((await client.execute('PRAGMA integrity_check')).rows[0]!)[0]).toBe('ok')
    client.close()
  })

  it('a copy is made aside: one that was left half-written never has the name of a finished one', async () => {
    const path = await sound('copied.db')
    writeFileSync(`${path}.before-2026-06-02.part`, 'half')
    const migrations = join(home, 'migrations')
    cpSync('server/database/migrations', migrations, { recursive: true })
    const journal = JSON.parse(readFileSync(join(migrations, 'meta/_journal.json'), 'utf8')) as {
      entries: { idx: number; when: number; tag: string }[]
    }
    journal.entries.push({
      ...journal.entries.at(-1)!,
      idx: journal.entries.length,
      when: journal.entries.at(-1)!.when + 1,
      tag: '9999_later',
    })
    writeFileSync(join(migrations, 'meta/_journal.json'), JSON.stringify(journal))
    writeFileSync(join(migrations, '9999_later.sql'), 'CREATE TABLE later (id text PRIMARY KEY NOT NULL);')
    process.env.DUVET_MIGRATIONS = migrations
    const opened = await openDatabase(`file:${path}`, '2026-06-02').finally(() => {
      delete process.env.DUVET_MIGRATIONS
    })
    opened.client.close()
    expect(readdirSync(home).filter((name) => name.startsWith('copied.db.before'))).toEqual([
      'copied.db.before-2026-06-02',
    ])
    const copy = createClient({ url: `file:${path}.before-2026-06-02` })
    expect(Object.values((await copy.execute('PRAGMA integrity_check')).rows[0]!)[0]).toBe('ok')
    copy.close()
  })

  it('an old file with the log of a clock that jumped is read on in the order of the log', async () => {
    const server = await startServer({ databasePath: at('clock.db'), seed: DEMO })
    const url = `${server.url}/api/yards/kiln-bank/edits`
    const send = async (base: number, madeAt: string, sentAt: string | undefined, note: string) =>
      post(url, {
        baseRevision: base,
        device: 'phone',
        ...(sentAt ? { sentAt } : {}),
        edits: [{ id: `c${base}`, madeAt, kind: 'do', edit: { kind: 'set-yard', note } }],
      })
    const now = new Date().toISOString()
    expect((await send(0, now, now, 'first')).status).toBe(200)
    expect((await send(1, '2019-01-01T00:00:00.000Z', undefined, 'clock behind')).status).toBe(200)
    expect((await send(2, '2091-01-01T00:00:00.000Z', undefined, 'clock ahead')).status).toBe(200)
    expect(
      (await send(3, '2019-01-01T00:00:10.000Z', '2019-01-01T00:00:30.000Z', 'clock behind, and known to be')).status,
    ).toBe(200)
    expect(await send(4, '2026-02-31T09:30:00.000Z', undefined, 'no day')).toMatchObject({
      status: 422,
      body: { sentence: expect.stringMatching(/no time in UTC that there is/) },
    })
    const log = await get<{ happenedAt: string; madeAt: string; receivedAt: string }[]>(
      `${server.url}/api/yards/kiln-bank/log`,
    )
    const happened = log.map(({ happenedAt }) => happenedAt)
    expect(happened).toEqual([...happened].sort())
    for (const { happenedAt, receivedAt } of log) expect(happenedAt <= receivedAt).toBe(true)
    expect((await get<{ note: string }>(`${server.url}/api/yards/kiln-bank/past?revision=2`)).note).toBe('clock behind')
    await server.stop()
  })
})
