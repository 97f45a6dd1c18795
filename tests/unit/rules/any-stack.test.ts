import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assessHive, type Assessment, remediesOf } from '#core/rules'
import { CATALOGUE, ROLES } from '#core/parts'
import { STAGES, YAWS_DEG, applyEdit, withFreshIdentities } from '#core/yard'
import { findingInWords } from '#core/words'
import { partNames } from '#core/stack'
import { assessFirst, build, counter, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const ids = [...CATALOGUE.patterns.values()]
  .filter(({ kind }) => !['entrance-fitting', 'floor-insert', 'ballast'].includes(kind))
  .map(({ id }) => id)
const layer = fc.record({
  id: fc.constantFrom(...ids, 'box-of-tomorrow'),
  role: fc.constantFrom(...ROLES),
  turned: fc.boolean(),
  yawDeg: fc.constantFrom(...YAWS_DEG),
  x: fc.integer({ min: -60, max: 60 }),
  emptied: fc.boolean(),
  closed: fc.boolean(),
})

/** What must not be, by rule and place. */
const stopsOf = ({ findings }: Assessment) => findings.filter(({ severity }) => severity === 'stop')

describe('any stack at all', () => {
  it('has no way out offered that brings a new stop', () => {
    fc.assert(
      fc.property(fc.array(layer, { maxLength: 8 }), fc.constantFrom(...STAGES), (layers, stage) => {
        const built = build(
          layers.filter(({ id }) => id !== 'box-of-tomorrow').map(({ id, role, turned }): Layer => [id, role, turned]),
          { stage },
        )
        const before = stopsOf(built.assessment)
        for (const finding of built.assessment.findings)
          for (const { kind, edit } of remediesOf(finding)) {
            const applied = applyEdit(built.yard, withFreshIdentities(edit, counter('fresh')))
            if (!applied.ok) throw new Error(applied.problem.reason)
            const after = stopsOf(assessFirst(applied.yard))
            expect(
              after.length,
              `${finding.rule} ${kind}: ${after.map(({ key }) => key)} after ${before.map(({ key }) => key)}`,
            ).toBeLessThanOrEqual(before.length)
          }
      }),
      { numRuns: runs(400) },
    )
  })

  it(
    'is assessed without a fault, in whole words, every remedy applies, and the same stack ' + 'says the same twice',
    () => {
      fc.assert(
        fc.property(fc.array(layer, { maxLength: 9 }), fc.constantFrom(...STAGES), (layers, stage) => {
          const known = layers.map(({ id, role, turned }): Layer => [
            id === 'box-of-tomorrow' ? 'eke-national' : id,
            role,
            turned,
          ])
          const built = build(known, {
            stage,
            change: (part, i) => {
              const { id, emptied, closed } = layers[i]!
              return {
                ...part,
                patternId: id,
                contents: emptied ? [] : part.contents,
                ...(closed ? { hole: 'closed' as const } : {}),
              }
            },
          })
          const hive = {
            ...built.hive,
            stack: built.hive.stack.map((placement, i) => ({
              ...placement,
              yawDeg: layers[i]!.yawDeg,
              offsetMm: { x: layers[i]!.x, y: 0 },
            })),
          }
          const yard = { ...built.yard, hives: [hive] }
          const assessment = assessHive(yard, hive)
          expect(JSON.stringify(assessHive(yard, hive))).toBe(JSON.stringify(assessment))
          const keys = assessment.findings.map(({ key }) => key)
          expect(keys.filter((key, i) => keys.indexOf(key) !== i)).toEqual([])
          expect(Number.isFinite(assessment.heightMm)).toBe(true)
          const names = partNames(assessment.assembled, 'british')
          for (const finding of assessment.findings) {
            const words = findingInWords(finding, names, CATALOGUE, { units: 'mm', vocabulary: 'british' })
            expect(`${words.title} ${words.what} ${words.fate} ${words.remedies.join(' ')}`).not.toMatch(
              /undefined|NaN|Infinity|null/,
            )
            for (const { edit } of remediesOf(finding))
              expect(applyEdit(yard, withFreshIdentities(edit, counter('fresh'))).ok).toBe(true)
          }
        }),
        { numRuns: runs(600) },
      )
    },
  )
})
