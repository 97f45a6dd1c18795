import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { askKept } from '~/client/ask'
import { fits, outlineOf } from '~/client/outline'
import { ENTRIES, ME, STORED_YARDS, YARD } from '~/client/outlines'
import { entry } from '../../helpers/book'
import { twoHives } from '../../helpers/edits'

describe('what is looked at in an answer', () => {
  it('is there in what the server gives', () => {
    expect(fits(YARD, twoHives())).toBe(true)
    expect(fits(STORED_YARDS, [{ yard: twoHives(), revision: 3 }])).toBe(true)
    expect(fits(ENTRIES, [entry('task', '2026-05-01T10:00', { text: 'x', by: '2026-05-02' })])).toBe(true)
    expect(fits(ME, { on: false, keeper: null, mayBegin: true, plays: {} })).toBe(true)
  })

  it.each<[string, unknown]>([
    ['nothing', undefined],
    ['null', null],
    ['a page of a router that wants a password', '<html>'],
    ['a list', []],
    ['a yard without hives', { id: 'y', name: 'Y', parts: [] }],
    ['hives that are no list', { id: 'y', name: 'Y', parts: [], hives: { 0: {} } }],
    ['a hive of null', { id: 'y', name: 'Y', parts: [], hives: [null] }],
    ['a number for a name', { id: 'y', name: 7, parts: [], hives: [] }],
  ])('is not in %s', (_name, value) => {
    expect(fits(YARD, value)).toBe(false)
  })

  it('leaves everything else alone', () => {
    const some = outlineOf<{ readonly a: number; readonly b: readonly string[] }>({ a: 'number' })
    expect(fits(some, { a: 1, b: 'whatever', c: null })).toBe(true)
    const byName = outlineOf<Readonly<Record<string, number>>>({ each: 'number' })
    expect([fits(byName, {}), fits(byName, { x: 1 }), fits(byName, { x: 'one' })]).toEqual([true, true, false])
  })
})

describe('what the server answered last', () => {
  afterEach(() => vi.unstubAllGlobals())
  const answering = (body: string, status = 200) => vi.stubGlobal('fetch', async () => new Response(body, { status }))

  it.each<[string, () => void]>([
    ['is silent', () => vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no way there')))],
    ['answers what it cannot be: a network that wants a password first', () => answering('<html>Sign in</html>')],
  ])('is told where it %s', async (_name, goes) => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    answering(JSON.stringify(twoHives()))
    expect(await askKept('/api/yard', YARD)).toMatchObject({ ok: true, value: { id: 'yard' } })
    goes()
    const again = async () => (await askKept('/api/yard', YARD)).ok
    await vi.waitFor(async () => expect(await again()).toBe(true))
    expect(await askKept('/api/yard', YARD)).toMatchObject({ value: { id: 'yard' }, keptAt: expect.any(String) })
    expect(await askKept('/api/another', YARD)).toMatchObject({ ok: false })
  })

  it('is not told in the place of a refusal', async () => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    answering(JSON.stringify(twoHives()))
    await askKept('/api/yard', YARD)
    answering(JSON.stringify({ field: 'id', sentence: 'Not for you.' }), 403)
    expect(await askKept('/api/yard', YARD)).toMatchObject({ ok: false, status: 403 })
  })
})
