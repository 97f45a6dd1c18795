import 'fake-indexeddb/auto'
import { IDBFactory, IDBObjectStore } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useJournal } from '~/journal'
import { holdJournal } from '~/journal/held'
import { withEdit, withYard } from '~/journal/machine'
import { useReader } from '~/journal/read'
import { useUndone } from '~/stores/undone'
import { useYards } from '~/stores/yards'
import { applyEdit, fresh, type Edit, type LoggedEdit, type Yard } from '#core/yard'
import type { Submission } from '#wire/edit-schema'
import { device, type KeptEdit } from '~/journal/kept/device'
import { twoHives } from '../../helpers/edits'
import { storage } from '../../helpers/storage'

/** A server of one yard, with a switch to be away and a door for somebody else's edits. */
class OneYard {
  yard: Yard = twoHives()
  revision = 0
  log: LoggedEdit[] = []
  away = false
  refuse = ''
  /** Refused whatever holds an edit of this kind. */
  refuseKind = ''
  gone = false

  private take(
    id: string,
    edit: Edit,
    device: string,
    kind: 'do' | 'undo' | 'redo' = 'do',
    targetId: string | null = null,
  ): void {
    const applied = applyEdit(this.yard, edit)
    if (!applied.ok) throw new Error(applied.problem.reason)
    this.yard = applied.yard
    this.log.push({
      id,
      kind,
      targetId,
      edit,
      inverse: applied.inverse,
      device,
      madeAt: '2026-05-01T09:30:00Z',
      receivedAt: '2026-05-01T09:30:00Z',
      happenedAt: '2026-05-01T09:30:00Z',
      revision: ++this.revision,
    })
  }

  elsewhere(edit: Edit): void {
    this.take(`else-${this.revision}`, edit, 'phone')
  }

  readonly fetch = async (path: string, init: RequestInit = {}): Promise<Response> => {
    if (this.away) throw new TypeError('fetch failed')
    const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status })
    if (path.endsWith('/log')) return json(this.log)
    if (path.endsWith('/removed')) return json([])
    if (path === '/api/yards') return json(this.gone ? [] : [{ yard: this.yard, revision: this.revision }])
    if (this.gone) return json({ field: 'id', sentence: 'There is no such yard here.' }, 404)
    const submission = JSON.parse(String(init.body)) as Submission
    if (this.refuse || submission.edits.some(({ edit }) => edit.kind === this.refuseKind))
      return json({ field: 'edits', sentence: this.refuse || 'No.' }, 422)
    const known = new Set(this.log.map(({ id }) => id))
    const fresh = submission.edits.filter(({ id }) => !known.has(id))
    const base = Math.max(
      submission.baseRevision,
      ...this.log.filter(({ id }) => submission.edits.some((one) => one.id === id)).map(({ revision }) => revision),
    )
    if (fresh.length > 0 && base !== this.revision)
      return json(
        {
          revision: this.revision,
          yard: this.yard,
          since: this.log.filter(({ revision }) => revision > submission.baseRevision),
        },
        409,
      )
    for (const { id, edit, kind, targetId } of fresh) this.take(id, edit, submission.device, kind, targetId ?? null)
    return json({ revision: this.revision })
  }
}

let server: OneYard
const settled = async () => {
  for (let i = 0; i < 40; i++) {
    await new Promise((resolve) => setImmediate(resolve))
    await vi.advanceTimersByTimeAsync(0)
  }
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  server = new OneYard()
  vi.stubGlobal('fetch', server.fetch)
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('sessionStorage', storage())
  setActivePinia(createPinia())
})

const takeOffTop = (yard: Yard, hive: number): Edit => ({
  kind: 'take-off',
  hiveId: yard.hives[hive]!.id,
  partId: yard.hives[hive]!.stack.at(-1)!.partId,
})

