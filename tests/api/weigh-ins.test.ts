import { createHmac } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { sendReport } from '../../scripts/devices/send'
import { simulated, type SimulatedReport } from '../../scripts/devices/simulated'
import { SCALE } from '../../scripts/devices/weight'
import { DEMO, addSuper, post, storedYards, submission } from '../helpers/wire'

const HIVE = 'twill/0'
let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

const url = (path: string) => `${server.url}/api/${path}`
async function ask(path: string, init: RequestInit = {}) {
  const response = await fetch(url(path), { ...init, headers: { 'content-type': 'application/json', ...init.headers } })
  return {
    status: response.status,
    body: (await response.json()) as Record<string, unknown>,
    headers: response.headers,
  }
}
const hive = (id = HIVE) => `yards/sallow-quay/hives/${encodeURIComponent(id)}/readings`
const keep = (readings: unknown, more: Record<string, unknown> = {}, id = HIVE) =>
  ask(hive(id), {
    method: 'POST',
    body: JSON.stringify({ kind: 'weight', source: 'hand', batchId: crypto.randomUUID(), readings, ...more }),
  })
const series = async (id = HIVE, query = '') =>
  (await ask(`${hive(id)}?kind=weight${query}`)).body as unknown as {
    series: { count: number; thinnedBy: string | null; points: { at: string; kg: number }[] }[]
    latest: { batchId: string; kg: number; source: string; leftKg?: number }[]
    boxesChangedAt: string | null
    devices: { id: string; batteryPercent: number }[]
  }
const reading = (at: string, kg: number) => ({ at, kg, method: 'scale' })

