import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { currentOf, dueOf, type Entry } from '#core/book'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { entry } from '../helpers/book'
import type { OpenBook } from '#wire/answers'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: 'demo/demo-plan.json' })
})
afterAll(() => server.stop())

const YARD = '/api/yards/kiln-bank'
const own = (id: string, more: object = {}) => ({ id, hiveId: 'ticking/0', ...more })
const look = (id: string, at: string, body = {}, more: object = {}) => entry('look', at, body, own(id, more))
const post = (entries: unknown, path = `${YARD}/book`) =>
  fetch(`${server.url}${path}`, {
    method: 'POST',
    body: JSON.stringify({ entries }),
    headers: { 'content-type': 'application/json' },
  })
const get = async <T>(path: string) => (await (await fetch(`${server.url}${path}`)).json()) as T
const book = (hive = 'ticking%2F0') => get<Entry[]>(`${YARD}/hives/${hive}/book`)
const ids = (entries: readonly Entry[]) => entries.map(({ id }) => id)

describe('the book on the server', () => {
  it('keeps entries once, all of them or none, oldest first', async () => {
    const sent = [look('b', '2026-05-10T10:00', { queen: 'eggs' }), look('a', '2026-05-01T10:00', { temper: 'quiet' })]
    expect(await (await post(sent)).json()).toEqual({ added: 2, repeated: 0 })
    expect(await (await post(sent)).json()).toEqual({ added: 0, repeated: 2 })
    expect(ids(await book())).toEqual(['a', 'b'])
    const [{ id, ...rest }] = sent as [(typeof sent)[0]]
    expect(await (await post([{ ...rest, id }])).json()).toEqual({ added: 0, repeated: 1 })
    const other = await post([look('c', '2026-05-11T10:00'), look('a', '2026-05-02T10:00')])
    expect(other.status).toBe(409)
    expect(ids(await book())).toEqual(['a', 'b'])
    expect((await book())[1]).toEqual(sent[0])
  })

  it('comes to the same in whatever order an entry and its corrections arrive', async () => {
    const first = look('x', '2026-04-01T10:00', {}, { madeAt: '2026-04-01T10:00:00.000Z' })
    const fixed = look('y', '2026-04-02T10:00', {}, { corrects: 'x', madeAt: '2026-04-02T10:00:00.000Z' })
    const gone = look(
      'z',
      '2026-04-02T10:00',
      {},
      { corrects: 'x', withdrawn: true, madeAt: '2026-04-03T10:00:00.000Z' },
    )
    await post([gone])
    await post([first])
    await post([fixed])
    const all = await book()
    expect(all).toHaveLength(5)
    expect(ids(currentOf(all))).not.toContain('x')
    const open = (await get<OpenBook>(`${YARD}/book/open?today=2026-05-12`)).entries
    expect(ids(open)).not.toContain('x')
    expect(ids(open)).not.toContain('y')
  })

  it('gives what may still ask for something, from which the list of what is due is worked out', async () => {
    await post([
      entry('task', '2026-05-10T10:00', { text: 'fetch the wrap', by: '2026-05-14' }, own('t1')),
      entry('task', '2026-05-10T10:00', { text: 'mow', by: '2026-05-15' }, own('t2')),
      entry('answer', '2026-05-11T10:00', { to: 'task:t2', answer: 'done' }, own('t3')),
      entry('answer', '2026-05-11T10:00', { to: 'task:t1', answer: 'put-off', until: '2026-05-20' }, own('t4')),
    ])
    const open = (await get<OpenBook>(`${YARD}/book/open?today=2026-05-12`)).entries
    const { yard } = (await get<{ yard: Parameters<typeof dueOf>[0] }[]>('/api/yards')).find(
      ({ yard: { id } }) => id === 'kiln-bank',
    )!
    const lines = dueOf(yard, open, '2026-05-12').filter(({ hiveId }) => hiveId === 'ticking/0')
    expect(lines.map(({ id, day }) => `${id} ${day}`)).toEqual(
      expect.arrayContaining(['task:t1 2026-05-20', 'look:b 2026-05-17']),
    )
    expect(lines.map(({ id }) => id)).not.toContain('task:t2')
  })

  it.each([
    ['a day ahead', look('f1', '2099-01-01T10:00'), 422, 'at'],
    ['a day that is none', look('f2', '2026-02-30T10:00'), 422, 'at'],
    [
      'a tray of no days',
      { ...look('f3', '2026-05-01T10:00'), sort: 'mites', body: { way: 'tray', mites: 3, days: 0 } },
      422,
      'days',
    ],
    [
      'a wash of no bees',
      { ...look('f4', '2026-05-01T10:00'), sort: 'mites', body: { way: 'wash', mites: 3, bees: 0 } },
      422,
      'bees',
    ],
    ['a sort that is none', { ...look('f5', '2026-05-01T10:00'), sort: 'rumour' }, 422, 'sort'],
    ['a sign that names a disease', look('f6', '2026-05-01T10:00', { signs: ['foulbrood'] }), 422, 'signs'],
    [
      'more honey than a hive holds',
      { ...look('f7', '2026-05-01T10:00'), sort: 'crop', body: { kg: 4000 } },
      422,
      'kg',
    ],
    [
      'put off to no day',
      { ...look('f8', '2026-05-01T10:00'), sort: 'answer', body: { to: 'x', answer: 'put-off' } },
      422,
      'entries',
    ],
    ['a hive that is not there', look('f9', '2026-05-01T10:00', {}, { hiveId: 'nobody' }), 404, 'hiveId'],
    [
      'a correction of another hive’s entry',
      look('f10', '2026-05-01T10:00', {}, { hiveId: 'muslin/0', corrects: 'a' }),
      422,
      'corrects',
    ],
    ['a correction of a correction', look('f11', '2026-05-01T10:00', {}, { corrects: 'y' }), 422, 'corrects'],
  ])('refuses %s with the field and a sentence, and keeps nothing', async (_what, wrong, status, field) => {
    const before = await book()
    const answer = await post([look(`good-${field}-${status}`, '2026-05-01T10:00'), wrong])
    expect(answer.status).toBe(status)
    const refused = (await answer.json()) as { field: string; sentence: string }
    expect(refused.field).toContain(field)
    expect(refused.sentence).toMatch(/\S/)
    expect(await book()).toEqual(before)
  })

  it('refuses what is no list of entries, a yard that is not there, and a day that is none', async () => {
    expect((await post([])).status).toBe(422)
    expect((await post('all')).status).toBe(422)
    expect((await post(Array.from({ length: 501 }, (_, i) => look(`m${i}`, '2026-05-01T10:00')))).status).toBe(422)
    expect((await post([look('n', '2026-05-01T10:00')], '/api/yards/nowhere/book')).status).toBe(404)
    expect((await fetch(`${server.url}/api/yards/nowhere/book/open?today=2026-05-12`)).status).toBe(404)
    expect((await fetch(`${server.url}${YARD}/book/open?today=soon`)).status).toBe(422)
    expect((await fetch(`${server.url}${YARD}/book/open`)).status).toBe(422)
  })

  it('gives what is current of a yard between two days, of all sorts or of some', async () => {
    const from = (query: string) => fetch(`${server.url}${YARD}/book?${query}`)
    const some = (await (await from('from=2026-05-01&to=2026-05-10&sorts=look')).json()) as Entry[]
    expect(ids(some.filter(({ hiveId }) => hiveId === 'ticking/0'))).toEqual(['a', 'b'])
    expect(some.every(({ sort }) => sort === 'look')).toBe(true)
    const all = (await (await from('from=2024-01-01&to=2026-12-31')).json()) as Entry[]
    expect(new Set(all.map(({ sort }) => sort)).size).toBeGreaterThan(4)
    expect(ids(all)).not.toContain('x')
    expect((await from('from=2026-05-01&to=2026-05-10&sorts=honey')).status).toBe(422)
    expect((await from('from=2026-05-01')).status).toBe(422)
    expect((await fetch(`${server.url}/api/yards/nowhere/book?from=2026-05-01&to=2026-05-10`)).status).toBe(404)
  })

  it('goes out with the plan file and in again, beside its own yard under identities of its own', async () => {
    const plan = await get<{ version: number; books: { yardId: string; entries: Entry[] }[] }>('/api/plans/export')
    expect(plan.version).toBe(8)
    const [mine] = plan.books.filter(({ yardId }) => yardId === 'kiln-bank')
    expect(mine!.entries.map(({ id }) => id)).toEqual(expect.arrayContaining(['a', 'b', 'x', 'y', 'z']))
    const answer = await fetch(`${server.url}/api/plans/import`, {
      method: 'POST',
      body: JSON.stringify(plan),
      headers: { 'content-type': 'application/json', 'x-import': crypto.randomUUID() },
    })
    expect(answer.status).toBe(200)
    const { imported } = (await answer.json()) as { imported: { yardId: string; yardName: string }[] }
    const again = await get<typeof plan>('/api/plans/export')
    const beside = again.books.find(({ yardId }) =>
      imported.some((one) => one.yardId === yardId && one.yardName.startsWith('Kiln Bank')),
    )!
    expect(beside.entries).toHaveLength(mine!.entries.length)
    expect(beside.entries.some(({ hiveId }) => hiveId === 'ticking/0')).toBe(false)
    // Boxes and frames have names of their own there; all else is as it was.
    const said = (entries: readonly Entry[]) =>
      entries.map(({ at, body }) => [at, JSON.stringify(body).replaceAll(/"boxId":"[^"]+"/g, '"box"')])
    const unnamed = ({ sort }: Entry) => sort !== 'crop'
    expect(said(beside.entries.filter(unnamed))).toEqual(said(mine!.entries.filter(unnamed)))
  })
})
