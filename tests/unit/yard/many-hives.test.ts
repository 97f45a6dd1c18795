import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { applyEdit, emptyYard, type Edit, type Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { anyYard } from '../../helpers/any-yard'
import { twoHives } from '../../helpers/edits'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

function done(yard: Yard, edit: Edit): { yard: Yard; inverse: Edit } {
  const applied = applyEdit(yard, edit)
  if (!applied.ok) throw new Error(JSON.stringify(applied.problem))
  return applied
}

describe('hives copied several at once', () => {
  const copying = { count: 2, names: '* #', withHistory: true }

  it('stand each beside the one they are copied from, under free names', () => {
    const yard = twoHives()
    const { yard: now, inverse } = done(yard, deeds.copyHives(yard, yard.hives, copying, counter('new')))
    const [a, b] = yard.hives.map(({ name }) => name)
    expect(now.hives.map(({ name }) => name)).toEqual([a, `${a} 2`, `${a} 3`, b, `${b} 2`, `${b} 3`])
    expect(done(now, inverse).yard).toEqual(yard)
  })

  it('go on counting where a name is taken, and number one that is the same for all', () => {
    const yard = twoHives()
    const [first] = yard.hives
    const named: Yard = { ...yard, hives: [first!, { ...yard.hives[1]!, name: 'Nuc 2' }] }
    expect(deeds.namesOfCopies(named, [first!], { ...copying, names: 'Nuc #' })).toEqual(['Nuc 3', 'Nuc 4'])
    expect(deeds.namesOfCopies(named, [first!], { ...copying, names: 'Nuc' })).toEqual(['Nuc', 'Nuc (2)'])
  })

  it('have no visit under way, and without their history nothing was ever held or accepted', () => {
    const yard = twoHives()
    const hive = {
      ...yard.hives[0]!,
      note: 'Marked queen',
      accepted: [{ findingKey: 'x', measuredMm: null, reason: 'y' }],
    }
    const before: Yard = { ...yard, hives: [hive, yard.hives[1]!] }
    const copy = (withHistory: boolean) =>
      done(before, deeds.copyHives(before, [hive], { count: 1, names: '*', withHistory }, counter('c'))).yard
    expect(copy(true).hives[1]).toMatchObject({ note: 'Marked queen' })
    expect(copy(true).hives[1]!.visit).toBeUndefined()
    const bare = copy(false)
    expect(bare.hives[1]).toMatchObject({ note: '', accepted: [] })
    const own = new Set(bare.hives[1]!.stack.map(({ partId }) => partId))
    expect(bare.parts.filter(({ id }) => own.has(id)).flatMap(({ hasHeld }) => hasHeld)).toEqual([])
  })
})

describe('hives moved to another yard', () => {
  it('come with all their parts and keep their identities; both yards go back (property)', () => {
    fc.assert(
      fc.property(anyYard, fc.nat(3), (from, which) => {
        fc.pre(from.hives.length > 0)
        const hive = from.hives[which % from.hives.length]!
        const to = emptyYard('there', 'Kiln Bank')
        const { into, out } = deeds.moveHives(from, to, [hive], counter('m'))
        const there = done(to, into)
        const left = done(from, out)
        expect(there.yard.hives.map(({ id }) => id)).toEqual([hive.id])
        expect(there.yard.parts.length + left.yard.parts.length).toBe(from.parts.length)
        expect(done(there.yard, there.inverse).yard).toEqual(to)
        expect(done(left.yard, left.inverse).yard).toEqual(from)
      }),
      { numRuns: runs(60) },
    )
  })

  it('get identities of their own where theirs are taken, and a free name', () => {
    const from = twoHives()
    const to = { ...twoHives(), id: 'other' }
    const { into } = deeds.moveHives(from, to, [from.hives[0]!], counter('m'))
    const { yard } = done(to, into)
    expect(yard.hives).toHaveLength(3)
    expect(yard.hives[2]!.name).toBe(`${from.hives[0]!.name} (2)`)
    expect(new Set(yard.parts.map(({ id }) => id)).size).toBe(yard.parts.length)
  })
})
