import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import {
  applyEdit,
  buildHive,
  emptyYard,
  newPart,
  newPlacement,
  planOf,
  planProblem,
  type Edit,
  type Stage,
  type Yard,
} from '#core/yard'
import {
  ANY_TIME,
  dropPlan,
  fingerprint,
  keepPlan,
  planEdit,
  promisesOf,
  stagesOf,
  writeHive,
  writeYear,
  yardAsPlanned,
  type PlannedStage,
} from '#core/year'
import { someEdit } from '../../helpers/edits'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const STACK: readonly (readonly [string, Role?])[] = [
  ['stand-timber-200'],
  ['floor-insert-national'],
  ['box-national-brood', 'brood'],
  ['excluder-framed-national'],
  ['box-national-super', 'super'],
  ['crown-national'],
  ['roof-telescoping-national'],
]

function yardOf(): Yard {
  const { hive, parts } = buildHive({ name: 'Twill', stage: 'flow', stack: STACK }, CATALOGUE, counter('w'))
  return { ...emptyYard('y', 'Sallow Quay'), hives: [hive], parts }
}
const planned = (yard: Yard, stage: Stage = 'winter'): PlannedStage =>
  writeHive(yard, yard.hives[0]!, [stage]).stages.get(stage)!
function perform(yard: Yard, edit: Edit | undefined): Yard {
  if (!edit) throw new Error('no edit')
  const done = applyEdit(yard, edit)
  if (!done.ok) throw new Error(done.problem.reason)
  return done.yard
}
const addEke = (): Edit => {
  const pattern = CATALOGUE.patterns.get('eke-national')!
  const part = newPart(pattern, CATALOGUE, () => 'new:eke')
  return { kind: 'add-part', hiveId: 'w0', at: 4, part, placement: newPlacement(part.id, pattern) }
}
const ekeIn = (yard: Yard) => ({ ...addEke(), hiveId: yard.hives[0]!.id }) as Edit
const patterns = (yard: Yard, one: PlannedStage) =>
  yardAsPlanned(yard, one).hives[0]!.stack.map(
    ({ partId }) => yardAsPlanned(yard, one).parts.find(({ id }) => id === partId)!.patternId,
  )

describe('a yard as it is planned', () => {
  it(
    'is a sound yard at every stage: every part is there, none stands twice, what is not ' + 'planned lies in the shed',
    () => {
      const yard = yardOf()
      for (const stage of [...stagesOf(yard), ...ANY_TIME]) {
        const then = yardAsPlanned(yard, planned(yard, stage))
        expect(planProblem(planOf([then]))).toBeUndefined()
        expect(yard.parts.every(({ id }) => then.parts.some((part) => part.id === id))).toBe(true)
      }
    },
  )
})

