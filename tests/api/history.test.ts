import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { HiveChange, Stay, Yard } from '#core/yard'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { DEMO, addSuper, get, nextId, post, storedYards } from '../helpers/wire'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

describe('the past of a yard', () => {
  it(
    'is found by the moment, with what was changed, when and on which device; a part by where ' + 'it has been',
    async () => {
      const { yard, revision } = (await storedYards(server.url)).find((one) => one.yard.name === 'Sallow Quay')!
      const hive = yard.hives.find(({ name }) => name === 'Twill')!
      const add = addSuper(hive.id, 4)
      const partId = add.kind === 'add-part' ? add.part.id : ''
      const send = async (base: number, device: string, madeAt: string, edit: unknown) =>
        (
          await post(`${server.url}/api/yards/${yard.id}/edits`, {
            baseRevision: base,
            device,
            edits: [{ id: nextId(), madeAt, kind: 'do', edit }],
          })
        ).body.revision!
      const second = await send(revision, 'phone', '2026-05-20T09:00:00.000Z', add)
      await send(second, 'desk', '2026-07-30T18:00:00.000Z', { kind: 'take-off', hiveId: hive.id, partId })
      const at = async (moment: string) =>
        (await get<Yard>(`${server.url}/api/yards/${yard.id}/past?at=${moment}`)).hives
          .find(({ id }) => id === hive.id)!
          .stack.map((placement) => placement.partId)
      const old = hive.stack.map((placement) => placement.partId)
      expect(await at('2026-05-19T23:59:59Z')).toEqual(old)
      expect(await at('2026-06-15T12:00:00Z')).toEqual([...old.slice(0, 4), partId, ...old.slice(4)])
      expect(await at('2026-08-01T12:00:00Z')).toEqual(old)
      const changes = await get<HiveChange[]>(
        `${server.url}/api/yards/${yard.id}/changes?hive=${encodeURIComponent(hive.id)}`,
      )
      expect(changes.map(({ device, madeAt, edit }) => [device, madeAt, edit.kind])).toEqual([
        ['desk', '2026-07-30T18:00:00.000Z', 'take-off'],
        ['phone', '2026-05-20T09:00:00.000Z', 'add-part'],
      ])
      const stays = await get<Stay[]>(`${server.url}/api/yards/sallow-quay/parts/${partId}/places`)
      expect(stays.map(({ hive: on, device }) => [on?.name ?? null, device])).toEqual([
        [null, 'desk'],
        ['Twill', 'phone'],
      ])
    },
  )

  it.each([
    ['past?at=yesterday', 422, /at is not a moment/],
    ['past', 422, /at or revision is missing/],
    ['changes', 422, /hive is missing/],
  ])('%s is refused in a sentence', async (path, status, sentence) => {
    const response = await fetch(`${server.url}/api/yards/sallow-quay/${path}`)
    expect([response.status, ((await response.json()) as { sentence: string }).sentence]).toEqual([
      status,
      expect.stringMatching(sentence),
    ])
  })

  it('of what is not here is not found', async () => {
    for (const path of [
      '/api/yards/nowhere/past?at=2026-01-01T00:00:00Z',
      '/api/yards/nowhere/changes?hive=x',
      '/api/yards/sallow-quay/parts/nothing/places',
    ])
      expect((await fetch(server.url + path)).status).toBe(404)
  })

  it('a plan by hand, a way of keeping, a moved calendar, an upper edge and a day to come off are kept', async () => {
    const { yard, revision } = (await storedYards(server.url)).find((one) => one.yard.name === 'Kiln Bank')!
    const hive = yard.hives[0]!
    const placement = { ...hive.stack[2]!, offBy: '2026-09-20' }
    const guard = { id: nextId(), patternId: 'mouse-guard', contents: [], hasHeld: [] }
    const season = {
      way: { supers: 2 },
      byHand: {
        winter: {
          layers: [{ placement: hive.stack[0]!, patternId: 'stand-frame-4in', hole: 'closed' as const }],
          attachments: [
            { partId: guard.id, place: 'entrance' as const, edge: 'upper' as const, patternId: 'mouse-guard' },
          ],
          writtenFrom: 'x',
        },
      },
    }
    const edits = [
      { kind: 'set-placement', hiveId: hive.id, placement },
      {
        kind: 'attach-part',
        hiveId: hive.id,
        at: 0,
        part: guard,
        attachment: { partId: guard.id, place: 'entrance', edge: 'upper' },
      },
      { kind: 'set-way', hiveId: hive.id, season },
      { kind: 'set-year', season: { calendar: { ...yard.season!.calendar!, moved: { supering: '05-01' } } } },
    ]
    const said = await post(`${server.url}/api/yards/${yard.id}/edits`, {
      baseRevision: revision,
      device: 'test',
      edits: edits.map((edit) => ({ id: nextId(), madeAt: '2026-05-01T09:30:00.000Z', kind: 'do', edit })),
    })
    expect(said.status).toBe(200)
    const after = (await storedYards(server.url)).find((one) => one.yard.id === yard.id)!.yard
    expect(after.hives[0]).toMatchObject({
      season,
      attachments: expect.arrayContaining([{ partId: guard.id, place: 'entrance', edge: 'upper' }]),
    })
    expect(after.hives[0]!.stack[2]).toEqual(placement)
    expect(after.season?.calendar?.moved).toEqual({ supering: '05-01' })
  })
})
