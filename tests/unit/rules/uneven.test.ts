import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assessBox, remediesOf, contextOf } from '#core/rules'
import { applyEdit, planOf, sizeNonsense, withFreshIdentities, withReading, withReadingInUse } from '#core/yard'
import { type Part, CATALOGUE } from '#core/parts'
import { partNames } from '#core/stack'
import { findingInWords } from '#core/words'
import { planSchema } from '#wire/plan-schema'
import { N, assessFirst, build, counter, gapBetween, type Built } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const READER = { vocabulary: 'british', units: 'mm', locale: 'en-GB' } as const
const uneven = (mm: number, otherMm: number, plusMinusMm = 0) => ({
  mm,
  otherMm,
  plusMinusMm,
  source: { mark: 'measured', text: 'rule' } as const,
})
const LAYERS = [N.floor, N.brood, N.crown] as const
/** A crown whose rim is so high on its left and so high on its right side. */
const rimOf = (mm: number, otherMm: number) =>
  build(LAYERS, {
    change: (part, i) => (i === 2 ? { ...part, measured: { rimDepth: uneven(mm, otherMm) } } : part),
  })
/** The same hive with one layer turned about, front to back. */
function turnedAbout({ yard, hive, at }: Built, layer: number): Built {
  const stack = hive.stack.map((placement, i) => (i === layer ? { ...placement, yawDeg: 180 as const } : placement))
  const turned = { ...yard, hives: [{ ...hive, stack }] }
  return { yard: turned, hive: turned.hives[0]!, at, assessment: assessFirst(turned) }
}

describe('a part that is another one on its other side', () => {
  it('is judged on its worse side, and the sentence names it with the figure of the other', () => {
    const built = rimOf(8, 15)
    expect(gapBetween(built, 1, 2)).toMatchObject({ mm: 15, grade: 'mend', uneven: { side: 'other', elsewhereMm: 8 } })
    const { assessment } = built
    const finding = assessment.findings.find(({ rule }) => rule === 'bee-space.gap')!
    expect(finding).toMatchObject({ severity: 'mend', measured: { mm: 15 }, uneven: { side: 'other' } })
    const words = findingInWords(finding, partNames(assessment.assembled, 'british'), CATALOGUE, READER)
    expect(words.what).toContain('on its right or back side only')
    const both = rimOf(11, 15).assessment
    const of = both.findings.find(({ rule }) => rule === 'bee-space.gap')!
    expect(findingInWords(of, partNames(both.assembled, 'british'), CATALOGUE, READER).what).toContain(
      'on the left or front side it is 11 mm',
    )
  })

  it('is no finding where both sides are within the band, however they differ', () => {
    expect(gapBetween(rimOf(7, 9), 1, 2).grade).toBe('good')
    expect(rimOf(7, 9).assessment.findings.filter(({ rule }) => rule === 'bee-space.gap')).toEqual([])
  })

  it('says the left or front side when that is the worse', () => {
    expect(gapBetween(rimOf(2, 8), 1, 2)).toMatchObject({ mm: 2, uneven: { side: 'first', elsewhereMm: 8 } })
  })

  it('carries its low side round with it when it is turned about', () => {
    expect(gapBetween(turnedAbout(rimOf(8, 15), 2), 1, 2)).toMatchObject({
      mm: 15,
      uneven: { side: 'first', elsewhereMm: 8 },
    })
  })

  it('is tried on the side that is told: a way out promises what that side gets', () => {
    const finding = rimOf(8, 15).assessment.findings.find(({ rule }) => rule === 'bee-space.gap')!
    for (const { resultMm } of remediesOf(finding)) expect(resultMm).not.toBe(15)
  })

  it('finds frames that stand above the rim of a box on one side only', () => {
    const built = build([N.floor, N.brood], {
      change: (part, i) => (i === 1 ? { ...part, measured: { restDepth: uneven(17, 2) } } : part),
    })
    const context = contextOf(built.yard, built.hive)
    const box = built.yard.parts.find(({ measured }) => measured)!
    const alone = assessBox(box, built.hive.stack[1]!, context).map(({ key, uneven: side }) => [key, side?.side])
    const onHive = built.assessment.findings
      .filter(({ key }) => alone.some(([one]) => one === key))
      .map(({ key, uneven: side }) => [key, side?.side])
    expect(alone.length).toBeGreaterThan(0)
    expect(new Set(alone.map((one) => one.join()))).toEqual(new Set(onHive.map((one) => one.join())))
  })

  it('is the same hive when both sides are alike, whatever they are', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (mm) => {
        const even = rimOf(mm, mm).assessment
        const plain = build(LAYERS, {
          change: (part, i) =>
            i === 2
              ? { ...part, measured: { rimDepth: { mm, plusMinusMm: 0, source: { mark: 'measured', text: '' } } } }
              : part,
        }).assessment
        expect(even.findings.map(({ key, severity, uneven: side }) => [key, severity, side])).toEqual(
          plain.findings.map(({ key, severity }) => [key, severity, undefined]),
        )
      }),
    )
  })

  it('is no better for its second side: no finding of either side is lost', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }), (a, b) => {
        const both = new Map(rimOf(a, b).assessment.findings.map(({ key, severity }) => [key, severity]))
        const rank = { stop: 0, mend: 1, watch: 2, note: 3 }
        for (const mm of [a, b])
          for (const { key, severity } of rimOf(mm, mm).assessment.findings)
            expect(rank[both.get(key)!]).toBeLessThanOrEqual(rank[severity])
      }),
    )
  })

  it('makes sense on both sides or on none', () => {
    const depth = { mm: 225, plusMinusMm: 0, source: { mark: 'measured', text: '' } as const }
    expect(sizeNonsense({ depth, restDepth: uneven(17, 230) })).toMatchObject({ problem: 'rest-deeper' })
    expect(sizeNonsense({ depth, restDepth: uneven(17, 20) })).toBeUndefined()
  })

  it('is kept with its reading, and read from a plan file', () => {
    const [part] = rimOf(8, 8).yard.parts
    const reading = {
      id: 'r1',
      dimension: 'depth',
      mm: 225,
      otherMm: 228,
      plusMinusMm: 0.5,
      text: 'ruler',
      at: '2026-11-27T06:00:00Z',
    } as const
    const read = withReading(part as Part, reading)
    expect(read.measured?.depth?.otherMm).toBe(228)
    const { otherMm: _other, ...plain } = reading
    expect(withReadingInUse(read, plain).measured?.depth).not.toHaveProperty('otherMm')
    const plan = planOf([rimOf(8, 15).yard])
    expect(planSchema.isValidSync(plan)).toBe(true)
  })

  it('meets side with side: two boxes that lean the same way leave an even gap, turned about an uneven one', () => {
    const leaning = build([N.floor, N.brood, N.super], {
      change: (part, i) =>
        i === 1
          ? { ...part, measured: { restDepth: uneven(17, 21) } }
          : i === 2
            ? { ...part, measured: { depth: uneven(150, 146), restDepth: uneven(0, 0) } }
            : part,
    })
    const [straight, turned] = [gapBetween(leaning, 1, 2), gapBetween(turnedAbout(leaning, 2), 1, 2)]
    expect(straight.uneven).toBeUndefined()
    expect(turned.uneven).toBeDefined()
    expect(Math.abs(turned.mm - turned.uneven!.elsewhereMm!)).toBeCloseTo(8)
  })
})

