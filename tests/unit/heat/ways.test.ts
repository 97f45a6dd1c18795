import { describe, expect, it } from 'vitest'
import { CATALOGUE, withSizes, isAbsorber, isBox, isCrown, isEntranceFitting, isSlab, isWrap } from '#core/parts'
import { foodNeedOf, stagesOf, writeHive } from '#core/year'
import { applyEdit, isCold, type Hive, type Yard, type Way } from '#core/yard'
import { hiveIn, plannedHiveIn, hiveByWay, winterForm, winterOf, winterWays, withWay } from '#core/ask'
import { lossWPerK, stateOf } from '#core/heat'
import { winterSheet, winterWayCase, winterWayWord } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { build, L, N, type Layer } from '../../helpers/hives'

const READER = { units: 'mm', vocabulary: 'british' } as const
const one = (layers: readonly Layer[], season: Yard['season'] = {}): Yard => ({
  ...build(layers, { stage: 'flow' }).yard,
  season,
})
const STACK = [L.stand, L.floor, L.deep, L.deep, L.framed, L.medium, L.crown, L.roof]
const at = (yard: Yard, stage: 'winter' | 'building-up' | 'flow', way: Partial<Way>) => {
  const hive = { ...yard.hives[0]!, season: { way } }
  return plannedHiveIn({ ...yard, hives: [hive] }, writeHive(yard, hive, [stage]).stages.get(stage)!)
}

describe('a year that knows wraps, doors and chosen parts', () => {
  it('puts a wrap on in the cold and keeps it while brood needs warmth; it is to be got, and off in the flow', () => {
    const yard = one(STACK)
    const wraps = (stage: 'winter' | 'building-up' | 'flow') =>
      at(yard, stage, { wrap: 'wrap' }).assembled.attached.filter(isWrap)
    expect(wraps('winter')).toHaveLength(1)
    expect(wraps('winter')[0]!.part.id).toMatch(/^want:/)
    expect(wraps('building-up')).toHaveLength(1)
    expect(wraps('flow')).toHaveLength(0)
    expect(at(yard, 'winter', { wrap: 'none' }).assembled.attached.some(isWrap)).toBe(false)
  })

  it('closes the door in the cold as is said, and as usual in the warmth', () => {
    const door = (winterDoor: Way['winterDoor']) =>
      at(one(STACK), 'winter', { winterDoor }).assembled.attached.filter(isEntranceFitting)
    expect(door('guard')[0]?.pattern.use).toBe('guard')
    expect(door('narrow')[0]?.pattern.use).toBe('narrow')
    expect(door('open')).toHaveLength(0)
  })

  it('takes the slab, wrap or crown that is named, and any where the catalogue has no such thing', () => {
    const yard = one(STACK)
    const panel = withSizes(
      { ...CATALOGUE.patterns.get('slab-langstroth')!, id: 'own-panel', own: true, rValue: 5.6 },
      { depth: { mm: 20, plusMinusMm: 0, source: { mark: 'own', text: 'mine' } } },
    )
    const kept = applyEdit(yard, deeds.keepPattern(panel))
    if (!kept.ok) throw new Error('not kept')
    const way = { winterTop: 'condensing' as const, winterParts: { slab: 'own-panel' } }
    const slabs = (of: Yard) =>
      at(of, 'winter', way)
        .assembled.stack.filter(isSlab)
        .map(({ part }) => part.patternId)
    expect(slabs(kept.yard)).toEqual(['own-panel'])
    expect(slabs(yard)).toEqual(['slab-langstroth'])
    const film = at(yard, 'winter', { winterParts: { crown: 'crown-film-langstroth' } }).assembled.stack.filter(isCrown)
    expect(film.map(({ part }) => part.patternId)).toEqual(['crown-film-langstroth'])
  })

  it('a thin panel with a high R is no finding; its R is what counts', () => {
    const panel = withSizes(
      { ...CATALOGUE.patterns.get('slab-langstroth')!, id: 'own-panel', own: true, rValue: 5.6 },
      { depth: { mm: 12, plusMinusMm: 0, source: { mark: 'own', text: 'mine' } } },
    )
    const kept = applyEdit(one(STACK), deeds.keepPattern(panel))
    if (!kept.ok) throw new Error('not kept')
    const hive = at(kept.yard, 'winter', { winterTop: 'condensing', winterParts: { slab: 'own-panel' } })
    expect(hive.assessment.findings.map(({ rule }) => rule).filter((rule) => /top|slab|cold/.test(rule))).toEqual([])
  })
})

