import { describe, expect, it } from 'vitest'
import { assess, contextOf } from '#core/rules'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import { assembleHive, partsById } from '#core/stack'
import {
  buildHive,
  emptyYard,
  type Hive,
  type HiveSeason,
  type Stage,
  type Way,
  type Yard,
  type YardSeason,
} from '#core/yard'
import {
  CALENDARS,
  changeoverOf,
  fingerprint,
  handPlanOf,
  isWanted,
  stagesOf,
  writeYear,
  yardVisit,
  type PlannedStage,
} from '#core/year'

type Stack = readonly (readonly [string, Role?])[]
const DEEP_DEEP: Stack = [
  ['stand-frame-4in'],
  ['floor-solid-langstroth'],
  ['box-langstroth-deep', 'brood'],
  ['box-langstroth-deep', 'brood'],
  ['excluder-framed-langstroth'],
  ['box-langstroth-medium', 'super'],
  ['box-langstroth-medium', 'super'],
  ['crown-langstroth'],
  ['roof-telescoping-langstroth'],
]
const NATIONAL: Stack = [
  ['stand-timber-200'],
  ['floor-insert-national'],
  ['box-national-brood', 'brood'],
  ['excluder-framed-national'],
  ['box-national-super', 'super'],
  ['crown-national'],
  ['roof-telescoping-national'],
]

function yardOf(
  stack: Stack,
  {
    way,
    hiveSeason,
    season,
    shed = [] as string[],
    stage = 'flow' as Stage,
  }: { way?: Partial<Way>; hiveSeason?: HiveSeason; season?: YardSeason; shed?: string[]; stage?: Stage } = {},
): Yard {
  let n = 0
  const { hive, parts } = buildHive({ name: 'Corduroy', stage, stack }, CATALOGUE, () => `w${n++}`)
  const stored = shed.map((patternId, i): Part => ({ id: `shed${i}`, patternId, contents: [], hasHeld: [] }))
  return {
    ...emptyYard('y', 'Kiln Bank'),
    season: { ...season, ...(way ? { way } : {}) },
    hives: [{ ...hive, ...(hiveSeason ? { season: hiveSeason } : {}) }],
    parts: [...parts, ...stored],
  }
}
function planned(yard: Yard, stage: Stage): PlannedStage {
  return writeYear(yard)[0]!.stages.get(stage)!
}
function kinds(yard: Yard, stage: Stage): string[] {
  const one = planned(yard, stage)
  const parts = new Map([...partsById(yard), ...one.parts.map((part): [string, Part] => [part.id, part])])
  return [
    ...one.hive.stack.map(({ partId, role }) => `${parts.get(partId)!.patternId}${role ? ` ${role}` : ''}`),
    ...one.hive.attachments.map(({ partId }) => `+${parts.get(partId)!.patternId}`),
  ]
}

