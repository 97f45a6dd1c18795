import { spawn } from 'node:child_process'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { SENSOR } from '../../scripts/devices/air'
import { sendReport } from '../../scripts/devices/send'
import { simulated } from '../../scripts/devices/simulated'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: 'demo/demo-plan.json' })
})
afterAll(() => server.stop())

const HIVE = '/api/yards/kiln-bank/hives/flannel%2F0/readings'
const send = (path: string, body: unknown, method = 'POST') =>
  fetch(`${server.url}${path}`, { method, body: JSON.stringify(body), headers: { 'content-type': 'application/json' } })
const at = (minute: number) => new Date(Date.UTC(2026, 0, 10, 6, minute)).toISOString()
const reading = (minute: number, more: object = {}) => ({ at: at(minute), celsius: 4.5, humidityPercent: 70, ...more })
const batch = (readings: unknown[], more: object = {}) => ({
  kind: 'air',
  place: 'inside',
  batchId: crypto.randomUUID(),
  readings,
  ...more,
})
interface Air {
  readonly series: readonly { place: string; count: number; latest: { celsius: number }; batchIds: string[] }[]
  readonly devices: readonly { name: string; place: string; seenAt: string | null; keyHex?: string }[]
}
const air = async () => (await (await fetch(`${server.url}${HIVE}?kind=air`)).json()) as Air
async function setUp(place = 'outside') {
  const answer = await send('/api/devices', {
    yardId: 'kiln-bank',
    hiveId: 'flannel/0',
    kind: 'air',
    place,
    name: 'By the door',
  })
  expect(answer.status).toBe(201)
  return (await answer.json()) as { id: string; key: string }
}

describe('what it is outside, for what may be opened today', () => {
  const CORDUROY = HIVE.replace('flannel', 'corduroy')
  const OPEN = '/api/yards/kiln-bank/book/open?today=2026-05-12'
  const outside = async () => ((await (await fetch(server.url + OPEN)).json()) as { outside?: object }).outside
  const ago = (minutes: number, celsius: number) => ({
    at: new Date(Date.now() - minutes * 60_000).toISOString(),
    celsius,
    humidityPercent: null,
  })

  it('is the newest reading of the last hours by a sensor outside, and nothing where there is none', async () => {
    await send(CORDUROY, batch([ago(1, 33)], { place: 'inside' }))
    await send(CORDUROY, batch([ago(60 * 24, 3)], { place: 'outside' }))
    expect(await outside()).toBeUndefined()
    const sent = batch([ago(90, 9), ago(20, 12.5)], { place: 'outside' })
    await send(CORDUROY, sent)
    expect(await outside()).toMatchObject({ celsius: 12.5, hiveId: 'corduroy/0' })
    await send(`/api/batches/${sent.batchId}`, { removed: true }, 'PUT')
    expect(await outside()).toBeUndefined()
  })
})

describe('readings of the air from a file', () => {
  it('are kept once a minute and place, told newest first, taken back and brought back', async () => {
    const sent = batch([reading(0), reading(30, { celsius: 5, humidityPercent: null })])
    expect(await (await send(HIVE, sent)).json()).toMatchObject({ added: 2, repeated: 0 })
    expect(await (await send(HIVE, { ...sent, batchId: crypto.randomUUID() })).json()).toMatchObject({
      added: 0,
      repeated: 2,
    })
    expect(await (await send(HIVE, batch([reading(0)], { place: 'crown' }))).json()).toMatchObject({ added: 1 })
    const { series } = await air()
    expect(series.map(({ place, count }) => [place, count])).toEqual([
      ['inside', 2],
      ['crown', 1],
    ])
    expect(series[0]!.latest.celsius).toBe(5)
    expect((await send(`/api/batches/${sent.batchId}`, { removed: true }, 'PUT')).status).toBe(200)
    expect((await air()).series.map(({ place }) => place)).toEqual(['crown'])
    await send(`/api/batches/${sent.batchId}`, { removed: false }, 'PUT')
    expect((await air()).series.map(({ place }) => place)).toEqual(['inside', 'crown'])
    expect((await send(`/api/batches/${crypto.randomUUID()}`, { removed: true }, 'PUT')).status).toBe(404)
  })

  it.each([
    ['humidity over 100', [reading(1, { humidityPercent: 101 })], 'readings[0].humidityPercent'],
    ['a figure that is °F', [reading(1), reading(2, { celsius: 93 })], 'readings[1].celsius'],
    ['no time', [reading(1, { at: 'yesterday' })], 'readings[0].at'],
    ['none at all', [], 'readings'],
    ['a field that is none', [reading(1, { html: '<b>' })], 'readings[0]'],
  ])('%s is refused with the field, and nothing is kept', async (_what, readings, field) => {
    const before = (await air()).series
    const answer = await send(HIVE, batch(readings))
    expect(answer.status).toBe(422)
    expect(((await answer.json()) as { data?: { field: string }; field?: string }).field).toContain(field)
    expect((await air()).series).toEqual(before)
  })

  it('of no hive, or at no place, are refused', async () => {
    expect((await send(HIVE.replace('flannel', 'nobody'), batch([reading(3)]))).status).toBe(404)
    expect((await send(HIVE, batch([reading(3)], { place: 'roof' }))).status).toBe(422)
  })
})

