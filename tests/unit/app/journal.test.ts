import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import { applyEdit, fresh, type Edit, type LoggedEdit, type WaitingEdit, type Yard } from '#core/yard'
import { holdJournal } from '~/journal/held'
import {
  asked,
  nextOf,
  NOTHING,
  refused,
  taken,
  withAside,
  withChoice,
  withEdit,
  withoutMissing,
  withSlip,
  withYard,
  type Journal,
  type Making,
  type Sending,
  type Slip,
} from '~/journal/machine'
import { entry } from '../../helpers/book'
import { twoHives } from '../../helpers/edits'

const AT = '2026-05-01T09:30:00Z'
function counting(): Making {
  let n = 0
  return { makeId: () => `made-${++n}`, now: AT }
}
const noted = (id: string): WaitingEdit => ({ id, madeAt: AT, kind: 'do', edit: { kind: 'set-yard', note: id } })
const renamed = (id: string, hive: number): WaitingEdit => ({
  id,
  madeAt: AT,
  kind: 'do',
  edit: { kind: 'set-hive', hiveId: twoHives().hives[hive]!.id, name: id },
})
const slip = (id: string, after: string | null): Slip => ({
  sort: 'entries',
  id,
  yardId: 'yard',
  after,
  keptAt: AT,
  entries: [entry('task', '2026-05-01T10:00', { text: id, by: '2026-05-02' }, { id })],
})
const begun = (yardId = 'yard'): Journal =>
  withYard(NOTHING, yardId, fresh({ yard: { ...twoHives(), id: yardId }, revision: 0 }))
function make(journal: Journal, one: WaitingEdit, yardId = 'yard'): Journal {
  const done = withEdit(journal, yardId, one)
  if (!done.ok) throw new Error(done.problem.reason)
  return done.journal
}
const nameOf = (sent: Sending | null) =>
  sent === null ? null : sent.what === 'slip' ? sent.slip.id : sent.edits.map(({ id }) => id).join('+')

/** A server of one yard that others write to as well. */
class Server {
  yard: Yard = twoHives()
  log: LoggedEdit[] = []
  came: string[] = []
  add(id: string, edit: Edit): void {
    const done = applyEdit(this.yard, edit)
    if (!done.ok) throw new Error(done.problem.reason)
    this.yard = done.yard
    const said = { id, kind: 'do', targetId: null, edit, inverse: done.inverse, device: 'd', madeAt: AT } as const
    this.log.push({ ...said, receivedAt: AT, happenedAt: AT, revision: this.log.length + 1 })
  }
  /** Takes what is sent, or says what stands in its way. */
  answer(journal: Journal, sent: Sending, refuses: (id: string) => boolean, making: Making): Journal {
    if (sent.what === 'slip') {
      if (refuses(sent.slip.id)) return refused(journal, sent, { status: 422, sentence: 'No.' }, making)
      if (!this.came.includes(sent.slip.id)) this.came.push(sent.slip.id)
      return taken(journal, sent, 0)
    }
    const news = sent.edits.filter(({ id }) => !this.came.includes(id))
    const known = this.log.filter(({ id }) => sent.edits.some((one) => one.id === id)).map(({ revision }) => revision)
    if (news.length > 0 && Math.max(sent.baseRevision, ...known) < this.log.length) {
      const since = this.log.slice(sent.baseRevision)
      const stale = { yard: this.yard, revision: this.log.length, since }
      return refused(journal, sent, { status: 409, sentence: 'Others came first.', stale }, making)
    }
    if (news.some(({ id }) => refuses(id))) return refused(journal, sent, { status: 422, sentence: 'No.' }, making)
    for (const { id, edit } of news) {
      this.add(id, edit)
      this.came.push(id)
    }
    return taken(journal, sent, this.log.length)
  }
}

