import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { CATALOGUE, type Part } from '#core/parts'
import { emptyYard, findPart, loansOf, newPart, shedOf, type Edit, type LoggedEdit } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { DEMO, get, nextId, post, storedYards, submission } from '../helpers/wire'

let server: RunningServer
let boxes: Part[]
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

const SHED = 'kiln-bank'
const HOME = 'sallow-quay'
const stored = async (yardId: string) => (await storedYards(server.url)).find(({ yard }) => yard.id === yardId)!
const send = async (yardId: string, ...edits: Edit[]) =>
  post(`${server.url}/api/yards/${yardId}/edits`, submission((await stored(yardId)).revision, edits))
const logOf = (yardId: string) => get<LoggedEdit[]>(`${server.url}/api/yards/${yardId}/log`)
const toHome = { yardId: HOME, name: 'Sallow Quay', since: '2026-05-01', backBy: '2026-09-01' }
const lentOf = async () => loansOf((await stored(SHED)).yard).lent.map(({ id }) => id)
const lies = async (id: string) => {
  const yards = await storedYards(server.url)
  return yards.flatMap(({ yard }) => (shedOf(yard).some((part) => part.id === id) ? [yard.id] : []))
}

async function newBoxes(count: number): Promise<Part[]> {
  const pattern = CATALOGUE.patterns.get('box-national-super')!
  const made = Array.from({ length: count }, () => newPart(pattern, CATALOGUE, nextId))
  expect((await send(SHED, deeds.stock((await stored(SHED)).yard, made))).status).toBe(200)
  return made
}

describe('a loan from one yard to another', () => {
  it('is one change of each yard, made together, and both logs tell it', async () => {
    boxes = await newBoxes(3)
    const [shed, home] = [await stored(SHED), await stored(HOME)]
    const answer = await send(SHED, deeds.lend(boxes.slice(0, 2), toHome))
    expect(answer).toMatchObject({ status: 200, body: { revision: shed.revision + 1, also: [HOME] } })
    expect((await stored(HOME)).revision).toBe(home.revision + 1)
    expect(await lies(boxes[0]!.id)).toEqual([HOME])
    expect(await lies(boxes[2]!.id)).toEqual([SHED])
    const [here, there] = [(await logOf(SHED)).at(-1)!, (await logOf(HOME)).at(-1)!]
    expect([there.id, there.kind, there.device]).toEqual([here.id, 'do', 'test'])
  })

  it('sent twice is lent once', async () => {
    const { revision } = await stored(SHED)
    const sent = submission(revision, [deeds.lend([boxes[2]!], toHome)])
    const url = `${server.url}/api/yards/${SHED}/edits`
    const home = (await stored(HOME)).revision
    expect((await Promise.all([post(url, sent), post(url, sent)])).map(({ status }) => status)).toEqual([200, 200])
    expect((await stored(HOME)).revision).toBe(home + 1)
  })

  it('comes home as it is then, given back by who had it', async () => {
    const used = { ...findPart((await stored(HOME)).yard, boxes[0]!.id)!, hasHeld: ['brood' as const] }
    expect((await send(HOME, { kind: 'set-part', part: used })).status).toBe(200)
    const taken = await send(SHED, deeds.takeBack([findPart((await stored(SHED)).yard, boxes[0]!.id)!]))
    expect(taken).toMatchObject({ status: 422, body: { sentence: expect.stringContaining('was used at Sallow Quay') } })
    expect((await send(HOME, deeds.giveBack([used]))).body).toMatchObject({ also: [SHED] })
    expect(findPart((await stored(SHED)).yard, used.id)).toEqual({ ...boxes[0], hasHeld: ['brood'] })
    expect(await lies(used.id)).toEqual([SHED])
  })

  it('is undone in both yards by either, and refused whole where the other yard has come to use it', async () => {
    const [last] = (await logOf(SHED)).filter(({ edit }) => JSON.stringify(edit).includes(boxes[2]!.id)).slice(-1)
    const undo = (yardId: string, revision: number, entry: LoggedEdit) =>
      post(`${server.url}/api/yards/${yardId}/edits`, {
        ...submission(revision, []),
        edits: [
          { id: nextId(), madeAt: '2026-05-02T09:00:00Z', kind: 'undo', targetId: entry.id, edit: entry.inverse },
        ],
      })
    const home = await stored(HOME)
    const hive = home.yard.hives[0]!
    const standing: Edit = {
      kind: 'place-part',
      hiveId: hive.id,
      at: hive.stack.length - 2,
      placement: { partId: boxes[2]!.id, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 }, role: 'super' },
    }
    expect((await send(HOME, standing)).status).toBe(200)
    const before = (await stored(SHED)).revision
    const refused = await undo(SHED, before, last!)
    expect(refused).toMatchObject({ status: 422, body: { sentence: expect.stringContaining('stands on a hive') } })
    expect([(await stored(SHED)).revision, await lentOf()]).toEqual([before, expect.arrayContaining([boxes[2]!.id])])
    expect((await send(HOME, { kind: 'take-off', hiveId: hive.id, partId: boxes[2]!.id })).status).toBe(200)
    const borrowed = (await logOf(HOME)).find(({ id }) => id === last!.id)!
    expect((await undo(HOME, (await stored(HOME)).revision, borrowed)).status).toBe(200)
    expect(await lies(boxes[2]!.id)).toEqual([SHED])
    expect((await logOf(SHED)).at(-1)).toMatchObject({ kind: 'undo', targetId: last!.id })
  })

  it('is refused whole where one part of it cannot be', async () => {
    const [a, b] = await newBoxes(2)
    const before = (await stored(SHED)).revision
    const gone = await send(SHED, deeds.lend([a!], toHome), deeds.lend([b!], { ...toHome, yardId: 'no-yard' }))
    expect(gone).toMatchObject({ status: 422, body: { sentence: expect.stringContaining('no yard here') } })
    expect([(await stored(SHED)).revision, await lies(a!.id)]).toEqual([before, [SHED]])
  })

  it('of a yard that is taken away meanwhile can be taken back by hand', async () => {
    const [box] = await newBoxes(1)
    const add = await post(`${server.url}/api/yards`, emptyYard('for-a-while', 'For a while'))
    expect(add.status).toBe(201)
    await send(SHED, deeds.lend([box!], { ...toHome, yardId: 'for-a-while', name: 'For a while' }))
    expect(await lies(box!.id)).toEqual(['for-a-while'])
    const path = `${server.url}/api/yards/for-a-while/removed`
    await fetch(path, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: '{"removed":true}' })
    expect((await send(SHED, deeds.takeBack([box!]))).status).toBe(200)
    expect(await lies(box!.id)).toEqual([SHED])
  })
})
