import { describe, expect, it } from 'vitest'
import { applyEdit, withFreshIdentities, type Part, type Stage } from '#core/hive'
import { assessHive } from '#core/assess'
import { build, counter, fitted, L, rulesOf, type Built, type Layer } from '../../helpers/hives'

const SLAB: Layer = ['slab-langstroth']
const ABSORBER: Layer = ['absorber-langstroth']
const HIVE = [L.floor, L.deep, L.crown, L.roof]

/** The rules about the season, with their severity. */
function seasonal({ assessment }: Pick<Built, 'assessment'>): string[] {
  return assessment.findings.filter(({ rule }) => rule.startsWith('season.')).map(({ rule, severity }) => `${rule.slice(7)} ${severity}`)
}
const hole = (state: 'open' | 'closed') => (part: Part): Part => (part.hole ? { ...part, hole: state } : part)

describe('the entrance by stage (common practice)', () => {
  it.each<[Stage, string | null, string[]]>([
    ['winter', null, ['no-guard watch', 'bare-top note']], ['winter', 'entrance-block', ['no-guard note', 'bare-top note']], ['winter', 'mouse-guard', ['bare-top note']], ['pack-down', null, ['no-guard watch', 'bare-top note']],
    ['settling', null, ['wide-entrance note']], ['settling', 'entrance-block', []], ['after-crop', null, ['wide-entrance note']], ['dearth', null, ['wide-entrance note']],
    ['flow', 'entrance-block', ['no-room watch', 'narrow-entrance note']], ['building-up', 'entrance-block', []], ['building-up', null, []],
    ['moving', null, ['travel-open mend', 'travel-roof note']], ['moving', 'entrance-mesh', ['travel-roof note']],
  ])('%s with %s', (stage, fitting, expected) => {
    expect(seasonal(fitting ? fitted(HIVE, fitting, { stage }) : build(HIVE, { stage }))).toEqual(expected)
  })

  it('an insert is out when it is warm', () => {
    const layers: Layer[] = [['floor-insert-langstroth'], L.deep, L.medium, L.crown, L.roof]
    expect(seasonal(fitted(layers, 'floor-insert-board', { stage: 'flow' }))).toEqual(['insert-in note'])
    expect(seasonal(fitted(layers, 'floor-insert-board', { stage: 'winter' }))).not.toContain('insert-in note')
  })
})

describe('the winter top, right and wrong (common practice)', () => {
  const top = (layers: readonly Layer[], change: (part: Part) => Part = (part) => part) => seasonal(build(layers, { stage: 'winter', change })).filter((one) => !/guard/.test(one))
  const thin = (patternId: string, dimension: 'depth' | 'fillDepth', mm: number) => (part: Part): Part => {
    const measured = { [dimension]: { mm, plusMinusMm: 0.5, source: { mark: 'measured' as const, text: 'rule' } } }
    return hole(patternId.startsWith('slab') ? 'closed' : 'open')(part.patternId === patternId ? { ...part, measured } : part)
  }
  it.each<[string, string[], string[]]>([
    ['closed and warm: hole closed', top([L.floor, L.deep, L.crown, SLAB, L.roof], hole('closed')), []],
    ['closed and warm: hole left open', top([L.floor, L.deep, L.crown, SLAB, L.roof], hole('open')), ['winter-hole mend']],
    ['closed and warm: slab of 20 mm', top([L.floor, L.deep, L.crown, SLAB, L.roof], thin('slab-langstroth', 'depth', 20)), ['thin-slab watch']],
    ['closed and warm: slab of 25 mm', top([L.floor, L.deep, L.crown, SLAB, L.roof], thin('slab-langstroth', 'depth', 25)), []],
    ['absorbing: hole open', top([L.floor, L.deep, L.crown, ABSORBER, L.roof], hole('open')), []],
    ['absorbing: shut off by the board', top([L.floor, L.deep, L.crown, ABSORBER, L.roof], hole('closed')), ['absorber-shut-off mend']],
    ['absorbing: 24 mm of chips', top([L.floor, L.deep, L.crown, ABSORBER, L.roof], thin('absorber-langstroth', 'fillDepth', 24)), ['thin-chips mend']],
    ['absorbing: 25 mm of chips', top([L.floor, L.deep, L.crown, ABSORBER, L.roof], thin('absorber-langstroth', 'fillDepth', 25)), []],
    ['bare', top(HIVE), ['bare-top note']],
  ])('%s', (_name, found, expected) => {
    expect(found).toEqual(expected)
  })

  it('says nothing of it in summer', () => {
    expect(seasonal(build([L.floor, L.deep, L.medium, L.crown, SLAB, L.roof], { stage: 'flow', change: hole('open') }))).toEqual([])
  })
})

describe('boxes by stage (common practice)', () => {
  it.each<[string, Stage, readonly Layer[], string]>([
    ['supers while mites are treated', 'after-crop', [L.floor, L.deep, L.medium, L.crown, L.roof], 'supers-in-treatment watch'], ['supers in winter', 'winter', [L.floor, L.deep, L.medium, L.crown, L.roof], 'supers-in-winter note'],
    ['a super on a colony that settles', 'settling', [L.floor, L.deep, L.medium, L.crown, L.roof], 'super-too-soon watch'], ['no room in the flow', 'flow', HIVE, 'no-room watch'],
  ])('%s', (_name, stage, layers, expected) => {
    expect(seasonal(build(layers, { stage }))).toContain(expected)
  })

  it('a box that has held brood does not become a super', () => {
    const spoilt = build([L.floor, L.deep, L.medium, L.crown, L.roof], { change: (part) => (part.patternId.includes('medium') ? { ...part, hasHeld: ['honey', 'brood'] } : part) })
    expect(seasonal(spoilt)).toEqual(['brood-kit mend'])
    expect(rulesOf(build([L.floor, L.deep, L.medium, L.crown, L.roof], { change: (part) => ({ ...part, hasHeld: ['honey'] }) }))).not.toContain('season.brood-kit')
  })
})

describe('remedies of the season', () => {
  it.each<[string, Built | ReturnType<typeof fitted>, string]>([
    ['a guard', build(HIVE, { stage: 'winter' }), 'season.no-guard'], ['a block', build(HIVE, { stage: 'settling' }), 'season.wide-entrance'], ['free the entrance', fitted(HIVE, 'entrance-block'), 'season.narrow-entrance'],
    ['close the hole', build([L.floor, L.deep, L.crown, SLAB, L.roof], { stage: 'winter', change: hole('open') }), 'season.winter-hole'], ['open the hole', build([L.floor, L.deep, L.crown, ABSORBER, L.roof], { stage: 'winter', change: hole('closed') }), 'season.absorber-shut-off'],
    ['the super off', build([L.floor, L.deep, L.medium, L.crown, L.roof], { stage: 'after-crop' }), 'season.supers-in-treatment'], ['mesh for the road', build(HIVE, { stage: 'moving' }), 'season.travel-open'],
  ])('%s: the finding goes away', (_name, { yard, assessment }, rule) => {
    const remedy = assessment.findings.find((one) => one.rule === rule)!.remedies[0]!
    const done = applyEdit(yard, withFreshIdentities(remedy.edit, counter('r')))
    if (!done.ok) throw new Error(done.problem.reason)
    expect(assessHive(done.yard, done.yard.hives[0]!).findings.map((one) => one.rule)).not.toContain(rule)
  })

  it('a hive without a floor has no entrance to speak of', () => {
    expect(seasonal(build([L.deep, L.crown, L.roof], { stage: 'winter' }))).toEqual(['bare-top note'])
  })
})
