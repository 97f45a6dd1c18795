import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import { partsById } from '#core/stack'
import {
  applyEdit,
  buildHive,
  emptyYard,
  planOf,
  planProblem,
  shedOf,
  withFreshIdentities,
  BROOD_FORMS,
  WINTER_TOPS,
  type Edit,
  type Stage,
  type Way,
  type Yard,
} from '#core/yard'
import { changeoverOf, stagesOf, tickEdit, visitOf, writeYear } from '#core/year'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const STACK: readonly (readonly [string, Role?])[] = [
  ['stand-frame-4in'],
  ['floor-solid-langstroth'],
  ['box-langstroth-deep', 'brood'],
  ['box-langstroth-deep', 'brood'],
  ['excluder-framed-langstroth'],
  ['box-langstroth-medium', 'super'],
  ['crown-langstroth'],
  ['roof-telescoping-langstroth'],
]

function yardWith(way: Partial<Way>): Yard {
  const { hive, parts } = buildHive({ name: 'Corduroy', stage: 'flow', stack: STACK }, CATALOGUE, counter('w'))
  return { ...emptyYard('y', 'Kiln Bank'), season: { way }, hives: [hive], parts }
}
function perform(yard: Yard, edit: Edit, makeId: () => string): Yard {
  const done = applyEdit(yard, withFreshIdentities(edit, makeId))
  if (!done.ok) throw new Error(`${done.problem.reason} ${done.problem.id}`)
  return done.yard
}
function begun(yard: Yard, stage: Stage, makeId: () => string): Yard {
  const planned = writeYear(yard)[0]!.stages.get(stage)!
  const parts = partsById(yard)
  const changeover = changeoverOf(
    { hive: yard.hives[0]!, parts },
    { hive: planned.hive, parts: new Map([...parts, ...planned.parts.map((part): [string, Part] => [part.id, part])]) },
    CATALOGUE,
  )
  return perform(
    yard,
    { kind: 'set-visit', hiveId: yard.hives[0]!.id, visit: visitOf(changeover, 'v', '2026-10-01'), doneBefore: null },
    makeId,
  )
}
const shape = (yard: Yard) => {
  const patterns = new Map(yard.parts.map(({ id, patternId }) => [id, patternId]))
  return [
    ...yard.hives[0]!.stack.map(
      ({ partId, role, turnedOver }) => `${patterns.get(partId)}${turnedOver ? '^' : ''} ${role ?? ''}`,
    ),
    ...yard.hives[0]!.attachments.map(({ partId }) => `+${patterns.get(partId)}`).sort(),
  ]
}

describe('a visit', () => {
  it(
    'ticked to its end makes the stage, whatever the way of keeping; parts stay in one place, ' +
      'nothing is lost, undo takes every tick back (property)',
    () => {
      const way = fc.record({
        broodForm: fc.constantFrom(...BROOD_FORMS),
        winterTop: fc.constantFrom(...WINTER_TOPS),
        winterSize: fc.constantFrom('one' as const, 'all' as const),
        supers: fc.integer({ min: 0, max: 4 }),
        floor: fc.constantFrom('as-it-stands' as const, 'mesh-and-insert' as const),
      })
      fc.assert(
        fc.property(way, fc.array(fc.nat(20), { minLength: 1, maxLength: 4 }), (choices, picks) => {
          const makeId = counter('n')
          let yard = yardWith(choices)
          const stages = stagesOf(yard)
          for (const pick of picks) {
            const stage = stages[pick % stages.length]!
            const planned = writeYear(yard)[0]!.stages.get(stage)!
            const before = yard.parts.length
            const goal = shape({
              ...yard,
              hives: [planned.hive],
              parts: [
                ...yard.parts.filter(({ id }) => !planned.parts.some((part) => part.id === id)),
                ...planned.parts,
              ],
            })
            yard = begun(yard, stage, makeId)
            const inverses: Edit[] = []
            const start = yard
            for (let edit = tickEdit(yard, yard.hives[0]!); edit; edit = tickEdit(yard, yard.hives[0]!)) {
              const done = applyEdit(yard, edit)
              if (!done.ok) throw new Error(done.problem.reason)
              inverses.unshift(done.inverse)
              yard = done.yard
              expect(planProblem(planOf([yard]))).toBeUndefined()
            }
            expect(shape(yard)).toEqual(goal)
            expect(yard.parts.length).toBeGreaterThanOrEqual(before)
            if (inverses.length > 0) expect(yard.hives[0]).toMatchObject({ stage })
            expect(inverses.reduce((now, inverse) => perform(now, inverse, makeId), yard)).toEqual(start)
            yard =
              inverses.length > 0
                ? yard
                : perform(yard, { kind: 'set-visit', hiveId: yard.hives[0]!.id, visit: null, doneBefore: 0 }, makeId)
          }
        }),
        { numRuns: runs(80) },
      )
    },
  )

  it('what comes off goes to the shed, and comes back from there', () => {
    const makeId = counter('n')
    let yard = begun(yardWith({ winterTop: 'condensing' }), 'winter', makeId)
    for (let edit = tickEdit(yard, yard.hives[0]!); edit; edit = tickEdit(yard, yard.hives[0]!))
      yard = perform(yard, edit, makeId)
    expect(
      shedOf(yard)
        .map(({ patternId }) => patternId)
        .sort(),
    ).toEqual(['box-langstroth-medium', 'excluder-framed-langstroth'])
    yard = begun(yard, 'flow', makeId)
    expect(
      yard.hives[0]!.visit!.steps.filter(
        ({ from, part }) => from === 'van' && part && !yard.parts.some(({ id }) => id === part.id),
      ).map(({ patternId }) => patternId),
    ).toEqual(['box-langstroth-medium'])
  })

  it('a hive without one has nothing to tick', () => {
    const yard = yardWith({})
    expect(tickEdit(yard, yard.hives[0]!)).toBeUndefined()
  })
})