describe('an edit of a plan', () => {
  it('leaves the hive as it stands, is a plan by hand from then on, and goes back by its inverse', () => {
    const yard = yardOf()
    const edit = planEdit(yard, planned(yard), ekeIn(yard), counter('h'))
    const after = perform(yard, edit)
    expect(after.hives[0]!.stack).toEqual(yard.hives[0]!.stack)
    const again = planned(after)
    expect(again).toMatchObject({ byHand: true, lacks: [] })
    expect(again.conflict).toBeUndefined()
    expect(patterns(after, again)[4]).toBe('eke-national')
    const back = applyEdit(
      after,
      applyEdit(yard, edit!).ok ? (applyEdit(yard, edit!) as { inverse: Edit }).inverse : edit!,
    )
    expect(back.ok && JSON.stringify(back.yard)).toBe(JSON.stringify(yard))
  })

  it('one after the other they add up, and keep what they were written from', () => {
    const yard = yardOf()
    const from = fingerprint(planned(yard))
    const once = perform(yard, planEdit(yard, planned(yard), ekeIn(yard), counter('h')))
    const roof = once.hives[0]!.stack.at(-1)!.partId
    const twice = perform(
      once,
      planEdit(once, planned(once), { kind: 'take-off', hiveId: once.hives[0]!.id, partId: roof }, counter('k')),
    )
    expect(patterns(twice, planned(twice))).not.toContain('roof-telescoping-national')
    expect(patterns(twice, planned(twice))).toContain('eke-national')
    expect(twice.hives[0]!.season!.byHand!.winter!.writtenFrom).toBe(from)
  })

  it('a hole is kept for its stage alone', () => {
    const yard = yardOf()
    const crown = yard.parts.find(({ patternId }) => patternId === 'crown-national')!
    const now = planned(yard)
    const standing = now.parts.find(({ id }) => id === crown.id) ?? crown
    const after = perform(
      yard,
      planEdit(
        yard,
        now,
        { kind: 'set-part', part: { ...standing, hole: standing.hole === 'open' ? 'closed' : 'open' } },
        counter('h'),
      ),
    )
    const holeAt = (stage: Stage) =>
      yardAsPlanned(after, planned(after, stage)).parts.find(({ id }) => id === crown.id)!.hole
    expect(holeAt('winter')).not.toBe(standing.hole)
    expect(holeAt('flow')).toBe(crown.hole)
    expect(after.parts).toEqual(yard.parts)
  })

  it.each<[string, (yard: Yard) => Edit]>([
    [
      'frames',
      (yard) => {
        const box = yard.parts.find(({ contents }) => contents.length > 0)!
        return { kind: 'set-part', part: { ...box, contents: box.contents.slice(1) } }
      },
    ],
    ['names', (yard) => ({ kind: 'set-hive', hiveId: yard.hives[0]!.id, name: 'Other', note: '', stage: 'winter' })],
    [
      'accepted findings',
      (yard) => ({
        kind: 'accept-finding',
        hiveId: yard.hives[0]!.id,
        acceptance: { findingKey: 'k', measuredMm: null, reason: 'known' },
      }),
    ],
    ['parts that are not there', (yard) => ({ kind: 'take-off', hiveId: yard.hives[0]!.id, partId: 'nowhere' })],
    [
      'any of these in a batch',
      (yard) => ({
        kind: 'batch',
        edits: [
          { kind: 'set-yard', name: 'x', note: '', band: 'range' },
          { kind: 'take-off', hiveId: yard.hives[0]!.id, partId: yard.hives[0]!.stack[0]!.partId },
        ],
      }),
    ],
  ])('%s are no part of a plan', (_name, edit) => {
    const yard = yardOf()
    expect(planEdit(yard, planned(yard), edit(yard), counter('h'))).toBeUndefined()
  })

  it('whatever is done to a plan, the yard stays sound and the hive as it stands (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 8 }),
        (numbers) => {
          const makeId = counter('p')
          let yard = yardOf()
          const stack = yard.hives[0]!.stack
          for (const four of numbers) {
            const now = planned(yard)
            const edit = planEdit(yard, now, someEdit(yardAsPlanned(yard, now), four, makeId), makeId)
            if (!edit) continue
            yard = perform(yard, edit)
            expect(yard.hives[0]!.stack).toBe(stack)
            expect(planProblem(planOf([yard]))).toBeUndefined()
            expect(planProblem(planOf([yardAsPlanned(yard, planned(yard))]))).toBeUndefined()
          }
        },
      ),
      { numRuns: runs(60) },
    )
  })
})

describe('when the writing has changed since', () => {
  const yard = yardOf()
  const byHand = perform(yard, planEdit(yard, planned(yard), ekeIn(yard), counter('h')))
  const changed: Yard = { ...byHand, season: { way: { winterTop: 'absorbing' } } }

  it('both are there; keeping mine knows the new one, dropping mine writes it', () => {
    expect(planned(changed).conflict).toBeDefined()
    const kept = perform(changed, keepPlan(changed, planned(changed)))
    expect(planned(kept)).toMatchObject({ byHand: true })
    expect(planned(kept).conflict).toBeUndefined()
    const written = perform(changed, dropPlan(changed, changed.hives[0]!.id, 'winter'))
    expect(planned(written).byHand).toBe(false)
    expect(written.hives[0]!.season).toBeUndefined()
    expect(patterns(written, planned(written))).toContain('absorber-national')
  })

  it('there is nothing to settle where there is no plan by hand', () => {
    expect([
      dropPlan(yard, yard.hives[0]!.id, 'winter'),
      dropPlan(yard, 'nobody', 'winter'),
      keepPlan(yard, planned(yard)),
      keepPlan(byHand, planned(byHand)),
    ]).toEqual([undefined, undefined, undefined, undefined])
  })
})

describe('what the shed promises', () => {
  it('is the same to one hive alone as to the whole yard', () => {
    const one = yardOf()
    const twin = {
      ...one.hives[0]!,
      id: 'twin',
      stack: one.hives[0]!.stack.map((placement) => ({ ...placement, partId: `t${placement.partId}` })),
    }
    const shed = ['box-national-super', 'slab-national'].map((patternId, i): Part => ({
      id: `shed${i}`,
      patternId,
      contents: [],
      hasHeld: [],
    }))
    const yard: Yard = {
      ...one,
      season: { way: { supers: 2 } },
      hives: [one.hives[0]!, twin],
      parts: [...one.parts, ...one.parts.map((part) => ({ ...part, id: `t${part.id}` })), ...shed],
    }
    const promised = promisesOf(yard)
    expect([...promised].sort()).toEqual([
      ['shed0', yard.hives[0]!.id],
      ['shed1', yard.hives[0]!.id],
    ])
    const whole = writeYear(yard)
    yard.hives.forEach((hive, i) => {
      const alone = writeHive(yard, hive, stagesOf(yard), new Map(promised))
      for (const [stage, { hive: then }] of alone.stages)
        expect(then.stack).toEqual(whole[i]!.stages.get(stage)!.hive.stack)
    })
  })
})
