import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { applyEdit, type Edit, type LoggedEdit, type Yard } from '#core/yard'
import type { Entry } from '#core/book'
import { WAITING_FORMAT, WAITING_VERSION } from '#wire/waiting-file'
import { useCarry } from '~/stores/carry'
import { useHeld } from '~/stores/held'
import { useSlips } from '~/stores/slips'
import { useSync } from '~/stores/sync'
import { device } from '~/sync/device'
import { entry } from '../../helpers/book'
import { twoHives } from '../../helpers/edits'
import { storage } from '../../helpers/storage'

/** A server that notes what comes in, in its order. */
let came: string[]
let yard: Yard
let log: LoggedEdit[]
const json = (body: unknown) => new Response(JSON.stringify(body), { status: 200 })
async function answer(path: string, init: RequestInit = {}): Promise<Response> {
  if (path === '/api/yards') return json([{ yard, revision: log.length }])
  if (path.endsWith('/removed')) return json([])
  if (path.includes('/log')) return json(log)
  const sent = JSON.parse(String(init.body)) as { edits?: { id: string; edit: Edit }[]; entries?: Entry[] }
  for (const { id, edit } of sent.edits ?? []) {
    const done = applyEdit(yard, edit)
    if (!done.ok) throw new Error(done.problem.reason)
    yard = done.yard
    log = [...log, { id } as LoggedEdit]
    came.push(id)
  }
  for (const { id } of sent.entries ?? []) came.push(id)
  return json(sent.edits ? { revision: log.length } : { added: 1, repeated: 0 })
}

beforeEach(() => {
  came = []
  log = []
  yard = twoHives()
  vi.stubGlobal('fetch', answer)
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('sessionStorage', storage())
  vi.stubGlobal('indexedDB', new IDBFactory())
  setActivePinia(createPinia())
})

const noted = (id: string) => ({
  id,
  madeAt: '2026-05-01T09:30:00.000Z',
  kind: 'do',
  edit: { kind: 'set-yard', note: id },
})
const written = (id: string, after: string | null) => ({
  sort: 'entries' as const,
  yardId: 'yard',
  after,
  entries: [entry('task', '2026-05-01T10:00', { text: id, by: '2026-05-02' }, { id, hiveId: twoHives().hives[0]!.id })],
})
const fileOf = (changes: readonly string[], slips: readonly object[]) =>
  new File(
    [
      JSON.stringify({
        format: WAITING_FORMAT,
        version: WAITING_VERSION,
        device: 'the phone',
        savedAt: '2026-05-01T11:00:00.000Z',
        changes: changes.length
          ? [{ yardId: 'yard', yardName: 'Kiln Bank', baseRevision: 0, entries: changes.map(noted) }]
          : [],
        written: slips,
      }),
    ],
    'waiting.json',
  )

describe('what waited on another device', () => {
  it('goes in as it was done: what was written between two changes between them', async () => {
    await useSync().load()
    const opened = await useCarry().open(
      fileOf(['one', 'two', 'three'], [written('first', null), written('between', 'two'), written('last', 'three')]),
    )
    expect(opened).toEqual({ ok: true, sentence: '6 things that waited taken up from the phone.' })
    expect(came).toEqual(['first', 'one', 'two', 'between', 'three', 'last'])
    expect(useHeld().waitingCount + useSlips().count).toBe(0)
  })

  it('is taken up without changes too, and opened a second time adds nothing to the yard', async () => {
    await useSync().load()
    expect(await useCarry().open(fileOf([], [written('alone', null)]))).toMatchObject({ ok: true })
    const file = () => fileOf(['one'], [])
    await useCarry().open(file())
    await useCarry().open(file())
    expect(came).toEqual(['alone', 'one'])
  })
})

describe('what is written down while it is read from the device', () => {
  const slip = (id: string) => {
    const { sort, yardId, entries } = written(id, null)
    return { sort, yardId, entries }
  }
  it('stays, and what was sent meanwhile does not come back', async () => {
    await useSync().load()
    const slips = useSlips()
    const sent = await slips.add(slip('sent'))
    await device()
    const reading = slips.read()
    for (let i = 0; i < 5; i++) await Promise.resolve()
    const added = slips.add(slip('added'))
    void slips.drop(sent.id)
    await reading
    expect(slips.all.map((one) => 'entries' in one && one.entries[0]!.id)).toEqual(['added'])
    await added
  })
})