describe('the stack of every stage', () => {
  it('winter: supers and excluder off, mouse guard on, boxes as the way of keeping has them', () => {
    expect(kinds(yardOf(DEEP_DEEP, { way: { winterTop: 'condensing' } }), 'winter')).toEqual([
      'stand-frame-4in',
      'floor-solid-langstroth',
      'box-langstroth-deep brood',
      'box-langstroth-deep brood',
      'crown-langstroth',
      'slab-langstroth',
      'roof-telescoping-langstroth',
      '+mouse-guard',
    ])
    expect(kinds(yardOf(DEEP_DEEP, { way: { winterSize: 'one', winterTop: 'absorbing' } }), 'winter')).toEqual([
      'stand-frame-4in',
      'floor-solid-langstroth',
      'box-langstroth-deep brood',
      'crown-langstroth',
      'absorber-langstroth',
      'roof-telescoping-langstroth',
      '+mouse-guard',
    ])
  })

  it('grows from building up to the flow, and never has a super before there is one to fill', () => {
    const yard = yardOf(NATIONAL, { way: { supers: 3 } })
    const supers = (stage: Stage) => kinds(yard, stage).filter((one) => one.endsWith('super')).length
    expect(stagesOf(yard).map((stage) => [stage, supers(stage)])).toEqual(
      expect.arrayContaining([
        ['building-up', 0],
        ['supering', 1],
        ['flow', 3],
        ['crop', 3],
        ['after-crop', 0],
        ['winter', 0],
      ]),
    )
    expect(kinds(yard, 'building-up').some((one) => one.startsWith('excluder'))).toBe(false)
    expect(kinds(yard, 'flow').filter((one) => one.startsWith('excluder'))).toHaveLength(1)
  })

  it('shuts a mesh floor in the cold where it is cold inland, or where the keeper says so; in mild places it is open', () => {
    const insertAt = (stage: Stage, season: YardSeason) =>
      kinds(yardOf(NATIONAL, { season }), stage).includes('+floor-insert-board')
    const way = { floor: 'mesh-and-insert' } as const
    expect(insertAt('winter', {})).toBe(false)
    expect(insertAt('winter', { calendar: CALENDARS['cold-continental'] })).toBe(true)
    expect([insertAt('winter', { way }), insertAt('flow', { way })]).toEqual([true, false])
  })

  it.each([
    ['one deep', { broodForm: 'single' }, ['box-langstroth-deep brood']],
    [
      'a deep and the colony’s food',
      { broodForm: 'with-food' },
      ['box-langstroth-deep brood', 'box-langstroth-medium food'],
    ],
    [
      'mediums only',
      { broodForm: 'mediums' },
      ['box-langstroth-medium brood', 'box-langstroth-medium brood', 'box-langstroth-medium brood'],
    ],
    ['two deeps', { broodForm: 'double' }, ['box-langstroth-deep brood', 'box-langstroth-deep brood']],
  ] as const)('brood in %s', (_name, way, boxes) => {
    expect(
      kinds(yardOf(DEEP_DEEP, { way }), 'building-up').filter((one) => one.endsWith('brood') || one.endsWith('food')),
    ).toEqual(boxes)
  })

  it('the excluder goes over the deep or over the food, or nowhere', () => {
    const order = (excluder: Way['excluder']) =>
      kinds(yardOf(DEEP_DEEP, { way: { broodForm: 'with-food', excluder } }), 'flow')
        .filter((one) => /excluder|food|brood/.test(one))
        .map((one) => one.split(' ')[1] ?? 'excluder')
    expect([order('above-brood'), order('above-food'), order('none')]).toEqual([
      ['brood', 'excluder', 'food'],
      ['brood', 'food', 'excluder'],
      ['brood', 'food'],
    ])
  })

  it('a form that the format cannot make is left, not invented', () => {
    expect(kinds(yardOf(NATIONAL, { way: { broodForm: 'single-large' } }), 'flow')).toContain(
      'box-national-14x12 brood',
    )
    const nucleus: Stack = [
      ['floor-solid-national-6'],
      ['box-national-6-brood', 'brood'],
      ['crown-national-6'],
      ['roof-telescoping-national-6'],
    ]
    expect(kinds(yardOf(nucleus, { way: { broodForm: 'mediums' } }), 'winter')).toContain('box-national-6-brood brood')
  })

  it('takes from the shed what will do and never a super that has held brood; what is missing is to be had', () => {
    const yard = yardOf(NATIONAL, { way: { supers: 3 }, shed: ['box-national-super', 'box-national-super'] })
    const spoilt = {
      ...yard,
      parts: yard.parts.map((part) => (part.id === 'shed0' ? { ...part, hasHeld: ['brood' as const] } : part)),
    }
    const { hive, parts } = planned(spoilt, 'flow')
    const supers = hive.stack.filter(({ role }) => role === 'super').map(({ partId }) => partId)
    expect(supers).not.toContain('shed0')
    expect(supers).toContain('shed1')
    expect(parts.filter(isWanted).map(({ patternId }) => patternId)).toEqual(['box-national-super'])
  })

  it('two hives never plan with one part of the shed', () => {
    const one = yardOf(NATIONAL, { way: { supers: 2 }, shed: ['box-national-super'] })
    const twin: Hive = {
      ...one.hives[0]!,
      id: 'twin',
      stack: one.hives[0]!.stack.map((placement) => ({ ...placement, partId: `t${placement.partId}` })),
    }
    const yard = {
      ...one,
      hives: [one.hives[0]!, twin],
      parts: [
        ...one.parts,
        ...one.parts.filter(({ id }) => id.startsWith('w')).map((part) => ({ ...part, id: `t${part.id}` })),
      ],
    }
    const with_ = writeYear(yard).map(({ stages }) =>
      stages.get('flow')!.hive.stack.some(({ partId }) => partId === 'shed0'),
    )
    expect(with_).toEqual([true, false])
  })

  it('a climate without frost is never planned for winter', () => {
    expect(stagesOf(yardOf(NATIONAL, { season: { calendar: CALENDARS['tropical-highland'] } })).sort()).toEqual([
      'crop',
      'dearth',
      'flow',
    ])
  })

  it('is sound in itself: no stage as it is written has a stop or a mend in its order, joints or spaces', () => {
    for (const stack of [DEEP_DEEP, NATIONAL]) {
      const yard = yardOf(stack)
      for (const [stage, one] of writeYear(yard)[0]!.stages) {
        const parts = new Map([...partsById(yard), ...one.parts.map((part): [string, Part] => [part.id, part])])
        const { findings } = assess(assembleHive(one.hive, parts, CATALOGUE), { ...contextOf(yard, one.hive), stage })
        expect([
          stage,
          findings
            .filter(({ rule, severity }) => (severity === 'stop' || severity === 'mend') && /^(order|joint)/.test(rule))
            .map(({ rule }) => rule),
        ]).toEqual([stage, []])
      }
    }
  })
})

