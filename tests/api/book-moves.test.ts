import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { cropFrom, currentOf, newestOf, type Entry } from '#core/book'
import { applyEdit, type Edit } from '#core/yard'
import { copyHives, moveHives } from '#core/yard/deeds'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { sendReport } from '../../scripts/devices/send'
import { entry } from '../helpers/book'
import { DEMO, get, nextId, post, storedYards, submission } from '../helpers/wire'
import type { OpenBook } from '#wire/answers'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

const at = (path: string) => `${server.url}/api/yards/${path}`
const stored = async (yardId: string) => (await storedYards(server.url)).find(({ yard }) => yard.id === yardId)!
const book = (yardId: string, hiveId: string) => get<Entry[]>(at(`${yardId}/hives/${encodeURIComponent(hiveId)}/book`))
const write = (yardId: string, ...entries: Entry[]) => post(at(`${yardId}/book`), { entries })

async function save(yardId: string, ...edits: Edit[]) {
  const { revision } = await stored(yardId)
  expect((await post(at(`${yardId}/edits`), submission(revision, edits))).status).toBe(200)
}
async function move(hiveId: string, fromId: string, toId: string) {
  const [{ yard: from }, { yard: to }] = [await stored(fromId), await stored(toId)]
  const hive = from.hives.find(({ id }) => id === hiveId)!
  const { into, out } = moveHives(from, to, [hive], nextId)
  const back = applyEdit(to, into)
  await save(toId, into)
  await save(fromId, out)
  return { back: back.ok ? back.inverse : undefined }
}
const ofMoved = (yardId: string) => at(`${yardId}/hives/serge%2F0`)
const treated = (id: string, hiveId: string) =>
  entry('treatment', '2026-04-01T10:00', { product: 'strips', until: '2026-04-20', withdrawalDays: 21 }, { id, hiveId })
const withdrawal = (entries: readonly Entry[]) => {
  const treatment = newestOf(currentOf(entries), 'treatment')
  return treatment && cropFrom(treatment)
}

