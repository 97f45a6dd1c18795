import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, dimensionMm, hangAcross, honeyCombMm, combAreaDm2, type Spacing } from '#core/parts'
import { compareSpacings } from '#core/ask'
import { drainPlan, stepsTo } from '#core/stack'
import { honeyCapacityKg, honeyKg, waxKg, fullBoxKg } from '#core/loads'
import { describe, expect, it } from 'vitest'
import { boxWith, findingsOf, resolved } from '../helpers/frames'

const slack = (box: string, frame: string, count: number, then: readonly string[] = []) =>
  hangAcross(resolved(boxWith(box, frame, count, { then }))).slackMm
const spacer = (count: number): Spacing => ({ system: 'spacer', count, slack: 'both-sides' })

describe('what frames leave across a box (sums of published and common sizes)', () => {
  // Box widths: USDA Agriculture Handbook 335 and BS 1300:1960, from memory; shoulders: the same, and common practice.
  it.each([
    ['ten self-spacing in a ten-frame Langstroth', 'box-langstroth-deep', 'frame-langstroth-deep', 10, [], 25.4],
    ['eight in an eight-frame box of 12 1/2 in', 'box-langstroth-8-deep', 'frame-langstroth-deep', 8, [], 38.1],
    ['eight in one of 12 1/4 in', 'box-langstroth-8-narrow-deep', 'frame-langstroth-deep', 8, [], 31.75],
    [
      'eleven and a dummy in a National',
      'box-national-brood',
      'frame-national-deep',
      11,
      ['dummy-national-deep'],
      17.3,
    ],
    ['twelve in a National', 'box-national-brood', 'frame-national-deep', 12, [], 2.3],
    ['eleven on 38 mm ends in a National', 'box-national-super', 'frame-national-shallow', 11, [], 4.3],
    ['seven drain frames (10.7 rounded)', 'box-drain-super', 'frame-drain', 7, [], 10.65],
  ] as const)('%s', (_name, box, frame, count, then, mm) => {
    expect(slack(box, frame, count, then)).toBeCloseTo(mm, 1)
  })

  it('nine at 41.3 and eight at 46 fit a ten-frame super, nine wide ones a National', () => {
    for (const count of [9, 8])
      expect(
        hangAcross(
          resolved(boxWith('box-langstroth-medium', 'frame-langstroth-medium', count, { spacing: spacer(count) })),
        ).overlapMm,
      ).toBe(0)
    expect(slack('box-national-super', 'frame-national-super-wide', 10)).toBeCloseTo(9.525, 2)
  })

  it('eleven go into a ten-frame box with end bars of 34.06 mm at most', () => {
    expect(findingsOf(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 11), 'brood')[0]).toMatchObject({
      rule: 'frames.too-many',
      severity: 'stop',
      facts: { fits: 10, leave: 1 },
    })
    expect(findingsOf(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 11), 'brood')[0]).toMatchObject({
      facts: { mostPitchMm: expect.closeTo(34.06, 2) },
    })
    expect(
      findingsOf(boxWith('box-langstroth-deep', 'frame-langstroth-deep-narrow', 11), 'brood').map(({ rule }) => rule),
    ).not.toContain('frames.too-many')
  })
})

describe('honey by the comb (common practice; density: Krell 1996 after White 1975, from memory)', () => {
  it.each([
    [10, undefined, 17.2],
    [9, spacer(9), 19.2],
    [8, spacer(8), 19.4],
  ] as const)('a medium with %i frames holds about so much', (count, spacing, kg) => {
    expect(
      Math.abs(
        honeyKg([
          resolved(boxWith('box-langstroth-medium', 'frame-langstroth-medium', count, spacing ? { spacing } : {})),
        ]).middle - kg,
      ),
    ).toBeLessThan(0.1)
  })

  it('holds what handbooks say of full boxes', () => {
    const full = (box: string, frame: string, count: number) => fullBoxKg(resolved(boxWith(box, frame, count)))
    expect(honeyKg([resolved(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 10))]).middle).toBeCloseTo(26.9, 1)
    expect(full('box-langstroth-deep', 'frame-langstroth-deep', 10).middle).toBeCloseTo(35.9, 1)
    expect(full('box-langstroth-medium', 'frame-langstroth-medium', 10).middle).toBeCloseTo(23.5, 1)
    expect(Math.abs(full('box-langstroth-medium', 'frame-langstroth-medium', 10).high - 25.9)).toBeLessThan(0.15)
    expect(full('box-langstroth-shallow', 'frame-langstroth-shallow', 10).high).toBeCloseTo(22, 0)
    expect(honeyKg([resolved(boxWith('box-langstroth-shallow', 'frame-langstroth-shallow', 10))]).high).toBeCloseTo(
      16.2,
      1,
    )
    expect(
      honeyKg([resolved(boxWith('box-national-super', 'frame-national-shallow-self-spacing', 11))]).middle,
    ).toBeCloseTo(13.8, 1)
  })

  it('holds no more pushed together than at the shoulders’ own pitch', () => {
    const nine = resolved(boxWith('box-langstroth-medium', 'frame-langstroth-medium', 9))
    expect(honeyCapacityKg([nine])).toBeCloseTo(
      (honeyCapacityKg([resolved(boxWith('box-langstroth-medium', 'frame-langstroth-medium', 10))]) * 9) / 10,
      6,
    )
  })

  it('has wax for 1:22 to 1:30 of what the comb can hold', () => {
    const { low, middle, high } = waxKg(25, SHIPPED_FIGURES)
    expect([low, middle, high]).toEqual([25 / 30, 1, 25 / 22])
  })
})

