import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { applyEdit, type Edit, type LoggedEdit, type Yard } from '#core/yard'
import type { Entry } from '#core/book'
import { WAITING_FORMAT, WAITING_VERSION } from '#wire/waiting-file'
import { useCarry } from '~/shell/carry'
import { useJournal } from '~/journal'
import { holdJournal } from '~/journal/held'
import { withoutSlip, withSlip, type Journal, type Slip } from '~/journal/machine'
import { useReader } from '~/journal/read'
import { device } from '~/journal/kept/device'
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
    log = [...log, logged(id, edit, done.inverse)]
    came.push(id)
  }
  for (const { id } of sent.entries ?? []) came.push(id)
  return json(sent.edits ? { revision: log.length } : { added: 1, repeated: 0 })
}

const logged = (id: string, edit: Edit, inverse: Edit): LoggedEdit => ({
  id,
  kind: 'do',
  targetId: null,
  edit,
  inverse,
  device: 'the phone',
  madeAt: '2026-05-01T09:30:00Z',
  receivedAt: '2026-05-01T09:30:00Z',
  happenedAt: '2026-05-01T09:30:00Z',
  revision: log.length + 1,
})

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
    await useJournal().load()
    const opened = await useCarry().open(
      fileOf(['one', 'two', 'three'], [written('first', null), written('between', 'two'), written('last', 'three')]),
    )
    expect(opened).toEqual({ ok: true, sentence: '6 things that waited taken up from the phone.' })
    expect(came).toEqual(['first', 'one', 'two', 'between', 'three', 'last'])
    expect(useJournal().count).toBe(0)
  })

  it('is taken up without changes too, and opened a second time adds nothing to the yard', async () => {
    await useJournal().load()
    expect(await useCarry().open(fileOf([], [written('alone', null)]))).toMatchObject({ ok: true })
    const file = () => fileOf(['one'], [])
    await useCarry().open(file())
    await useCarry().open(file())
    expect(came).toEqual(['alone', 'one'])
  })
})

describe('what is written down while it is read from the device', () => {
  const slip = (id: string): Slip => ({ ...written(id, null), id, keptAt: '2026-05-01T10:00:00.000Z' })
  it('stays, and what was sent meanwhile does not come back', async () => {
    const held = holdJournal()
    const become = (next: Journal) => held.become(next)
    become(withSlip(held.state.value, slip('sent')))
    await device()
    const reading = useReader(held).readSlips()
    for (let i = 0; i < 5; i++) await Promise.resolve()
    become(withSlip(held.state.value, slip('added')))
    become(withoutSlip(held.state.value, 'sent'))
    await reading
    expect(held.state.value.slips.map(({ id }) => id)).toEqual(['added'])
  })
})
