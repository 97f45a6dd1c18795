import { describe, expect, it } from 'vitest'
import { miteLimit } from '#core/book'
import { CATALOGUE, type Part } from '#core/parts'
import { emptyYard } from '#core/yard'
import { addDays } from '#core/units'
import { CALENDARS, yearOf } from '#core/year'
import { findingInWords } from '#core/words'
import { partNames } from '#core/stack'
import { build, gapBetween, L, type Built } from '../../helpers/hives'

const told = ({ assessment }: Built, rule: string) => {
  const names = partNames(assessment.assembled, 'british')
  return assessment.findings
    .filter((one) => one.rule === rule)
    .map((one) => findingInWords(one, names, CATALOGUE, { units: 'mm', vocabulary: 'british' }).what)
}

describe('a joint that is usual for its make (most keepers live with it; common practice)', () => {
  const poly = ['box-poly-langstroth-deep', 'brood'] as const

  it('is a note also where its ± reaches a limit: polystyrene boxes leave 9.5 ± 3 mm or so', () => {
    const two = build([L.floor, poly, poly, L.crown, L.roof])
    const gap = gapBetween(two, 1, 2)
    expect(gap.plusMinusMm).toBeGreaterThan(0)
    expect(gap).toMatchObject({ usual: true, grade: 'note' })
  })

  it('is none where one of them was measured: then its own ± counts', () => {
    const depth = { mm: 248, plusMinusMm: 0.5, source: { mark: 'measured' as const, text: 'rule' } }
    const change = (part: Part, i: number) => (i === 2 ? { ...part, measured: { depth } } : part)
    expect(gapBetween(build([L.floor, poly, poly, L.crown, L.roof], { change }), 1, 2).usual).toBe(false)
  })
})

describe('two heights of frames at one face', () => {
  /** The first frames of the upper box are shallow ones: they hang higher over the box below. */
  const mixed = (shallow: number) => (part: Part, i: number) =>
    i === 2
      ? {
          ...part,
          contents: part.contents.map((one, n) =>
            n < shallow ? { ...one, patternId: 'frame-langstroth-shallow' } : one,
          ),
        }
      : part

  it('are told once, as the worst of them, with how many are so', () => {
    const whole = gapBetween(build([L.floor, L.deep, L.deep, L.crown, L.roof]), 1, 2)
    for (const shallow of [1, 4, 9]) {
      const built = build([L.floor, L.deep, L.deep, L.crown, L.roof], { change: mixed(shallow) })
      const here = built.assessment.findings.filter(
        ({ rule, partIds }) => rule === 'bee-space.gap' && partIds.join() === [built.at(1), built.at(2)].join(),
      )
      expect(here).toHaveLength(1)
      expect(here[0]!.measured!.mm).toBeGreaterThan(whole.mm + 50)
      expect(told(built, 'bee-space.gap')).toContainEqual(
        expect.stringContaining(`here, under ${shallow} of 10 frames; accepted`),
      )
    }
    // Of frames that are all alike no number is told.
    expect(told(build([L.floor, L.deep, L.deep, L.crown, L.roof]), 'bee-space.gap').join()).not.toMatch(/under \d/)
  })
})

describe('the fall of mites that is let be', () => {
  it.each(['cool-maritime', 'cold-continental', 'warm-temperate'] as const)(
    'is that of winter until four weeks after first pollen, then that of late spring: %s',
    (climate) => {
      const year = yearOf({ ...emptyYard('y', 'Y'), season: { calendar: CALENDARS[climate] } })
      const { firstPollen } = CALENDARS[climate]
      const limit = (days: number) => miteLimit('day', `2026-${addDays(firstPollen, days)}`, year)
      expect(limit(0)).toBe(year.figures.fallWinterADay)
      expect(limit(27)).toBe(year.figures.fallWinterADay)
      expect(limit(28)).toBe(year.figures.fallLateSpringADay)
    },
  )
})