describe('a sensor', () => {
  it('is set up with a key that is told once, and its signed reports are kept once', async () => {
    const { id, key } = await setUp()
    const { devices } = await air()
    expect(devices.at(-1)).toMatchObject({ name: 'By the door', place: 'outside', seenAt: null })
    expect(JSON.stringify(devices)).not.toContain(key)
    const reports = simulated(SENSOR, { days: 2, from: '2025-11-10', start: -4, place: 'outside', seed: 3 })
    const answers = []
    for (const report of reports) answers.push(await (await sendReport(server.url, id, key, report)).json())
    const kept = (answers as { added: number }[]).reduce((sum, { added }) => sum + added, 0)
    expect(kept).toBeGreaterThan(80)
    expect((await air()).series.find(({ place }) => place === 'outside')!.count).toBe(kept)
    const again = await (await sendReport(server.url, id, key, reports.at(-1)!)).json()
    expect(again).toMatchObject({ added: 0 })
  })

  it('whose clock has jumped ahead is left out there, and told', async () => {
    const { id, key } = await setUp('crown')
    const ahead = new Date(Date.now() + 400 * 86_400_000).toISOString()
    const report = { sequence: 1, batteryPercent: 90, readings: [reading(5), reading(6, { at: ahead })] }
    expect(await (await sendReport(server.url, id, key, report)).json()).toMatchObject({ added: 1, leftOut: 1 })
  })

  it('whose clock jumped for one reading does not say that this was the newest', async () => {
    const { id, key } = await setUp('inside')
    const reports = simulated(SENSOR, { days: 14, from: '2024-11-12', start: -4, place: 'inside', seed: 4 })
    const answers = []
    for (const report of reports) answers.push(await (await sendReport(server.url, id, key, report)).json())
    expect((answers as { leftOut: number }[]).reduce((sum, { leftOut }) => sum + leftOut, 0)).toBe(1)
  })

  it('is refused with another’s key, out of order, or for a hive that is not there', async () => {
    const [one, other] = [await setUp(), await setUp()]
    const report = { sequence: 5, batteryPercent: 50, readings: [reading(40)] }
    expect((await sendReport(server.url, one.id, other.key, report)).status).toBe(401)
    expect((await sendReport(server.url, crypto.randomUUID(), one.key, report)).status).toBe(401)
    expect((await sendReport(server.url, one.id, one.key, report)).status).toBe(200)
    expect((await sendReport(server.url, one.id, one.key, { ...report, sequence: 4 })).status).toBe(409)
    expect((await sendReport(server.url, one.id, one.key, { ...report, sequence: 6, readings: [] })).status).toBe(422)
    const nobody = { yardId: 'kiln-bank', hiveId: 'nobody', kind: 'air', place: 'inside', name: 'x' }
    expect((await send('/api/devices', nobody)).status).toBe(404)
  })
})

describe('the stand-in of a device', () => {
  it('says in a sentence where no Duvet answers, and gives up', async () => {
    const { code, stderr } = await new Promise<{ code: number | null; stderr: string }>((resolve) => {
      const child = spawn(
        process.execPath,
        ['scripts/run.mjs', 'device', 'air', '--id', 'x', '--key', '00', '--url', 'http://127.0.0.1:9'],
        { stdio: ['ignore', 'ignore', 'pipe'] },
      )
      let said = ''
      child.stderr.on('data', (piece) => (said += String(piece)))
      child.on('close', (code) => resolve({ code, stderr: said }))
    })
    expect(code).toBe(1)
    expect(stderr).toMatch(/No Duvet answers at that address: say where it runs with --url/)
    expect(stderr).not.toMatch(/\bat .*:\d+:\d+/)
  })
})