describe('a book and its hive', () => {
  it('goes with a hive to another yard, and what is corrected there is corrected', async () => {
    await write('kiln-bank', treated('t', 'ticking/0'))
    await move('ticking/0', 'kiln-bank', 'sallow-quay')
    expect(withdrawal(await book('sallow-quay', 'ticking/0'))).toBe('2026-05-12')
    const later = { ...treated('t2', 'ticking/0'), corrects: 't', madeAt: '2026-06-01T00:00:00.000Z' }
    later.body = { ...later.body, withdrawalDays: 30 }
    expect((await write('sallow-quay', later)).status).toBe(200)
    expect(withdrawal(await book('sallow-quay', 'ticking/0'))).toBe('2026-05-21')
    const open = (await get<OpenBook>(at('sallow-quay/book/open?today=2026-05-12'))).entries
    expect(
      open.filter(({ sort, hiveId }) => sort === 'treatment' && hiveId === 'ticking/0').map(({ id }) => id),
    ).toEqual(['t2'])
  })

  it('takes what comes in late, from a device that did not know of the move', async () => {
    const answer = await write('kiln-bank', treated('late', 'ticking/0'))
    expect(answer.body).toEqual({ added: 1, repeated: 0 })
    expect((await book('sallow-quay', 'ticking/0')).map(({ id }) => id)).toContain('late')
    const nobody = await write('kiln-bank', treated('nobody', 'no-hive'))
    expect(nobody.status).toBe(404)
  })

  it('comes back with what was written in between when the move is undone', async () => {
    const { back } = await move('serge/0', 'kiln-bank', 'sallow-quay')
    await write('sallow-quay', treated('between', 'serge/0'))
    const here = (await stored('sallow-quay')).yard
    expect(here.hives.some(({ id }) => id === 'serge/0')).toBe(true)
    const gone = await get<{ inverse: Edit }[]>(at('kiln-bank/log?limit=1'))
    await save('kiln-bank', gone[0]!.inverse)
    await save('sallow-quay', back!)
    expect(withdrawal(await book('kiln-bank', 'serge/0'))).toBe('2026-05-12')
  })

  it('is empty where it is to come from a hive that is nowhere, and is not taken from the one it names', async () => {
    const { yard } = await stored('kiln-bank')
    const muslin = yard.hives.find(({ id }) => id === 'muslin/0')!
    await write('kiln-bank', treated('stays', 'muslin/0'))
    const bare = { ...muslin, id: 'bare', name: 'Bare', stack: [], attachments: [] }
    const from = (yardId: string, hiveId: string): Edit => ({
      kind: 'add-hive',
      at: 0,
      hive: { ...bare, id: `bare-${hiveId}` },
      parts: [],
      book: { yardId, hiveId },
    })
    await save('kiln-bank', from('nowhere', 'nobody'), from('kiln-bank', 'muslin/0'))
    expect(await book('kiln-bank', 'bare-nobody')).toEqual([])
    expect((await book('kiln-bank', 'bare-muslin/0')).map(({ hiveId }) => hiveId)).toEqual(['bare-muslin/0'])
    expect((await book('kiln-bank', 'muslin/0')).map(({ id }) => id)).toEqual(['stays'])
    await save('kiln-bank', { kind: 'remove-hive', hiveId: 'bare-nobody', book: { yardId: 'nowhere', hiveId: 'x' } })
  })

  it('takes weighings and readings along, once, however often it goes to and fro', async () => {
    const weigh = (yardId: string) => at(`${yardId}/hives/${encodeURIComponent('muslin/0')}/readings`)
    const kg = async (yardId: string) =>
      (await get<{ latest: { kg: number }[] }>(`${weigh(yardId)}?kind=weight`)).latest.map((one) => one.kg)
    const readings = [{ at: '2026-05-01T10:00:00Z', kg: 41, method: 'scale' }]
    await post(weigh('kiln-bank'), { kind: 'weight', source: 'hand', batchId: crypto.randomUUID(), readings })
    await move('muslin/0', 'kiln-bank', 'sallow-quay')
    expect(await kg('sallow-quay')).toEqual([41])
    await move('muslin/0', 'sallow-quay', 'kiln-bank')
    await move('muslin/0', 'kiln-bank', 'sallow-quay')
    expect(await kg('sallow-quay')).toEqual([41])
    expect((await book('sallow-quay', 'muslin/0')).map(({ id }) => id)).toEqual(['stays'])
  })

  it('takes its scale and its sensor along: what they send, and what waited for it, comes to where it stands', async () => {
    const device = async (more: object) =>
      (await post(`${server.url}/api/devices`, { yardId: 'kiln-bank', hiveId: 'serge/0', name: 'Left', ...more }))
        .body as unknown as { id: string; key: string }
    const scale = await device({ kind: 'weight' })
    const sensor = await device({ kind: 'air', place: 'inside' })
    await move('serge/0', 'kiln-bank', 'sallow-quay')
    const at = '2026-04-30T12:00:00.000Z'
    const weighed = await sendReport(server.url, scale.id, scale.key, {
      sequence: 1,
      batteryPercent: 80,
      readings: [{ at, kg: 33.3 }],
    })
    const felt = await sendReport(server.url, sensor.id, sensor.key, {
      sequence: 1,
      batteryPercent: 80,
      readings: [{ at, celsius: 4.5, humidityPercent: 70 }],
    })
    expect([weighed.status, felt.status]).toEqual([200, 200])
    const weighedByHand = await post(`${ofMoved('kiln-bank')}/readings`, {
      kind: 'weight',
      batchId: crypto.randomUUID(),
      source: 'hand',
      readings: [{ at: '2026-04-30T13:00:00.000Z', kg: 33.1, method: 'scale' }],
    })
    expect(weighedByHand).toMatchObject({ status: 200, body: { added: 1 } })
    const kept = await get<{ series: { points: { kg: number }[] }[]; devices: { id: string }[] }>(
      `${ofMoved('sallow-quay')}/readings?kind=weight`,
    )
    expect(kept.series.map(({ points }) => points.map(({ kg }) => kg))).toEqual([[33.3, 33.1]])
    expect(kept.devices.map(({ id }) => id)).toEqual([scale.id])
    const air = await get<{ series: { count: number }[]; devices: unknown[] }>(
      `${ofMoved('sallow-quay')}/readings?kind=air`,
    )
    expect([air.series.map(({ count }) => count), air.devices.length]).toEqual([[1], 1])
  })

  it('goes along to a copy with its history under identities of its own, and not to one without', async () => {
    await write(
      'sallow-quay',
      treated('first', 'calico/0'),
      { ...treated('second', 'calico/0'), corrects: 'first', madeAt: '2026-06-01T00:00:00.000Z' },
      entry('answer', '2026-04-21T10:00', { to: 'end:first', answer: 'done' }, { id: 'third', hiveId: 'calico/0' }),
    )
    for (const withHistory of [true, false]) {
      const { yard } = await stored('sallow-quay')
      const twill = yard.hives.find(({ id }) => id === 'calico/0')!
      await save('sallow-quay', copyHives(yard, [twill], { count: 1, names: '* #', withHistory }, nextId))
      const after = (await stored('sallow-quay')).yard
      const copy = after.hives[after.hives.findIndex(({ id }) => id === 'calico/0') + 1]!
      const copied = await book('sallow-quay', copy.id)
      expect(copied).toHaveLength(withHistory ? 3 : 0)
      if (!withHistory) continue
      const [now] = currentOf(copied).filter(({ sort }) => sort === 'treatment')
      expect(now).toMatchObject({ hiveId: copy.id, corrects: copied.find(({ corrects }) => !corrects)!.id })
      expect(copied.find(({ sort }) => sort === 'answer')).toMatchObject({ body: { to: `end:${now!.corrects}` } })
    }
    expect(await book('sallow-quay', 'calico/0')).toHaveLength(3)
  })
})
