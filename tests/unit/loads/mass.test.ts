import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, type COMB_HOLDS, type Content } from '#core/parts'
import { assembleHive, partsById } from '#core/stack'
import { meaningOf, STAGES } from '#core/yard'
import {
  FULLNESSES,
  MASS_ITEMS,
  massOfHive,
  massOfPart,
  usualWeighing,
  type Fullness,
  type Range,
  type Weighing,
} from '#core/loads'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPlan } from '../../../demo/make-demo'
import { boxWith, resolved } from '../../helpers/frames'

const weighing = (fullness: Fullness, more: Partial<Weighing> = {}): Weighing => ({
  fullness,
  meanwhile: 'full',
  timberKgPerM3: 420,
  fill: null,
  ...more,
})
const HIVES = demoPlan().yards.flatMap((yard) =>
  yard.hives.map((hive) => ({
    name: hive.name,
    assembled: assembleHive(hive, partsById(yard), CATALOGUE),
    stage: hive.stage,
  })),
)
const ordered = ({ low, middle, high }: Range) => low <= middle + 1e-12 && middle <= high + 1e-12

describe('the parts of a hive', () => {
  it(
    'add up to the whole, to the gram, in every state, each figure within its bounds ' +
      '(property over hives and states)',
    () => {
      for (const { name, assembled } of HIVES) {
        for (const fullness of FULLNESSES) {
          const mass = massOfHive(assembled, weighing(fullness))
          for (const bound of ['low', 'middle', 'high'] as const) {
            const parts = [...mass.parts.values()].reduce((sum, { kg }) => sum + kg[bound], 0)
            expect(Math.abs(parts - mass.kg[bound] - mass.standKg[bound]), `${name} ${fullness}`).toBeLessThan(0.001)
          }
          expect(
            Math.abs(MASS_ITEMS.reduce((sum, item) => sum + mass.items[item].middle, 0) - mass.kg.middle),
          ).toBeLessThan(0.001)
          // Bounds of a box: the ends of its honey and its brood, all else at its middle (weights and lifting, common
          // practice).
          for (const { resolved, part } of assembled.stack.filter(
            ({ pattern, resolved: box }) => pattern?.kind === 'box' && box.hung.length > 0,
          )) {
            const { items, kg } = mass.parts.get(part.id)!
            for (const bound of ['low', 'high'] as const)
              expect(kg[bound] - kg.middle, resolved.part.id).toBeCloseTo(
                items.honey[bound] - items.honey.middle + items.brood[bound] - items.brood.middle,
                9,
              )
          }
          for (const part of mass.parts.values()) {
            expect(ordered(part.kg), `${name} ${part.partId}`).toBe(true)
            for (const item of MASS_ITEMS) expect(ordered(part.items[item])).toBe(true)
          }
        }
      }
    },
  )

  it('grow heavier from empty over drawn and in flow to full', () => {
    for (const { name, assembled } of HIVES) {
      const kg = (['empty', 'drawn', 'in-flow', 'full'] as const).map(
        (fullness) => massOfHive(assembled, weighing(fullness)).kg.middle,
      )
      expect(kg, name).toEqual([...kg].sort((a, b) => a - b))
    }
  })

  it('are weighed at every stage', () => {
    for (const stage of STAGES)
      expect(massOfHive(HIVES[0]!.assembled, usualWeighing(stage)).kg.middle).toBeGreaterThan(15)
    expect((['settling', 'flow', 'crop', 'winter'] as const).map((stage) => meaningOf(stage).fullness)).toEqual([
      'drawn',
      'in-flow',
      'full',
      'winter',
    ])
  })
})

