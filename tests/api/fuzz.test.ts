import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { planOf, type Yard } from '#core/yard'
import { readPlanValue } from '#wire/read'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { anyYard } from '../helpers/any-yard'
import { someEdit } from '../helpers/edits'
import { counter } from '../helpers/hives'
import { DEMO, nextId, storedYards } from '../helpers/wire'
import { runs } from '../helpers/runs'

// Requests that are nearly right: every answer is 2xx, or 4xx with one sentence; a refusal changes nothing; none is
// slow.

/** What is nearly right sends no server away for good. */
const MOST_MS = 10_000
let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO })
})
afterAll(() => server.stop())

const deep = (depth: number): unknown => JSON.parse(`${'['.repeat(depth)}${']'.repeat(depth)}`)
const odd: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  2 ** 53,
  0.1,
  '',
  'x',
  'x'.repeat(5000),
  '\u0000',
  '\n\n',
  '𝔘'.repeat(120),
  '<img src=x onerror=1>',
  '__proto__',
  [],
  {},
  [[]],
  [null],
  { toString: null },
  { kind: 'batch', edits: [] },
  deep(30),
  deep(900),
  '2026-02-31',
  '2026-02-31T00:00:00Z',
  'new:x',
  'want:x',
  Array.from({ length: 3000 }, () => 0),
]

/** A value with something odd somewhere in it: replaced, taken away, doubled, or one field too many. */
function mutated(value: unknown, path: readonly number[], what: number): unknown {
  const copy = structuredClone(value)
  let at = copy as Record<string, unknown>
  for (const [depth, n] of path.entries()) {
    const keys = Object.keys(at)
    if (keys.length === 0) break
    const key = keys[n % keys.length]!
    const inner = at[key]
    if (depth < path.length - 1 && typeof inner === 'object' && inner !== null) {
      at = inner as Record<string, unknown>
      continue
    }
    if (what % 7 === 0) Reflect.deleteProperty(at, key)
    else if (what % 7 === 1) at[`${key}${what}`] = inner
    else if (what % 7 === 2 && Array.isArray(at)) at.push(inner as never)
    else at[key] = odd[what % odd.length]
    break
  }
  return copy
}
const mutation = fc.tuple(fc.array(fc.nat(40), { minLength: 1, maxLength: 9 }), fc.nat(2000))
const mutations = fc.array(mutation, { maxLength: 3 })
const spoiled = (value: unknown, list: readonly (readonly [readonly number[], number])[]) =>
  list.reduce((now, [path, what]) => mutated(now, path, what), value)

const revisions = async () =>
  JSON.stringify(
    (await storedYards(server.url)).map(({ yard, revision }) => [
      yard.id,
      revision,
      yard.hives.length,
      yard.parts.length,
    ]),
  )

