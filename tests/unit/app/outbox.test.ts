import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { acknowledged, fresh, made, rebuilt, type HeldYard, type WaitingEdit } from '#core/yard'
import { device } from '~/journal/kept/device'
import { Outbox } from '~/journal/kept/outbox'
import { readLeftBehind } from '~/journal/kept/read-left-behind'
import { changesBefore } from '~/journal/machine'
import { twoHives } from '../../helpers/edits'

const entry = (id: string): WaitingEdit => ({
  id,
  madeAt: '2026-05-01T09:30:00Z',
  kind: 'do',
  edit: { kind: 'remove-hive', hiveId: 'h' },
})
const noted = (id: string, note: string): WaitingEdit => ({ ...entry(id), edit: { kind: 'set-yard', note } })

describe('what an older Duvet left waiting', () => {
  it('is merged by yard, each change once', () => {
    const { waiting, unreadable } = readLeftBehind([
      JSON.stringify([{ yardId: 'y', baseRevision: 4, entries: [entry('a'), entry('b')] }]),
      JSON.stringify([
        { yardId: 'y', baseRevision: 3, entries: [entry('b'), entry('c')] },
        { yardId: 'z', baseRevision: 0, entries: [entry('d')] },
      ]),
    ])
    expect(
      waiting.map(({ yardId, baseRevision, entries }) => [yardId, baseRevision, entries.map(({ id }) => id).join('')]),
    ).toEqual([
      ['y', 3, 'abc'],
      ['z', 0, 'd'],
    ])
    expect(unreadable).toEqual([])
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
  ])('that was damaged (%s) is handed out as it is, and what is sound goes on', (_name, text, sound, broken) => {
    const { waiting, unreadable } = readLeftBehind([text])
    expect(waiting.flatMap(({ entries }) => entries)).toHaveLength(sound)
    expect(unreadable).toHaveLength(broken)
    for (const { why } of unreadable) expect(why).toMatch(/^[^\n]{1,200}[.…]$/)
  })
})

describe('the outbox of a browser', () => {
  let held: HeldYard
  let outbox: Outbox
  beforeEach(async () => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    held = fresh({ yard: twoHives(), revision: 0 })
    outbox = await Outbox.open(
      () => held,
      () => {},
    )
    await outbox.keep('yard', undefined, held)
  })
  const hold = async (next: HeldYard, taken: readonly WaitingEdit[] = []) => {
    const was = held
    held = next
    await outbox.keep('yard', was, next, taken)
  }
  const perform = (one: WaitingEdit) => {
    const done = made(held, one)
    if (!done.ok) throw new Error(done.problem.reason)
    return hold(done.held)
  }
  /** The yard as a page finds it that opens now. */
  const found = async () => {
    const { kept, edits } = await (await device()).ofYard('yard')
    return rebuilt(kept!, edits).held
  }
  const saved = (ids: readonly string[], revision: number) => {
    const batch = held.waiting.filter(({ id }) => ids.includes(id))
    return hold(acknowledged(held, batch, revision), batch)
  }

  it('keeps a yard that the device has not as soon as it is drawn, and again later what is learned of it', async () => {
    await vi.advanceTimersByTimeAsync(100)
    const kept = async () => (await (await device()).ofYard('yard')).kept
    await vi.waitFor(async () => expect((await kept())?.revision).toBe(0))
    await hold({ ...held, log: [{ revision: 1 } as never] })
    await vi.advanceTimersByTimeAsync(100)
    expect((await kept())?.log).toEqual([])
    await vi.advanceTimersByTimeAsync(1500)
    await vi.waitFor(async () => expect((await kept())?.log).toHaveLength(1))
  })

  it('keeps the yard with the first change that waits on it, and every change in its order', async () => {
    await perform(noted('a', 'one'))
    await perform(noted('b', 'two'))
    expect(await found()).toMatchObject({ revision: 0, yard: { note: 'two' }, waiting: [{ id: 'a' }, { id: 'b' }] })
  })

  it('shows the same after the battery died between the answer of the server and the keeping of the yard', async () => {
    await perform(noted('a', 'one'))
    await perform(noted('b', 'two'))
    await saved(['a'], 1)
    expect(await found()).toMatchObject({
      revision: 1,
      saved: { note: 'one' },
      yard: { note: 'two' },
      waiting: [{ id: 'b' }],
    })
    await saved(['b'], 2)
    expect(await found()).toMatchObject({ revision: 2, saved: { note: 'two' }, waiting: [] })
    await vi.advanceTimersByTimeAsync(2000)
    for (let i = 0; i < 20; i++) await new Promise((resolve) => setImmediate(resolve))
    const { kept, edits } = await (await device()).ofYard('yard')
    expect([kept?.revision, kept?.yard.note, edits.length]).toEqual([2, 'two', 0])
  })

  it('keeps what came of others’ changes as a whole, with what still waits', async () => {
    await perform(noted('a', 'one'))
    const theirs = { ...held.saved, name: 'theirs' }
    await hold({ ...held, saved: theirs, revision: 7, yard: { ...theirs, note: 'one' } })
    expect(await found()).toMatchObject({ revision: 7, yard: { name: 'theirs', note: 'one' }, waiting: [{ id: 'a' }] })
  })

  it('takes one of mine that was set aside beside one of theirs for no change that was saved', async () => {
    await perform(noted('a', 'one'))
    await perform(noted('b', 'two'))
    const theirs = { ...held.saved, name: 'theirs' }
    const [, b] = held.waiting
    await hold({ ...held, saved: theirs, revision: 1, yard: { ...theirs, note: 'two' }, waiting: [b!] })
    expect(await found()).toMatchObject({ revision: 1, saved: { name: 'theirs', note: '' }, waiting: [{ id: 'b' }] })
  })

  it('leaves what another tab has added meanwhile, behind what comes in the place of what was known', async () => {
    await perform(noted('a', 'one'))
    await perform(noted('b', 'two'))
    await (await device()).add([{ yardId: 'yard', entry: noted('other', 'of another tab') }])
    await hold({ ...fresh({ yard: twoHives(), revision: 2 }), waiting: held.waiting.slice(1) })
    expect((await (await device()).ofYard('yard')).edits.map((edit) => edit.entry.id)).toEqual(['b', 'other'])
  })

  it('hands a change to the browser before it returns: a tab closed at once has it', async () => {
    const done = made(held, noted('a', 'one'))
    if (!done.ok) throw new Error()
    void outbox.keep('yard', held, done.held)
    // A transaction that is asked for later is done later: what was not handed over yet would not be found.
    expect(await found()).toMatchObject({ waiting: [{ id: 'a' }] })
  })
})

describe('what is written down between changes', () => {
  it.each<[string | null | undefined, number]>([
    [undefined, 3],
    [null, 0],
    ['a', 1],
    ['c', 3],
    ['gone', 0],
  ])('after %s lets %i of them go first', (after, most) => {
    expect(changesBefore([entry('a'), entry('b'), entry('c')], after === undefined ? undefined : { after })).toBe(most)
  })
})