describe('a box', () => {
  const medium = (contents?: readonly Content[]) =>
    resolved(boxWith('box-langstroth-medium', 'frame-langstroth-medium', 10, contents ? { contents } : {}))

  it('never weighs less with more honey (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (a, b) => {
        const [less, more] = a < b ? [a, b] : [b, a]
        const kg = (fill: number) =>
          massOfPart(medium(), 'super', weighing('full', { fill: { low: fill, middle: fill, high: fill } })).kg
        for (const bound of ['low', 'middle', 'high'] as const)
          expect(kg(more)[bound]).toBeGreaterThanOrEqual(kg(less)[bound])
      }),
    )
  })

  it('is what is said of its frames, frame by frame', () => {
    const frames = (holds: (place: number) => (typeof COMB_HOLDS)[number] | undefined) =>
      medium(
        Array.from({ length: 10 }, (_, place) => ({
          id: `f${place}`,
          patternId: 'frame-langstroth-medium',
          place,
          ...(holds(place) ? { comb: 'drawn' as const, holds: holds(place)! } : {}),
        })),
      )
    const said = (box: ReturnType<typeof medium>) => massOfPart(box, 'super', weighing('as-said')).items.honey.middle
    const full = massOfPart(medium(), 'super', weighing('full')).items.honey.middle
    expect(said(frames(() => 'capped-honey'))).toBeCloseTo(full, 9)
    expect(said(frames((place) => (place < 5 ? 'capped-honey' : 'empty')))).toBeCloseTo(full / 2, 9)
    expect(said(frames(() => 'empty'))).toBe(0)
    expect(said(frames(() => undefined))).toBeCloseTo(full, 9)
    expect(said(frames(() => 'nectar'))).toBeLessThan(full)
  })

  it('has bounds that are those of a named quantity: fill for honey, the brood figure for brood', () => {
    const { items } = massOfPart(medium(), 'super', weighing('full'))
    expect(items.honey.low / items.honey.middle).toBeCloseTo(
      SHIPPED_FIGURES.fillShareLow / SHIPPED_FIGURES.fillShareTypical,
      9,
    )
    expect(items.honey.high / items.honey.middle).toBeCloseTo(
      SHIPPED_FIGURES.fillShareHigh / SHIPPED_FIGURES.fillShareTypical,
      9,
    )
    const brood = massOfPart(
      resolved(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 10)),
      'brood',
      weighing('in-flow'),
    ).items
    expect([brood.brood.low / brood.brood.middle, brood.brood.high / brood.brood.middle]).toEqual([
      expect.closeTo(0.75, 9),
      expect.closeTo(1.4, 9),
    ])
    expect(brood.bees.high / brood.bees.middle).toBeCloseTo(1 / 0.75, 9)
  })

  it('knows its heaviest single frame, and timber makes a difference', () => {
    const deep = resolved(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 10))
    expect(massOfPart(deep, 'super', weighing('full')).heaviestFrameKg.middle).toBeCloseTo(2.69 + 0.42 + 0.122, 1)
    const cedar = massOfPart(deep, 'super', weighing('full', { timberKgPerM3: 358.4 }))
    expect(cedar.kg.middle).toBeLessThan(massOfPart(deep, 'super', weighing('full')).kg.middle)
    expect(cedar.items.honey).toEqual(massOfPart(deep, 'super', weighing('full')).items.honey)
  })

  it('of polystyrene has the bounds of its foam', () => {
    const { ware } = massOfPart(
      resolved(boxWith('box-poly-langstroth-deep', 'frame-langstroth-deep', 10)),
      'brood',
      weighing('empty'),
    ).items
    expect([ware.low / ware.middle, ware.high / ware.middle]).toEqual([
      expect.closeTo(100 / 110, 9),
      expect.closeTo(120 / 110, 9),
    ])
  })

  it('with foundation that is not drawn yet holds no honey, whatever the stage', () => {
    const sheets = medium(
      Array.from({ length: 10 }, (_, place) => ({
        id: `f${place}`,
        patternId: 'frame-langstroth-medium',
        place,
        comb: 'wax-foundation' as const,
      })),
    )
    const { items } = massOfPart(sheets, 'super', weighing('as-said'))
    expect([items.honey.middle, items.wax.middle]).toEqual([0, 0])
  })
})
