import { spawnSync } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { afterAll, describe, expect, it } from 'vitest'
import { startDatabaseServer } from '../../scripts/lib/database-server'
import { startServer } from '../../scripts/lib/server'
import { tablesOf } from '../../server/database/backup/copy'
import { backUpTo, restoreFrom } from '../../server/database/backup/files'
import { identityOf, shortIdentity } from '../../server/database/backup/identity'
import { nightly } from '../../server/database/backup/nightly'
import { closeDatabase, openDatabase } from '../../server/database/client'
import { seedFrom } from '../../server/database/seed'
import { DEMO, post, storedYards, submission } from '../helpers/wire'

const home = mkdtempSync(join(tmpdir(), 'duvet-backup-'))
const stops: (() => Promise<unknown>)[] = []
afterAll(async () => {
  for (const stop of stops) await stop()
  rmSync(home, { recursive: true, force: true })
})
const at = (name: string) => join(home, name)
const TODAY = '2026-05-01'

async function filled(name: string): Promise<string> {
  const { client, database } = await openDatabase(`file:${at(name)}`, TODAY)
  await seedFrom(database, DEMO, 'demo/demo-log.json')
  client.close()
  return `file:${at(name)}`
}

/** Every row of every table, but for what says that a copy was put back. */
async function everything(url: string): Promise<Record<string, unknown[]>> {
  const { client } = await openDatabase(url, TODAY)
  const all: Record<string, unknown[]> = {}
  for (const table of await tablesOf(client)) {
    const { rows } = await client.execute(`SELECT * FROM "${table}"`)
    all[table] = rows
      .map((row) => JSON.stringify(row))
      .filter((row) => !row.includes('"epoch"'))
      .sort()
  }
  client.close()
  return all
}

describe('a copy', () => {
  it('is made while Duvet runs and is written to, and is whole', async () => {
    const server = await startServer({ seed: DEMO, databasePath: at('running.db') })
    stops.push(() => server.stop())
    let going = true
    const writing = (async () => {
      for (let revision = 0; going; revision++)
        await post(
          `${server.url}/api/yards/kiln-bank/edits`,
          submission(revision, [{ kind: 'set-yard', note: `${revision}` }]),
        )
    })()
    const counted = await backUpTo({ url: `file:${at('running.db')}` }, at('copies/one.db'))
    going = false
    await writing
    expect(counted).toMatchObject({ yards: 2, hives: 11 })
    expect(readdirSync(at('copies'))).toEqual(['one.db'])
    const { client } = await openDatabase(`file:${at('copies/one.db')}`, TODAY)
    const [yard] = (await client.execute(`SELECT revision, note FROM yards WHERE id = 'kiln-bank'`)).rows
    const [logged] = (await client.execute(`SELECT max(revision) AS n FROM edits WHERE yard_id = 'kiln-bank'`)).rows
    expect(Number(logged!.n ?? 0)).toBe(Number(yard!.revision))
    client.close()
  })

  it('is put back into a database that is in use: who reads it sees what was put back, and can go on', async () => {
    const server = await startServer({ seed: DEMO, databasePath: at('in-use.db') })
    stops.push(() => server.stop())
    const noteNow = async () => {
      const stored = (await storedYards(server.url)).find(({ yard }) => yard.id === 'kiln-bank')!
      return [stored.yard.note, stored.revision]
    }
    const change = (revision: number, note: string) =>
      post(`${server.url}/api/yards/kiln-bank/edits`, submission(revision, [{ kind: 'set-yard', note }]))
    await change(0, 'kept')
    await backUpTo({ url: `file:${at('in-use.db')}` }, at('kept.db'))
    await change(1, 'lost')
    await restoreFrom(at('kept.db'), { url: `file:${at('in-use.db')}` }, at('copies/before.db'))
    expect(await noteNow()).toEqual(['kept', 1])
    // At the same revision as the one that was held in memory, on another yard than that.
    expect((await change(1, 'after')).status).toBe(200)
    expect(await noteNow()).toEqual(['after', 2])
    const before = await openDatabase(`file:${at('copies/before.db')}`, TODAY)
    expect((await before.client.execute(`SELECT note FROM yards WHERE id = 'kiln-bank'`)).rows[0]!.note).toBe('lost')
    before.client.close()
  })

  it('moves from a file to a server and back with every row', async () => {
    const url = await filled('moved.db')
    const first = await everything(url)
    expect(Object.values(first).flat().length).toBeGreaterThan(300)
    await backUpTo({ url }, at('to-server.db'))
    const server = await startDatabaseServer(at('server-side.db'))
    stops.push(() => server.stop())
    await restoreFrom(at('to-server.db'), { url: server.url }, at('none.db'))
    expect(existsSync(at('none.db'))).toBe(false)
    expect(await everything(server.url)).toEqual(first)
    await backUpTo({ url: server.url }, at('from-server.db'))
    await restoreFrom(at('from-server.db'), { url: `file:${at('back.db')}` }, at('none.db'))
    expect(await everything(`file:${at('back.db')}`)).toEqual(first)
  })

  it('is made once a night, and the oldest go', async () => {
    const url = await filled('nightly.db')
    const folder = at('nights')
    for (const day of ['01', '02', '03', '04'])
      expect(await nightly({ url }, folder, `2026-05-${day}`, 3)).toMatchObject({ yards: 2 })
    expect(await nightly({ url }, folder, '2026-05-04', 3)).toBeNull()
    const { client } = await openDatabase(url, TODAY)
    const whose = shortIdentity((await identityOf(client))!)
    client.close()
    expect(readdirSync(folder).sort()).toEqual(['02', '03', '04'].map((day) => `nightly-${whose}-2026-05-${day}.db`))
  })

  it('of two databases in one folder stand beside each other, and neither is put in the place of the other', async () => {
    const folder = at('two')
    const [own, other] = [await filled('own.db'), await filled('other.db')]
    for (const url of [own, other]) expect(await nightly({ url }, folder, '2026-05-04', 3)).toMatchObject({ yards: 2 })
    const copies = readdirSync(folder)
    expect(copies).toHaveLength(2)
    const { client } = await openDatabase(own, TODAY)
    const whose = shortIdentity((await identityOf(client))!)
    client.close()
    const others = join(
      folder,
      copies.find((name) => !name.includes(whose))!,
    )
    const before = await everything(own)
    await expect(restoreFrom(others, { url: own }, at('kept.db'))).rejects.toThrow(/copy of another database/)
    expect(await everything(own)).toEqual(before)
    await restoreFrom(others, { url: own }, at('kept.db'), { evenAnother: true })
    expect(await everything(own)).not.toEqual(before)
  })

  it('of the file alone is whole once Duvet has ended', async () => {
    const opened = await openDatabase(`file:${at('ended.db')}`, TODAY)
    await seedFrom(opened.database, DEMO, 'demo/demo-log.json')
    await closeDatabase(opened, { url: `file:${at('ended.db')}` })
    copyFileSync(at('ended.db'), at('usb.db'))
    const { client } = await openDatabase(`file:${at('usb.db')}`, TODAY)
    expect((await client.execute('SELECT count(*) AS n FROM yards')).rows[0]!.n).toBe(2)
    client.close()
  })

  it('takes along what is written beside a file and not in it yet', async () => {
    const opened = await openDatabase(`file:${at('live.db')}`, TODAY)
    await seedFrom(opened.database, DEMO)
    expect(existsSync(at('live.db-wal'))).toBe(true)
    for (const end of ['', '-wal']) copyFileSync(`${at('live.db')}${end}`, `${at('taken.db')}${end}`)
    opened.client.close()
    expect(await restoreFrom(at('taken.db'), { url: `file:${at('fresh.db')}` }, at('none.db'))).toMatchObject({
      yards: 2,
    })
  })
})

