import { describe, expect, it } from 'vitest'
import { assess, contextOf, remediesOf } from '#core/rules'
import { CATALOGUE, type Part } from '#core/parts'
import { boxFit, boxOfPattern, assembleHive, partsById, partNames } from '#core/stack'
import { STAGES, emptyYard, startHive } from '#core/yard'
import { findingInWords } from '#core/words'
import { contextFor } from '../../helpers/frames'
import { L, N, assessFirst, build, counter, gapBetween, type Built, type Layer, tried } from '../../helpers/hives'

const gapsOf = ({ assessment }: Pick<Built, 'assessment'>) =>
  assessment.findings.filter(({ rule }) => rule === 'bee-space.gap')
const told = ({ assessment }: Pick<Built, 'assessment'>, rule: string) => {
  const finding = assessment.findings.find((one) => one.rule === rule)!
  return findingInWords(finding, partNames(assessment.assembled, 'northAmerican'), CATALOGUE, {
    units: 'mm',
    vocabulary: 'northAmerican',
  })
}
const own = (mm: number) => ({ mm, plusMinusMm: 0, source: { mark: 'own' as const, text: 'test' } })

describe('what is usual for a make (most keepers live with it; common practice)', () => {
  it('two deeps of 9 5/8 in leave 12.7 mm: a note that names the make which avoids it, with its 11.1', () => {
    const two = build([L.floor, L.deep, L.deep, L.crown, L.roof])
    expect(gapBetween(two, 1, 2)).toMatchObject({ grade: 'note', verdict: 'bridged', usual: true })
    expect(told(two, 'bee-space.gap').fate).toMatch(
      /most keepers live with it\. Instead of one of them, an older deep hive body, 9 9\/16 in: then it is 11\.11 mm\.$/,
    )
  })

  it('is told alike by the table of what fits what', () => {
    const deep = boxOfPattern(CATALOGUE.patterns.get('box-langstroth-deep')!, CATALOGUE)
    expect(boxFit(deep, deep, contextFor()).gap).toMatchObject({ grade: 'note' })
  })

  it(
    'ends where a part was measured, where two formats meet, where a part is the wrong way ' + 'up, and over 12.7 mm',
    () => {
      const deeper = build([L.floor, L.deep, L.deep, L.crown, L.roof], {
        change: (part, i) => (i === 2 ? { ...part, measured: { depth: own(244.475) } } : part),
      })
      expect(gapBetween(deeper, 1, 2)).toMatchObject({ grade: 'watch', usual: false })
      const mixed = build([N.floor, N.topBrood, N.super, N.crown, N.roof])
      expect(gapBetween(mixed, 1, 2)).toMatchObject({ grade: 'mend', usual: false })
      const wrong = build([L.floor, L.deep, ['excluder-framed-langstroth', undefined, true], L.medium, L.crown, L.roof])
      expect(gapBetween(wrong, 2, 3)).toMatchObject({ usual: false })
    },
  )

  it.each(['langstroth', 'national'] as const)(
    'a first %s hive has nothing to warn of, in any stage but those that want more than a first hive has',
    (start) => {
      const { hive, parts } = startHive(start, 'First hive', CATALOGUE, counter())
      const yard = { ...emptyYard('y', 'Y'), hives: [hive], parts }
      expect(assessFirst(yard).findings.filter(({ severity }) => severity !== 'note')).toEqual([])
      for (const stage of STAGES) {
        const context = { ...contextOf(yard, hive), stage }
        expect(
          assess(assembleHive(hive, partsById(yard), CATALOGUE), context).findings.filter(
            ({ rule, severity }) => rule === 'bee-space.gap' && severity !== 'note',
          ),
        ).toEqual([])
      }
    },
  )

  it('a framed excluder under a medium is no warning without a way out', () => {
    const built = build([L.floor, L.deep, L.framed, L.medium, L.crown, L.roof])
    for (const one of gapsOf(built)) expect(one.severity === 'note' || remediesOf(one).length > 0).toBe(true)
  })
})

describe('a way out', () => {
  it(
    'that ends in the band is offered alone; one that does not is told as better, not good, ' + 'when nothing else is',
    () => {
      const wrong = build([L.floor, L.deep, ['excluder-framed-langstroth', undefined, true], L.medium, L.crown, L.roof])
      const [below, above] = [
        gapsOf(wrong).find(({ partIds }) => partIds[1] === wrong.at(2))!,
        gapsOf(wrong).find(({ partIds }) => partIds[0] === wrong.at(2))!,
      ]
      expect(remediesOf(below).every(({ resultMm, onlyBetter }) => resultMm! <= 9.525 && !onlyBetter)).toBe(true)
      expect(remediesOf(above)).toMatchObject([{ kind: 'turn-over', onlyBetter: true }])
      const names = partNames(wrong.assessment.assembled, 'british')
      expect(findingInWords(above, names, CATALOGUE, { units: 'mm', vocabulary: 'british' }).remedies).toEqual([
        'Turn the framed excluder over: 10.18 mm, better, not good',
      ])
    },
  )

  it('counts a face with a board beside the frames once, and turns what is the wrong way up over both', () => {
    const withDummy = (part: Part): Part =>
      part.patternId === 'box-national-brood'
        ? {
            ...part,
            contents: [...part.contents.slice(0, 9), { id: 'd', patternId: 'dummy-langstroth-deep', place: 9 }],
          }
        : part
    const built = build([N.floor, N.brood, ['crown-national', undefined, true], N.roof], {
      stage: 'building-up',
      change: withDummy,
    })
    expect(built.assessment.betterWays[0]).toMatchObject({ better: 'turned' })
    expect(remediesOf(gapsOf(built).find(({ partIds }) => partIds[1] === built.at(2))!)[0]).toMatchObject({
      kind: 'turn-over',
    })
  })
})

