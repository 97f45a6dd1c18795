import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/catalogue'
import { partsById } from '#core/geometry'
import { ROLES, STAGES } from '#core/hive'
import { ANY_TIME, changeoverOf, partsWith, stagesOf, writeHive } from '#core/season'
import { showFigure } from '#core/units'
import { findingInWords, inVocabulary, partNames, stepOfVisitInWords, type Reader } from '#core/wording'
import { build, type Layer } from '../../helpers/hives'

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
const READERS: Reader[] = (['mm', 'inches'] as const).flatMap((units) =>
  (['british', 'northAmerican'] as const).map((vocabulary) => ({ units, vocabulary })),
)

/** What no reader is to read: each with what it is, so that a failure says what is wrong. */
const NEVER: readonly (readonly [what: string, found: RegExp, of?: (reader: Reader) => boolean])[] = [
  [
    'a British word',
    /\b(roofs?|crown boards?|brood box(es)?|dummy|dummies|ekes?|floors?)\b/i,
    ({ vocabulary }) => vocabulary === 'northAmerican',
  ],
  [
    'an American word',
    /\b(inner cover|outer cover|hive body|hive bodies|bottom board|follower|shim)\b/i,
    ({ vocabulary }) => vocabulary === 'british',
  ],
  ['a metric figure', /\d\s?(mm|cm²?|m²K\/W|kg|°C)(?![a-z])|litres?/, ({ units }) => units === 'inches'],
  ['an imperial figure', /\d[./]\d+ in\b|\d (lb|°F)\b|\bquarts\b/, ({ units }) => units === 'mm'],
  ['a figure of nothing', /undefined|NaN|Infinity|null|\[object|± 0( |$)|\d[+−]( |$|\.)|−0( |$)/],
  ['a count that does not agree', /\b1 (frames|gaps|pairs|lifts|moves|boxes|combs|places|supers|findings)\b|\bAll 1\b/],
  ['an article that does not fit', /\ba [aeio]|\ban [bcdfgjklmnpqrstvwxz]/i],
  ['a word said twice', /\b([a-z]{3,}) \1\b/i],
  ['an empty name', / {2}|\(\)|: ?[.|]|^\s*$|\bthe [,.]/],
]

function look(lines: readonly string[], reader: Reader, of: string): void {
  for (const line of lines)
    for (const [what, found, applies] of NEVER) {
      // Names of boxes by their depth in inches are names, not figures.
      const text = line.replace(/,? ?9 (9\/16|5\/8) in\b/g, '')
      if ((!applies || applies(reader)) && found.test(text))
        throw new Error(`${what} for ${reader.vocabulary}, ${reader.units} in ${of}: ${line}`)
    }
}

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
              expect(what).toContain(showFigure(finding.measured.mm, reader.units))
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
      { numRuns: 120 },
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
