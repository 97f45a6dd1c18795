import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, ROLES } from '#core/parts'
import { partsById, partNames } from '#core/stack'
import { STAGES } from '#core/yard'
import { ANY_TIME, changeoverOf, partsWith, stagesOf, writeHive } from '#core/year'
import { findingInWords, heldAgainst, inVocabulary, limitsOf, stepOfVisitInWords } from '#core/words'
import { build, type Layer } from '../../helpers/hives'
import { look, READERS } from '../../helpers/never-said'
import { runs } from '../../helpers/runs'

const ids = [...CATALOGUE.patterns.values()]
  .filter(({ kind }) => !['entrance-fitting', 'floor-insert', 'ballast'].includes(kind))
  .map(({ id }) => id)
const layer = fc.record({
  id: fc.constantFrom(...ids),
  role: fc.constantFrom(...ROLES),
  turned: fc.boolean(),
  emptied: fc.boolean(),
  closed: fc.boolean(),
})
describe('every sentence of every finding and step, over any stacks, in both vocabularies and both units', () => {
  it('is in the reader’s words and figures, agrees in number, and names what it names once', () => {
    fc.assert(
      fc.property(fc.array(layer, { minLength: 2, maxLength: 9 }), fc.constantFrom(...STAGES), (layers, stage) => {
        const { yard, assessment } = build(
          layers.map(({ id, role, turned }): Layer => [id, role, turned]),
          {
            stage,
            change: (part, i) => ({
              ...part,
              contents: layers[i]!.emptied ? [] : part.contents,
              ...(layers[i]!.closed ? { hole: 'closed' as const } : {}),
            }),
          },
        )
        const [hive] = yard.hives
        const parts = partsById(yard)
        const planned = writeHive(yard, hive!, [...stagesOf(yard), ...ANY_TIME])
        const steps = [...planned.stages].flatMap(([toStage, one]) =>
          changeoverOf({ hive: hive!, parts }, { hive: one.hive, parts: partsWith(parts, one) }, CATALOGUE).steps.map(
            (step) => ({ step, toStage }),
          ),
        )
        for (const reader of READERS) {
          const names = partNames(assessment.assembled, reader.vocabulary)
          for (const finding of assessment.findings) {
            const { title, short, what, fate, remedies } = findingInWords(finding, names, CATALOGUE, reader)
            look([title, short, what, fate, ...remedies], reader, finding.rule)
            if (finding.measured && /^(bee-space\.(gap|end-bar|side)|joint\.(roof|bearing))$/.test(finding.rule))
              expect(what).toContain(heldAgainst(finding.measured, limitsOf(finding), reader))
          }
          for (const { step, toStage } of steps) {
            const words = stepOfVisitInWords(
              step,
              {
                toStage,
                parting: 'cold',
                catalogue: CATALOGUE,
                names,
                parts,
                roleOf: (id) => hive!.stack.find(({ partId }) => partId === id)?.role,
              },
              reader,
            )
            look(
              [words.text, words.why, ...(words.how ?? []), ...(words.asks ? [words.asks] : []), ...words.cautions],
              reader,
              `a step of ${step.patternId}`,
            )
          }
        }
      }),
      { numRuns: runs(120) },
    )
  }, 120_000)

  it('leaves the keeper’s own names as they are', () => {
    expect(
      inVocabulary('Old roof box on a roof; the roof is off, a floor is there', 'northAmerican', ['Old roof box']),
    ).toBe('Old roof box on an outer cover; the outer cover is off, a bottom board is there')
    expect(inVocabulary('An eke and two dummies', 'northAmerican')).toBe('A shim and two follower boards')
    expect(inVocabulary('A roof', 'british')).toBe('A roof')
  })
})
