import fc from 'fast-check'
import { describe, it } from 'vitest'
import { assessHive, contextOf, assessBox } from '#core/rules'
import { catalogueOf, resolvePart } from '#core/parts'
import { assembleHive, layOut, partsById, partNames } from '#core/stack'
import { compareSpacings, liftsOfHive, dayOfYard, yearOfYard } from '#core/ask'
import { newPlacement, planOf, type Yard } from '#core/yard'
import { USUAL_PROFILE, massOfHive, usualWeighing } from '#core/loads'
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
import { findingInWords, gapTitle, termsInWords, type Reader, assessYard } from '#core/words'
import { readPlanValue } from '#wire/read'
import { layOutBench } from '~/drawing/bench-layout'
import { stackShapes } from '~/drawing/section'
import { anyYard } from '../../helpers/any-yard'
import { runs } from '../../helpers/runs'

const readers: readonly Reader[] = [
  { units: 'mm', vocabulary: 'british' },
  { units: 'inches', vocabulary: 'northAmerican' },
]
const never = () => false

/** What the views ask of a yard when they are opened. */
async function openEveryView(yard: Yard): Promise<void> {
  const catalogue = catalogueOf(yard)
  const parts = partsById(yard)
  for (const reader of readers) await assessYard(yard, {}, reader, () => {}, never)
  await dayOfYard(yard, USUAL_PROFILE, () => {}, never)
  await yearOfYard(yard, USUAL_PROFILE, () => {}, never)
  for (const hive of yard.hives) {
    const assessment = assessHive(yard, hive, parts)
    const names = partNames(assessment.assembled, 'british')
    for (const reader of readers) {
      for (const finding of assessment.findings) findingInWords(finding, names, catalogue, reader)
      for (const gap of assessment.gaps) void [termsInWords(gap.terms, reader), gapTitle(gap, names)]
    }
    for (const axis of ['along', 'across'] as const) {
      stackShapes(assessment.layout, axis)
      layOutBench(assessment, axis, { width: 640, height: 500 }, { k: 1, x: 0, y: 0 }, null, false)
    }
    massOfHive(assembleHive(hive, parts, catalogue), usualWeighing(hive.stage))
    liftsOfHive(yard, hive, USUAL_PROFILE, usualWeighing(hive.stage))
    if (hive.visit) tickEdit(yard, hive)
  }
  const year = writeYear(yard, [...stagesOf(yard), ...ANY_TIME])
  kitOf(yard, year, stagesOf(yard))
  for (const { hiveId, stages } of year) {
    const hive = yard.hives.find(({ id }) => id === hiveId)!
    for (const one of stages.values()) {
      const planned = yardAsPlanned(yard, one)
      assessHive(
        planned,
        planned.hives.find(({ id }) => id === hiveId)!,
        undefined,
        { planned: true },
      )
      layOut(assembleHive(one.hive, partsWith(parts, one), catalogue))
      visitOf(
        changeoverOf({ hive, parts }, { hive: one.hive, parts: partsWith(parts, one) }, catalogue),
        'v',
        '2026-10-01',
      )
    }
  }
  for (const part of yard.parts)
    assessBox(part, newPlacement(part.id, catalogue.patterns.get(part.patternId)), contextOf(yard, yard.hives[0]!))
  compareSpacings(
    yard.parts
      .filter((part) => catalogue.patterns.get(part.patternId)?.kind === 'box')
      .map((part) => resolvePart(part, catalogue)),
    catalogue,
  )
}

describe('whatever the schema takes', () => {
  it(
    'can be opened in every view: nothing of it throws, however odd its patterns, plans and ' + 'visits are (property)',
    async () => {
      await fc.assert(
        fc.asyncProperty(anyYard, async (yard) => {
          const read = readPlanValue(JSON.parse(JSON.stringify(planOf([yard]))))
          if (!read.ok) throw new Error(read.problem.sentence)
          await openEveryView(read.value.yards[0]!)
        }),
        { numRuns: runs(60) },
      )
    },
    120_000,
  )
})
