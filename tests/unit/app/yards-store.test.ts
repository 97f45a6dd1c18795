import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { LoggedEntry } from '~/stores/server'
import { useYards } from '~/stores/yards'
import { applyEdit, type Edit, type Yard } from '#core/hive'
import type { Submission } from '#wire/edit-schema'
import { twoHives } from '../../helpers/edits'
import { storage } from '../../helpers/storage'

/** A server of one yard, with a switch to be away and a door for somebody else's edits. */
class OneYard {
  yard: Yard = twoHives()
  revision = 0
  log: LoggedEntry[] = []
  away = false
  refuse = ''

  private take(id: string, edit: Edit, device: string, kind: 'do' | 'undo' | 'redo' = 'do', targetId: string | null = null): void {
    const applied = applyEdit(this.yard, edit)
    if (!applied.ok) throw new Error(applied.problem.reason)
    this.yard = applied.yard
    this.log.push({ id, kind, targetId, edit, inverse: applied.inverse, device, madeAt: '2026-05-01T09:30:00Z', revision: ++this.revision })
  }

  elsewhere(edit: Edit): void {
    this.take(`else-${this.revision}`, edit, 'phone')
  }

  readonly fetch = async (path: string, init: RequestInit = {}): Promise<Response> => {
    if (this.away) throw new TypeError('fetch failed')
    const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status })
    if (path.endsWith('/log')) return json(this.log)
    if (path.endsWith('/removed')) return json([])
    if (path === '/api/yards') return json([{ yard: this.yard, revision: this.revision }])
    const submission = JSON.parse(String(init.body)) as Submission
    if (this.refuse) return json({ field: 'edits', sentence: this.refuse }, 422)
    const known = new Set(this.log.map(({ id }) => id))
    const fresh = submission.edits.filter(({ id }) => !known.has(id))
    const base = Math.max(submission.baseRevision, ...this.log.filter(({ id }) => submission.edits.some((one) => one.id === id)).map(({ revision }) => revision))
    if (fresh.length > 0 && base !== this.revision) return json({ revision: this.revision, yard: this.yard, since: this.log.filter(({ revision }) => revision > submission.baseRevision) }, 409)
    for (const { id, edit, kind, targetId } of fresh) this.take(id, edit, submission.device, kind, targetId ?? null)
    return json({ revision: this.revision })
  }
}

let server: OneYard
const settled = async () => { for (let i = 0; i < 40; i++) await Promise.resolve() ; await vi.advanceTimersByTimeAsync(1) }

beforeEach(() => {
  vi.useFakeTimers()
  server = new OneYard()
  vi.stubGlobal('fetch', server.fetch)
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('sessionStorage', storage())
  setActivePinia(createPinia())
})

const takeOffTop = (yard: Yard, hive: number): Edit => ({ kind: 'take-off', hiveId: yard.hives[hive]!.id, partId: yard.hives[hive]!.stack.at(-1)!.partId })

describe('edits in the browser', () => {
  it('show at once, are saved, undone and redone', async () => {
    const yards = useYards()
    await yards.load()
    const before = JSON.stringify(server.yard)
    expect(yards.perform('yard', takeOffTop(server.yard, 0))).toBe(true)
    expect(yards.yards[0]!.hives[0]!.stack).toHaveLength(4)
    await settled()
    expect(server.yard.hives[0]!.stack).toHaveLength(4)
    expect(yards.waitingCount).toBe(0)
    expect(yards.undo('yard')).toMatchObject({ kind: 'take-off' })
    await settled()
    expect(JSON.stringify(server.yard)).toBe(before)
    expect(yards.historyOf('yard')).toMatchObject({ undo: [], redo: [{}] })
    yards.redo('yard')
    await settled()
    expect(server.log.map(({ kind }) => kind)).toEqual(['do', 'undo', 'redo'])
  })

  it('that do not apply say why and change nothing', async () => {
    const yards = useYards()
    await yards.load()
    expect(yards.perform('yard', { kind: 'take-off', hiveId: 'gone', partId: 'gone' })).toBe(false)
    expect(yards.message).toContain('There is no hive “gone”')
    expect(yards.waitingCount).toBe(0)
  })

  it('wait while the server is away, and are sent when it is back', async () => {
    const yards = useYards()
    await yards.load()
    server.away = true
    yards.perform('yard', takeOffTop(server.yard, 0))
    yards.perform('yard', takeOffTop(server.yard, 1))
    await settled()
    expect(yards.reachable).toBe(false)
    expect(yards.waitingCount).toBe(2)
    server.away = false
    await vi.advanceTimersByTimeAsync(3000)
    await settled()
    expect(yards.reachable).toBe(true)
    expect(yards.waitingCount).toBe(0)
    expect(server.revision).toBe(2)
  })

  it('are taken up by the next page when this one went away', async () => {
    const yards = useYards()
    await yards.load()
    server.away = true
    yards.perform('yard', takeOffTop(server.yard, 0))
    await settled()
    server.away = false
    setActivePinia(createPinia())
    const next = useYards()
    await next.load()
    await settled()
    expect(server.yard.hives[0]!.stack).toHaveLength(4)
    expect(next.waitingCount).toBe(0)
  })

  it('go on top of others’ when they touch another hive', async () => {
    const yards = useYards()
    await yards.load()
    server.elsewhere(takeOffTop(server.yard, 1))
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    expect(yards.conflict).toBeNull()
    expect(server.yard.hives.map(({ stack }) => stack.length)).toEqual([4, 4])
    expect(yards.yards[0]).toEqual(server.yard)
  })

  it('and others’ on the same hive are both shown; mine is laid over theirs, and theirs can be brought back', async () => {
    const yards = useYards()
    await yards.load()
    server.elsewhere({ kind: 'set-hive', hiveId: server.yard.hives[0]!.id, name: 'Serge', stage: 'flow', note: '' })
    const theirs = JSON.stringify(server.yard)
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    expect(yards.conflict).toMatchObject({ hiveId: server.yard.hives[0]!.id, revision: 1 })
    expect(server.revision).toBe(1)
    await yards.settle('mine')
    await settled()
    expect(server.yard.hives[0]).toMatchObject({ name: 'Ticking', stack: [{}, {}, {}, {}] })
    yards.undo('yard')
    await settled()
    expect(JSON.stringify(server.yard)).toBe(theirs)
  })

  it('or theirs is kept, and mine is gone from the page', async () => {
    const yards = useYards()
    await yards.load()
    server.elsewhere({ kind: 'set-hive', hiveId: server.yard.hives[0]!.id, name: 'Serge', stage: 'flow', note: '' })
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    await yards.settle('theirs')
    await settled()
    expect(yards.yards[0]).toEqual(server.yard)
    expect(yards.waitingCount).toBe(0)
    expect(server.revision).toBe(1)
  })

  it('that the server refuses are told, and what is saved is shown', async () => {
    const yards = useYards()
    await yards.load()
    server.refuse = 'A yard may hold 1000 hives at most.'
    yards.perform('yard', takeOffTop(server.yard, 0))
    await settled()
    await settled()
    expect(yards.message).toBe('A yard may hold 1000 hives at most.')
    expect(yards.yards[0]).toEqual(server.yard)
    expect(yards.waitingCount).toBe(0)
  })

  it('start when the server comes, if it was away at first', async () => {
    server.away = true
    const yards = useYards()
    await yards.load()
    expect([yards.loaded, yards.reachable]).toEqual([false, false])
    server.away = false
    await vi.advanceTimersByTimeAsync(3000)
    await settled()
    expect([yards.loaded, yards.reachable]).toEqual([true, true])
  })
})