async function ask(path: string, body: string, headers: Record<string, string> = {}): Promise<number> {
  const before = await revisions()
  const response = await fetch(server.url + path, {
    method: 'POST',
    body,
    headers,
    signal: AbortSignal.timeout(MOST_MS),
  })
  const text = response.headers.get('content-type')?.includes('pdf') ? '' : await response.text()
  const tell = `${path} ${response.status} ${text.slice(0, 300)} for ${body.slice(0, 600)}`
  if (response.status < 200 || response.status >= 500) throw new Error(tell)
  if (response.status >= 400) {
    const { sentence } = JSON.parse(text) as { sentence: string }
    expect(sentence, tell).toMatch(/^[^\n]{1,200}$/)
    expect(sentence, tell).not.toMatch(/undefined|NaN|\[object|\$\{|\(\)/)
    expect(text).not.toMatch(/final value was|Maximum call|is not a function|Cannot read/)
    expect(await revisions(), tell).toBe(before)
  }
  return response.status
}
const run = async (property: fc.IAsyncProperty<never> | ReturnType<typeof fc.asyncProperty>, numRuns: number) =>
  fc.assert(property as never, { numRuns: runs(numRuns) })

describe('requests that are nearly right', () => {
  it('edits: saved and readable again, or refused', async () => {
    const statuses = new Set<number>()
    await run(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 4 }),
        mutations,
        async (numbers, spoil) => {
          const { yard, revision } = (await storedYards(server.url))[0]!
          const makeId = counter(nextId())
          const sent = {
            baseRevision: revision,
            device: 'fuzz',
            edits: numbers.map((four) => ({
              id: nextId(),
              madeAt: '2026-05-01T09:30:00.000Z',
              kind: 'do',
              edit: someEdit(yard, four, makeId),
            })),
          }
          const status = await ask('/api/yards/sallow-quay/edits', JSON.stringify(spoiled(sent, spoil)))
          statuses.add(status)
          if (status !== 200) return
          const now = (await storedYards(server.url))[0]!.yard
          const read = readPlanValue(JSON.parse(JSON.stringify(planOf([now]))))
          if (!read.ok) throw new Error(`what was saved cannot be read back: ${read.problem.sentence}`)
        },
      ),
      250,
    )
    expect(statuses).toContain(200)
    expect(statuses).toContain(422)
  }, 120_000)

  it('plan files: brought in and given back as they are, or refused', async () => {
    await run(
      fc.asyncProperty(fc.array(anyYard, { minLength: 1, maxLength: 2 }), mutations, async (yards, spoil) => {
        const prefix = nextId()
        const plan = planOf(yards.map((yard, i): Yard => ({ ...yard, id: `${prefix}-${i}` })))
        const status = await ask('/api/plans/import', JSON.stringify(spoiled(plan, spoil)))
        if (status !== 200 || spoil.length > 0) return
        const here = new Map((await storedYards(server.url)).map(({ yard }) => [yard.id, yard]))
        for (const yard of plan.yards) expect(here.get(yard.id)).toEqual(JSON.parse(JSON.stringify(yard)))
        for (const { id } of plan.yards)
          await fetch(`${server.url}/api/yards/${id}/removed`, { method: 'PUT', body: '{"removed":true}' })
      }),
      80,
    )
  }, 120_000)

  it('plans to assess, readings, scales, prints', async () => {
    const reading = {
      kind: 'weight',
      source: 'hand',
      batchId: crypto.randomUUID(),
      readings: [{ at: '2026-05-01T10:00:00Z', kg: 40, method: 'scale' }],
    }
    const drawing = {
      x: 0,
      y: 0,
      width: 1,
      height: 1,
      marks: [{ path: 'M0 0L1 1', fill: 'none', line: '#22262e', width: 1, dash: '' }],
      words: [{ x: 0, y: 0, size: 1, text: 'i' }],
    }
    const sheet = {
      title: 'Sheet',
      lines: ['a'],
      tables: [{ heading: 'b', columns: ['c'], rows: [['d']] }],
      steps: [{ text: 'e', note: 'f' }],
      paper: 'A4',
      drawings: [{ caption: 'g', drawing }],
      stepDrawings: [drawing],
      caution: 'h',
    }
    const visit = {
      title: 'Visit',
      paper: 'A4',
      lines: [],
      take: ['a'],
      bring: [],
      cautions: ['b'],
      hives: [
        {
          name: 'Twill',
          link: 'http://127.0.0.1/hives/x',
          lines: [],
          drawing,
          steps: [{ text: 'a', why: 'b', cautions: [] }],
        },
      ],
    }
    const cards = { title: 'Cards', cards: [{ name: 'Twill', link: 'http://127.0.0.1/hives/x', lines: ['a'] }] }
    const hive = `/api/yards/sallow-quay/hives/${encodeURIComponent('twill/0')}/readings`
    const kinds: readonly (readonly [string, unknown])[] = [
      [hive, reading],
      ['/api/print/sheet', sheet],
      ['/api/print/visit', visit],
      ['/api/print/cards', cards],
      ['/api/devices', { yardId: 'sallow-quay', hiveId: 'twill/0', kind: 'weight', name: 'scale' }],
      ['/api/devices/none/readings', { sequence: 1, readings: [{ at: '2026-05-01T10:00:00Z', kg: 3 }] }],
      ['/api/yards', { ...planOf([]).yards }],
    ]
    await run(
      fc.asyncProperty(fc.nat(kinds.length - 1), mutations, async (n, spoil) => {
        const [path, value] = kinds[n]!
        await ask(path, JSON.stringify(spoiled(value, spoil)))
      }),
      200,
    )
    await run(
      fc.asyncProperty(anyYard, mutations, async (yard, spoil) => {
        await ask('/api/assess', JSON.stringify(spoiled(planOf([yard]), spoil)))
      }),
      50,
    )
  }, 120_000)

  it('texts that are no JSON, and addresses that are none', async () => {
    await run(
      fc.asyncProperty(
        fc.oneof(
          fc.string({ maxLength: 200 }),
          fc.constantFrom(
            '',
            '{',
            '"',
            '[1,',
            '\u0000',
            'NaN',
            `${'['.repeat(200_000)}${']'.repeat(200_000)}`,
            `${'{"a":'.repeat(90_000)}1${'}'.repeat(90_000)}`,
          ),
        ),
        fc.constantFrom(
          '/api/yards/sallow-quay/edits',
          '/api/plans/import',
          '/api/assess',
          '/api/print/sheet',
          '/api/yards',
          '/api/devices/x/readings',
        ),
        async (text, path) => {
          await ask(path, text)
        },
      ),
      80,
    )
    await run(
      fc.asyncProperty(
        fc.webPath({ size: 'small' }),
        fc.constantFrom('', '%', '%ff', '/past?at=%00', '/log?limit=-1', '/changes?hive=', '/hives/%2e%2e/readings'),
        async (path, tail) => {
          const response = await fetch(`${server.url}/api/yards/${encodeURIComponent(path)}${tail}`)
          expect(response.status).toBeLessThan(500)
        },
      ),
      80,
    )
  }, 60_000)
})
