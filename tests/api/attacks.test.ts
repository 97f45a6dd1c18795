import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/parts'
import { buildHive, emptyYard, planOf, type Edit, type Yard } from '#core/yard'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { DEMO, get, nextId, post, storedYards, submission } from '../helpers/wire'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

const edits = (yardId: string, body: unknown) => post(`${server.url}/api/yards/${yardId}/edits`, body)
const yards = async () => new Map((await storedYards(server.url)).map((stored) => [stored.yard.id, stored]))
const importPlan = (plan: unknown, importId = randomUUID()) =>
  post(`${server.url}/api/plans/import`, plan, { 'x-import': importId })

/** A yard of hives that stand on two parts each. */
function yardOf(id: string, hives: number, prefix: string): Yard {
  const built = Array.from({ length: hives }, (_, i) => {
    let n = 0
    return buildHive(
      { name: `Hive ${i}`, stage: 'flow', stack: [['stand-timber-200'], ['floor-mesh-national']] },
      CATALOGUE,
      () => `${prefix}${i}-${n++}`,
    )
  })
  return {
    ...emptyYard(id, `Yard ${id}`),
    hives: built.map(({ hive }) => hive),
    parts: built.flatMap(({ parts }) => parts),
  }
}

describe('identities', () => {
  it('are a yard’s own: a hive and its parts of one yard added to another leave the first as it is', async () => {
    const before = await yards()
    const quay = before.get('sallow-quay')!.yard
    const hive = quay.hives[0]!
    const own = new Set([...hive.stack, ...hive.attachments].map(({ partId }) => partId))
    const bank = before.get('kiln-bank')!
    const edit: Edit = {
      kind: 'add-hive',
      at: 0,
      hive,
      parts: quay.parts.filter(({ id }) => own.has(id)).map((part, at) => ({ at, part })),
    }
    expect((await edits('kiln-bank', submission(bank.revision, [edit]))).status).toBe(200)
    const now = await yards()
    expect(now.get('sallow-quay')).toEqual(before.get('sallow-quay'))
    expect(now.get('kiln-bank')!.yard.hives[0]).toEqual(hive)
    expect(
      (await edits('kiln-bank', submission(bank.revision + 1, [{ kind: 'remove-hive', hiveId: hive.id }]))).status,
    ).toBe(200)
    expect((await yards()).get('kiln-bank')!.yard).toEqual(bank.yard)
    expect((await yards()).get('sallow-quay')).toEqual(before.get('sallow-quay'))
  })

  it(
    'of edits are a yard’s own too: one that another yard has is saved, one that is taken by ' +
      'another edit is refused, one twice is a sentence',
    async () => {
      const before = await yards()
      const id = nextId()
      const [one, two] = [before.get('sallow-quay')!.revision, before.get('kiln-bank')!.revision]
      expect((await edits('sallow-quay', submission(one, [{ kind: 'set-yard', note: 'one' }], [id]))).status).toBe(200)
      expect((await edits('kiln-bank', submission(two, [{ kind: 'set-yard', note: 'two' }], [id]))).body).toEqual({
        revision: two + 1,
      })
      expect((await yards()).get('kiln-bank')!.yard.note).toBe('two')
      expect(await edits('kiln-bank', submission(two + 1, [{ kind: 'set-yard', note: 'three' }], [id]))).toMatchObject({
        status: 422,
        body: { sentence: expect.stringMatching(/needs an identity of its own/) },
      })
      expect(
        await edits(
          'kiln-bank',
          submission(
            two + 1,
            [
              { kind: 'set-yard', note: 'a' },
              { kind: 'set-yard', note: 'b' },
            ],
            ['x', 'x'],
          ),
        ),
      ).toMatchObject({ status: 422, body: { sentence: expect.stringMatching(/same identity twice/) } })
    },
  )

  it('of frames may be shared by two files that are brought in and saved together', async () => {
    const share = (id: string): Yard => ({
      ...yardOf(id, 1, id),
      parts: yardOf(id, 1, id).parts.map((part, i) =>
        i === 1
          ? {
              ...part,
              patternId: 'box-national-super',
              contents: [{ id: 'the-same', patternId: 'frame-national-shallow', place: 0 }],
            }
          : part,
      ),
    })
    for (const id of [nextId(), nextId()]) expect((await importPlan(planOf([share(id)]))).status).toBe(200)
    const all = await get<{ yards: Yard[] }>(`${server.url}/api/plans/export`)
    const other = await startServer()
    expect((await post(`${other.url}/api/plans/import`, all)).status).toBe(200)
    expect((await storedYards(other.url)).map(({ yard }) => yard)).toEqual(all.yards)
    await other.stop()
  })

  it(
    'a hive is put back although one of its frames hangs in another box by now: that frame ' +
      'stays there, and it is said',
    async () => {
      const before = (await yards()).get('sallow-quay')!
      const hive = before.yard.hives.find(({ name }) => name === 'Damask')!
      const own = new Set([...hive.stack, ...hive.attachments].map(({ partId }) => partId))
      const box = before.yard.parts.find(({ id, contents }) => own.has(id) && contents.length > 3)!
      const other = before.yard.parts.find(({ id, contents }) => !own.has(id) && contents.length > 3)!
      const frame = box.contents[0]!
      const plan = planOf([{ ...before.yard, hives: [hive], parts: before.yard.parts.filter(({ id }) => own.has(id)) }])
      const moved: Edit[] = [
        { kind: 'change-part', partId: box.id, change: { contents: box.contents.slice(1) } },
        { kind: 'change-part', partId: other.id, change: { contents: [...other.contents, { ...frame, place: 40 }] } },
        { kind: 'remove-hive', hiveId: hive.id },
      ]
      expect((await edits('sallow-quay', submission(before.revision, moved))).status).toBe(200)
      expect(await importPlan(plan)).toMatchObject({
        status: 200,
        body: { imported: [{ how: 'into', hives: 1, framesElsewhere: 1 }] },
      })
      const now = (await yards()).get('sallow-quay')!.yard
      expect(now.parts.flatMap(({ contents }) => contents).filter(({ id }) => id === frame.id)).toHaveLength(1)
      expect(now.hives.some(({ id }) => id === hive.id)).toBe(true)
    },
  )
})

