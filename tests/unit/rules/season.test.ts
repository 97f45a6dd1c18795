import { describe, expect, it } from 'vitest'
import { applyEdit, CLIMATES, withFreshIdentities, type Climate, type Yard, type Stage } from '#core/yard'
import { type AbsorberFeature, type Content, type Part, CATALOGUE, withSizes } from '#core/parts'
import { assessHive, type AsOf, remediesOf, storesByModelKg } from '#core/rules'
import { hiveIn, liftsOfHive } from '#core/ask'
import { CALENDARS, writeYear } from '#core/year'
import { assembleHive, partsById } from '#core/stack'
import { USUAL_PROFILE } from '#core/loads'
import { build, counter, fitted, L, rulesOf, type Built, type Layer } from '../../helpers/hives'

const SLAB: Layer = ['slab-langstroth']
const ABSORBER: Layer = ['absorber-langstroth']
const VENT: Layer = ['vent-rim-langstroth']
const POLY: Layer[] = [
  ['floor-mesh-poly-langstroth'],
  ['box-poly-langstroth-deep', 'brood'],
  ['crown-poly-langstroth'],
  ['slab-poly-langstroth'],
  ['roof-flush-poly-langstroth'],
]
const HIVE = [L.floor, L.deep, L.crown, L.roof]

/** The rules about the season, with their severity. */
function seasonal({ assessment }: Pick<Built, 'assessment'>): string[] {
  return assessment.findings
    .filter(({ rule }) => rule.startsWith('season.') && rule !== 'season.short-of-food')
    .map(({ rule, severity }) => `${rule.slice(7)} ${severity}`)
}
const hole =
  (state: 'open' | 'closed') =>
  (part: Part): Part =>
    part.hole ? { ...part, hole: state } : part

