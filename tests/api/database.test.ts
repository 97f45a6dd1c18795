import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  writeFileSync,
  mkdirSync,
  cpSync,
  readFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, describe, expect, it } from 'vitest'
import { ownFigure } from '#core/figures'
import { emptyYard } from '#core/yard'
import { openDatabase } from '../../server/database/client'
import { seedFrom } from '../../server/database/seed'
import { readYards } from '../../server/database/yards'
import { startServer } from '../../scripts/lib/server'
import { DEMO, addSuper, demoPlan, post, storedYards, submission } from '../helpers/wire'
import { devicesOf, findDevice } from '../../server/readings/devices'
import { setBatchRemoved } from '../../server/readings/keep'
import { latestReadings, readingSeries } from '../../server/readings/look-up'

const folders: string[] = []
function folder(): string {
  const made = mkdtempSync(join(tmpdir(), 'duvet-test-'))
  folders.push(made)
  return made
}
afterEach(() => {
  delete process.env.DUVET_MIGRATIONS
  for (const made of folders.splice(0)) rmSync(made, { recursive: true, force: true })
})

describe('the database file', () => {
  it('is written ahead and in full: the four settings read back from the live connection', async () => {
    const { client } = await openDatabase(`file:${join(folder(), 'a.db')}`, '2026-05-01')
    const setting = async (name: string) => Object.values((await client.execute(`PRAGMA ${name}`)).rows[0]!)[0]
    expect(await setting('journal_mode')).toBe('wal')
    expect(await setting('synchronous')).toBe(2)
    expect(await setting('foreign_keys')).toBe(1)
    expect(await setting('busy_timeout')).toBe(250)
    client.close()
  })

  it('keeps the settings after transactions', async () => {
    const { client, database } = await openDatabase(`file:${join(folder(), 'a.db')}`, '2026-05-01')
    await seedFrom(database, DEMO)
    await database.transaction(async (tx) => {
      await readYards(tx)
    })
    for (const [name, value] of [
      ['synchronous', 2],
      ['foreign_keys', 1],
      ['busy_timeout', 250],
    ] as const) {
      expect(Object.values((await client.execute(`PRAGMA ${name}`)).rows[0]!)[0]).toBe(value)
    }
    client.close()
  })

  it('refuses what its tables do not allow', async () => {
    const { client } = await openDatabase(`file:${join(folder(), 'a.db')}`, '2026-05-01')
    await expect(
      client.execute(
        'INSERT INTO placements (yard_id, part_id, hive_id, position, turned_over, yaw_deg, ' +
          `offset_x_mm, offset_y_mm) VALUES ('y', 'p', 'h', 0, 0, 0, 0, 0)`,
      ),
    ).rejects.toThrow(/FOREIGN KEY/)
    client.close()
  })

  it('is copied, dated, before a migration, and both open', async () => {
    const home = folder()
    const path = join(home, 'a.db')
    const first = await openDatabase(`file:${path}`, '2026-05-01')
    await seedFrom(first.database, DEMO)
    first.client.close()
    expect(readdirSync(home).filter((name) => name.includes('before'))).toEqual([])
    process.env.DUVET_MIGRATIONS = withOneMore(home)
    const later = await openDatabase(`file:${path}`, '2026-06-02')
    expect((await readYards(later.database)).map(({ yard }) => yard)).toEqual(demoPlan().yards)
    expect((await later.client.execute(`SELECT name FROM sqlite_master WHERE name = 'later'`)).rows).toHaveLength(1)
    later.client.close()
    delete process.env.DUVET_MIGRATIONS
    const copy = `${path}.before-2026-06-02`
    expect(existsSync(copy)).toBe(true)
    copyFileSync(copy, join(home, 'copy.db'))
    const old = await openDatabase(`file:${join(home, 'copy.db')}`, '2026-06-02')
    expect((await readYards(old.database)).map(({ yard }) => yard)).toEqual(demoPlan().yards)
    expect((await old.client.execute(`SELECT name FROM sqlite_master WHERE name = 'later'`)).rows).toHaveLength(0)
    old.client.close()
  })
})