describe('what is no copy', () => {
  async function foreign(): Promise<void> {
    const client = createClient({ url: `file:${at('foreign.db')}` })
    await client.execute('CREATE TABLE other (a)')
    client.close()
  }
  /** As a file is that was copied without what stood beside it. */
  async function bare(): Promise<void> {
    const client = createClient({ url: `file:${at('bare.db')}` })
    for (const sql of ['CREATE TABLE soon (a)', 'DROP TABLE soon']) await client.execute(sql)
    client.close()
  }
  it.each<[string, () => unknown, RegExp]>([
    ['missing.db', () => {}, /There is no file/],
    ['nothing.db', () => writeFileSync(at('nothing.db'), ''), /holds nothing/],
    ['bare.db', bare, /holds nothing/],
    ['foreign.db', foreign, /belongs to another program/],
    ['damaged.db', () => writeFileSync(at('damaged.db'), 'no database '.repeat(500)), /damaged/],
  ])('%s is refused in a sentence, and the database stays as it was', async (name, make, sentence) => {
    await make()
    const url = await filled(`stays-${name}`)
    const before = await everything(url)
    await expect(restoreFrom(at(name), { url }, at('none.db'))).rejects.toThrow(sentence)
    expect(await everything(url)).toEqual(before)
  })

  it('a database that is not there is not made by copying it', async () => {
    await expect(backUpTo({ url: `file:${at('nowhere.db')}` }, at('copies/none.db'))).rejects.toThrow(/no database/)
    expect([existsSync(at('nowhere.db')), existsSync(at('copies/none.db'))]).toEqual([false, false])
  })
})

describe('the commands', () => {
  const run = (script: string, args: readonly string[], env: Record<string, string>) =>
    spawnSync('node_modules/.bin/tsx', ['--tsconfig', 'tsconfig.tools.json', `scripts/${script}.ts`, ...args], {
      env: { ...process.env, ...env },
      encoding: 'utf8',
    })

  it('make a copy in its folder and put it back', async () => {
    mkdirSync(at('by-hand'))
    const url = await filled('by-hand/bees.db')
    const made = run('backup', [], { DUVET_DATABASE: url })
    expect(made.stdout).toMatch(/holds 2 yards, 11 hives, \d+ entries of the book\. It was opened and is whole\./)
    const [file] = readdirSync(at('by-hand/backups'))
    const back = run('restore', [at(`by-hand/backups/${file}`)], { DUVET_DATABASE: `file:${at('by-hand/new.db')}` })
    expect(back.stdout).toMatch(/Put back: 2 yards, 11 hives/)
    const wrong = run('restore', ['nothing.db'], { DUVET_DATABASE: url })
    expect([wrong.status, wrong.stderr]).toEqual([1, expect.stringMatching(/Nothing was put back\. There is no file/)])
  })
})
