import { describe, expect, it } from 'vitest'
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