describe('a file of the first version', () => {
  it('opens with everything that was in it, after a dated copy', async () => {
    const home = folder()
    const path = join(home, 'first.db')
    process.env.DUVET_MIGRATIONS = onlyTheFirst(home, 1)
    const first = await openDatabase(`file:${path}`, '2026-05-01')
    await first.client.executeMultiple(`
      INSERT INTO yards (id, position, name, note, band, revision) VALUES ('y', 0, 'Sallow Quay', '', 'range', 3);
      INSERT INTO parts (id, yard_id, position, pattern_id, contents, has_held) VALUES ('p', 'y', 0, 'floor-mesh-national', '[]', '["honey"]');
      INSERT INTO hives (id, yard_id, position, name, stage, note, accepted) VALUES ('h', 'y', 0, 'Twill', 'flow', '', '[]');
      INSERT INTO placements (part_id, hive_id, position, turned_over, yaw_deg, offset_x_mm, offset_y_mm) VALUES ('p', 'h', 0, 0, 0, 0, 0);`)
    first.client.close()
    delete process.env.DUVET_MIGRATIONS
    const now = await openDatabase(`file:${path}`, '2026-06-02')
    const placement = { partId: 'p', turnedOver: false, yawDeg: 0 as const, offsetMm: { x: 0, y: 0 } }
    expect(await readYards(now.database)).toEqual([
      {
        revision: 3,
        yard: {
          ...emptyYard('y', 'Sallow Quay'),
          hives: [
            { id: 'h', name: 'Twill', stage: 'flow', note: '', stack: [placement], attachments: [], accepted: [] },
          ],
          parts: [{ id: 'p', patternId: 'floor-mesh-national', contents: [], hasHeld: ['honey'] }],
        },
      },
    ])
    now.client.close()
    expect(existsSync(`${path}.before-2026-06-02`)).toBe(true)
  })

  it('and one of before figures had a list of their own keeps each, in its own unit', async () => {
    const home = folder()
    const path = join(home, 'seventeen.db')
    process.env.DUVET_MIGRATIONS = onlyTheFirst(home, 17)
    const before = await openDatabase(`file:${path}`, '2026-05-01')
    const own = (mm: number) => ({ mm, plusMinusMm: 0, source: { mark: 'own', text: 'mine' } })
    const depth = { key: 'box-langstroth-deep.depth', length: own(240) }
    const cannotBe = { key: 'limit.wide', length: own(0) }
    const overrides = [
      { key: 'limit.honeyDensity', length: own(1.41) },
      depth,
      { key: 'limit.broodNeedMend', length: own(45_000) },
      { key: 'limit.beeGrams', length: own(0.12) },
      cannotBe,
    ]
    await before.client.execute({
      sql: `INSERT INTO yards (id, position, name, note, band, revision, overrides) VALUES ('y', 0, 'Y', '', 'range', 3, ?)`,
      args: [JSON.stringify(overrides)],
    })
    before.client.close()
    delete process.env.DUVET_MIGRATIONS
    const now = await openDatabase(`file:${path}`, '2026-06-02')
    expect((await readYards(now.database))[0]?.yard).toEqual({
      ...emptyYard('y', 'Y'),
      overrides: [depth, cannotBe],
      figures: [
        ownFigure('honeyDensityKgPerLitre', 1.41),
        ownFigure('broodNeedMendCells', 45_000),
        ownFigure('beeGrams', 0.12),
      ],
    })
    now.client.close()
  })
})

describe('readings of before there was one table of them', () => {
  it('are all there, with what was read with them, their batches, and the devices and their keys', async () => {
    const home = folder()
    const path = join(home, 'eighteen.db')
    process.env.DUVET_MIGRATIONS = onlyTheFirst(home, 18)
    const before = await openDatabase(`file:${path}`, '2026-05-01')
    await before.client.executeMultiple(`
      INSERT INTO weigh_ins (id, yard_id, hive_id, at, kg, method, left_kg, right_kg, source, batch_id, removed_at) VALUES
        ('a', 'y', 'h', '2026-04-01T10:00:00.000Z', 40.5, 'scale', NULL, NULL, 'scale:s', 'b1', NULL),
        ('b', 'y', 'h', '2026-04-02T10:00:00.000Z', 41, 'heft', 20.25, 20.75, 'hand', 'b2', NULL),
        ('c', 'y', 'h', '2026-04-03T10:00:00.000Z', 99, 'scale', NULL, NULL, 'hand', 'b3', '2026-04-04T10:00:00.000Z');
      INSERT INTO air_readings (id, yard_id, hive_id, place, at, celsius, humidity_percent, source, batch_id) VALUES
        ('a', 'y', 'h', 'crown', '2026-04-01T10:00:00.000Z', 21.5, 62, 'csv', 'b4'),
        ('b', 'y', 'h', 'outside', '2026-04-01T10:00:00.000Z', -3, NULL, 'csv', 'b4');
      INSERT INTO scales (id, yard_id, hive_id, name, key_hex, last_sequence, battery_percent, seen_at)
        VALUES ('s', 'y', 'h', 'Left', 'aa', 7, 55, '2026-04-01T10:00:00.000Z');
      INSERT INTO sensors (id, yard_id, hive_id, place, name, key_hex) VALUES ('t', 'y', 'h', 'crown', 'Top', 'bb');`)
    before.client.close()
    delete process.env.DUVET_MIGRATIONS
    const { client, database } = await openDatabase(`file:${path}`, '2026-06-02')
    const hive = { yardId: 'y', hiveId: 'h' }
    const heft = { at: '2026-04-02T10:00:00.000Z', kg: 41, method: 'heft', leftKg: 20.25, rightKg: 20.75 }
    expect(await readingSeries(database, hive, 'weight', 100)).toMatchObject([
      {
        place: 'under',
        points: [{ at: '2026-04-01T10:00:00.000Z', kg: 40.5, method: 'scale' }, heft],
        latest: heft,
        batchIds: ['b1', 'b2'],
      },
    ])
    expect((await readingSeries(database, hive, 'air', 100)).map(({ place, latest }) => [place, latest])).toEqual([
      ['crown', { at: '2026-04-01T10:00:00.000Z', celsius: 21.5, humidityPercent: 62 }],
      ['outside', { at: '2026-04-01T10:00:00.000Z', celsius: -3, humidityPercent: null }],
    ])
    await setBatchRemoved(database, ['y'], 'b3', null)
    expect((await latestReadings(database, hive, 'weight', 1)).map(({ batchId }) => batchId)).toEqual(['b3'])
    expect(await findDevice(database, 's')).toMatchObject({ kind: 'weight', keyHex: 'aa', lastSequence: 7 })
    expect(await devicesOf(database, hive, 'air')).toMatchObject([{ id: 't', place: 'crown', name: 'Top' }])
    client.close()
  })
})