describe('bringing a file in', () => {
  it('is all or nothing: where its second yard is refused, the first does not stay', async () => {
    const many = yardOf(nextId(), 999, 'n')
    expect((await importPlan(planOf([many]))).status).toBe(200)
    const more = yardOf(many.id, 5, 'o')
    const first = yardOf(nextId(), 1, 'p')
    const before = (await yards()).size
    expect(await importPlan(planOf([first, more]))).toMatchObject({
      status: 422,
      body: { sentence: 'A yard may hold 1000 hives at most.' },
    })
    expect((await yards()).size).toBe(before)
  })

  it(
    'twice under one identity makes no twin, at once or one after the other, and another file ' + 'under it is refused',
    async () => {
      const importId = randomUUID()
      const plan = planOf([yardOf(nextId(), 3, 'q')])
      const [one, two] = await Promise.all([importPlan(plan, importId), importPlan(plan, importId)])
      expect([one!.status, two!.status]).toEqual([200, 200])
      expect((await importPlan(plan, importId)).body).toEqual(one!.body)
      expect(await get(`${server.url}/api/plans/imports/${importId}`)).toMatchObject({
        state: 'done',
        imported: [{ how: 'new', hives: 3 }],
      })
      expect((await importPlan(planOf([yardOf(nextId(), 1, 'r')]), importId)).status).toBe(422)
      expect([...(await yards()).values()].filter(({ yard }) => yard.id === plan.yards[0]!.id)).toHaveLength(1)
      expect((await fetch(`${server.url}/api/plans/imports/none`, { method: 'DELETE' })).status).toBe(404)
    },
  )

  it('killed in the middle leaves nothing or all of it', async () => {
    const plan = planOf(Array.from({ length: 6 }, (_, i) => yardOf(`killed-${i}`, 40, `k${i}-`)))
    const all = new Set(plan.yards.map(({ id }) => id))
    for (let round = 0; round < 6; round++) {
      const first = await startServer({ databasePath: `${server.databasePath}-killed-${round}` })
      const sent = fetch(`${first.url}/api/plans/import`, { method: 'POST', body: JSON.stringify(plan) }).catch(
        () => undefined,
      )
      await new Promise((resolve) => setTimeout(resolve, 250 + round * 90))
      await first.stop('SIGKILL')
      await sent
      const again = await startServer({ databasePath: first.databasePath })
      const here = (await storedYards(again.url)).filter(({ yard }) => all.has(yard.id))
      expect([0, 6]).toContain(here.length)
      for (const { yard } of here) expect(yard.hives).toHaveLength(40)
      await again.stop()
    }
  })
})

describe('a large change', () => {
  it('that stocks and drops hundreds of parts is taken back', async () => {
    const { revision } = (await yards()).get('kiln-bank')!
    const before = (await yards()).get('kiln-bank')!.yard
    const parts = Array.from({ length: 700 }, (_, i) => ({
      kind: 'stock-part' as const,
      at: before.parts.length + i,
      part: { id: `many-${i}`, patternId: 'eke-national', contents: [], hasHeld: [] },
    }))
    expect((await edits('kiln-bank', submission(revision, [{ kind: 'batch', edits: parts }]))).status).toBe(200)
    const [entry] = await get<{ inverse: Edit }[]>(`${server.url}/api/yards/kiln-bank/log?limit=1`)
    expect((await edits('kiln-bank', submission(revision + 1, [entry!.inverse]))).status).toBe(200)
    expect((await yards()).get('kiln-bank')!.yard).toEqual(before)
  })

  it('beyond what a plan file may hold is refused, so that what is kept can be read back', async () => {
    const { revision, yard } = (await yards()).get('kiln-bank')!
    const pattern = { ...CATALOGUE.patterns.get('eke-national')!, own: true }
    const patterns = (from: number, to: number): Edit[] =>
      Array.from({ length: to - from }, (_, i) => ({
        kind: 'set-pattern',
        patternId: `own-${from + i}`,
        pattern: { ...pattern, id: `own-${from + i}` },
      }))
    expect(
      (
        await edits(
          'kiln-bank',
          submission(revision, [{ kind: 'batch', edits: patterns(0, 200 - yard.patterns.length) }]),
        )
      ).status,
    ).toBe(200)
    expect(await edits('kiln-bank', submission(revision + 1, patterns(300, 301)))).toMatchObject({
      status: 422,
      body: { sentence: expect.stringMatching(/more than 200 entries/) },
    })
    expect(
      (
        await edits(
          'kiln-bank',
          submission(revision + 1, [
            {
              kind: 'batch',
              edits: patterns(0, 200 - yard.patterns.length).map((edit) => ({ ...edit, pattern: null }) as Edit),
            },
          ]),
        )
      ).status,
    ).toBe(200)
  })
})