describe('the entrance by stage (common practice)', () => {
  it.each<[Stage, string | null, string[]]>([
    ['winter', null, ['no-guard watch', 'bare-top watch']],
    ['winter', 'entrance-block', ['bare-top watch', 'no-guard note', 'lower-opening note']],
    ['winter', 'mouse-guard', ['bare-top watch', 'lower-opening note']],
    ['pack-down', null, ['no-guard watch', 'bare-top watch']],
    ['settling', null, ['wide-entrance note']],
    ['settling', 'entrance-block', []],
    ['after-crop', null, ['wide-entrance note']],
    ['dearth', null, ['wide-entrance note']],
    ['flow', 'entrance-block', ['no-room watch', 'narrow-entrance note']],
    ['crop', 'entrance-block', []],
    ['building-up', 'entrance-block', []],
    ['building-up', null, []],
    ['moving', null, ['travel-air stop', 'travel-open mend']],
    ['moving', 'entrance-mesh', ['travel-air stop']],
    ['flow', 'entrance-mesh', ['shut-in stop', 'no-room watch', 'narrow-entrance note']],
    ['after-crop', 'robbing-screen', []],
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
  const top = (layers: readonly Layer[], change: (part: Part) => Part = (part) => part) =>
    seasonal(build(layers, { stage: 'winter', change })).filter((one) => !/guard/.test(one))
  const lacking =
    (...lacks: AbsorberFeature[]) =>
    (part: Part): Part =>
      part.patternId === 'absorber-langstroth' ? { ...part, lacks } : hole('open')(part)
  const thinPoly = (part: Part) => thin('slab-poly-langstroth', 'depth', 25)(part)
  const thin =
    (patternId: string, dimension: 'depth' | 'fillDepth', mm: number) =>
    (part: Part): Part => {
      const measured = { [dimension]: { mm, plusMinusMm: 0.5, source: { mark: 'measured' as const, text: 'rule' } } }
      return hole(patternId.startsWith('slab') ? 'closed' : 'open')(
        part.patternId === patternId ? { ...part, measured } : part,
      )
    }
  it.each<[string, string[], string[]]>([
    ['closed and warm: hole closed', top([L.floor, L.deep, L.crown, SLAB, L.roof], hole('closed')), []],
    [
      'closed and warm: hole left open',
      top([L.floor, L.deep, L.crown, SLAB, L.roof], hole('open')),
      ['winter-hole mend'],
    ],
    [
      'closed and warm: slab of 20 mm',
      top([L.floor, L.deep, L.crown, SLAB, L.roof], thin('slab-langstroth', 'depth', 20)),
      [],
    ],
    [
      'closed and warm: slab of 25 mm',
      top([L.floor, L.deep, L.crown, SLAB, L.roof], thin('slab-langstroth', 'depth', 25)),
      [],
    ],
    ['absorbing: hole open', top([L.floor, L.deep, L.crown, ABSORBER, L.roof], hole('open')), []],
    [
      'absorbing: shut off by the board',
      top([L.floor, L.deep, L.crown, ABSORBER, L.roof], hole('closed')),
      ['absorber-shut-off mend'],
    ],
    [
      'absorbing: 24 mm of chips',
      top([L.floor, L.deep, L.crown, ABSORBER, L.roof], thin('absorber-langstroth', 'fillDepth', 24)),
      ['thin-chips mend'],
    ],
    [
      'absorbing: 25 mm of chips',
      top([L.floor, L.deep, L.crown, ABSORBER, L.roof], thin('absorber-langstroth', 'fillDepth', 25)),
      [],
    ],
    ['bare', top(HIVE), ['bare-top watch']],
    [
      'absorbing: without a screen',
      top([L.floor, L.deep, L.crown, ABSORBER, L.roof], lacking('screen')),
      ['absorber-lacks mend'],
    ],
    [
      'absorbing: without vent holes or screen',
      top([L.floor, L.deep, L.crown, ABSORBER, L.roof], lacking('screen', 'vent-holes')),
      ['absorber-lacks mend', 'absorber-lacks mend'],
    ],
    ['vented: under a slab, hole open', top([L.floor, L.deep, L.crown, VENT, SLAB, L.roof], hole('open')), []],
    [
      'vented: hole closed',
      top([L.floor, L.deep, L.crown, VENT, SLAB, L.roof], hole('closed')),
      ['vent-shut-off mend'],
    ],
    ['vented: nothing over it', top([L.floor, L.deep, L.crown, VENT, L.roof], hole('open')), ['vent-cold watch']],
    ['closed: 25 mm of foam over 40 mm walls of foam', top(POLY, thinPoly), ['cold-top watch', 'mesh-wind note']],
    ['closed: 50 mm of foam over the same', top(POLY, hole('closed')), ['mesh-wind note']],
  ])('%s', (_name, found, expected) => {
    expect(found).toEqual(expected)
  })

  it('says nothing of it in summer', () => {
    expect(
      seasonal(build([L.floor, L.deep, L.medium, L.crown, SLAB, L.roof], { stage: 'flow', change: hole('open') })),
    ).toEqual([])
  })
})

describe('boxes by stage (common practice)', () => {
  it.each<[string, Stage, readonly Layer[], string]>([
    [
      'supers while mites are treated',
      'after-crop',
      [L.floor, L.deep, L.medium, L.crown, L.roof],
      'supers-in-treatment watch',
    ],
    ['supers in winter', 'winter', [L.floor, L.deep, L.medium, L.crown, L.roof], 'supers-in-winter note'],
    [
      'a super on a colony that settles',
      'settling',
      [L.floor, L.deep, L.medium, L.crown, L.roof],
      'super-too-soon watch',
    ],
    ['no room in the flow', 'flow', HIVE, 'no-room watch'],
  ])('%s', (_name, stage, layers, expected) => {
    expect(seasonal(build(layers, { stage }))).toContain(expected)
  })

  it('a box that has held brood does not become a super', () => {
    const spoilt = build([L.floor, L.deep, L.medium, L.crown, L.roof], {
      change: (part) => (part.patternId.includes('medium') ? { ...part, hasHeld: ['honey', 'brood'] } : part),
    })
    expect(seasonal(spoilt)).toEqual(['brood-kit mend'])
    expect(
      rulesOf(
        build([L.floor, L.deep, L.medium, L.crown, L.roof], { change: (part) => ({ ...part, hasHeld: ['honey'] }) }),
      ),
    ).not.toContain('season.brood-kit')
  })
})

describe('remedies of the season', () => {
  it.each<[string, Built | ReturnType<typeof fitted>, string]>([
    ['a guard', build(HIVE, { stage: 'winter' }), 'season.no-guard'],
    ['a block', build(HIVE, { stage: 'settling' }), 'season.wide-entrance'],
    ['free the entrance', fitted(HIVE, 'entrance-block'), 'season.narrow-entrance'],
    [
      'close the hole',
      build([L.floor, L.deep, L.crown, SLAB, L.roof], { stage: 'winter', change: hole('open') }),
      'season.winter-hole',
    ],
    [
      'open the hole',
      build([L.floor, L.deep, L.crown, ABSORBER, L.roof], { stage: 'winter', change: hole('closed') }),
      'season.absorber-shut-off',
    ],
    [
      'the super off',
      build([L.floor, L.deep, L.medium, L.crown, L.roof], { stage: 'after-crop' }),
      'season.supers-in-treatment',
    ],
    ['mesh for the road', build(HIVE, { stage: 'moving' }), 'season.travel-open'],
    ['a screen for the road', build(HIVE, { stage: 'moving' }), 'season.travel-air'],
    ['turn the guard', fitted(HIVE, 'mouse-guard', { stage: 'winter' }), 'season.lower-opening'],
    ['mesh off again', fitted(HIVE, 'entrance-mesh'), 'season.shut-in'],
    ['the vent off', build([L.floor, L.deep, L.crown, VENT, L.roof], { stage: 'after-crop' }), 'season.upper-hole'],
    [
      'say that it has a screen',
      build([L.floor, L.deep, L.crown, ABSORBER, L.roof], {
        stage: 'winter',
        change: (part) => (part.patternId === 'absorber-langstroth' ? { ...part, lacks: ['screen'] } : part),
      }),
      'season.absorber-lacks',
    ],
    [
      'the rim off',
      build([L.floor, L.deep, L.eke, L.crown, L.roof], { stage: 'after-crop' }),
      'season.headspace-undated',
    ],
    [
      'the excluder off',
      build([L.floor, L.deep, L.framed, L.crown, L.roof], { stage: 'bait' }),
      'season.bait-excluder',
    ],
  ])('%s: the finding goes away', (_name, { yard, assessment }, rule) => {
    const remedy = remediesOf(assessment.findings.find((one) => one.rule === rule)!)[0]!
    const done = applyEdit(yard, withFreshIdentities(remedy.edit, counter('r')))
    if (!done.ok) throw new Error(done.problem.reason)
    expect(assessHive(done.yard, done.yard.hives[0]!).findings.map((one) => one.rule)).not.toContain(rule)
  })

  it('a hive without a floor has no entrance to speak of', () => {
    expect(seasonal(build([L.deep, L.crown, L.roof], { stage: 'winter' }))).toEqual(['bare-top watch'])
  })
})

describe('wind, dead bees and full chips in winter', () => {
  const SLOTTED: Layer[] = [['floor-insert-langstroth'], L.deep, L.crown, L.roof]
  const rules = (built: Built | ReturnType<typeof fitted>) => built.assessment.findings.map(({ rule }) => rule)

  it('a mesh floor is open to the wind until its insert is in, in the cold only', () => {
    expect(rules(build(SLOTTED, { stage: 'winter' }))).toContain('season.mesh-wind')
    expect(rules(build(SLOTTED, { stage: 'flow' }))).not.toContain('season.mesh-wind')
    expect(rules(fitted(SLOTTED, 'floor-insert-board', { stage: 'winter' }))).not.toContain('season.mesh-wind')
    expect(rules(build(HIVE, { stage: 'winter' }))).not.toContain('season.mesh-wind')
    const { yard, assessment } = build(SLOTTED, { stage: 'winter' })
    const [insert] = remediesOf(assessment.findings.find(({ rule }) => rule === 'season.mesh-wind')!)
    const done = applyEdit(yard, withFreshIdentities(insert!.edit, counter('r')))
    expect(done.ok && assessHive(done.yard, done.yard.hives[0]!).findings.map(({ rule }) => rule)).not.toContain(
      'season.mesh-wind',
    )
    const without = build([L.mesh, L.deep, L.crown, L.roof], { stage: 'winter' }).assessment.findings
    expect(remediesOf(without.find(({ rule }) => rule === 'season.mesh-wind')!)).toEqual([])
  })

  it('whoever looks today in winter is reminded of the door; a plan and a summer are not', () => {
    const reminded = (stage: Stage, look: AsOf) => {
      const { yard } = build(HIVE, { stage })
      return hiveIn(yard, yard.hives[0]!, look).assessment.findings.some(({ rule }) => rule === 'season.clear-door')
    }
    expect(reminded('winter', { today: '2026-01-10' })).toBe(true)
    expect(reminded('winter', { today: '2026-01-10', planned: true })).toBe(false)
    expect(reminded('winter', {})).toBe(false)
    expect(reminded('flow', { today: '2026-06-10' })).toBe(false)
  })

  it('chips that cannot dry are full after some days by the figures', () => {
    const lacks = (part: Part): Part =>
      part.patternId === 'absorber-langstroth' ? { ...part, lacks: ['vent-holes'] } : hole('open')(part)
    const { assessment } = build([L.floor, L.deep, L.crown, ABSORBER, L.roof], { stage: 'winter', change: lacks })
    const found = assessment.findings.find(({ rule }) => rule === 'season.absorber-lacks')
    expect(found?.facts).toMatchObject({ feature: 'vent-holes', fullInDays: expect.any(Number) })
    const { fullInDays } = found!.facts as { fullInDays: number }
    expect(fullInDays).toBeGreaterThanOrEqual(2)
    expect(fullInDays).toBeLessThanOrEqual(15)
  })
})

describe('what keeps a cold top warm', () => {
  it.each<[string, 'open' | 'closed' | undefined, Climate]>([
    ['an open hole, by the sea', 'open', 'cool-maritime'],
    ['an open hole, inland', 'open', 'cold-continental'],
    ['a hole of which nothing is said', undefined, 'cool-maritime'],
  ])('is offered and keeps it: %s', (_name, hole, climate) => {
    const built = build(HIVE, { stage: 'winter', change: (part, i) => (i === 2 && hole ? { ...part, hole } : part) })
    const yard = { ...built.yard, season: { calendar: CALENDARS[climate] } }
    const now = (one: Yard) => assessHive(one, one.hives[0]!).findings
    const bare = now(yard).find(({ rule }) => rule === 'season.bare-top')!
    const ways = remediesOf(bare)
    expect(ways.length).toBeGreaterThan(0)
    for (const { edit, kind } of ways) {
      expect(kind).toBe('add')
      const done = applyEdit(yard, withFreshIdentities(edit, counter('s')))
      if (!done.ok) throw new Error('it does not apply')
      const rules = now(done.yard).map(({ rule }) => rule)
      expect(rules).not.toContain('season.bare-top')
      expect(rules).not.toContain('season.winter-hole')
    }
  })

  it('is not laid on a flush roof, out in the rain', () => {
    const { assessment } = build([L.mesh, L.deep, ['roof-flush-langstroth']], { stage: 'winter' })
    expect(remediesOf(assessment.findings.find(({ rule }) => rule === 'season.bare-top')!)).toEqual([])
  })
})

describe('bare tops by climate (common practice)', () => {
  it('a flush roof right over the frames is a bare top too', () => {
    expect(seasonal(build([L.mesh, L.deep, ['roof-flush-langstroth']], { stage: 'winter' }))).toContain(
      'bare-top watch',
    )
  })

  it.each<[Climate, string[]]>([
    ['cool-maritime', ['bare-top watch']],
    ['cold-continental', ['bare-top mend']],
    ['warm-temperate', []],
  ])('%s', (climate, expected) => {
    const { yard } = build(HIVE, { stage: 'winter' })
    const there = { ...yard, season: { calendar: { ...CALENDARS[climate] } } }
    expect(
      seasonal({ assessment: assessHive(there, there.hives[0]!) }).filter((one) => one.startsWith('bare')),
    ).toEqual(expected)
  })
})

describe('headspace with a day', () => {
  const undated = build([L.floor, L.deep, L.eke, L.crown, L.roof], { stage: 'after-crop' })
  const dated = (offBy: string, today?: string) => {
    const hive = {
      ...undated.hive,
      stack: undated.hive.stack.map((placement, i) => (i === 2 ? { ...placement, offBy } : placement)),
    }
    return seasonal({
      assessment: assessHive({ ...undated.yard, hives: [hive] }, hive, undefined, today ? { today } : {}),
    }).filter((one) => one.startsWith('headspace'))
  }
  it('asks for one, keeps quiet until it is past, and is overdue after it', () => {
    expect(seasonal(undated)).toContain('headspace-undated note')
    expect([
      dated('2026-09-20', '2026-09-19'),
      dated('2026-09-20', '2026-09-20'),
      dated('2026-09-20', '2026-09-21'),
      dated('2026-09-20'),
    ]).toEqual([[], [], ['headspace-overdue mend'], []])
  })

  it('a vent rim is none', () => {
    expect(
      seasonal(build([L.floor, L.deep, L.crown, VENT, L.roof], { stage: 'after-crop' })).filter((one) =>
        one.startsWith('headspace'),
      ),
    ).toEqual([])
  })
})

describe('when the next box is given (7 of 10 in a flow, 8 of 10 while settling; common practice)', () => {
  const drawn =
    (count: number) =>
    (part: Part): Part => ({
      ...part,
      contents: part.contents.map((content: Content, i) => ({
        ...content,
        comb: i < count ? ('drawn' as const) : ('wax-foundation' as const),
      })),
    })
  it.each<[Stage, number, boolean]>([
    ['settling', 7, false],
    ['settling', 8, true],
    ['flow', 6, false],
    ['flow', 7, true],
    ['winter', 10, false],
  ])('%s with %i of 10 drawn', (stage, count, expected) => {
    expect(seasonal(build(HIVE, { stage, change: drawn(count) })).includes('next-box note')).toBe(expected)
  })
  it('says nothing of frames of which nothing is said', () => {
    expect(rulesOf(build(HIVE, { stage: 'settling' }))).not.toContain('season.next-box')
  })
})

describe('food left after the crop', () => {
  const rule = (layers: readonly Layer[], climate: Climate, holds?: Content['holds']) => {
    const { yard } = build(layers, {
      stage: 'pack-down',
      change: (part) => ({
        ...part,
        contents: part.contents.map((content) => ({ ...content, comb: 'drawn', ...(holds ? { holds } : {}) })),
      }),
    })
    const there = { ...yard, season: { calendar: CALENDARS[climate] } }
    return assessHive(there, there.hives[0]!).findings.find((one) => one.rule === 'season.short-of-food')
  }
  it('an empty deep is short everywhere, a full deep with its food box nowhere', () => {
    for (const climate of CLIMATES) {
      expect(rule(HIVE, climate, 'empty')).toMatchObject({ severity: 'mend', facts: { storesHigh: 0 } })
      expect(
        rule([L.floor, L.deep, ['box-langstroth-deep', 'food'], L.crown, L.roof], climate, 'capped-honey'),
      ).toBeUndefined()
    }
  })
  it('the same box does for a cool winter and not for a cold one', () => {
    expect(rule(HIVE, 'cool-maritime', 'capped-honey')).toBeUndefined()
    expect(rule(HIVE, 'cold-continental', 'capped-honey')?.facts).toMatchObject({ needLow: 27, needHigh: 41 })
  })
})

describe('food in the rest of the year (common practice)', () => {
  const holding = (holds: Content['holds']) => ({
    change: (part: Part): Part => ({
      ...part,
      contents: part.contents.map((one) => ({ ...one, comb: 'drawn' as const, ...(holds ? { holds } : {}) })),
    }),
  })
  const food = (stage: Stage, holds: Content['holds']) =>
    build(HIVE, { stage, ...holding(holds) })
      .assessment.findings.filter(({ rule }) => rule === 'season.short-of-food')
      .map(({ severity }) => severity)
  it.each(['late-winter-check', 'building-up', 'supering', 'dearth'] as const)(
    'a hive in %s without a cell of food can starve any day; one whose combs nobody spoke of draws no word of that',
    (stage) => {
      expect(food(stage, 'empty')).toEqual(['mend'])
      expect(food(stage, 'capped-honey')).toEqual([])
      expect(food(stage, undefined)).not.toContain('mend')
    },
  )
  it('in a flow nothing is said: it comes in', () => {
    expect(food('flow', 'empty')).toEqual([])
  })
})

describe('a nucleus on the road, and a bait hive', () => {
  const nucleus: Layer[] = [['floor-solid-national-6'], ['box-national-6-brood', 'brood'], ['travel-screen-national-6']]
  const holding =
    (holds: NonNullable<Content['holds']>) =>
    (part: Part): Part => ({
      ...part,
      contents: part.contents.map((content, i) => (i === 0 ? { ...content, comb: 'drawn', holds } : content)),
    })
  it('travels with its food', () => {
    expect(seasonal(fitted(nucleus, 'entrance-mesh', { stage: 'moving' }))).toEqual(['travel-food note'])
    expect(seasonal(fitted(nucleus, 'entrance-mesh', { stage: 'moving', change: holding('capped-honey') }))).toEqual([])
  })
  it('a bait hive has one box, an old dry comb and a small door', () => {
    expect(seasonal(fitted(HIVE, 'entrance-block', { stage: 'bait', change: holding('empty') }))).toEqual([])
    expect(seasonal(build([L.floor, L.deep, L.medium, L.crown, L.roof], { stage: 'bait' }))).toEqual([
      'bait-room note',
      'bait-comb note',
      'bait-door note',
    ])
    expect(seasonal(fitted(HIVE, 'entrance-block', { stage: 'bait', change: holding('capped-honey') }))).toEqual([
      'bait-honey mend',
    ])
  })
})

describe('supers kept as food (common practice)', () => {
  it('any number of them in one go: counted, weighed full, and kept in the plan', () => {
    const built = build([L.floor, L.deep, L.medium, L.medium, L.crown, L.roof], { stage: 'after-crop' })
    const finding = built.assessment.findings.find(({ rule }) => rule === 'season.supers-in-treatment')!
    expect(remediesOf(finding)[0]).toMatchObject({ kind: 'use-as-food', count: 2 })
    const applied = applyEdit(built.yard, remediesOf(finding)[0]!.edit)
    if (!applied.ok) throw new Error(applied.problem.reason)
    const [hive] = applied.yard.hives
    expect(hive!.stack.flatMap(({ role }) => role ?? [])).toEqual(['brood', 'food', 'food'])
    const stores = (yard: typeof built.yard) =>
      storesByModelKg(assembleHive(yard.hives[0]!, partsById(yard), CATALOGUE), { planned: true }).middle
    expect(stores(applied.yard)).toBeGreaterThan(stores(built.yard) + 25)
    expect(liftsOfHive(applied.yard, hive!, USUAL_PROFILE).heaviest!.kg.middle).toBeGreaterThan(20)
    const forms = (['as-it-stands', 'single'] as const).map(
      (broodForm) =>
        writeYear({ ...applied.yard, season: { way: { broodForm } } }, ['winter'])[0]!.stages.get('winter')!.hive.stack,
    )
    for (const stack of forms) expect(stack.filter(({ role }) => role === 'food')).toHaveLength(2)
  })
})

describe('a panel of high R (R counts, not thickness)', () => {
  it('is as good as it resists: no slab is a fault for being thin, only for dripping as soon as the walls', () => {
    const thin = withSizes(
      { ...CATALOGUE.patterns.get('slab-langstroth')!, id: 'own-thin', own: true },
      { depth: { mm: 15, plusMinusMm: 0, source: { mark: 'own', text: '' } } },
    )
    const catalogue = {
      ...CATALOGUE,
      patterns: new Map([
        ...CATALOGUE.patterns,
        ['own-panel', { ...thin, id: 'own-panel', rValue: 5.6 }],
        ['own-thin', thin],
      ]),
    }
    const top = (id: string) =>
      seasonal(
        build([L.floor, L.deep, L.crown, [id], L.roof], { stage: 'winter', change: hole('closed'), catalogue }),
      ).filter((one) => !/guard/.test(one))
    expect(top('own-panel')).toEqual([])
    expect(top('own-thin')).toEqual([])
  })
})
