import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { acknowledged, fresh, made, rebuilt, type HeldYard, type KeptChange, type WaitingEdit } from '#core/yard'
import { twoHives } from '../../helpers/edits'

const yard = twoHives()
const change = (n: number): WaitingEdit => ({
  id: `e${n}`,
  madeAt: '2026-05-01T09:30:00Z',
  kind: 'do',
  edit: { kind: 'set-hive', hiveId: yard.hives[n % 2]!.id, note: `note ${n}` },
})
const perform = (held: HeldYard, entry: WaitingEdit): HeldYard => {
  const done = made(held, entry)
  if (!done.ok) throw new Error(done.problem.reason)
  return done.held
}

describe('a yard as a device kept it', () => {
  it('is what it was held as, wherever between keeping, sending and being saved the device died (property)', () => {
    fc.assert(
      fc.property(fc.nat(12), fc.nat(12), fc.nat(12), (changes, sentOf, keptOf) => {
        const sent = Math.min(sentOf, changes)
        const kept = Math.min(keptOf, sent)
        const all = Array.from({ length: changes }, (_, n) => change(n))
        let held = fresh({ yard, revision: 0 })
        for (const entry of all) held = perform(held, entry)
        let base = fresh({ yard, revision: 0 })
        for (let n = 0; n < sent; n++) {
          held = acknowledged(held, [all[n]!], n + 1)
          if (n < kept) base = { ...fresh({ yard: held.saved, revision: n + 1 }), log: [] }
        }
        const rows = all.map((entry, n): KeptChange => (n < sent ? { entry, sentAs: n + 1 } : { entry }))
        const { held: again, left } = rebuilt(base, rows)
        expect([again.yard, again.saved, again.revision]).toEqual([held.yard, held.saved, held.revision])
        expect(again.waiting).toEqual(held.waiting)
        expect(left).toEqual([])
      }),
    )
  })

  it('hands out what no longer applies, and keeps the rest', () => {
    const gone: WaitingEdit = { ...change(1), edit: { kind: 'remove-hive', hiveId: 'nowhere' } }
    const { held, left } = rebuilt(fresh({ yard, revision: 3 }), [{ entry: gone }, { entry: change(2) }])
    expect([held.waiting.map(({ id }) => id), held.revision]).toEqual([['e2'], 3])
    expect(left).toMatchObject([{ entries: [{ id: 'e1' }] }])
  })
})
