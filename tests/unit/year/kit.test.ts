import { describe, expect, it } from 'vitest'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import { buildHive, emptyYard, type Yard } from '#core/yard'
import { kitOf, stagesOf, supersPerHive, writeYear } from '#core/year'
import { counter } from '../../helpers/hives'

const STACK: readonly (readonly [string, Role?])[] = [
  ['stand-timber-200'],
  ['floor-mesh-national'],
  ['box-national-brood', 'brood'],
  ['excluder-framed-national'],
  ['box-national-super', 'super'],
  ['crown-national'],
  ['roof-telescoping-national'],
]

function yardOf(hives: number, supers: number, shed: readonly Partial<Part>[] = []): Yard {
  const built = Array.from({ length: hives }, (_, i) =>
    buildHive({ name: `Hive ${i}`, stage: 'flow', stack: STACK }, CATALOGUE, counter(`h${i}/`)),
  )
  const stored = shed.map((part, i): Part => ({
    id: `shed${i}`,
    patternId: 'box-national-super',
    contents: [],
    hasHeld: [],
    ...part,
  }))
  return {
    ...emptyYard('y', 'Sallow Quay'),
    season: { way: { supers, winterTop: 'bare' } },
    hives: built.map(({ hive }) => hive),
    parts: [...built.flatMap(({ parts }) => parts), ...stored],
  }
}
const demand = (yard: Yard, patternId: string) =>
  kitOf(yard, writeYear(yard), stagesOf(yard)).find((line) => line.patternId === patternId)

describe('kit over the year', () => {
  it(
    'by hand: two hives, three supers each, one on each and one in the shed leave three to ' + 'get, from the flow on',
    () => {
      expect(demand(yardOf(2, 3, [{}]), 'box-national-super')).toMatchObject({ owned: 3, short: 3, shortFrom: 'flow' })
    },
  )

  it('needs nothing at a stage at which nothing stands, and counts every hive', () => {
    const line = demand(yardOf(2, 3), 'box-national-super')!
    expect([line.needed.get('flow'), line.needed.get('supering'), line.needed.get('winter') ?? 0]).toEqual([6, 2, 0])
    expect(line.toGet.get('supering') ?? 0).toBe(0)
  })

  it('a super that has held brood is owned and does not help', () => {
    expect(demand(yardOf(1, 2, [{ hasHeld: ['brood'] }]), 'box-national-super')).toMatchObject({ owned: 2, short: 1 })
  })

  it('a super that is lent is not there, one that is borrowed is', () => {
    const loan = { name: 'the club', since: '2026-04-01' }
    expect(demand(yardOf(1, 2, [{ lent: loan }]), 'box-national-super')).toMatchObject({ owned: 1, short: 1 })
    expect(demand(yardOf(1, 2, [{ borrowed: loan }]), 'box-national-super')).toMatchObject({ owned: 2, short: 0 })
    expect(supersPerHive(yardOf(1, 2, [{ lent: loan }]), (id) => id === 'box-national-super')).toBe(1)
  })

  it('what is to be had comes with its frames', () => {
    const line = demand(yardOf(1, 3), 'box-national-super')!
    expect([...line.frames.values()].reduce((sum, count) => sum + count, 0)).toBe(
      2 * CATALOGUE.patterns.get('box-national-super')!.normalContents!.count,
    )
  })

  it('supers for each hive: those on hives and sound ones of the shed', () => {
    const isSuper = (id: string) => id === 'box-national-super'
    expect(supersPerHive(yardOf(2, 2, [{}, { hasHeld: ['brood'] }]), isSuper)).toBe(1.5)
    expect(supersPerHive(emptyYard('e', 'Empty'), isSuper)).toBe(0)
  })
})