describe('a way out of an uneven hive is judged on both of its sides', () => {
  it('promises the figure of the worse side, and none that makes either side graver', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 0, max: 30 }), fc.boolean(), (a, b, framed) => {
        const layers = framed
          ? ([N.floor, N.brood, ['excluder-framed-national'], N.super, N.crown, N.roof] as const)
          : ([N.floor, N.brood, N.super, N.crown, N.roof] as const)
        const built = build([...layers], {
          stage: 'supering',
          change: (part) =>
            /^(crown|excluder)/.test(part.patternId) || part.patternId === 'box-national-super'
              ? {
                  ...part,
                  measured: part.patternId.startsWith('box')
                    ? { depth: uneven(140 + a, 140 + b) }
                    : { rimDepth: uneven(a, b) },
                }
              : part,
        })
        const rank = { stop: 0, mend: 1, watch: 2, note: 3 }
        for (const finding of built.assessment.findings.filter(({ rule }) => rule === 'bee-space.gap'))
          for (const way of remediesOf(finding)) {
            const applied = applyEdit(built.yard, withFreshIdentities(way.edit, counter('fresh')))
            if (!applied.ok) throw new Error('a way out does not apply')
            const after = assessFirst(applied.yard)
            const least = rank[finding.severity]
            const grave = ({ findings }: typeof after) =>
              findings.filter(({ severity }) => rank[severity] <= Math.min(least, 2))
            expect(grave(after).length).toBeLessThanOrEqual(grave(built.assessment).length)
            if (way.resultMm !== undefined)
              expect(
                after.gaps.some(({ mm, uneven: side }) =>
                  [mm, side?.elsewhereMm ?? mm].some((one) => Math.abs(one - way.resultMm!) < 0.011),
                ),
              ).toBe(true)
          }
      }),
      { numRuns: runs(150) },
    )
  })

  it('a crown is never the wrong way up both ways up', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 20 }), (a, b) => {
        const ways = [false, true].map((turned) => {
          const built = build([N.floor, N.brood, ['crown-national', undefined, turned], N.roof], {
            change: (part, i) => (i === 2 ? { ...part, measured: { rimDepth: uneven(a, b) } } : part),
          })
          return built.assessment.findings.flatMap((finding) =>
            finding.rule === 'bee-space.gap' && finding.facts.eitherWay ? [finding.facts.eitherWay.better] : [],
          )
        })
        expect(ways.every((told) => told.includes('turned'))).toBe(false)
      }),
    )
  })
})