describe('what is sent next', () => {
  it('is what was done first: changes, and what was written after them', () => {
    let journal = withSlip(make(make(begun(), noted('a')), noted('b')), slip('written', 'b'))
    journal = make(journal, noted('c'))
    expect(nameOf(nextOf(journal, 'yard'))).toBe('a+b')
    journal = taken(journal, nextOf(journal, 'yard')!, 2)
    expect(nameOf(nextOf(journal, 'yard'))).toBe('written')
    journal = taken(journal, nextOf(journal, 'yard')!, 0)
    expect(nameOf(nextOf(journal, 'yard'))).toBe('c')
    journal = taken(journal, nextOf(journal, 'yard')!, 3)
    expect(nextOf(journal, 'yard')).toBeNull()
  })

  it('is nothing of a yard in which the keeper has to choose, and goes on in another', () => {
    let journal = make(make(begun(), renamed('Muslin', 0)), noted('b'), 'yard')
    journal = { ...journal, yards: new Map([...journal.yards, ...make(begun('other'), noted('x'), 'other').yards]) }
    const server = new Server()
    server.add('else', { kind: 'set-hive', hiveId: twoHives().hives[0]!.id, name: 'Serge' })
    journal = server.answer(journal, nextOf(journal, 'yard')!, () => false, counting())
    expect(asked(journal)).toMatchObject({ yardId: 'yard', clash: { hiveId: twoHives().hives[0]!.id } })
    expect([nextOf(journal, 'yard'), nameOf(nextOf(journal, 'other'))]).toEqual([null, 'x'])
    // What comes of another yard leaves the question where it is.
    journal = taken(journal, nextOf(journal, 'other')!, 1)
    expect(asked(journal)?.yardId).toBe('yard')
    journal = withChoice(journal, 'mine', counting())
    expect([asked(journal), journal.yards.get('yard')!.yard.hives[0]!.name]).toEqual([null, 'Muslin'])
    expect(nextOf(journal, 'yard')).toMatchObject({ baseRevision: 1 })
  })
})

describe('what is set aside', () => {
  it('where this browser has no room for it is known to be in this page only', () => {
    const setItem = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
    vi.stubGlobal('localStorage', { getItem: () => null, removeItem: () => {}, setItem })
    const held = holdJournal()
    held.become(withAside(held.state.value, [{ yardId: null, why: 'No.' }], counting()))
    expect([...held.keeping.asides]).toEqual(held.state.value.aside.map(({ id }) => id))
    vi.unstubAllGlobals()
  })
})

describe('what cannot be saved', () => {
  it('of a yard that is gone is set aside with its name, and what was written of its hives is sent still', () => {
    const journal = withSlip(make(begun(), noted('a')), slip('written', 'a'))
    const gone = refused(journal, nextOf(journal, 'yard')!, { status: 404, sentence: 'Gone.' }, counting())
    expect(gone.aside).toMatchObject([{ yardId: 'yard', yardName: twoHives().name, entries: [{ id: 'a' }] }])
    expect([gone.yards.size, nameOf(nextOf(gone, 'yard'))]).toEqual([0, 'written'])
    const missing = withoutMissing(journal, ['yard'], counting())
    expect([missing.yards.size, missing.aside[0]?.entries.length]).toEqual([0, 1])
  })

  it('never takes with it what can: whatever is refused, all else comes once, in its order', () => {
    const step = fc.oneof(
      fc.record({ what: fc.constant('edit' as const), hive: fc.integer({ min: 0, max: 1 }) }),
      fc.constant({ what: 'write' as const }),
      fc.record({ what: fc.constant('send' as const), isAnswerLost: fc.boolean() }),
      fc.constant({ what: 'others' as const }),
      fc.record({ what: fc.constant('choose' as const), choice: fc.constantFrom('mine' as const, 'theirs' as const) }),
    )
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), fc.integer({ min: 2, max: 9 }), (steps, everyNth) => {
        const server = new Server()
        const making = counting()
        let journal = begun()
        let count = 0
        const done: string[] = []
        const refuses = (id: string) => id.startsWith('mine-') && Number(id.slice(5)) % everyNth === 0
        const send = (isAnswerLost = false) => {
          const next = nextOf(journal, 'yard')
          const after = next && server.answer(journal, next, refuses, making)
          if (after && !isAnswerLost) journal = after
          return next !== null
        }
        for (const one of steps) {
          const id = `mine-${++count}`
          if (one.what === 'edit') {
            journal = make(journal, renamed(id, one.hive))
            done.push(id)
          } else if (one.what === 'write') {
            const last = journal.yards.get('yard')!.waiting.at(-1)?.id ?? null
            journal = withSlip(journal, slip(id, last))
            done.push(id)
          } else if (one.what === 'others') server.add(`else-${count}`, { kind: 'set-yard', note: String(count) })
          else if (one.what === 'choose') journal = withChoice(journal, one.choice, making)
          else send(one.isAnswerLost)
        }
        while (send());
        const setAside = journal.aside.flatMap(({ entries, slip: written }) =>
          written ? [written.id] : entries.map(({ id }) => id),
        )
        expect(asked(journal)).toBeNull()
        expect(server.came).toEqual(done.filter((id) => !refuses(id)))
        expect([...setAside].sort()).toEqual(done.filter(refuses).sort())
        expect(journal.yards.get('yard')!.yard.hives).toEqual(server.yard.hives)
      }),
    )
  })
})
