import { describe, expect, it } from 'vitest'
import { CATALOGUE, catalogueOf, overrideKey, combAreaDm2 } from '#core/parts'
import { boxOfPattern, arrangements, cellsOfFrame, cellsPerDm2, insideLitres, roomOf, uniformKit } from '#core/stack'
import { applyEdit, emptyYard, planOf, planProblem, upgraded, type Yard } from '#core/yard'
import type { Length } from '#core/units'
import { L, N, assessFirst, build, gapBetween, type Layer } from '../../helpers/hives'

const frame = (id: string) => CATALOGUE.hanging.get(id)!
const box = (id: string) => boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE).resolved
const own = (mm: number): Length => ({ mm, plusMinusMm: 0, source: { mark: 'own', text: 'test' } })

describe('comb, cells and litres', () => {
  it.each([
    ['frame-langstroth-deep', 8.71],
    ['frame-langstroth-medium', 5.58],
    ['frame-langstroth-shallow', 4.63],
    ['frame-langstroth-jumbo', 11.02],
    ['frame-national-deep', 6.62],
    ['frame-national-shallow', 4.06],
    ['frame-national-14x12', 9.62],
  ])('%s has %d dm² of comb a side', (id, dm2) => {
    expect(combAreaDm2(frame(id))).toBeCloseTo(dm2, 1)
  })

  it('has about 6 900 cells in a deep Langstroth frame and 5 250 in a National deep at 5.4 mm', () => {
    expect(cellsOfFrame(frame('frame-langstroth-deep'), 5.4) / 100).toBeCloseTo(69, 0)
    expect(Math.abs(cellsOfFrame(frame('frame-national-deep'), 5.4) - 5250)).toBeLessThan(25)
    expect(cellsPerDm2(5.4)).toBeCloseTo(396, 0)
  })

  it('holds 42.7, 36.2 and 35.2 litres; two mediums are 1.38 deeps, two deeps 1.185 of deep and medium', () => {
    expect(insideLitres(box('box-langstroth-deep'))).toBeCloseTo(42.7, 1)
    expect(insideLitres(box('box-langstroth-8-deep'))).toBeCloseTo(36.2, 1)
    expect(insideLitres(box('box-national-brood'))).toBeCloseTo(35.2, 1)
    const litres = Object.fromEntries(arrangements(CATALOGUE, 5.4).map(({ name, room }) => [name, room.litres]))
    expect(litres['two mediums']! / litres['one Langstroth deep']!).toBeCloseTo(1.38, 2)
    expect(litres['two deeps']! / litres['deep and medium']!).toBeCloseTo(1.185, 3)
  })

  it('adds up box by box', () => {
    const one = roomOf([box('box-national-brood')], 5.4)
    const two = roomOf([box('box-national-brood'), box('box-national-super')], 5.4)
    expect(two.cells).toBeCloseTo(one.cells + roomOf([box('box-national-super')], 5.4).cells, 6)
    expect(one.frames).toBe(11)
  })
})

describe('room for the queen', () => {
  const room = (layers: readonly Layer[], stage: 'flow' | 'winter' | 'settling' = 'flow') =>
    build(layers, { stage }).assessment.findings.find(({ rule }) => rule.startsWith('room.'))

  it('is enough in a deep, a National and an 8-frame deep, and too little in a nucleus', () => {
    expect(room([L.floor, L.deep, L.roof])).toBeUndefined()
    expect(room([N.floor, N.brood, N.roof])).toBeUndefined()
    expect(room([L.floor, ['box-langstroth-8-deep', 'brood'], L.roof])).toBeUndefined()
    expect(room([L.floor, ['box-langstroth-5-deep', 'brood'], L.roof])).toMatchObject({
      rule: 'room.brood',
      severity: 'mend',
    })
    expect(room([L.floor, ['box-langstroth-medium', 'brood'], L.roof])).toMatchObject({
      rule: 'room.brood',
      severity: 'watch',
    })
    expect(room([L.floor, ['box-langstroth-5-deep', 'brood'], L.roof], 'winter')).toBeUndefined()
  })

  it('asks for half as much again for a prolific strain', () => {
    const built = build([N.floor, N.brood, N.roof])
    const prolific: Yard = { ...built.yard, prolific: true }
    expect(assessFirst(prolific).findings.find(({ rule }) => rule === 'room.brood')).toMatchObject({
      severity: 'mend',
      facts: { needCells: 63_000 },
    })
  })

  it('warns of two boxes on a colony that settles', () => {
    expect(room([L.floor, L.deep, L.deep, L.roof], 'settling')).toMatchObject({ rule: 'room.too-much' })
  })
})