describe('a wrap round given boxes', () => {
  it('goes round the boxes that are chosen, and round all again where none is; taken back as it was', () => {
    const yard = one([L.floor, L.deep, L.deep, L.crown, L.roof])
    const hive = yard.hives[0]!
    const wrap = { id: 'wrap', patternId: 'wrap-foam', contents: [], hasHeld: [] }
    const attached = applyEdit(yard, deeds.attach(hive, wrap, { place: 'around' }))
    if (!attached.ok) throw new Error('not attached')
    const lower = hive.stack[1]!.partId
    const lost = (of: Yard) => lossWPerK(winterOf(hiveIn(of, of.hives[0]!)).shell.enclosure)
    const some = applyEdit(attached.yard, deeds.setRound(attached.yard.hives[0]!, wrap, [lower]))
    if (!some.ok) throw new Error('not set')
    expect(some.yard.hives[0]!.attachments).toEqual([{ partId: 'wrap', place: 'around', round: [lower] }])
    expect(lost(some.yard)).toBeGreaterThan(lost(attached.yard))
    expect(lost(some.yard)).toBeLessThan(lost(yard))
    const back = applyEdit(some.yard, some.inverse)
    expect(back.ok && back.yard.hives[0]!.attachments).toEqual(attached.yard.hives[0]!.attachments)
    const all = applyEdit(some.yard, deeds.setRound(some.yard.hives[0]!, wrap, []))
    expect(all.ok && all.yard.hives[0]!.attachments).toEqual(attached.yard.hives[0]!.attachments)
  })
})

describe('ways of wintering beside each other', () => {
  it.each([
    ['Langstroth', STACK],
    ['National', [N.floor, N.brood, N.crown, N.roof]],
    ['a box alone', [L.deep]],
  ] as const)('%s: each way is the hive with that one thing changed, and has its case', (_name, layers) => {
    const yard = one(layers)
    const hive = yard.hives[0]!
    const known = winterForm(yard, hive)
    const ways = winterWays(known)
    expect(ways.length).toBeGreaterThan(12)
    expect(new Set(ways.map(({ id }) => id)).size).toBe(ways.length)
    for (const way of ways) {
      const other = hiveByWay(yard, hive, 'winter', way)
      expect(other, way.id).toBeDefined()
      expect(hiveByWay(yard, hive, 'winter', way)).toBe(other)
      const { watts } = stateOf(
        winterOf(other!).shell,
        { outsideCelsius: -5, beesKg: 1.6, inside: { warm: 'cluster' } },
        known.context.figures,
      )
      expect(watts, way.id).toBeGreaterThan(0)
      expect(winterWayWord(way, READER).length).toBeGreaterThan(3)
      expect(Object.values(winterWayCase(way, READER)).every((text) => text.length > 10)).toBe(true)
    }
  })

  it('a top of each school is that top', () => {
    const yard = one(STACK)
    const hive = yard.hives[0]!
    const by = (id: string) =>
      hiveByWay(
        yard,
        hive,
        'winter',
        winterWays(winterForm(yard, hive)).find((way) => way.id === id)!,
      )!
    expect(by('top:absorbing').assembled.stack.some(isAbsorber)).toBe(true)
    expect(by('top:bare').assembled.stack.some((part) => isSlab(part) || isAbsorber(part))).toBe(false)
    expect(by('size:one').assembled.stack.filter(isBox)).toHaveLength(1)
    const nucleus = by('size:box-double-nucleus')
    expect(winterOf(nucleus).shell.enclosure.colonies).toBe(2)
  })

  it('keeps what was named before where it names something else', () => {
    expect(
      withWay({ floor: 'solid', winterParts: { slab: 'a' } }, { wrap: 'wrap', winterParts: { wrap: 'b' } }),
    ).toEqual({
      floor: 'solid',
      wrap: 'wrap',
      winterParts: { slab: 'a', wrap: 'b' },
    })
    expect(withWay(undefined, { floor: 'mesh' })).toEqual({ floor: 'mesh' })
  })
})

