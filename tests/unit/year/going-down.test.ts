import fc from 'fast-check'
import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import { assembleHive, partsById } from '#core/stack'
import {
  BROOD_FORMS,
  WINTER_TOPS,
  applyEdit,
  buildHive,
  emptyYard,
  withFreshIdentities,
  type Edit,
  type Stage,
  type Way,
  type Yard,
} from '#core/yard'
import {
  CANNOT,
  cautionsOfStep,
  changeoverOf,
  mayHoldColony,
  planAgain,
  partsWith,
  stagesOf,
  standsOpen,
  tickEdit,
  visitOf,
  writeHive,
} from '#core/year'
import { honeyKg, mayHold, massOfHive, usualWeighing, USUAL_PROFILE } from '#core/loads'
import { liftsOfHive } from '#core/ask'
import { stepOfVisitInWords } from '#core/words'
import { describe, expect, it } from 'vitest'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

type Stack = readonly (readonly [string, Role?])[]
const TWO_DEEPS: Stack = [
  ['stand-frame-4in'],
  ['floor-solid-langstroth'],
  ['box-langstroth-deep', 'brood'],
  ['box-langstroth-deep', 'brood'],
  ['crown-langstroth'],
  ['roof-telescoping-langstroth'],
]
const WITH_SUPERS: Stack = [
  ...TWO_DEEPS.slice(0, 4),
  ['excluder-framed-langstroth'],
  ['box-langstroth-medium', 'super'],
  ['box-langstroth-medium', 'super'],
  ...TWO_DEEPS.slice(4),
]
const NATIONAL: Stack = [
  ['stand-timber-200'],
  ['floor-insert-national'],
  ['box-national-brood', 'brood'],
  ['box-national-super', 'brood'],
  ['box-national-super', 'super'],
  ['crown-national'],
  ['roof-telescoping-national'],
]

function yardOf(
  stack: Stack,
  way: Partial<Way>,
  stage: Stage = 'after-crop',
  change: (part: Part, i: number) => Part = (part) => part,
): Yard {
  const { hive, parts } = buildHive({ name: 'Corduroy', stage, stack }, CATALOGUE, counter('g'))
  return { ...emptyYard('y', 'Kiln Bank'), season: { way }, hives: [hive], parts: parts.map(change) }
}
const perform = (yard: Yard, edit: Edit, makeId = counter('fresh')): Yard => {
  const done = applyEdit(yard, withFreshIdentities(edit, makeId))
  if (!done.ok) throw new Error(`${done.problem.reason} ${done.problem.id}`)
  return done.yard
}
function changeover(yard: Yard, stage: Stage) {
  const hive = yard.hives[0]!
  const planned = writeHive(yard, hive, [stage]).stages.get(stage)!
  const parts = partsById(yard)
  return changeoverOf({ hive, parts }, { hive: planned.hive, parts: partsWith(parts, planned) }, CATALOGUE)
}
const begun = (yard: Yard, stage: Stage) =>
  perform(yard, {
    kind: 'set-visit',
    hiveId: yard.hives[0]!.id,
    visit: visitOf(changeover(yard, stage), 'v', '2026-09-20'),
    doneBefore: null,
  })
const words = (yard: Yard, at: number) =>
  stepOfVisitInWords(
    yard.hives[0]!.visit!.steps[at]!,
    {
      toStage: yard.hives[0]!.visit!.toStage,
      parting: 'free',
      catalogue: CATALOGUE,
      names: new Map(),
      parts: partsById(yard),
      roleOf: () => undefined,
    },
    { units: 'mm', vocabulary: 'british' },
  )

