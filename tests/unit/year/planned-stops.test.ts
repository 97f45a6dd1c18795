import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess, contextOf } from '#core/rules'
import { BOX_SIZES, boxOfSize, CATALOGUE, HIVE_FORMATS, FORMATS } from '#core/parts'
import { assembleHive, partsById } from '#core/stack'
import {
  BROOD_FORMS,
  CROP_WAYS,
  EXCLUDER_PLACES,
  FLOOR_WAYS,
  SUPER_STARTS,
  WINTER_SIZES,
  WINTER_TOPS,
  applyEdit,
  type Way,
  type Yard,
} from '#core/yard'
import {
  ANY_TIME,
  changeoverOf,
  kitOf,
  partsWith,
  stagesOf,
  tickEdit,
  visitOf,
  writeYear,
  yardAsPlanned,
} from '#core/year'
import { build, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const way = fc.record({
  broodForm: fc.constantFrom(...BROOD_FORMS),
  excluder: fc.constantFrom(...EXCLUDER_PLACES),
  supers: fc.integer({ min: 0, max: 4 }),
  superSize: fc.constantFrom(...BOX_SIZES),
  framesLess: fc.integer({ min: 0, max: 2 }),
  superStart: fc.constantFrom(...SUPER_STARTS),
  floor: fc.constantFrom(...FLOOR_WAYS),
  winterTop: fc.constantFrom(...WINTER_TOPS),
  winterSize: fc.constantFrom(...WINTER_SIZES),
  crops: fc.constantFrom(...CROP_WAYS),
  feeds: fc.boolean(),
}) as fc.Arbitrary<Way>

/** A hive of one format as it is bought: floor, box, cover, roof; with a shell without frames in the shed. */
function yardOf(format: (typeof FORMATS)[number], shells: boolean): Yard {
  const short = HIVE_FORMATS[format].short
  const box = boxOfSize(CATALOGUE, format, 'deep')!.id
  const layers: readonly Layer[] = [
    ['stand-timber-200'],
    [`floor-mesh-${short}`],
    [box, 'brood'],
    [`crown-${short}`],
    [`roof-telescoping-${short}`],
  ]
  const { yard } = build(layers, { stage: 'building-up' })
  return shells
    ? {
        ...yard,
        parts: [
          ...yard.parts,
          { id: 'shell', patternId: boxOfSize(CATALOGUE, format, 'shallow')?.id ?? box, contents: [], hasHeld: [] },
          { id: 'shell2', patternId: box, contents: [], hasHeld: [] },
        ],
      }
    : yard
}

describe('whatever is planned, in any format and any way of keeping', () => {
  it('brings no stop, no empty shell, and no frames that are on no list', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FORMATS), way, fc.boolean(), (format, keeping, shells) => {
        const yard: Yard = { ...yardOf(format, shells), season: { way: keeping } }
        const stages = [...stagesOf(yard), ...ANY_TIME]
        const year = writeYear(yard, stages)
        const known = partsById(yard)
        const toGet = new Map(kitOf(yard, year, stages).flatMap(({ frames }) => [...frames]))
        for (const [stage, planned] of year[0]!.stages) {
          const hive = planned.hive
          const assembled = assembleHive(hive, partsWith(known, planned), CATALOGUE)
          const { findings } = assess(assembled, { ...contextOf(yard, hive), stage, planned: true })
          expect(
            findings.filter(({ severity }) => severity === 'stop').map(({ key }) => `${format} ${stage} ${key}`),
          ).toEqual([])
          for (const { pattern, part } of assembled.stack) {
            if (pattern?.kind !== 'box') continue
            expect(part.contents.length, `${format} ${stage} ${part.patternId}`).toBeGreaterThan(0)
            for (const { id, patternId } of part.contents)
              if (id.startsWith('want:')) expect(toGet.has(patternId)).toBe(true)
          }
        }
      }),
      { numRuns: runs(250) },
    )
  }, 60_000)

  it('is what stands once the visit is carried out: every hole, every frame', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FORMATS), way, fc.boolean(), fc.nat(20), (format, keeping, shells, at) => {
        const yard: Yard = { ...yardOf(format, shells), season: { way: keeping } }
        const stages = stagesOf(yard)
        const planned = writeYear(yard, stages)[0]!.stages.get(stages[at % stages.length]!)!
        const parts = partsById(yard)
        const changeover = changeoverOf(
          { hive: yard.hives[0]!, parts },
          { hive: planned.hive, parts: partsWith(parts, planned) },
          CATALOGUE,
        )
        const visit = visitOf(changeover, 'v', '2026-10-01')
        if (visit.steps.length === 0) return
        let n = 0
        const begun = applyEdit(yard, {
          kind: 'set-visit',
          hiveId: yard.hives[0]!.id,
          visit: JSON.parse(JSON.stringify(visit).replaceAll('new:', 'made:')) as typeof visit,
          doneBefore: null,
        })
        if (!begun.ok) throw new Error(begun.problem.reason)
        let now = begun.yard
        while (now.hives[0]!.visit && n++ < 200) {
          const done = applyEdit(now, tickEdit(now, now.hives[0]!)!)
          if (!done.ok) throw new Error(`${done.problem.reason} ${JSON.stringify(done.problem)}`)
          now = done.yard
        }
        const shape = (one: Yard) => {
          const byId = partsById(one)
          return one.hives[0]!.stack.map(({ partId, turnedOver, role }) => {
            const part = byId.get(partId)!
            return [
              part.patternId,
              turnedOver,
              role ?? null,
              part.hole ?? null,
              part.contents.length,
              part.spacing?.slack ?? null,
            ]
          })
        }
        expect(shape(now)).toEqual(shape(yardAsPlanned(yard, planned)))
      }),
      { numRuns: runs(250) },
    )
  }, 60_000)
})