describe('weighings by hand', () => {
  it('say when the boxes became others since, so that nobody counts wood that is gone as food', async () => {
    await keep([reading('2026-04-01T10:00:00Z', 60)], {}, 'hessian/0')
    const changed = async () => (await series('hessian/0')).boxesChangedAt
    expect(await changed()).toBeNull()
    const stored = async () => (await storedYards(server.url)).find(({ yard }) => yard.id === 'sallow-quay')!
    const { revision } = await stored()
    await post(`${server.url}/api/yards/sallow-quay/edits`, submission(revision, [addSuper('hessian/0', 3)]))
    expect(await changed()).toMatch(/^20\d\d-/)
    await keep([reading('2031-05-02T10:00:00Z', 63)], {}, 'hessian/0')
    expect(await changed()).toBeNull()
  })

  it('that were taken back come in again, and the old batch does not take their place', async () => {
    const first = crypto.randomUUID()
    const again = [reading('2025-05-01T10:00:00Z', 40)]
    await keep(again, { batchId: first }, 'damask/0')
    const take = (removed: boolean) => ask(`batches/${first}`, { method: 'PUT', body: JSON.stringify({ removed }) })
    expect(await take(true)).toMatchObject({ status: 200, body: { readings: 1 } })
    expect(await keep([reading('2025-05-01T10:00:00Z', 41)], {}, 'damask/0')).toMatchObject({
      status: 200,
      body: { added: 1, repeated: 0 },
    })
    expect((await take(false)).status).toBe(200)
    expect((await series('damask/0')).latest.map(({ kg }) => kg)).toEqual([41])
    await ask(`batches/${(await series('damask/0')).latest[0]!.batchId}`, {
      method: 'PUT',
      body: JSON.stringify({ removed: true }),
    })
  })

  it('are kept once a minute and source, and taken back and brought back as a batch', async () => {
    const batchId = crypto.randomUUID()
    expect(
      await keep(
        [reading('2026-05-01T10:00:00Z', 50), reading('2026-05-01T10:00:40Z', 51), reading('2026-05-02T10:00:00Z', 52)],
        { batchId },
      ),
    ).toMatchObject({ status: 200, body: { added: 2, repeated: 1, batchId } })
    expect(await keep([reading('2026-05-01T10:00:20Z', 53)])).toMatchObject({ body: { added: 0, repeated: 1 } })
    expect((await series()).series[0]!.points.map(({ kg }) => kg)).toEqual([51, 52])
    const put = (removed: boolean) => ask(`batches/${batchId}`, { method: 'PUT', body: JSON.stringify({ removed }) })
    expect(await put(true)).toMatchObject({ status: 200, body: { readings: 2 } })
    expect((await series()).series).toEqual([])
    await put(false)
    expect((await series()).series[0]!.count).toBe(2)
    expect((await ask(`batches/${crypto.randomUUID()}`, { method: 'PUT', body: '{"removed":true}' })).status).toBe(404)
  })

  it.each([
    ['no reading', [], 422, /readings is empty/],
    ['a time that is none', [reading('2026-13-01T10:00:00Z', 50)], 422, /no time in UTC that there is/],
    ['a local time', [reading('2026-05-01T10:00:00', 50)], 422, /no time in UTC/],
    ['a mass below zero', [reading('2026-05-01T10:00:00Z', -1)], 422, /below 0 kg/],
    ['a mass that no hive has', [reading('2026-05-01T10:00:00Z', 5000)], 422, /no hive weighs that/],
    [
      'more than it takes at a time',
      Array.from({ length: 5001 }, (_, i) => reading(new Date(i * 60_000).toISOString(), 50)),
      422,
      /send them in pieces/,
    ],
  ])('refuse %s, naming the field', async (_name, readings, status, sentence) => {
    const answer = await keep(readings)
    expect(answer.status).toBe(status)
    expect(String(answer.body.sentence)).toMatch(sentence)
  })

  it('are of a hive that there is, and a series asks for a number of points', async () => {
    expect((await keep([reading('2026-05-01T10:00:00Z', 50)], {}, 'nowhere')).status).toBe(404)
    expect((await ask(`${hive()}?kind=weight&points=two`)).status).toBe(422)
  })

  it('of a year by quarter hours go in, and come out thinned by a named method with first and last', async () => {
    const start = Date.parse('2025-01-01T00:00:00Z')
    const all = Array.from({ length: 35_040 }, (_, i) =>
      reading(
        new Date(start + i * 900_000).toISOString(),
        Math.round((60 + 20 * Math.sin(i / 5000) + (i % 96) / 100) * 100) / 100,
      ),
    )
    const batchId = crypto.randomUUID()
    for (let at = 0; at < all.length; at += 5000)
      expect((await keep(all.slice(at, at + 5000), { source: 'csv', batchId }, 'calico/0')).status).toBe(200)
    const [thin] = (await series('calico/0', '&points=500')).series
    expect(thin).toMatchObject({ count: 35_040, thinnedBy: 'largest triangle three buckets' })
    expect(thin!.points).toHaveLength(500)
    expect([thin!.points[0]!.kg, thin!.points.at(-1)!.kg]).toEqual([all[0]!.kg, all.at(-1)!.kg])
  })
})