describe('every answer', () => {
  it.each([
    ['/', 200],
    ['/api/yards', 200],
    ['/api/nothing', 404],
    ['/api/yards/nowhere/past?at=x', 422],
    ['/icon.svg', 200],
    ['/no/such/page', 404],
  ] as const)('of %s says nothing of what it is made with, and is not kept or sniffed', async (path, status) => {
    const { headers, status: said } = await fetch(server.url + path)
    expect(said).toBe(status)
    expect(
      Object.fromEntries(
        ['x-content-type-options', 'cache-control', 'referrer-policy', 'x-frame-options', 'x-powered-by', 'server'].map(
          (name) => [name, headers.get(name)],
        ),
      ),
    ).toEqual({
      'x-content-type-options': 'nosniff',
      'cache-control': 'no-store',
      'referrer-policy': 'no-referrer',
      'x-frame-options': 'DENY',
      'x-powered-by': null,
      server: null,
    })
  })

  it.each([
    ['DELETE', '/api/yards', 'GET, POST, HEAD'],
    ['PUT', '/api/plans/import', 'POST'],
    ['POST', '/', 'GET, HEAD'],
    ['PATCH', '/year', 'GET, HEAD'],
    ['OPTIONS', '/api/devices', 'POST'],
  ] as const)('to %s %s names the methods that there are', async (method, path, allow) => {
    const response = await fetch(server.url + path, { method })
    expect([response.status, response.headers.get('allow')]).toEqual([405, allow])
    expect(((await response.json()) as { sentence: string }).sentence).toMatch(/does not take/)
  })

  it('to a body over the limit is 413, not a cut line', async () => {
    const large = new Uint8Array(70_000_000).fill(32)
    for (const path of ['/api/yards/kiln-bank/edits', '/api/plans/import', '/api/print/sheet']) {
      const response = await fetch(server.url + path, { method: 'POST', body: large })
      expect(response.status, path).toBe(413)
      expect(((await response.json()) as { sentence: string }).sentence).toMatch(/larger than/)
    }
  })

  it.each<[string, unknown]>([
    ['a kind that is an object', { kind: { toString: 7 } }],
    ['a kind nested without end', { kind: JSON.parse(`${'['.repeat(2000)}${']'.repeat(2000)}`) as unknown }],
    ['a kind full of NUL', { kind: '\u0000'.repeat(5000) }],
    ['a name of many lines', { kind: 'set-hive', hiveId: 'x\ny\n'.repeat(2000) }],
    ['no object', 'text'],
    ['half a letter', { kind: 'take-off', hiveId: '\ud800', partId: 'p' }],
  ])('to %s is one sentence of one line', async (_name, edit) => {
    const said = await edits('kiln-bank', {
      baseRevision: 0,
      device: 'x',
      edits: [{ id: nextId(), madeAt: '2026-05-01T09:30:00.000Z', kind: 'do', edit }],
    })
    expect([400, 409, 422]).toContain(said.status)
    expect(said.body.sentence).toMatch(/^[^\n]{1,200}$/)
    expect(said.body.sentence).not.toMatch(/but the final value was|Maximum call stack|convert object/)
  })

  it('comes while another asks for much: nobody waits for it', async () => {
    const stacks = Array.from({ length: 120 }, (_, i) => {
      let n = 0
      return buildHive(
        {
          name: `Tall ${i}`,
          stage: 'flow',
          stack: [
            ['stand-timber-200'],
            ['floor-mesh-national'],
            ...Array.from({ length: 40 }, () => ['box-national-super'] as const),
          ],
        },
        CATALOGUE,
        () => `t${i}-${n++}`,
      )
    })
    const plan = planOf([
      {
        ...emptyYard('tall', 'Tall'),
        hives: stacks.map(({ hive }) => hive),
        parts: stacks.flatMap(({ parts }) => parts),
      },
    ])
    let isDone = false
    const long = Promise.all([post(`${server.url}/api/assess`, plan), importPlan(plan)]).finally(() => (isDone = true))
    let answered = 0
    for (; !isDone; answered++) await fetch(`${server.url}/api/yards/removed`)
    await long
    // A server that works on one thing only answers the first of them, after it.
    expect(answered).toBeGreaterThan(10)
  })
})
