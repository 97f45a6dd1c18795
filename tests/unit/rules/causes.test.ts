import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { causesOf, remediesOf } from '#core/rules'
import { CATALOGUE } from '#core/parts'
import { applyEdit, withFreshIdentities } from '#core/yard'
import { L, N, assessFirst, build, counter, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const TURNED: Layer = ['excluder-framed-langstroth', undefined, true]
const STACKS: readonly (readonly [string, readonly Layer[]])[] = [
  ['an excluder the wrong way up', [L.floor, L.deep, TURNED, L.medium, L.crown, L.roof]],
  ['a super of the other bee space', [N.floor, N.brood, N.framed, N.topSuper, N.super, N.crown, N.roof]],
  ['a brood box of the other bee space', [N.floor, N.topBrood, N.framed, N.super, N.crown, N.roof]],
]

describe('findings of one cause', () => {
  it.each(STACKS.slice(0, 2))('%s is one card, however many joints it spoils', (_, layers) => {
    const { assessment } = build(layers)
    const gaps = assessment.findings.filter(({ rule, severity }) => rule === 'bee-space.gap' && severity !== 'note')
    expect(gaps.length).toBeGreaterThan(1)
    const causes = causesOf(assessment.findings)
    expect(causes.filter(({ findings }) => findings.some((one) => gaps.includes(one)))).toHaveLength(1)
  })

  it.each(STACKS)('%s: what they share leaves no finding of its card as it was', (_, layers) => {
    const { yard, assessment } = build(layers)
    for (const { findings, ways } of causesOf(assessment.findings).filter((cause) => cause.findings.length > 1)) {
      const applied = applyEdit(
        yard,
        withFreshIdentities(ways.find(({ shared }) => shared)!.remedy.edit, counter('fresh')),
      )
      if (!applied.ok) throw new Error(applied.problem.reason)
      const after = assessFirst(applied.yard).findings.map(({ key, measured }) => `${measured?.mm} ${key}`)
      for (const { key, measured } of findings) expect(after).not.toContain(`${measured?.mm} ${key}`)
    }
  })

  it('stand apart where nothing is shared, and what is accepted stands alone', () => {
    const { yard, hive, assessment } = build(STACKS[0]![1])
    const gap = assessment.findings.find(({ rule }) => rule === 'bee-space.gap')!
    const accepted = [{ findingKey: gap.key, measuredMm: gap.measured!.mm, reason: 'known' }]
    const again = assessFirst({ ...yard, hives: [{ ...hive, accepted }] })
    const settled = again.findings.filter(({ acceptance }) => acceptance)
    expect(settled).toHaveLength(1)
    for (const finding of settled)
      expect(causesOf(again.findings).find(({ findings }) => findings.includes(finding))!.findings).toEqual([finding])
  })

  it('every finding is on one card, in the order of the worst, and every way out of any is offered once', () => {
    const ids = [...CATALOGUE.patterns.values()]
      .filter(({ kind }) => !['entrance-fitting', 'floor-insert', 'ballast'].includes(kind))
      .map(({ id }) => id)
    const layer = fc.tuple(fc.constantFrom(...ids), fc.constant(undefined), fc.boolean())
    fc.assert(
      fc.property(fc.array(layer, { maxLength: 6 }), (layers) => {
        const { assessment } = build(layers)
        const causes = causesOf(assessment.findings)
        const told = causes.flatMap(({ findings }) => findings)
        expect(new Set(told)).toEqual(new Set(assessment.findings))
        expect(told).toHaveLength(assessment.findings.length)
        expect(causes.map(({ findings }) => assessment.findings.indexOf(findings[0]!))).toEqual(
          causes.map(({ findings }) => Math.min(...findings.map((one) => assessment.findings.indexOf(one)))),
        )
        for (const { findings, ways } of causes) {
          const kinds = new Set(findings.flatMap((one) => remediesOf(one).map(({ kind }) => kind)))
          expect(new Set(ways.map(({ remedy }) => remedy.kind))).toEqual(kinds)
        }
      }),
      { numRuns: runs(60) },
    )
  })
})