describe('comparing spacings (common practice)', () => {
  const medium = () => resolved(boxWith('box-langstroth-medium', 'frame-langstroth-medium', 10))

  it('frees 40 and 80 frames in 40 boxes', () => {
    const options = compareSpacings(Array.from({ length: 40 }, medium), CATALOGUE)
    expect(options.map(({ count, framesFreed, framesToUncap }) => [count, framesFreed, framesToUncap])).toEqual([
      [10, 0, 400],
      [9, 40, 360],
      [8, 80, 320],
    ])
  })

  it('compares 11, 10 and 9 in a National, by castellations', () => {
    const options = compareSpacings([resolved(boxWith('box-national-super', 'frame-national-shallow', 11))], CATALOGUE)
    expect(
      options.map(({ count, spacing, pitchMm }) => [count, spacing.system, Math.round(pitchMm * 10) / 10]),
    ).toEqual([
      [11, 'touching', 38],
      [10, 'castellation', 42.2],
      [9, 'castellation', 46.9],
    ])
    expect(options.map(({ fits }) => fits)).toEqual([true, true, true])
  })

  it('says when the knife runs on wood: a 1 1/16 in bar at full count, not at nine', () => {
    const [ten, nine] = compareSpacings([medium()], CATALOGUE)
    expect(ten!.proudMm).toBeLessThan(0)
    expect(ten!.asks).toContain('longer-knife')
    expect(nine!.proudMm).toBeCloseTo((41.3 - 8 - 26.9875) / 2, 3)
    expect(nine!.asks).toEqual(['drawn-comb', 'spacer', 'close-for-winter'])
  })

  it('leads from ten drawn at full count to nine, and back before winter', () => {
    const [, nine] = compareSpacings([medium()], CATALOGUE)
    expect(stepsTo(nine!, { count: 10, undrawn: 4, full: 10 }).map(({ step }) => step)).toEqual([
      'draw-full',
      'take-out',
      'space',
      'shift-to-middle',
      'watch-flow',
      'before-winter',
    ])
    expect(stepsTo(nine!, { count: 10, undrawn: 0, full: 10 })[0]).toMatchObject({ step: 'take-out', frames: 1 })
    expect(stepsTo({ count: 10, pitchMm: 34.925 }, { count: 9, undrawn: 0, full: 10 }).map(({ step }) => step)).toEqual(
      ['close-up', 'hang-in'],
    )
    expect(stepsTo(nine!, { count: 9, undrawn: 0, full: 10 })).toEqual([])
  })
})

describe('frames spread evenly', () => {
  it('never hold less honey when one is taken out, up to the thickest comb that bees draw; and less after that', () => {
    for (const [box, frame, width] of [
      ['box-langstroth-medium', 'frame-langstroth-medium', 374.65],
      ['box-national-super', 'frame-national-shallow-straight', 422.275],
      ['box-langstroth-8-medium', 'frame-langstroth-medium', 317.5],
      ['box-langstroth-deep', 'frame-langstroth-deep-narrow', 374.65],
    ] as const) {
      const honey = (count: number) =>
        honeyCapacityKg([resolved(boxWith(box, frame, count, { spacing: { system: 'by-hand', slack: 'spread' } }))])
      for (let count = 11; count > 2; count--) {
        if (count * CATALOGUE.hanging.get(frame)!.spacing.mm > width) continue
        const taken = honey(count - 1)
        if (width / (count - 1) <= 48) expect(taken, `${box} ${count}`).toBeGreaterThan(honey(count))
        else if (width / count >= 48) expect(taken, `${box} ${count}`).toBeLessThan(honey(count))
      }
    }
  })

  it('make comb of pitch less 8 mm, and 40 mm at most', () => {
    expect([34.925, 41.3, 46, 48, 52].map((pitchMm) => honeyCombMm(pitchMm, SHIPPED_FIGURES))).toEqual(
      [26.925, 33.3, 38, 40, 40].map((mm) => expect.closeTo(mm, 6)),
    )
  })
})

describe('drain frames (from memory)', () => {
  it('seven leave 10.7 mm in a ten-frame deep, six go into an eight-frame one', () => {
    const ten = drainPlan(resolved(boxWith('box-drain-super', 'frame-drain', 7)), 52)
    expect(ten).toMatchObject({ frames: 7, fits: 7 })
    expect(ten.playMm).toBeCloseTo(10.65, 2)
    expect(ten.eachSideMm).toBeCloseTo(5.325, 2)
    expect(ten.backDownMm).toBeCloseTo(504.825 * Math.tan(Math.PI / 60), 6)
    expect(drainPlan(resolved(boxWith('box-langstroth-8-deep', 'frame-drain', 6)), 52).fits).toBe(6)
  })
})

describe('comb areas against published frame sizes (USDA AH-335, BS 1300, from memory)', () => {
  it.each([
    ['frame-langstroth-deep', 8.71],
    ['frame-langstroth-medium', 5.58],
    ['frame-langstroth-shallow', 4.63],
    ['frame-langstroth-jumbo', 11.02],
    ['frame-national-deep', 6.62],
    ['frame-national-shallow', 4.06],
    ['frame-national-14x12', 9.62],
  ] as const)('%s', (id, dm2) => {
    expect(combAreaDm2(CATALOGUE.hanging.get(id)!)).toBeCloseTo(dm2, 2)
  })

  it('every box says how wide it is inside', () => {
    for (const pattern of CATALOGUE.patterns.values())
      if (pattern.kind === 'box' && !pattern.sections)
        expect(
          dimensionMm(resolved(boxWith(pattern.id, pattern.normalContents!.framePatternId, 1)), 'insideWidth'),
          pattern.id,
        ).toBeGreaterThan(150)
  })
})