describe('edits in the browser', () => {
  it('show at once, are saved, undone and redone', async () => {
    const yards = useYards()
    await yards.load()
    const before = JSON.stringify(server.yard)
    expect(yards.perform('yard', takeOffTop(server.yard, 0))).toBe(true)
    expect(yards.yards[0]!.hives[0]!.stack).toHaveLength(4)
    await settled()
    expect(server.yard.hives[0]!.stack).toHaveLength(4)
    expect(useJournal().waits.edits).toBe(0)
    yards.undo('yard')
    expect(useUndone().last).toMatchObject({ how: 'undo', edit: { kind: 'take-off' } })
    await settled()
    expect(JSON.stringify(server.yard)).toBe(before)
    expect(yards.historyOf('yard')).toMatchObject({ undo: [], redo: [{}] })
    yards.redo('yard')
    await settled()
    expect(server.log.map(({ kind }) => kind)).toEqual(['do', 'undo', 'redo'])
  })

  it('that are made while another tab is heard stay on the screen', async () => {
    const held = holdJournal()
    const reader = useReader(held)
    await held.keeping.open()
    const make = (id: string) => {
      const edit = { kind: 'set-yard', note: id } as const
      const done = withEdit(held.state.value, 'yard', { id, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit })
      if (!done.ok) throw new Error(done.problem.reason)
      held.become(done.journal)
    }
    held.become(withYard(held.state.value, 'yard', fresh({ yard: twoHives(), revision: 0 })))
    make('first')
    await settled()
    const heard = reader.readAgain('yard')
    // It reads by now, and has no answer yet.
    for (let i = 0; i < 5; i++) await Promise.resolve()
    make('second')
    await heard
    const now = held.state.value.yards.get('yard')!
    expect([now.waiting.map(({ id }) => id), now.yard.note]).toEqual([['first', 'second'], 'second'])
  })

  it('that do not apply say why and change nothing', async () => {
    const yards = useYards()
    await yards.load()
    expect(yards.perform('yard', { kind: 'take-off', hiveId: 'gone', partId: 'gone' })).toBe(false)
    expect(yards.message).toContain('There is no hive “gone”')
    expect(useJournal().waits.edits).toBe(0)
  })

  it('wait while the server is away, and are sent when it is back', async () => {
    const yards = useYards()
    await yards.load()
    server.away = true
    yards.perform('yard', takeOffTop(server.yard, 0))
    yards.perform('yard', takeOffTop(server.yard, 1))
    await settled()
    expect(yards.reachable).toBe(false)
    expect(useJournal().waits.edits).toBe(2)
    server.away = false
    await vi.advanceTimersByTimeAsync(3000)
    await settled()
    expect(yards.reachable).toBe(true)
    expect(useJournal().waits.edits).toBe(0)
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
    expect(useJournal().waits.edits).toBe(0)
  })

  it('that this version does not know, or that are half written, are set aside once; the yard is shown', async () => {
    const yards = useYards()
    await yards.load()
    await settled()
    server.away = true
    yards.perform('yard', takeOffTop(server.yard, 0))
    await settled()
    const kept = await device()
    const of = { madeAt: '2026-05-01T09:30:00Z', kind: 'do' }
    const rows = [
      { yardId: 'yard', entry: { ...of, id: 'newer', edit: { kind: 'set-lid', hiveId: 'a' } } },
      { yardId: 'yard', entry: { ...of, id: 'odd', edit: { kind: 'add-part', hiveId: server.yard.hives[0]!.id } } },
      { yardId: 'yard', entry: null },
      { yardId: 'yard', entry: { id: 'half' } },
    ]
    await kept.add(rows as unknown as KeptEdit[])
    for (const away of [true, false]) {
      server.away = away
      setActivePinia(createPinia())
      const next = useYards()
      await next.load()
      await settled()
      expect(next.yards[0]!.hives[0]!.stack).toHaveLength(4)
      expect(useJournal().aside.count).toBe(4)
    }
    expect(server.revision).toBe(1)
    expect((await kept.all()).edits.filter(({ sentAs }) => sentAs === undefined)).toEqual([])
  })

  it('go on top of others’ when they touch another hive', async () => {
    const yards = useYards()
    await yards.load()
    server.elsewhere(takeOffTop(server.yard, 1))
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    expect(useJournal().question).toBeNull()
    expect(server.yard.hives.map(({ stack }) => stack.length)).toEqual([4, 4])
    expect(yards.yards[0]).toEqual(server.yard)
  })

  it(
    'and others’ on the same stack are both shown; mine is laid over theirs, and theirs can ' + 'be brought back',
    async () => {
      const yards = useYards()
      await yards.load()
      server.elsewhere(takeOffTop(server.yard, 0))
      const theirs = JSON.stringify(server.yard)
      const bottom: Edit = {
        kind: 'take-off',
        hiveId: server.yard.hives[0]!.id,
        partId: server.yard.hives[0]!.stack[0]!.partId,
      }
      yards.perform('yard', bottom)
      yards.perform('yard', { kind: 'set-yard', note: 'mine' })
      await settled()
      expect(useJournal().question?.clash).toMatchObject({ hiveId: server.yard.hives[0]!.id })
      expect(server.revision).toBe(1)
      useJournal().choose('mine')
      await settled()
      await settled()
      expect(server.yard).toMatchObject({ note: 'mine', hives: [{ stack: [{}, {}, {}, {}] }, {}] })
      yards.undo('yard')
      yards.undo('yard')
      await settled()
      expect(JSON.stringify(server.yard)).toBe(theirs)
    },
  )

  it('or theirs is kept, and what of mine did not clash is kept with it', async () => {
    const yards = useYards()
    await yards.load()
    server.elsewhere({ kind: 'set-hive', hiveId: server.yard.hives[0]!.id, name: 'Serge' })
    yards.perform('yard', { kind: 'set-hive', hiveId: server.yard.hives[0]!.id, name: 'Muslin' })
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    useJournal().choose('theirs')
    await settled()
    expect(server.yard.hives[0]).toMatchObject({ name: 'Serge', stack: [{}, {}, {}, {}] })
    expect(yards.yards[0]).toEqual(server.yard)
    expect(useJournal().waits.edits).toBe(0)
  })

  it('that the server refuses are set aside alone; what stands behind them goes on', async () => {
    const yards = useYards()
    const { aside } = useJournal()
    await yards.load()
    server.refuseKind = 'set-yard'
    server.away = true
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    yards.perform('yard', { kind: 'set-yard', note: 'refused' })
    yards.perform('yard', takeOffTop(yards.yards[0]!, 1))
    await settled()
    server.away = false
    await vi.advanceTimersByTimeAsync(3000)
    for (let i = 0; i < 5; i++) await settled()
    expect(server.yard.hives.map(({ stack }) => stack.length)).toEqual([4, 4])
    expect(yards.yards[0]).toEqual(server.yard)
    expect(aside.all).toMatchObject([{ yardId: 'yard', why: 'No.', entries: [{ edit: { kind: 'set-yard' } }] }])
    expect(useJournal().waits.edits).toBe(0)
    server.refuseKind = ''
    yards.tryAgain(aside.all[0]!.id)
    await settled()
    expect([server.yard.note, aside.all.length]).toEqual(['refused', 0])
  })

  it('of a yard that was taken away meanwhile are set aside, now and after a reload', async () => {
    const yards = useYards()
    await yards.load()
    server.away = true
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    server.away = false
    server.gone = true
    setActivePinia(createPinia())
    const next = useYards()
    await next.load()
    await settled()
    expect(useJournal().aside.all).toMatchObject([{ yardId: 'yard', entries: [{ edit: { kind: 'take-off' } }] }])
    setActivePinia(createPinia())
    expect(useJournal().aside.all).toHaveLength(1)
  })

  it('are sent although this browser’s storage is full, and that is told while they wait', async () => {
    const yards = useYards()
    await yards.load()
    vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    setActivePinia(createPinia())
    const next = useYards()
    await next.load()
    server.away = true
    next.perform('yard', takeOffTop(next.yards[0]!, 0))
    await settled()
    expect(useJournal().unkept.why).toBe('full')
    server.away = false
    await vi.advanceTimersByTimeAsync(3000)
    await settled()
    expect(server.yard.hives[0]!.stack).toHaveLength(4)
    expect(useJournal().unkept.why).toBeNull()
    vi.restoreAllMocks()
  })

  it('go from memory where storage is forbidden', async () => {
    vi.stubGlobal('localStorage', undefined)
    vi.stubGlobal('indexedDB', undefined)
    setActivePinia(createPinia())
    const yards = useYards()
    await yards.load()
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    expect([server.yard.hives[0]!.stack.length, useJournal().waits.edits]).toEqual([4, 0])
  })

  it('wait with the server’s own sentence where it answers that it cannot save', async () => {
    const yards = useYards()
    await yards.load()
    const usual = server.fetch
    vi.stubGlobal(
      'fetch',
      async () =>
        new Response(JSON.stringify({ field: 'database', sentence: 'The disk is full: this was not saved.' }), {
          status: 507,
        }),
    )
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    expect(useJournal().trouble).toEqual({ away: false, sentence: 'The disk is full: this was not saved.' })
    expect(useJournal().waits.edits).toBe(1)
    vi.stubGlobal('fetch', usual)
    await vi.advanceTimersByTimeAsync(3000)
    await settled()
    expect([useJournal().trouble, useJournal().waits.edits]).toEqual([null, 0])
  })

  it.each<[string, string]>([
    ['a page that wants a password first', '<html>Sign in to the network</html>'],
    ['a list where a yard is expected', '[]'],
    ['an error of a proxy as JSON', '{"error":"gateway"}'],
  ])('wait where what is answered cannot be the server’s: %s', async (_name, body) => {
    const yards = useYards()
    await yards.load()
    const usual = server.fetch
    vi.stubGlobal('fetch', async () => new Response(body, { status: 200 }))
    yards.perform('yard', takeOffTop(yards.yards[0]!, 0))
    await settled()
    expect(useJournal().trouble?.sentence).toContain('cannot be read')
    expect([useJournal().waits.edits, yards.yards[0]!.hives[0]!.stack.length]).toEqual([1, 4])
    vi.stubGlobal('fetch', usual)
    await vi.advanceTimersByTimeAsync(3000)
    await settled()
    expect([useJournal().trouble, useJournal().waits.edits]).toEqual([null, 0])
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
