import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { foodsOf } from '#core/book'
import type { Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import type { FoodBooks, StoredYard } from '#wire/answers'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { entry } from '../helpers/book'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: 'demo/demo-plan.json' })
})
afterAll(() => server.stop())

const TODAY = '2026-05-12'
const YARD = '/api/yards/kiln-bank'
const HIVE = 'ticking/0'
const json = { 'content-type': 'application/json' }
const send = (path: string, body: unknown) =>
  fetch(`${server.url}${path}`, { method: 'POST', body: JSON.stringify(body), headers: json })
const get = async <T>(path: string) => (await (await fetch(`${server.url}${path}`)).json()) as T
const books = () => get<FoodBooks>(`/api/yards/food?today=${TODAY}`)
const yardNow = async () => (await get<StoredYard[]>('/api/yards')).find(({ yard }) => yard.id === 'kiln-bank')!
const known = async (yard: Yard) => foodsOf(yard, yard.hives, (await books())['kiln-bank']!, TODAY)[HIVE]?.stores

describe('what the food of hives is known from', () => {
  it('is told of the last measure and all since, and nothing of what is older', async () => {
    const of = (id: string, at: string, body: object) => entry('look', at, body, { id, hiveId: HIVE })
    await send(`${YARD}/book`, {
      entries: [
        of('old', '2025-09-01T10:00', { heft: 'fair' }),
        of('last', '2026-05-08T10:00', { heft: 'heavy' }),
        entry('feed', '2026-05-09T10:00', { feed: 'fondant', kg: 2 }, { id: 'fed', hiveId: HIVE }),
        entry('mites', '2026-05-09T10:00', { way: 'wash', mites: 1, bees: 300 }, { id: 'washed', hiveId: HIVE }),
      ],
    })
    const own = (await books())['kiln-bank']!.entries.filter(({ hiveId }) => hiveId === HIVE)
    expect(own.map(({ id }) => id)).toEqual(['last', 'fed'])
    expect(await known((await yardNow()).yard)).toMatchObject({ by: 'heft', since: true })
  })

  it('is the last weighing, as long as its boxes still stand, and again when what came is undone', async () => {
    await send(`${YARD}/hives/ticking%2F0/readings`, {
      kind: 'weight',
      source: 'hand',
      batchId: crypto.randomUUID(),
      readings: [
        { at: '2026-05-10T08:00:00.000Z', kg: 40, method: 'scale' },
        { at: '2026-05-11T08:00:00.000Z', kg: 41, method: 'scale' },
      ],
    })
    const weighed = async () => (await books())['kiln-bank']!.weighed[HIVE]
    expect(await weighed()).toMatchObject({ at: '2026-05-11T08:00:00.000Z', kg: 41 })
    expect((await known((await yardNow()).yard))!.by).toBe('weighed')
    const { yard, revision } = await yardNow()
    const hive = yard.hives.find(({ id }) => id === HIVE)!
    const box = hive.stack.findLast(({ role }) => role !== undefined)!
    const submit = (baseRevision: number, sent: object) =>
      send(`${YARD}/edits`, { baseRevision, device: 'phone', sentAt: '2026-05-12T09:00:00.000Z', edits: [sent] })
    const done = { id: 'off', madeAt: '2026-05-12T09:00:00.000Z', kind: 'do', targetId: null }
    const taken = await submit(revision, { ...done, edit: deeds.takeOff(hive, box.partId) })
    expect(taken.status).toBe(200)
    expect(await weighed()).toBeUndefined()
    expect((await known((await yardNow()).yard))!.by).toBe('heft')
  })

  it('says what is missing where no day is named', async () => {
    const answer = await fetch(`${server.url}/api/yards/food`)
    expect([answer.status, (await answer.json()).sentence]).toEqual([422, expect.stringMatching(/today is missing/)])
  })
})