/** The migrations as they were when an earlier version came out, by how many there were. */
function onlyTheFirst(home: string, count: number): string {
  const target = join(home, 'first-migrations')
  cpSync('server/database/migrations', target, { recursive: true })
  const journalPath = join(target, 'meta/_journal.json')
  const journal = JSON.parse(readFileSync(journalPath, 'utf8')) as { entries: unknown[] }
  writeFileSync(journalPath, JSON.stringify({ ...journal, entries: journal.entries.slice(0, count) }))
  return target
}

/** The project's migrations with one more behind them. */
function withOneMore(home: string): string {
  const target = join(home, 'migrations')
  mkdirSync(target)
  cpSync('server/database/migrations', target, { recursive: true })
  const journalPath = join(target, 'meta/_journal.json')
  const journal = JSON.parse(readFileSync(journalPath, 'utf8')) as {
    entries: { idx: number; version: string; when: number; tag: string; breakpoints: boolean }[]
  }
  journal.entries.push({
    ...journal.entries.at(-1)!,
    idx: journal.entries.length,
    when: journal.entries.at(-1)!.when + 1,
    tag: '9999_later',
  })
  writeFileSync(journalPath, JSON.stringify(journal))
  writeFileSync(join(target, '9999_later.sql'), 'CREATE TABLE later (id text PRIMARY KEY NOT NULL);')
  return target
}

describe('a server that is killed while it writes', () => {
  it('loses no edit that it acknowledged, 25 times over', async () => {
    const path = join(folder(), 'killed.db')
    const acknowledged: string[] = []
    for (let round = 0; round < 25; round++) {
      const server = await startServer({ databasePath: path, seed: DEMO })
      const { yard, revision } = (await storedYards(server.url))[0]!
      const there = new Set(yard.parts.map(({ id }) => id))
      expect(acknowledged.filter((id) => !there.has(id))).toEqual([])
      let base = revision
      let killed: Promise<void> | undefined
      for (let n = 0; n < 200; n++) {
        const edit = addSuper('gingham/0', 2)
        const off = {
          kind: 'take-off' as const,
          hiveId: 'gingham/0',
          partId: edit.kind === 'add-part' ? edit.part.id : '',
        }
        const said = await post(`${server.url}/api/yards/sallow-quay/edits`, submission(base, [edit, off])).catch(
          () => undefined,
        )
        if (said?.status !== 200) break
        base += 2
        acknowledged.push(off.partId)
        killed ??= new Promise((resolve) =>
          setTimeout(() => void server.stop('SIGKILL').then(resolve), (round * 37) % 60),
        )
      }
      await killed
    }
    expect(acknowledged.length).toBeGreaterThanOrEqual(25)
    const { client } = await openDatabase(`file:${path}`, '2026-05-01')
    expect(Object.values((await client.execute('PRAGMA integrity_check')).rows[0]!)[0]).toBe('ok')
    client.close()
  }, 120_000)
})