describe('going down to one box', () => {
  const yard = yardOf(TWO_DEEPS, { winterSize: 'one', winterTop: 'condensing' })
  const upper = yard.hives[0]!.stack[3]!.partId

  it('is frame by frame: the box is gone through and asked about before it leaves, and leaves as drawn comb', () => {
    const { steps } = changeover(yard, 'pack-down')
    const sort = steps.findIndex(({ sortInto }) => sortInto)
    const off = steps.findIndex(({ partId, to }) => partId === upper && to === 'van')
    expect(steps[sort]).toMatchObject({
      partId: upper,
      from: 'hive',
      to: 'hive',
      kg: 0,
      sortInto: [yard.hives[0]!.stack[2]!.partId],
    })
    expect(sort).toBeLessThan(off)
    expect(steps[off]!.kg).toBeLessThan(14)
    const visit = begun(yard, 'pack-down')
    expect(words(visit, sort).text).toMatch(/frame by frame, until it holds no bees, no brood and no food/)
    expect(words(visit, sort).how!.join(' ')).toMatch(
      /Find the queen.*Combs with bees, brood and food go into .*hives that are short/,
    )
    expect(words(visit, sort).how!.join(' ')).toMatch(/nobody has said what they hold: look at each/)
    expect(words(visit, sort).asks).toMatch(/free of bees, brood and food/)
    expect(words(visit, sort).cautions.join(' ')).toMatch(/escape board/)
  })

  it(
    'ticked, nothing of the colony is noted in the box that leaves, nor anything known of ' +
      'those that took its frames',
    () => {
      const known = yardOf(TWO_DEEPS, { winterSize: 'one' }, 'after-crop', (part) => ({
        ...part,
        contents: part.contents.map((one) => ({ ...one, comb: 'drawn' as const, holds: 'brood' as const })),
      }))
      let now = begun(known, 'pack-down')
      while (now.hives[0]!.visit) now = perform(now, tickEdit(now, now.hives[0]!)!)
      const away = now.parts.find(({ id }) => id === upper)!
      expect(now.hives[0]!.stack.some(({ partId }) => partId === upper)).toBe(false)
      expect(new Set(away.contents.map(({ holds }) => holds))).toEqual(new Set(['empty']))
      expect(
        now.parts
          .find(({ id }) => id === now.hives[0]!.stack[2]!.partId)!
          .contents.every(({ holds }) => holds === undefined),
      ).toBe(true)
      const back = changeover(
        { ...now, hives: [{ ...now.hives[0]!, stage: 'late-winter-check' }], season: { way: { broodForm: 'double' } } },
        'building-up',
      )
      const comes = back.steps.find(({ partId, to }) => partId === upper && to === 'hive')!
      expect(comes.kg).toBeLessThan(14)
    },
  )

  it('a box whose every comb is known to be empty leaves without it', () => {
    const empty = yardOf(TWO_DEEPS, { winterSize: 'one' }, 'after-crop', (part, i) =>
      i === 3
        ? {
            ...part,
            contents: part.contents.map((one) => ({ ...one, comb: 'drawn' as const, holds: 'empty' as const })),
          }
        : part,
    )
    expect(changeover(empty, 'pack-down').steps.some(({ sortInto }) => sortInto)).toBe(false)
  })

  it(
    'no box that may hold bees, brood or their food ever leaves as wood, whatever the way of ' + 'keeping (property)',
    () => {
      const way = fc.record({
        broodForm: fc.constantFrom(...BROOD_FORMS),
        winterTop: fc.constantFrom(...WINTER_TOPS),
        winterSize: fc.constantFrom('one' as const, 'all' as const),
        supers: fc.integer({ min: 0, max: 4 }),
        excluder: fc.constantFrom('none' as const, 'above-brood' as const, 'above-food' as const),
      })
      fc.assert(
        fc.property(fc.constantFrom(TWO_DEEPS, WITH_SUPERS, NATIONAL), way, fc.nat(20), (stack, choices, pick) => {
          const one = yardOf(stack, choices)
          const stages = stagesOf(one)
          const { steps } = changeover(one, stages[pick % stages.length]!)
          const hive = one.hives[0]!
          const standing = assembleHive(hive, partsById(one), CATALOGUE)
          for (const [i, { partId, from, to }] of steps.entries()) {
            const box = standing.stack.find(({ part }) => part.id === partId)
            if (to !== 'van' || from === 'van' || !box || !mayHoldColony(box)) continue
            expect(
              steps.slice(0, i).some((step) => step.sortInto && step.partId === partId),
              `${box.part.patternId} leaves at step ${i}`,
            ).toBe(true)
          }
        }),
        { numRuns: runs(150) },
      )
    },
  )
})

