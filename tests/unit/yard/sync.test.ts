import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  applyEdit,
  clashesOf,
  partEdit,
  replay,
  settle,
  withReading,
  type Edit,
  type WaitingEdit,
  type Yard,
} from '#core/yard'
import { someEdit, twoHives } from '../../helpers/edits'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const lay = { id: 'lay', madeAt: '2026-05-01T09:30:00Z' }
const waiting = (edits: readonly Edit[]): WaitingEdit[] =>
  edits.map((edit, i) => ({ id: `m${i}`, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit }))
function after(yard: Yard, ...edits: readonly Edit[]): Yard {
  return edits.reduce((now, edit) => {
    const done = applyEdit(now, edit)
    if (!done.ok) throw new Error(`${edit.kind}: ${done.problem.reason}`)
    return done.yard
  }, yard)
}
const base = twoHives()
const [a, b] = base.hives as [Yard['hives'][0], Yard['hives'][0]]
const box = base.parts.find(({ id }) => id === a.stack[2]!.partId)!
const versions = (mine: readonly Edit[], since: readonly Edit[]) => ({
  base,
  mine: waiting(mine),
  theirs: after(base, ...since),
  since,
})
const measure: Edit = partEdit(
  box,
  withReading(box, { id: 'r', dimension: 'depth', mm: 241, plusMinusMm: 1, text: 'rule', at: '2026-05-01' }),
)
const worn: Edit = partEdit(box, { ...box, condition: 'worn' })
const takeTop = (hive: Yard['hives'][0]): Edit => ({
  kind: 'take-off',
  hiveId: hive.id,
  partId: hive.stack.at(-1)!.partId,
})

describe('mine and theirs', () => {
  it('go together where they touch different fields of one part: measured here, called worn there', () => {
    const both = versions([measure], [worn])
    expect(clashesOf(both)).toEqual([])
    const { yard } = replay(both.theirs, both.mine)
    expect(yard.parts.find(({ id }) => id === box.id)).toMatchObject({
      condition: 'worn',
      measured: { depth: { mm: 241 } },
      readings: [{ id: 'r' }],
    })
  })

  it('go together where two people measure one box, and where one renames a hive that the other takes apart', () => {
    const other = partEdit(
      box,
      withReading(box, { id: 'q', dimension: 'insideLength', mm: 466, plusMinusMm: 1, text: 'rule', at: '2026-05-01' }),
    )
    expect(
      clashesOf(versions([measure, { kind: 'set-hive', hiveId: a.id, name: 'Serge' }], [other, takeTop(a)])),
    ).toEqual([])
  })

  it('clash where both change one stack, one field, or one takes away what the other changes; and nowhere else', () => {
    const stack = clashesOf(versions([{ kind: 'set-yard', name: 'Mine' }, takeTop(a)], [takeTop(a)]))
    expect(stack.map(({ hiveId }) => hiveId)).toEqual([a.id])
    expect(
      clashesOf(versions([{ kind: 'set-yard', name: 'Mine' }], [{ kind: 'set-yard', name: 'Theirs' }])).map(
        ({ hiveId }) => hiveId,
      ),
    ).toEqual([null])
    expect(clashesOf(versions([measure], [{ kind: 'remove-hive', hiveId: a.id }])).map(({ hiveId }) => hiveId)).toEqual(
      [a.id],
    )
    expect(clashesOf(versions([{ kind: 'remove-hive', hiveId: a.id }], [measure])).map(({ hiveId }) => hiveId)).toEqual(
      [a.id],
    )
  })

  it('keep all of mine beside the hive that clashed: a renamed yard, a stocked part, an overridden size', () => {
    const stocked: Edit = {
      kind: 'stock-part',
      at: base.parts.length,
      part: { id: 'eke', patternId: 'eke-national', contents: [], hasHeld: [] },
    }
    const override: Edit = {
      kind: 'set-figure',
      name: 'wideMm',
      value: 10,
    }
    const swap: Edit = { kind: 'move-part', partId: a.stack[0]!.partId, fromHiveId: a.id, toHiveId: a.id, at: 1 }
    const both = versions(
      [{ kind: 'set-yard', name: 'Mine' }, swap, stocked, override],
      [takeTop(a), { kind: 'set-hive', hiveId: a.id, note: 'theirs' }],
    )
    for (const choice of ['mine', 'theirs'] as const) {
      const settled = settle(both, new Map([[a.id, choice]]), lay)
      expect(settled.left).toEqual([])
      expect(settled.yard).toMatchObject({ name: 'Mine', figures: [{ name: 'wideMm' }] })
      expect(settled.yard.parts.some(({ id }) => id === 'eke')).toBe(true)
      const stack = settled.yard.hives.find(({ id }) => id === a.id)!
      expect(stack.note).toBe('theirs')
      expect(stack.stack.map(({ partId }) => partId)).toEqual(
        (choice === 'mine' ? after(base, swap) : both.theirs).hives
          .find(({ id }) => id === a.id)!
          .stack.map(({ partId }) => partId),
      )
      expect(replay(both.theirs, settled.waiting)).toMatchObject({ yard: settled.yard, unfit: [] })
    }
  })

  it('bring a hive back that they removed, or a box that they put elsewhere, where mine is kept', () => {
    const gone = versions([measure], [{ kind: 'remove-hive', hiveId: a.id }])
    expect(settle(gone, new Map([[a.id, 'theirs']]), lay).yard).toEqual(gone.theirs)
    const moved = versions(
      [takeTop(a)],
      [{ kind: 'move-part', partId: box.id, fromHiveId: a.id, toHiveId: b.id, at: 0 }],
    )
    const mine = settle(
      moved,
      new Map([
        [a.id, 'mine'],
        [b.id, 'mine'],
      ]),
      lay,
    )
    expect(mine.yard.hives[0]!.stack.map(({ partId }) => partId)).toEqual(
      after(base, takeTop(a)).hives[0]!.stack.map(({ partId }) => partId),
    )
    expect(mine.yard.hives[1]!.stack.map(({ partId }) => partId)).not.toContain(box.id)
  })

  it('never lose an edit without a word: each of mine is sent, chosen against, or handed back (property)', () => {
    const steps = fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 8 })
    const live = (numbers: readonly (readonly [number, number, number, number])[], prefix: string) => {
      const makeId = counter(prefix)
      const edits: Edit[] = []
      let yard = base
      for (const four of numbers) {
        const edit = someEdit(yard, four, makeId)
        const done = applyEdit(yard, edit)
        if (!done.ok || (edit.kind === 'batch' && edit.edits.length === 0)) continue
        edits.push(edit)
        yard = done.yard
      }
      return { edits, yard }
    }
    fc.assert(
      fc.property(steps, steps, fc.boolean(), (mySteps, theirSteps, keepMine) => {
        const mine = live(mySteps, 'm')
        const theirs = live(theirSteps, 't')
        const both = { base, mine: waiting(mine.edits), theirs: theirs.yard, since: theirs.edits }
        const clashes = clashesOf(both)
        const settled = settle(
          both,
          new Map(clashes.map(({ hiveId }) => [hiveId, keepMine ? ('mine' as const) : ('theirs' as const)])),
          lay,
        )
        const again = replay(theirs.yard, settled.waiting)
        expect(again.unfit).toEqual([])
        expect(JSON.stringify(again.yard)).toBe(JSON.stringify(settled.yard))
        if (clashes.length === 0) expect(settled.waiting.length + settled.left.length).toBe(mine.edits.length)
      }),
      { numRuns: runs(400) },
    )
  })
})