describe('a stage planned by hand', () => {
  const yard = yardOf(NATIONAL)
  const written = planned(yard, 'winter')
  const kept = (plan: PlannedStage) => ({
    ...plan,
    hive: { ...plan.hive, stack: plan.hive.stack.filter(({ partId }) => !partId.includes('crown')) },
  })
  const hand = handPlanOf(kept(written), partsById(yard), fingerprint(written))
  const withHand = (change: (yard: Yard) => Yard = (one) => one) =>
    change({ ...yard, hives: [{ ...yard.hives[0]!, season: { byHand: { winter: hand } } }] })

  it('survives that the plan is written again', () => {
    const again = planned(withHand(), 'winter')
    expect(again).toMatchObject({ byHand: true, lacks: [] })
    expect(again.conflict).toBeUndefined()
    expect(fingerprint(again)).toBe(fingerprint(kept(written)))
  })

  it('shows both where the writing has changed since', () => {
    const again = planned(
      withHand((one) => ({ ...one, season: { way: { winterTop: 'condensing' } } })),
      'winter',
    )
    expect(again.byHand).toBe(true)
    expect(again.conflict?.hive.stack.length).toBe(written.hive.stack.length + 1)
  })

  it('says what it needs and the yard no longer has', () => {
    const gone = yard.hives[0]!.stack[2]!.partId
    const less = withHand((one) => ({
      ...one,
      hives: one.hives.map((hive) => ({ ...hive, stack: hive.stack.filter(({ partId }) => partId !== gone) })),
      parts: one.parts.filter(({ id }) => id !== gone),
    }))
    expect(planned(less, 'winter').lacks).toEqual(['box-national-brood'])
  })
})

describe('the changeover of a hive', () => {
  it('from flow to winter: supers and excluder home, mouse guard and slab in the van, masses as they are found', () => {
    const yard = yardOf(DEEP_DEEP, { way: { winterTop: 'condensing' } })
    const parts = partsById(yard)
    const after = planned(yard, 'winter')
    const all = new Map([...parts, ...after.parts.map((part): [string, Part] => [part.id, part])])
    const changeover = changeoverOf({ hive: yard.hives[0]!, parts }, { hive: after.hive, parts: all }, CATALOGUE)
    const names = (ids: readonly string[]) => ids.map((id) => all.get(id)!.patternId).sort()
    expect(names(changeover.leaving)).toEqual([
      'box-langstroth-medium',
      'box-langstroth-medium',
      'excluder-framed-langstroth',
    ])
    expect(names(changeover.coming)).toEqual(['mouse-guard', 'slab-langstroth'])
    expect(changeover.changes.map(({ change }) => change)).toEqual(['close-hole'])
    expect(changeover.provedLeast).toBe(true)
    const visit = yardVisit([changeover], isWanted)
    expect(visit.take).toEqual([
      { patternId: 'slab-langstroth', count: 1, toGet: 1 },
      { patternId: 'mouse-guard', count: 1, toGet: 1 },
    ])
    expect(visit.work).toEqual(changeover.work)
  })
})