describe('what is lifted may be full (common practice: the heavy bound first)', () => {
  const heaviest = (yard: Yard) => liftsOfHive(yard, yard.hives[0]!, USUAL_PROFILE).heaviest!.kg.middle
  it('supers left on as food in winter, and supers taken off while the stage still says flow', () => {
    expect(heaviest(yardOf(WITH_SUPERS, {}, 'winter'))).toBeGreaterThan(23)
    const flow = yardOf(
      [['floor-mesh-national'], ['box-national-brood', 'brood'], ['box-national-super', 'super'], ['crown-national']],
      {},
      'flow',
    )
    const superId = flow.hives[0]!.stack[2]!.partId
    expect(
      changeover(flow, 'after-crop').steps.find(({ partId, to }) => partId === superId && to === 'van')!.kg,
    ).toBeGreaterThan(17)
    const mass = massOfHive(
      assembleHive(flow.hives[0]!, partsById(flow), CATALOGUE),
      mayHold(usualWeighing('flow')),
    ).parts.get(superId)!
    const box = assembleHive(flow.hives[0]!, partsById(flow), CATALOGUE).stack[2]!.resolved
    expect(mass.items.honey.middle).toBeCloseTo(honeyKg([box]).middle, 6)
  })

  it('a rack of sections is not empty wood: about a pound of honey a section', () => {
    const rack = [...CATALOGUE.patterns.values()].find(({ sections }) => sections)!
    const yard = yardOf(
      [['floor-solid-langstroth'], ['box-langstroth-deep', 'brood'], [rack.id, 'super'], ['crown-langstroth']],
      {},
      'crop',
    )
    const kg = massOfHive(assembleHive(yard.hives[0]!, partsById(yard), CATALOGUE), usualWeighing('crop')).parts.get(
      yard.hives[0]!.stack[2]!.partId,
    )!.kg.middle
    expect(kg).toBeGreaterThan(10)
    expect(kg).toBeLessThan(20)
  })
})

describe('a step that cannot be done', () => {
  it(
    'is left out, and the rest planned anew to its end; the hive is closed, and what was not ' +
      'to be had is not on it',
    () => {
      for (const stage of ['pack-down', 'flow'] as const)
        for (const why of CANNOT) {
          const start = yardOf(
            WITH_SUPERS,
            { winterSize: 'all', winterTop: 'condensing', supers: 3 },
            stage === 'flow' ? 'building-up' : 'after-crop',
          )
          const steps = begun(start, stage).hives[0]!.visit!.steps.length
          for (let at = 0; at < steps; at++) {
            let now = begun(start, stage)
            for (let i = 0; i < at; i++) now = perform(now, tickEdit(now, now.hives[0]!)!)
            const step = now.hives[0]!.visit?.steps[now.hives[0]!.visit.done]
            if (!step) continue
            now = perform(now, planAgain(now, now.hives[0]!, CATALOGUE, why)!)
            for (let n = 0; now.hives[0]!.visit && n < 100; n++) now = perform(now, tickEdit(now, now.hives[0]!)!)
            expect(now.hives[0]!.visit).toBeUndefined()
            const patterns = now.hives[0]!.stack.map(
              ({ partId }) => CATALOGUE.patterns.get(now.parts.find(({ id }) => id === partId)!.patternId)!.kind,
            )
            if (step.partId !== start.hives[0]!.stack.at(-1)!.partId) expect(patterns.at(-1)).toBe('roof')
            if (step.from === 'van' && !step.attachment)
              expect(now.hives[0]!.stack.map(({ partId }) => partId)).not.toContain(step.partId)
            if (step.to === 'van' && !step.attachment)
              expect(now.hives[0]!.stack.map(({ partId }) => partId)).toContain(step.partId)
            if (why === 'broken' && now.parts.some(({ id }) => id === step.partId) && !step.partId.startsWith('new:'))
              expect(now.parts.find(({ id }) => id === step.partId)!.condition).toBe('needs-repair')
          }
        }
    },
  )

  it('a hive stands open from the first step that takes its roof until it is back', () => {
    let now = begun(yardOf(WITH_SUPERS, {}, 'after-crop'), 'pack-down')
    const open: boolean[] = []
    while (now.hives[0]!.visit) {
      open.push(standsOpen(now.hives[0]!, now, CATALOGUE))
      now = perform(now, tickEdit(now, now.hives[0]!)!)
    }
    expect([open[0], open.includes(true), standsOpen(now.hives[0]!, now, CATALOGUE)]).toEqual([false, true, false])
  })
})

describe('cautions where they belong (common practice)', () => {
  it(
    'bees out of supers that leave, the queen below an excluder that comes, drains closed, ' + 'vents of a quilt free',
    () => {
      const step = (patternId: string, from: 'hive' | 'van', to: 'hive' | 'van', role?: Role) =>
        cautionsOfStep({ from, to, kg: 5 }, CATALOGUE.patterns.get(patternId), 'crop', SHIPPED_FIGURES, 'free', role)
      expect(step('box-national-super', 'hive', 'van', 'super')).toContain('clear-of-bees')
      expect(step('excluder-framed-national', 'van', 'hive')).toContain('queen-below')
      expect(step('absorber-national', 'van', 'hive')).toContain('quilt-air')
      const drain = [...CATALOGUE.patterns.values()].find(({ kind, cleanComb }) => kind === 'box' && cleanComb)
      if (drain) expect(step(drain.id, 'van', 'hive', 'super')).toContain('close-drains')
    },
  )
})