describe('the winter of a hive', () => {
  it('has one need, that of the rule, with its heat beside it; two boxes burn no less than one', () => {
    const yard = one(STACK)
    const hive = yard.hives[0]!
    const two = winterOf(winterForm(yard, hive))
    const food = two.food()
    expect(food.need).toEqual(foodNeedOf(hiveIn(yard, hive).context))
    expect(food.months).toHaveLength(6)
    const single = hiveByWay(
      yard,
      hive,
      'winter',
      winterWays(winterForm(yard, hive)).find(({ id }) => id === 'size:one')!,
    )!
    expect(winterOf(single).food().byHeat.middle).toBeLessThanOrEqual(food.byHeat.middle)
    expect(['rule', 'heat', 'alike']).toContain(food.more)
  })

  it('counts with bees as last counted, and with the means of the yard', () => {
    const yard = one(STACK, { winterMeansCelsius: [5, 0, -5, -10, -8, -2] })
    const counted = { ...yard.hives[0]!, season: { winterBeesKg: 0.8 } }
    const winter = winterOf(winterForm({ ...yard, hives: [counted] }, counted))
    expect(winter.beesKg).toBe(0.8)
    expect(winter.months.map(({ celsius }) => celsius)).toEqual([5, 0, -5, -10, -8, -2])
    const usual = winterOf(winterForm(yard, yard.hives[0]!))
    expect(winter.food().byHeat.middle).toBeLessThan(usual.food().byHeat.middle)
  })

  it('stands as it is in the cold, and is planned for winter else', () => {
    const flow = one(STACK)
    expect(winterForm(flow, flow.hives[0]!).hive.stage).toBe('winter')
    const cold = { ...flow.hives[0]!, stage: 'late-winter-check' as const }
    expect(winterForm({ ...flow, hives: [cold] }, cold).hive).toBe(cold)
    expect(stagesOf(flow).filter(isCold).length).toBeGreaterThan(1)
  })

  it('is one page: off, on, close, why, with the figures and the caution', () => {
    const yard = one(STACK)
    const hive: Hive = { ...yard.hives[0]!, season: { way: { winterTop: 'condensing' } } }
    const wintering = winterForm(yard, hive)
    const winter = winterOf(wintering)
    const state = stateOf(
      winter.shell,
      { outsideCelsius: -5, beesKg: 1.6, inside: { warm: 'cluster' } },
      wintering.context.figures,
    )
    const standing = hiveIn(yard, hive)
    const before = stateOf(
      winterOf(standing).shell,
      { outsideCelsius: -5, beesKg: 1.6, inside: { warm: 'cluster' } },
      standing.context.figures,
    )
    const sheet = winterSheet({ standing, wintering, before, state, food: winter.food() }, READER)
    expect(sheet.steps.map(({ text }) => text).join('\n')).toMatch(/Off: super[\s\S]*On: mouse guard/)
    const told = sheet.steps.find(({ text }) => text.includes('slab'))
    expect(told?.note).toMatch(/The top loses [\d.]+ W as it stands, [\d.]+ W so\. Wet from: top from/)
    const lost = sheet.tables[0]!.rows.reduce((sum, [, watts]) => sum + Number.parseFloat(watts!), 0)
    expect(lost).toBeCloseTo(state.watts - state.airWatts, 0)
    expect(sheet.tables[1]!.columns.slice(1, -1)).toHaveLength(6)
    expect(sheet.caution).toMatch(/mites first/)
    expect(sheet.lines.join(' ')).toMatch(/The rule of this climate asks for 16 to 20 kg/)
  })
})
