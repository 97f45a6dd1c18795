import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { emptyYard, PLAN_VERSION, type Edit } from '#core/yard'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { DEMO, addSuper, demoPlan, get, nextId, post, storedYards, submission } from '../helpers/wire'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

const editsUrl = (yardId: string) => `${server.url}/api/yards/${yardId}/edits`
const yardNow = async (yardId: string) => (await storedYards(server.url)).find(({ yard }) => yard.id === yardId)!

describe('yards', () => {
  it('hold the demo as it is in its file', async () => {
    expect((await storedYards(server.url)).map(({ yard }) => yard)).toEqual(demoPlan().yards)
    expect(await get(`${server.url}/api/plans/export`)).toEqual(demoPlan())
  })

  it('save an edit with its time, device and inverse, and give it back in the log', async () => {
    const { revision } = await yardNow('sallow-quay')
    const edit = addSuper('twill/0', 6)
    const said = await post(editsUrl('sallow-quay'), submission(revision, [edit]))
    expect(said).toMatchObject({ status: 200, body: { revision: revision + 1 } })
    const now = await yardNow('sallow-quay')
    expect(now.yard.hives[0]!.stack).toHaveLength(9)
    const log = await get<{ device: string; madeAt: string; edit: Edit; inverse: Edit; baseRevision: number }[]>(
      `${server.url}/api/yards/sallow-quay/log?limit=1`,
    )
    expect(log).toMatchObject([
      {
        device: 'test',
        madeAt: '2026-05-01T09:30:00.000Z',
        baseRevision: revision,
        edit,
        inverse: { kind: 'discard-part' },
      },
    ])
    const undone = await post(editsUrl('sallow-quay'), { ...submission(revision + 1, [log[0]!.inverse]) })
    expect(undone.status).toBe(200)
    expect((await yardNow('sallow-quay')).yard).toEqual(demoPlan().yards[0])
  })

  it('save an edit once that is sent twice', async () => {
    const { revision } = await yardNow('sallow-quay')
    const sent = submission(revision, [addSuper('twill/0', 6), addSuper('twill/0', 7)])
    const first = await post(editsUrl('sallow-quay'), sent)
    const again = await post(editsUrl('sallow-quay'), sent)
    expect(again).toEqual(first)
    const more = await post(editsUrl('sallow-quay'), {
      ...sent,
      edits: [...sent.edits, submission(revision, [addSuper('twill/0', 8)]).edits[0]!],
    })
    expect(more).toMatchObject({ status: 200, body: { revision: revision + 3 } })
    expect((await yardNow('sallow-quay')).yard.hives[0]!.stack).toHaveLength(11)
  })

  it('refuse a stale write with what stands now, and change nothing', async () => {
    const before = await yardNow('kiln-bank')
    const edit: Edit = { kind: 'set-hive', hiveId: 'serge/0', name: 'Serge', stage: 'flow', note: '' }
    expect((await post(editsUrl('kiln-bank'), submission(before.revision, [edit]))).status).toBe(200)
    const stale = await post(editsUrl('kiln-bank'), submission(before.revision, [addSuper('serge/0', 1)]))
    expect(stale).toMatchObject({
      status: 409,
      body: { field: 'baseRevision', revision: before.revision + 1, yard: { id: 'kiln-bank' }, since: [{ edit }] },
    })
    expect((await yardNow('kiln-bank')).revision).toBe(before.revision + 1)
  })

  it('save all of a submission or nothing', async () => {
    const before = await yardNow('kiln-bank')
    const said = await post(
      editsUrl('kiln-bank'),
      submission(before.revision, [addSuper('serge/0', 1), { kind: 'take-off', hiveId: 'serge/0', partId: 'nothing' }]),
    )
    expect(said).toMatchObject({
      status: 422,
      body: { field: 'edits', sentence: 'Part “nothing” no longer stands where this change expects it.' },
    })
    expect(await yardNow('kiln-bank')).toEqual(before)
  })

  it('move a part from hive to hive, take a hive away and bring it back', async () => {
    const before = await yardNow('kiln-bank')
    const [from, to] = before.yard.hives as [(typeof before.yard.hives)[0], (typeof before.yard.hives)[0]]
    const edits: Edit[] = [
      { kind: 'move-part', partId: from.stack[8]!.partId, fromHiveId: from.id, toHiveId: to.id, at: 3 },
      { kind: 'remove-hive', hiveId: from.id },
    ]
    expect((await post(editsUrl('kiln-bank'), submission(before.revision, edits))).status).toBe(200)
    expect((await yardNow('kiln-bank')).yard.hives.map(({ name }) => name)).not.toContain(from.name)
    const log = await get<{ inverse: Edit }[]>(`${server.url}/api/yards/kiln-bank/log?limit=2`)
    const back = log.reverse().map(({ inverse }) => inverse)
    expect((await post(editsUrl('kiln-bank'), submission(before.revision + 2, back))).status).toBe(200)
    expect((await yardNow('kiln-bank')).yard).toEqual(before.yard)
  })

  it('are added once, and refuse an identity that is taken', async () => {
    const yard = emptyYard(nextId(), 'New <b>yard</b>')
    expect(await post(`${server.url}/api/yards`, yard)).toMatchObject({ status: 201 })
    // Its answer may have been lost on the way.
    expect(await post(`${server.url}/api/yards`, yard)).toMatchObject({ status: 200, body: { revision: 0 } })
    expect(await post(`${server.url}/api/yards`, { ...yard, note: 'another' })).toMatchObject({ status: 409 })
    expect((await yardNow(yard.id)).yard.name).toBe('New <b>yard</b>')
    expect((await post(editsUrl('nowhere'), submission(0, [addSuper('x', 0)]))).status).toBe(404)
  })
})