describe('a scale', () => {
  type Weighed = { readonly at: string; readonly kg: number }
  const REPORT: SimulatedReport<Weighed> = {
    sequence: 1,
    batteryPercent: 80,
    readings: [{ at: '2026-06-01T00:00:00.000Z', kg: 61 }],
  }
  async function newScale(hiveId = 'gingham/0') {
    const made = await ask('devices', {
      method: 'POST',
      body: JSON.stringify({ yardId: 'sallow-quay', hiveId, kind: 'weight', name: 'Under the hive' }),
    })
    expect(made.status).toBe(201)
    return made.body as { id: string; key: string }
  }

  it('tells its key once, and its signed readings are kept', async () => {
    const { id, key } = await newScale()
    expect(key).toMatch(/^[0-9a-f]{64}$/)
    expect(await (await sendReport(server.url, id, key, REPORT)).json()).toEqual({
      added: 1,
      repeated: 0,
      leftOut: 0,
      sequence: 1,
    })
    const now = await series('gingham/0')
    expect(now.devices).toMatchObject([{ id, batteryPercent: 80 }])
    expect(JSON.stringify(now)).not.toContain(key)
    expect(now.latest).toMatchObject([{ at: '2026-06-01T00:00:00.000Z', kg: 61, source: `scale:${id}` }])
  })

  it('is not believed with a wrong signature, another’s key, or a text that was changed', async () => {
    const [one, other] = [await newScale(), await newScale()]
    expect((await sendReport(server.url, one.id, other.key, REPORT)).status).toBe(401)
    expect((await sendReport(server.url, crypto.randomUUID(), one.key, REPORT)).status).toBe(401)
    const text = JSON.stringify(REPORT)
    const signature = createHmac('sha256', Buffer.from(one.key, 'hex')).update(text).digest('hex')
    const changed = await ask(`devices/${one.id}/readings`, {
      method: 'POST',
      body: text.replace('61', '16'),
      headers: { 'x-signature': signature },
    })
    expect(changed).toMatchObject({ status: 401, body: { field: 'x-signature' } })
    expect((await ask(`devices/${one.id}/readings`, { method: 'POST', body: text })).status).toBe(401)
  })

  it('may send a report twice, and none out of order', async () => {
    const { id, key } = await newScale('damask/0')
    const send = async (report: SimulatedReport<Weighed>) => {
      const response = await sendReport(server.url, id, key, report)
      return { status: response.status, body: (await response.json()) as Record<string, unknown> }
    }
    expect(await send({ ...REPORT, sequence: 5 })).toMatchObject({ status: 200, body: { added: 1 } })
    expect(await send({ ...REPORT, sequence: 5 })).toMatchObject({ status: 200, body: { added: 0, repeated: 1 } })
    expect(
      await send({ ...REPORT, sequence: 4, readings: [{ at: '2026-06-02T00:00:00.000Z', kg: 10 }] }),
    ).toMatchObject({ status: 409, body: { field: 'sequence' } })
    expect((await series('damask/0')).series[0]!.count).toBe(1)
    expect(await send({ ...REPORT, sequence: 6, readings: [{ at: 'yesterday', kg: 1 }] })).toMatchObject({
      status: 422,
    })
  })

  it('is not shut out by others who send under its name, or under names that are none', async () => {
    const { id, key } = await newScale('hessian/0')
    await Promise.all(
      Array.from({ length: 80 }, (_, i) =>
        ask(`devices/${i % 2 === 0 ? id : `none-${i}`}/readings`, {
          method: 'POST',
          body: '{}',
          headers: { 'x-signature': '0'.repeat(64) },
        }),
      ),
    )
    expect((await sendReport(server.url, id, key, REPORT)).status).toBe(200)
  })

  it('that floods is held off, and the rest of the server goes on answering', async () => {
    const { id, key } = await newScale()
    const answers = await Promise.all([
      ...Array.from({ length: 200 }, (_, i) => sendReport(server.url, id, key, { ...REPORT, sequence: i + 1 })),
      fetch(`${server.url}/api/yards/removed`),
    ])
    const statuses = answers.slice(0, 200).map((answer) => (answer as Response).status)
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(170)
    expect(
      Number((answers.find((answer) => (answer as Response).status === 429) as Response).headers.get('retry-after')),
    ).toBeGreaterThan(0)
    expect((answers.at(-1) as Response).status).toBe(200)
  })

  it(
    'as it ships drifts, is rained on, falls silent for a while and repeats itself; all of it ' + 'arrives once',
    async () => {
      const reports = simulated(SCALE, { days: 8, from: '2026-07-01', start: 60, seed: 4 })
      expect(new Set(reports.map(({ sequence }) => sequence)).size).toBeLessThan(reports.length)
      const { id, key } = await newScale('poplin/0')
      for (const report of reports) expect((await sendReport(server.url, id, key, report)).status).toBe(200)
      const kept = (await series('poplin/0', '&points=5000')).series[0]!
      const sent = new Set(reports.flatMap(({ readings }) => readings.map(({ at }) => at)))
      expect(kept.count).toBe(sent.size)
      const gaps = kept.points.slice(1).map(({ at }, i) => Date.parse(at) - Date.parse(kept.points[i]!.at))
      expect(Math.max(...gaps)).toBeGreaterThanOrEqual(11 * 3_600_000)
      expect(kept.points.at(-1)!.kg).toBeGreaterThan(kept.points[0]!.kg + 4)
      expect(simulated(SCALE, { days: 8, from: '2026-07-01', start: 60, seed: 4 })).toEqual(reports)
    },
  )
})