describe('what was told wrongly', () => {
  it('frames that hang down into a rim of 88.9 mm are judged by what they leave over the floor: 31.5 mm', () => {
    const tall = (part: Part): Part =>
      part.patternId === 'eke-national'
        ? { ...part, measured: { depth: own(88.9) } }
        : part.patternId === 'box-national-brood'
          ? { ...part, contents: part.contents.map((one) => ({ ...one, patternId: 'frame-national-14x12' })) }
          : part
    const built = build([N.floor, N.eke, N.brood, N.crown, N.roof], { stage: 'building-up', change: tall })
    expect(gapBetween(built, 0, 2)).toMatchObject({ place: 'floor', grade: 'good', mm: expect.closeTo(31.525, 3) })
    expect(built.assessment.findings.map(({ rule }) => rule)).not.toContain('fit.frame')
    const low = build([N.floor, N.eke, N.brood, N.crown, N.roof], {
      stage: 'building-up',
      change: (part) => (part.patternId === 'eke-national' ? { ...part, measured: { depth: own(50) } } : tall(part)),
    })
    expect(gapBetween(low, 0, 2).grade).not.toBe('good')
  })

  it('an empty box on its head drops no frames', () => {
    const built = build([L.floor, ['box-langstroth-deep', 'brood', true], L.crown, L.roof], {
      change: (part) => ({ ...part, contents: [] }),
    })
    expect(told(built, 'order.upside-down').fate).toBe('Its rests are at the bottom: frames put into it fall through.')
  })

  it('edges that only just meet stand open', () => {
    const built = build([L.floor, L.deep, L.eke, L.crown, L.roof], {
      stage: 'after-crop',
      change: (part, i) =>
        i === 2
          ? { ...part, measured: { outsideWidth: own(374.65), rimWidth: own(10), outsideLength: own(505) } }
          : part,
    })
    const open = built.assessment.findings.filter(({ rule }) => rule === 'joint.open')
    expect(open.length).toBeGreaterThan(0)
    expect(
      built.assessment.joints
        .flatMap(({ bearingMm }) => Object.values(bearingMm))
        .some((mm) => mm !== null && Math.abs(mm) < 0.005),
    ).toBe(true)
    expect(told(built, 'joint.open').what).toMatch(/only just meet|do not meet/)
  })

  it('each colony over and under a division board has its own room', () => {
    const layers: readonly Layer[] = [
      N.floor,
      N.brood,
      ['division-national'],
      ['box-national-6-brood', 'brood'],
      N.crown,
      N.roof,
    ]
    const rooms = build(layers, { stage: 'building-up' }).assessment.findings.filter(
      ({ rule }) => rule === 'room.brood',
    )
    expect(rooms.map(({ partIds }) => partIds.length)).toEqual([1])
    expect(rooms[0]!.facts).toMatchObject({ shared: true })
    expect(
      build([N.floor, N.brood, N.brood, N.crown, N.roof], { stage: 'building-up' }).assessment.findings.some(
        ({ rule }) => rule === 'room.brood',
      ),
    ).toBe(false)
  })

  it('sugar under crop supers, and a roof that shuts the vents of a quilt, are told', () => {
    expect(
      tried(
        build([L.floor, L.deep, L.framed, L.medium, ['feeder-tray-langstroth'], L.roof], {
          stage: 'flow',
        }).assessment.findings.find(({ rule }) => rule === 'season.feed-under-supers'),
      ),
    ).toMatchObject({ severity: 'watch', remedies: [{ kind: 'swap-for' }] })
    const quilt = (insideMm: number) =>
      build([L.floor, L.deep, L.crown, ['absorber-langstroth'], L.roof], {
        stage: 'winter',
        change: (part, i) =>
          i === 4
            ? { ...part, measured: { insideLength: own(505 + 2 * insideMm), insideWidth: own(412.75 + 2 * insideMm) } }
            : part.hole
              ? { ...part, hole: 'open' }
              : part,
      }).assessment.findings.map(({ rule }) => rule)
    expect(quilt(2)).toContain('season.absorber-roofed-in')
    expect(quilt(7)).not.toContain('season.absorber-roofed-in')
  })
})