describe('taking a yard away', () => {
  it('hides it, keeps everything, and brings it back', async () => {
    const put = async (id: string, body: unknown) =>
      (await fetch(`${server.url}/api/yards/${id}/removed`, { method: 'PUT', body: JSON.stringify(body) })).status
    const before = await yardNow('kiln-bank')
    expect(await put('kiln-bank', { removed: true })).toBe(200)
    expect((await storedYards(server.url)).map(({ yard }) => yard.id)).not.toContain('kiln-bank')
    expect(await get(`${server.url}/api/yards/removed`)).toMatchObject([{ id: 'kiln-bank', name: 'Kiln Bank' }])
    expect((await post(editsUrl('kiln-bank'), submission(before.revision, [addSuper('serge/0', 0)]))).status).toBe(404)
    expect(await put('kiln-bank', { removed: false })).toBe(200)
    expect(await yardNow('kiln-bank')).toEqual(before)
    expect([await put('nowhere', { removed: true }), await put('kiln-bank', { removed: 'yes' })]).toEqual([404, 422])
  })
})

describe('bringing plans in', () => {
  const importUrl = () => `${server.url}/api/plans/import`

  it('stands beside what is here already, with identities of its own', async () => {
    const said = await post(importUrl(), demoPlan())
    expect(said).toMatchObject({
      status: 200,
      body: {
        imported: [
          { how: 'beside', yardName: 'Sallow Quay (2)', hives: 6 },
          { how: 'beside', yardName: 'Kiln Bank (2)', hives: 5 },
        ],
      },
    })
  })

  it('puts a hive that was taken away back into its yard', async () => {
    const before = await yardNow('sallow-quay')
    const hive = before.yard.hives[2]!
    const own = new Set([...hive.stack, ...hive.attachments].map(({ partId }) => partId))
    const plan = {
      ...demoPlan(),
      books: [],
      yards: [{ ...before.yard, hives: [hive], parts: before.yard.parts.filter(({ id }) => own.has(id)) }],
    }
    await post(editsUrl('sallow-quay'), submission(before.revision, [{ kind: 'remove-hive', hiveId: hive.id }]))
    expect(await post(importUrl(), plan)).toMatchObject({
      status: 200,
      body: { imported: [{ how: 'into', yardId: 'sallow-quay', hives: 1 }] },
    })
    const now = await yardNow('sallow-quay')
    expect(now.yard.hives.at(-1)).toEqual(hive)
    expect(now.yard.parts.map(({ id }) => id).sort()).toEqual(before.yard.parts.map(({ id }) => id).sort())
  })

  it('brings everything into an empty server as it was', async () => {
    const empty = await startServer()
    const plan = await get(`${server.url}/api/plans/export`)
    expect((await post(`${empty.url}/api/plans/import`, plan)).status).toBe(200)
    expect(await get(`${empty.url}/api/plans/export`)).toEqual(plan)
    await empty.stop()
  })

  it.each<[string, () => unknown, number, RegExp]>([
    ['no JSON', () => 'stack of hives', 422, /not JSON/],
    ['another version', () => ({ ...demoPlan(), version: 9 }), 422, /version is 9/],
    [
      'one identity twice',
      () => ({ ...demoPlan(), yards: [demoPlan().yards[0], demoPlan().yards[0]] }),
      422,
      /identity of its own/,
    ],
    [
      'ten thousand parts',
      () => ({ ...demoPlan(), yards: [{ ...demoPlan().yards[0], parts: Array.from({ length: 10_000 }, () => ({})) }] }),
      422,
      /at most, so split it/,
    ],
    ['90 MB', () => `{"format":"${'x'.repeat(90_000_000)}"}`, 413, /larger than 60 MB/],
  ])('refuses %s and changes nothing', async (_name, value, status, sentence) => {
    const before = await storedYards(server.url)
    const said = await post(importUrl(), value()).catch(() => ({
      status: 413,
      body: { sentence: 'larger than 60 MB' },
    }))
    expect(said.status).toBe(status)
    expect(said.body.sentence).toMatch(sentence)
    expect(await storedYards(server.url)).toEqual(before)
  })
})