describe('uniform kit', () => {
  it('counts depths and frame sizes, and what one size would replace', () => {
    const { yard } = build([L.floor, L.deep, L.deep, L.medium, L.roof])
    expect(uniformKit(yard)).toMatchObject({
      boxes: 3,
      depths: [{ count: 2 }, { count: 1 }],
      frames: [{ patternId: 'frame-langstroth-deep', count: 20 }, { count: 10 }],
      boxesToReplace: 1,
      framesToReplace: 10,
    })
  })
})

describe('figures of one’s own', () => {
  it('overwrite a pattern for this yard, change what follows, and are taken back', () => {
    const built = build([N.floor, N.brood, N.crown, N.roof])
    const key = overrideKey('crown-national', 'rimDepth')
    const set = applyEdit(built.yard, { kind: 'set-override', key, length: own(5) })
    if (!set.ok) throw new Error()
    expect(assessFirst(set.yard).gaps.find(({ place }) => place === 'cover')!.mm).toBe(5)
    const back = applyEdit(set.yard, set.inverse)
    expect(back.ok && back.yard).toEqual(built.yard)
    expect(gapBetween(built, 1, 2).mm).toBe(7)
  })

  it('overwrite a limit and a frame', () => {
    const built = build([L.floor, L.deep, L.deep, L.crown, L.roof])
    const limit = applyEdit(built.yard, { kind: 'set-figure', name: 'beeSpaceMaxMm', value: 12.7 })
    expect(limit.ok && assessFirst(limit.yard).gaps[1]).toMatchObject({ verdict: 'bee-space' })
    const taller = applyEdit(built.yard, {
      kind: 'set-override',
      key: overrideKey('frame-langstroth-deep', 'height'),
      length: own(235),
    })
    expect(taller.ok && assessFirst(taller.yard).gaps[1]!.mm).toBeCloseTo(12.7 - 3.225, 3)
  })

  it('keep a pattern of one’s own like any other, and refuse to lose one in use', () => {
    const built = build([N.floor, N.brood, N.roof])
    const mine = {
      ...CATALOGUE.patterns.get('box-national-super')!,
      id: 'own-super',
      own: true,
      label: { british: 'Uncle’s super', northAmerican: 'Uncle’s super' },
    }
    const kept = applyEdit(built.yard, { kind: 'set-pattern', patternId: mine.id, pattern: mine })
    if (!kept.ok) throw new Error()
    expect(catalogueOf(kept.yard).patterns.get('own-super')).toBe(mine)
    expect(planProblem(planOf([kept.yard]))).toBeUndefined()
    expect(planProblem(planOf([{ ...kept.yard, patterns: [mine, mine] }]))).toMatchObject({ problem: 'pattern-taken' })
    const used = applyEdit(kept.yard, {
      kind: 'stock-part',
      at: 0,
      part: { id: 'p', patternId: mine.id, contents: [], hasHeld: [] },
    })
    expect(used.ok && applyEdit(used.yard, { kind: 'set-pattern', patternId: mine.id, pattern: null })).toMatchObject({
      ok: false,
      problem: { reason: 'pattern-in-use' },
    })
    const gone = applyEdit(kept.yard, { kind: 'set-pattern', patternId: mine.id, pattern: null })
    expect(gone.ok && gone.yard).toEqual(built.yard)
    expect(gone.ok && applyEdit(gone.yard, gone.inverse)).toMatchObject({ ok: true, yard: kept.yard })
  })

  it('stock and drop parts of the shed', () => {
    const yard = emptyYard('y', 'Y')
    const stocked = applyEdit(yard, {
      kind: 'stock-part',
      at: 0,
      part: { id: 'p', patternId: 'eke-national', contents: [], hasHeld: ['honey'], condition: 'worn' },
    })
    expect(stocked.ok && applyEdit(stocked.yard, stocked.inverse)).toMatchObject({ ok: true, yard })
    const { yard: standing, at } = build([N.floor, N.brood])
    expect(applyEdit(standing, { kind: 'drop-part', partId: at(1) })).toMatchObject({
      ok: false,
      problem: { reason: 'part-already-placed' },
    })
  })

  it('open plan files of the first version', () => {
    const { prolific: _p, overrides: _o, patterns: _q, hanging: _h, ...first } = emptyYard('y', 'Y')
    expect(upgraded({ format: 'duvet-plan', version: 1, yards: [first] })).toEqual(planOf([emptyYard('y', 'Y')]))
    expect(upgraded({ version: 8 })).toEqual({ version: 8 })
  })
})
