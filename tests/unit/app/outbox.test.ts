import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Outbox } from '~/sync/outbox'
import { claimTab, goneTabs } from '~/sync/tab'
import type { WaitingEdit } from '#core/hive'
import { browserStorage, type Keeper } from '~/composables/kept'
import { storage } from '../../helpers/storage'

const entry = (id: string): WaitingEdit => ({ id, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit: { kind: 'remove-hive', hiveId: 'h' } })
let shared: Keeper
beforeEach(() => {
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('sessionStorage', storage())
  shared = browserStorage()
})

describe('what waits to be sent', () => {
  it('is kept by tab, taken over by the next page, and sent once where two tabs held it', async () => {
    new Outbox(shared, 'one').save([{ yardId: 'y', baseRevision: 4, entries: [entry('a'), entry('b')] }])
    new Outbox(shared, 'two').save([{ yardId: 'y', baseRevision: 3, entries: [entry('b'), entry('c')] }, { yardId: 'z', baseRevision: 0, entries: [entry('d')] }])
    const third = new Outbox(shared, 'three')
    const { waiting, unreadable } = await third.adopt(third.tabs())
    expect(waiting.map(({ yardId, baseRevision, entries }) => [yardId, baseRevision, entries.map(({ id }) => id).join('')])).toEqual([['y', 3, 'abc'], ['z', 0, 'd']])
    expect(unreadable).toEqual([])
    third.forget(third.tabs())
    expect(third.tabs()).toEqual([])
  })

  it.each<[string, string, number, number]>([
    ['a text that is no JSON', '{', 0, 1],
    ['a list of null', '[null]', 0, 1],
    ['no list', '{"yardId":"y"}', 0, 1],
    ['entries missing', '[{"yardId":"y","baseRevision":1}]', 0, 1],
    ['a kind that is not known beside a sound one', JSON.stringify([{ yardId: 'y', baseRevision: 1, entries: [entry('a'), { ...entry('b'), edit: { kind: 'fly' } }, null] }]), 1, 2],
    ['nested without end', `[${'['.repeat(5000)}${']'.repeat(5000)}]`, 0, 1],
  ])('that was damaged (%s) is handed out as it is, and what is sound goes on', async (_name, text, sound, broken) => {
    shared.setItem('duvet.waiting.old', text)
    const { waiting, unreadable } = await new Outbox(shared, 'new').adopt(['old'])
    expect(waiting.flatMap(({ entries }) => entries)).toHaveLength(sound)
    expect(unreadable).toHaveLength(broken)
    for (const { why } of unreadable) expect(why).toMatch(/^[^\n]{1,200}[.…]$/)
  })

  it('says when the browser has no room for it, or keeps nothing', () => {
    const full: Keeper = { ...shared, setItem: () => { throw new DOMException('full', 'QuotaExceededError') } }
    expect(new Outbox(full, 'one').save([{ yardId: 'y', baseRevision: 0, entries: [entry('a')] }])).toBe(false)
    expect(new Outbox({ ...shared, lasting: false }, 'one').save([{ yardId: 'y', baseRevision: 0, entries: [entry('a')] }])).toBe(false)
    expect(new Outbox(full, 'one').save([])).toBe(true)
  })
})

describe('a tab', () => {
  /** Locks as a browser has them: one holder each, the others wait. */
  function lockManager() {
    const held = new Map<string, Promise<unknown>>()
    return {
      request: (name: string, { signal }: { signal: AbortSignal }, work: () => Promise<unknown>) => (held.has(name)
        ? new Promise((_resolve, reject) => signal.addEventListener('abort', () => reject(new Error('aborted'))))
        : (held.set(name, work()), held.get(name)!)),
      query: () => Promise.resolve({ held: [...held.keys()].map((name) => ({ name })), pending: [] }),
    }
  }

  it('that was duplicated, with what it remembers, gets an identity of its own; one whose page is gone is found', async () => {
    vi.stubGlobal('navigator', { locks: lockManager() })
    const first = await claimTab()
    const second = await claimTab()
    expect(second).not.toBe(first)
    expect(await goneTabs([first, second, 'closed'])).toEqual(['closed'])
    vi.unstubAllGlobals()
  })

  it('is a new one at every page where the browser has no locks', async () => {
    vi.stubGlobal('navigator', {})
    expect(await claimTab()).not.toBe(await claimTab())
    expect(await goneTabs(['a'])).toEqual(['a'])
    vi.unstubAllGlobals()
  })
})