describe('the door', () => {
  it('refuses another host and another site’s page', async () => {
    const http = await import('node:http')
    const ask = (headers: Record<string, string>, method = 'GET') =>
      new Promise<number>((resolve) => {
        http
          .request({ host: '127.0.0.1', port: server.port, path: '/api/yards', method, headers }, (answer) => {
            answer.resume()
            resolve(answer.statusCode ?? 0)
          })
          .end()
      })
    expect(await ask({ host: 'rebound.example' })).toBe(403)
    expect(await ask({ host: `127.0.0.1:${server.port}`, origin: 'http://elsewhere.example' }, 'POST')).toBe(403)
    expect(await ask({ host: `127.0.0.1:${server.port}`, origin: 'null' }, 'POST')).toBe(403)
    expect(await ask({ host: `127.0.0.1:${server.port}`, 'sec-fetch-site': 'cross-site' }, 'POST')).toBe(403)
    expect(await ask({ host: `127.0.0.1:${server.port}`, origin: `http://127.0.0.1:${server.port}` }, 'POST')).toBe(400)
    expect(await ask({ host: `localhost:${server.port}` })).toBe(200)
  })

  it('listens on loopback alone', async () => {
    const { networkInterfaces } = await import('node:os')
    const outer = Object.values(networkInterfaces())
      .flat()
      .find((address) => address && !address.internal && address.family === 'IPv4')
    if (outer)
      await expect(
        fetch(`http://${outer.address}:${server.port}/api/health`, { signal: AbortSignal.timeout(2000) }),
      ).rejects.toThrow()
    expect((await fetch(`${server.url}/api/health`)).status).toBe(200)
  })

  it.each<[string, unknown, number, string]>([
    ['no JSON', '{', 400, 'body'],
    ['no base revision', { device: 'd', edits: [] }, 422, 'edits'],
    ['no edits', { baseRevision: 0, device: 'd', edits: [] }, 422, 'edits'],
    ['an edit that is unknown', { ...submission(0, [{ kind: 'burn-hive' } as never]) }, 422, 'edits[0].edit.kind'],
    [
      'an edit with a part of no shape',
      { ...submission(0, [{ ...addSuper('twill/0', 0), part: { id: 'x' } } as never]) },
      422,
      'edits[0].edit.part.hasHeld',
    ],
    ['a place that is no whole number', { ...submission(0, [addSuper('twill/0', 1.5)]) }, 422, 'edits[0].edit.at'],
    [
      'a time that is none',
      {
        baseRevision: 0,
        device: 'd',
        edits: [{ id: 'x', madeAt: 'yesterday', kind: 'do', edit: { kind: 'remove-hive', hiveId: 'h' } }],
      },
      422,
      'edits[0].madeAt',
    ],
    [
      'an empty name',
      { ...submission(0, [{ kind: 'set-hive', hiveId: 'twill/0', name: '', stage: 'flow', note: '' }]) },
      422,
      'edits[0].edit.name',
    ],
  ])('refuses %s with the field', async (_name, value, status, field) => {
    const said = await post(editsUrl('sallow-quay'), value)
    expect(said.status).toBe(status)
    expect(said.body.field).toBe(field)
    expect(JSON.stringify(said.body)).not.toMatch(/at .*\(|node_modules|\.mjs/)
  })

  it('tells nothing of its inside when there is nothing', async () => {
    const answer = await fetch(`${server.url}/api/nothing`)
    expect(answer.status).toBe(404)
    expect(await answer.json()).toEqual({
      statusCode: 404,
      field: 'request',
      sentence: 'There is nothing at this address.',
    })
  })

  it('sends a strict policy with the page', async () => {
    const policy = (await fetch(server.url)).headers.get('content-security-policy') ?? ''
    expect(policy).toMatch(/script-src 'self' 'sha256-[^;]+;/)
    expect(policy).toContain("style-src 'self';")
    expect(policy).not.toContain('unsafe')
  })
})

describe('assessing over HTTP', () => {
  it('gives findings as data and as sentences, in the reader’s words', async () => {
    const said = await post(`${server.url}/api/assess?units=inches&words=northAmerican`, demoPlan())
    const hives = said.body.hives as unknown as {
      hive: string
      worst: string
      findings: { rule: string; words: { what: string } }[]
      gaps: unknown[]
    }[]
    expect(hives).toHaveLength(11)
    const serge = hives.find(({ hive }) => hive === 'Serge')!
    expect(serge.worst).toBe('stop')
    expect(serge.findings[1]).toMatchObject({
      rule: 'order.no-crown',
      words: { what: 'There is no inner cover under it.', remedies: ['Add an inner cover: 1/4 in'] },
    })
  })

  it('is described by a document that the server serves', async () => {
    const document = await get<{ openapi: string; paths: Record<string, unknown> }>(`${server.url}/api/openapi.json`)
    expect(document.openapi).toBe('3.1.0')
    expect(Object.keys(document.paths)).toContain('/api/assess')
    expect((await get<{ $id: string }>(`${server.url}/plan.schema.json`)).$id).toBe(`urn:duvet:plan:${PLAN_VERSION}`)
  })

  it('refuses units that it does not know', async () => {
    expect(await post(`${server.url}/api/assess?units=cubits`, demoPlan())).toMatchObject({
      status: 422,
      body: { field: 'units' },
    })
  })
})
