import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE } from '#core/parts'
import { settlingOf } from '#core/stack'
import { gapsChangedBy } from '#core/ask'
import { sizeNonsense, withReading } from '#core/yard'
import { sumOfMeasures, type Length } from '#core/units'
import { sizeNonsenseInWords } from '#core/words'
import fc from 'fast-check'
import { all, create } from 'mathjs'
import { describe, expect, it } from 'vitest'
import { L, N, build, gapBetween } from '../../helpers/hives'

const math = create(all!)
const size = (mm: number, plusMinusMm = 0): Length => ({ mm, plusMinusMm, source: { mark: 'measured', text: 'rule' } })

describe('what would settle a verdict', () => {
  it('shows the worst case both ways, and the part that is least sure', () => {
    const built = build([N.floor, N.brood, N.crown, N.roof])
    const gap = gapBetween(built, 1, 2)
    expect(settlingOf(gap, SHIPPED_FIGURES)).toEqual({
      leastMm: 6,
      mostMm: 8,
      likelyLeastMm: 6,
      likelyMostMm: 8,
      partId: built.at(2),
      settles: true,
    })
    expect(settlingOf(gapBetween(build([L.deep, L.medium]), 0, 1), SHIPPED_FIGURES)).toBeUndefined()
  })

  it('says so where one reading is not enough', () => {
    const built = build([N.floor, N.brood, N.crown, N.roof], {
      change: (part, i) => (i === 2 ? { ...part, measured: { rimDepth: size(6.5, 1) } } : part),
    })
    expect(settlingOf(gapBetween(built, 1, 2), SHIPPED_FIGURES)).toMatchObject({ settles: false })
  })
})

describe('± through sums', () => {
  const terms = fc.array(
    fc.record({
      mm: fc.integer({ min: -500, max: 9000 }).map((n) => n / 100),
      plusMinusMm: fc.integer({ min: 0, max: 500 }).map((n) => n / 100),
    }),
    { minLength: 1, maxLength: 8 },
  )

  it('agree with mathjs, and the worst case is never narrower than the likely one', () => {
    fc.assert(
      fc.property(terms, (list) => {
        const sum = sumOfMeasures(list)
        expect(sum.mm).toBeCloseTo(Number(math.sum(list.map(({ mm }) => mm))), 5)
        expect(sum.plusMinusMm).toBeCloseTo(Number(math.sum(list.map(({ plusMinusMm }) => plusMinusMm))), 5)
        expect(sum.likelyPlusMinusMm).toBeCloseTo(Number(math.norm(list.map(({ plusMinusMm }) => plusMinusMm))), 6)
        expect(sum.likelyPlusMinusMm).toBeLessThanOrEqual(sum.plusMinusMm + 1e-6)
      }),
    )
  })

  it('carry every uncertain part of a joint', () => {
    const built = build([N.floor, N.brood, N.super], {
      change: (part, i) =>
        i === 0
          ? part
          : {
              ...part,
              measured: { restDepth: size(i === 1 ? 12 : 9.525, 0.5), depth: size(i === 1 ? 225.4 : 149.2, 0.5) },
            },
    })
    const gap = gapBetween(built, 1, 2)
    expect(gap.plusMinusMm).toBeCloseTo(0.5 + 1, 6)
    expect(gap.likelyPlusMinusMm).toBeCloseTo(Math.hypot(0.5, 1), 6)
  })
})

describe('sizes that no part can have', () => {
  it.each([
    [{ insideLength: size(470), outsideLength: size(460) }, 'inside-larger'],
    [{ insideWidth: size(200), outsideWidth: size(460), restToRest: size(400) }, 'walls-too-thick'],
    [{ depth: size(2, 3) }, 'plus-minus-larger'],
    [{ insideLength: size(370), outsideLength: size(460), restToRest: size(360) }, 'rest-outside'],
    [{ restDepth: size(120), depth: size(100) }, 'rest-deeper'],
    [{ rimWidth: size(110), outsideWidth: size(200), outsideLength: size(300) }, 'rim-too-wide'],
  ] as const)('%o: %s', (sizes, problem) => {
    const nonsense = sizeNonsense(sizes)!
    expect(nonsense.problem).toBe(problem)
    expect(sizeNonsenseInWords(nonsense)).toMatch(/^[A-Z].*\.$/)
  })

  it('finds nothing wrong with the catalogue', () => {
    for (const { dimensions, id } of CATALOGUE.patterns.values()) expect(sizeNonsense(dimensions), id).toBeUndefined()
  })
})

describe('readings', () => {
  it('are kept, the last one in use', () => {
    const part = build([L.deep]).yard.parts[0]!
    const reading = (id: string, mm: number) => ({
      id,
      dimension: 'depth' as const,
      mm,
      plusMinusMm: 0.5,
      text: 'rule',
      at: '2026-05-01T09:00:00Z',
    })
    const twice = withReading(withReading(part, reading('a', 244)), reading('b', 245))
    expect(twice.readings!.map(({ mm }) => mm)).toEqual([244, 245])
    expect(twice.measured!.depth!.mm).toBe(245)
  })
})

describe('what a change would do', () => {
  it('lists every gap of the yard that becomes another', () => {
    const { yard, hive, at } = build([N.floor, N.brood, N.crown, N.roof])
    const changes = gapsChangedBy(yard, { kind: 'set-override', key: 'crown-national.rimDepth', length: size(5) })
    expect(changes).toEqual([
      {
        hiveId: hive.id,
        hiveName: 'Twill',
        lowerId: at(1),
        upperId: at(2),
        beforeMm: 7,
        afterMm: 5,
        beforeGrade: 'note',
        afterGrade: 'watch',
      },
    ])
    expect(gapsChangedBy(yard, { kind: 'remove-hive', hiveId: 'nothing' })).toBeNull()
  })
})
