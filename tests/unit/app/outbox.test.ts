import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Outbox } from '~/sync/outbox'
import { claimTab, goneTabs } from '~/sync/tab'
import type { WaitingEdit } from '#core/hive'
import { browserStorage, type Keeper } from '~/composables/kept'
import { storage } from '../../helpers/storage'

const entry = (id: string): WaitingEdit => ({
  id,
  madeAt: '2026-05-01T09:30:00Z',
  kind: 'do',
  edit: { kind: 'remove-hive', hiveId: 'h' },
})
let shared: Keeper
beforeEach(() => {
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('sessionStorage', storage())
  shared = browserStorage()
})

describe('what waits to be sent', () => {
  it('is kept by tab, taken over by the next page, and sent once where two tabs held it', async () => {
    new Outbox(shared, 'one').save([{ yardId: 'y', baseRevision: 4, entries: [entry('a'), entry('b')] }])
    new Outbox(shared, 'two').save([
      { yardId: 'y', baseRevision: 3, entries: [entry('b'), entry('c')] },
      { yardId: 'z', baseRevision: 0, entries: [entry('d')] },
    ])
    const third = new Outbox(shared, 'three')
    const { waiting, unreadable } = await third.adopt(third.tabs())
    expect(
      waiting.map(({ yardId, baseRevision, entries }) => [yardId, baseRevision, entries.map(({ id }) => id).join('')]),
    ).toEqual([
      ['y', 3, 'abc'],
      ['z', 0, 'd'],
    ])
    expect(unreadable).toEqual([])
    third.forget(third.tabs())
    expect(third.tabs()).toEqual([])
  })

  it.each<[string, string, number, number]>([
    ['a text that is no JSON', '{', 0, 1],
    ['a list of null', '[null]', 0, 1],
    ['no list', '{"yardId":"y"}', 0, 1],
    ['entries missing', '[{"yardId":"y","baseRevision":1}]', 0, 1],
    [
      'a kind that is not known beside a sound one',
      JSON.stringify([
        { yardId: 'y', baseRevision: 1, entries: [entry('a'), { ...entry('b'), edit: { kind: 'fly' } }, null] },
      ]),
      1,
      2,
    ],
    ['nested without end', `[${'['.repeat(5000)}${']'.repeat(5000)}]`, 0, 1],
  ])('that was damaged (%s) is handed out as it is, and what is sound goes on', async (_name, text, sound, broken) => {
    shared.setItem('duvet.waiting.old', text)
    const { waiting, unreadable } = await new Outbox(shared, 'new').adopt(['old'])
    expect(waiting.flatMap(({ entries }) => entries)).toHaveLength(sound)
    expect(unreadable).toHaveLength(broken)
    for (const { why } of unreadable) expect(why).toMatch(/^[^\n]{1,200}[.…]$/)
  })

  it('says when the browser has no room for it, or keeps nothing', () => {
    const full: Keeper = {
      ...shared,
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError')
      },
    }
    expect(new Outbox(full, 'one').save([{ yardId: 'y', baseRevision: 0, entries: [entry('a')] }])).toBe(false)
    expect(
      new Outbox({ ...shared, lasting: false }, 'one').save([{ yardId: 'y', baseRevision: 0, entries: [entry('a')] }]),
    ).toBe(false)
    expect(new Outbox(full, 'one').save([])).toBe(true)
  })
})

describe('a page', () => {
  /** Locks as a browser has them, with a door to let one go. */
  function lockManager() {
    const held = new Set<string>()
    return {
      held,
      request: (name: string, work: () => Promise<unknown>) => {
        held.add(name)
        return work()
      },
      query: () => Promise.resolve({ held: [...held].map((name) => ({ name })), pending: [] }),
    }
  }

  it('has an identity of its own, one of a duplicated tab too, and finds what pages that are gone left', async () => {
    const locks = lockManager()
    vi.stubGlobal('navigator', { locks })
    const first = await claimTab()
    const second = await claimTab()
    expect(second.before).toBe(first.id)
    expect(second.id).not.toBe(first.id)
    expect(await goneTabs([first.id, second.id, 'closed'], second.before)).toEqual(['closed'])
    setTimeout(() => locks.held.delete(`duvet.tab.${first.id}`), 90)
    expect(await goneTabs([first.id], second.before)).toEqual([first.id])
    vi.unstubAllGlobals()
  })

  it('takes all others for gone where the browser has no locks', async () => {
    vi.stubGlobal('navigator', {})
    expect((await claimTab()).id).not.toBe((await claimTab()).id)
    expect(await goneTabs(['a'])).toEqual(['a'])
    vi.unstubAllGlobals()
  })
})
