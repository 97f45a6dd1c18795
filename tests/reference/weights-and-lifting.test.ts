import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, combAreaDm2 } from '#core/parts'
import { boxOfPattern, insideLitres } from '#core/stack'
import {
  USUAL_PROFILE,
  couplingMultiplier,
  estimatedReachCm,
  frequencyMultiplier,
  guidelineKg,
  printedLimit,
  readTable,
  recommendedLimit,
  recommendedLimitLb,
  zoneOf,
  HM_CM,
  VM_CM,
  DM_CM,
  AM_DEG,
  tippingWindMs,
  TIMBERS,
  beesOnCombKg,
  fullFrameKg,
  honeyDensityKgPerL,
  massOfPart,
  timberDensityKgPerM3,
  type Fullness,
} from '#core/loads'
import fc from 'fast-check'
import { HyperFormula } from 'hyperformula'
import { describe, expect, it } from 'vitest'
import { boxWith, resolved } from '../helpers/frames'
import { runs } from '../helpers/runs'

const LB = 0.45359237
const weighed = (
  box: string,
  frame: string,
  count: number,
  fullness: Fullness = 'full',
  role: 'brood' | 'super' = 'super',
) =>
  massOfPart(resolved(boxWith(box, frame, count)), role, {
    fullness,
    meanwhile: 'full',
    timberKgPerM3: 420,
    fill: null,
  })

describe('what boxes weigh (check values: common practice and handbooks of the trade)', () => {
  it('a ten-frame deep full of honey: 26.9 kg of honey, 35.9 kg in all, 79 lb', () => {
    const deep = weighed('box-langstroth-deep', 'frame-langstroth-deep', 10)
    expect(deep.items.honey.middle).toBeCloseTo(26.9, 1)
    expect(deep.kg.middle).toBeCloseTo(35.9, 1)
    expect(deep.kg.middle / LB).toBeCloseTo(79, 0)
  })
  it(
    'one frame of it, wood, wax and honey: a tenth of what hangs there, 3.2 kg (7 lb; common ' + 'practice: 6 to 8 lb)',
    () => {
      const box = resolved(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 10))
      expect(fullFrameKg(box)).toBeCloseTo((26.9 + 4.2 + 26.9 / 0.88 / 25) / 10, 1)
      expect(fullFrameKg(box) / LB).toBeCloseTo(7.1, 0)
      expect(fullFrameKg(resolved(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 0)))).toBe(0)
    },
  )
  it('a medium 23.5 to 25.9 kg, a shallow 22.0, 8-frame 29 and 19', () => {
    const medium = weighed('box-langstroth-medium', 'frame-langstroth-medium', 10)
    expect(medium.kg.middle).toBeCloseTo(23.5, 1)
    expect(
      Math.abs(
        medium.items.ware.middle +
          medium.items.frames.middle +
          medium.items.wax.middle +
          medium.items.honey.high -
          25.9,
      ),
    ).toBeLessThan(0.15)
    const shallow = weighed('box-langstroth-shallow', 'frame-langstroth-shallow', 10)
    expect(
      Math.abs(
        shallow.items.ware.middle +
          shallow.items.frames.middle +
          shallow.items.wax.middle +
          shallow.items.honey.high -
          22,
      ),
    ).toBeLessThan(0.25)
    expect(weighed('box-langstroth-8-deep', 'frame-langstroth-deep', 8).kg.middle).toBeCloseTo(29, 0)
    expect(weighed('box-langstroth-8-medium', 'frame-langstroth-medium', 8).kg.middle).toBeCloseTo(19, 0)
  })
  it('a National super holds 13.8 kg, 30.5 lb', () => {
    expect(
      weighed('box-national-super', 'frame-national-shallow-self-spacing', 11).items.honey.middle / LB,
    ).toBeCloseTo(30.5, 0)
  })
  it('a deep comb carries about 2 400 bees, and a bee weighs 3 500 to the pound', () => {
    const areaDm2 = combAreaDm2(CATALOGUE.hanging.get('frame-langstroth-deep')!)
    expect(Math.round((2 * areaDm2 * 100 * SHIPPED_FIGURES.beesPerCm2) / 100)).toBe(24)
    expect(beesOnCombKg(areaDm2, false, SHIPPED_FIGURES).high).toBeCloseTo(2 * areaDm2 * 100 * 1.38 * 0.00013, 9)
    expect((LB * 1000) / SHIPPED_FIGURES.beeGrams / 3500).toBeCloseTo(1, 2)
  })
  it('volumes and depths side by side', () => {
    const litres = (id: string) => insideLitres(boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE).resolved)
    expect([litres('box-langstroth-deep'), litres('box-langstroth-8-deep'), litres('box-national-brood')]).toEqual([
      expect.closeTo(42.7, 0),
      expect.closeTo(36.2, 0),
      expect.closeTo(35.2, 0),
    ])
    const depthMm = (id: string) => CATALOGUE.patterns.get(id)!.dimensions.depth!.mm
    const [deep, medium] = [depthMm('box-langstroth-deep'), depthMm('box-langstroth-medium')]
    expect((2 * medium) / deep).toBeCloseTo(1.38, 2)
    expect((2 * deep) / (deep + medium)).toBeCloseTo(1.185, 3)
  })
})

describe('densities', () => {
  it('of timber by the handbook’s formula (Wood Handbook FPL-GTR-282, from memory)', () => {
    expect([0.35, 0.4, 0.32].map(timberDensityKgPerM3)).toEqual([392, 448, 358.4].map((kg) => expect.closeTo(kg, 6)))
    expect(TIMBERS['red-cedar'].kgPerM3).toBeCloseTo(358, 0)
  })
  it('of honey by water content (Krell 1996 after White 1975, from memory), and 11.8 lb to the gallon', () => {
    expect([16, 18, 20].map(honeyDensityKgPerL)).toEqual([1.4295, 1.4171, 1.4027])
    expect(honeyDensityKgPerL(17.5)).toBeCloseTo(1.4204, 4)
    expect((honeyDensityKgPerL(18) * 3.785411784) / LB).toBeCloseTo(11.8, 1)
    for (const water of [15.9, 20.1, Number.NaN]) expect(() => honeyDensityKgPerL(water)).toThrow(RangeError)
  })
})

describe('the lifting equation (DHHS (NIOSH) 94-110, from memory)', () => {
  const punchPress = { twistDeg: 0, perMinute: 0.2, duration: 'up-to-1-hour', coupling: 'fair' } as const

  it('its worked example by its printed tables, exactly: loading punch-press stock', () => {
    const origin = printedLimit({ ...punchPress, h: 23, v: 15, d: 49 }, 'in')
    const destination = printedLimit({ ...punchPress, h: 23, v: 64, d: 49 }, 'in')
    expect([origin.hm, origin.vm, origin.dm, origin.am, origin.fm, origin.cm]).toEqual([0.44, 0.89, 0.86, 1, 1, 0.95])
    expect([destination.vm, destination.cm]).toEqual([0.75, 1])
    expect([origin.limit, destination.limit]).toEqual([expect.closeTo(16.3, 1), expect.closeTo(14.5, 1)])
    expect([44 / origin.limit, 44 / destination.limit]).toEqual([expect.closeTo(2.7, 1), expect.closeTo(3, 1)])
  })

  it('by formula within 3 % in US measure and 6 % in metric', () => {
    const us = [15, 64].map((vIn) => recommendedLimitLb({ ...punchPress, hIn: 23, vIn, dIn: 49 }).limitLb)
    expect(us).toEqual([expect.closeTo(16, 1), expect.closeTo(14.2, 1)])
    const metric = [15, 64].map(
      (vIn) => recommendedLimit({ ...punchPress, hCm: 23 * 2.54, vCm: vIn * 2.54, dCm: 49 * 2.54 }).limitKg! / LB,
    )
    expect(Math.abs(metric[0]! / 15.7 - 1)).toBeLessThan(0.01)
    expect(Math.abs(metric[1]! / 13.7 - 1)).toBeLessThan(0.01)
    for (const [i, printed] of [16.3, 14.5].entries()) {
      expect(Math.abs(us[i]! / printed - 1)).toBeLessThan(0.03)
      expect(Math.abs(metric[i]! / printed - 1)).toBeLessThan(0.06)
    }
  })

  it('every printed multiplier agrees with its formula to the place that is printed', () => {
    for (const [h, hm] of HM_CM)
      expect(Math.abs(recommendedLimit({ ...punchPress, hCm: h, vCm: 75, dCm: 25 }).hm - hm), `H ${h}`).toBeLessThan(
        0.011,
      )
    for (const [v, vm] of VM_CM)
      expect(Math.abs(recommendedLimit({ ...punchPress, hCm: 25, vCm: v, dCm: 25 }).vm - vm), `V ${v}`).toBeLessThan(
        0.011,
      )
    for (const [d, dm] of DM_CM)
      expect(Math.abs(recommendedLimit({ ...punchPress, hCm: 25, vCm: 75, dCm: d }).dm - dm), `D ${d}`).toBeLessThan(
        0.011,
      )
    for (const [a, am] of AM_DEG)
      expect(
        Math.abs(recommendedLimit({ ...punchPress, hCm: 25, vCm: 75, dCm: 25, twistDeg: a }).am - am),
        `A ${a}`,
      ).toBeLessThan(0.011)
  })

  it('its tables of frequency and coupling', () => {
    const fm = (perMinute: number, duration: 'up-to-1-hour' | 'up-to-2-hours' | 'up-to-8-hours', vCm: number) =>
      frequencyMultiplier({ perMinute, duration, vCm })
    expect([
      fm(0.2, 'up-to-1-hour', 50),
      fm(1, 'up-to-2-hours', 50),
      fm(4, 'up-to-8-hours', 90),
      fm(9, 'up-to-8-hours', 50),
      fm(9, 'up-to-8-hours', 80),
      fm(15, 'up-to-1-hour', 80),
      fm(16, 'up-to-1-hour', 80),
    ]).toEqual([1, 0.88, 0.45, 0, 0.15, 0.28, 0])
    expect(fm(1.5, 'up-to-1-hour', 50)).toBeCloseTo(0.925, 9)
    expect(fm(12.5, 'up-to-1-hour', 50)).toBe(0)
    expect([
      couplingMultiplier('good', 50),
      couplingMultiplier('fair', 50),
      couplingMultiplier('fair', 80),
      couplingMultiplier('poor', 80),
    ]).toEqual([1, 0.95, 1, 0.9])
  })

  it('the reach by the box’s width: a narrower box is easier at equal weight', () => {
    expect([35.6, 41.3, 46].map((width) => estimatedReachCm(width, 60))).toEqual(
      [37.8, 40.65, 43].map((cm) => expect.closeTo(cm, 6)),
    )
    expect(
      [35.6, 41.3, 46].map(
        (width) =>
          Math.round(recommendedLimit({ ...punchPress, hCm: estimatedReachCm(width, 60), vCm: 60, dCm: 25 }).hm * 100) /
          100,
      ),
    ).toEqual([0.66, 0.62, 0.58])
    expect(estimatedReachCm(41.3, 20)).toBeCloseTo(45.65, 6)
  })

  it('gives no number outside of what it covers, and says why', () => {
    const ordinary = { ...punchPress, hCm: 40, vCm: 75, dCm: 30 }
    expect(recommendedLimit({ ...ordinary, hCm: 63.1 })).toMatchObject({ limitKg: null, outOfRange: ['reach'] })
    expect(recommendedLimit({ ...ordinary, vCm: 176 })).toMatchObject({ limitKg: null, outOfRange: ['height'] })
    expect(recommendedLimit({ ...ordinary, dCm: 176, twistDeg: 136 })).toMatchObject({
      limitKg: null,
      outOfRange: ['travel', 'twist'],
    })
    expect(recommendedLimit({ ...ordinary, perMinute: 16 })).toMatchObject({ limitKg: null, outOfRange: ['frequency'] })
    expect(recommendedLimit(ordinary).outOfRange).toEqual([])
  })

  it('agrees with a spreadsheet engine that does the same sums (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 25, max: 63, noNaN: true }),
        fc.double({ min: 0, max: 175, noNaN: true }),
        fc.double({ min: 0, max: 175, noNaN: true }),
        fc.double({ min: 0, max: 135, noNaN: true }),
        (h, v, d, a) => {
          const sheet = HyperFormula.buildFromArray(
            [
              [
                h,
                v,
                d,
                a,
                '=23*MIN(1,25/A1)*(1-0.003*ABS(B1-75))*MIN(1,0.82+4.5/MAX(25,C1))*(1-0.0032*D1)*1*IF(B1<75,0.95,1)',
              ],
            ],
            { licenseKey: 'gpl-v3' },
          )
          const theirs = Number(sheet.getCellValue({ sheet: 0, row: 0, col: 4 }))
          sheet.destroy()
          expect(recommendedLimit({ ...punchPress, hCm: h, vCm: v, dCm: d, twistDeg: a }).limitKg).toBeCloseTo(
            theirs,
            9,
          )
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('reads a table between its rows to two places, and past its end nothing', () => {
    expect([readTable(HM_CM, 10), readTable(HM_CM, 25), readTable(HM_CM, 31), readTable(HM_CM, 64)]).toEqual([
      1, 1, 0.81, 0,
    ])
  })
})

describe('guideline zones (HSE L23, 4th ed.; Drillis & Contini, both from memory)', () => {
  const tall = { ...USUAL_PROFILE, statureMm: 1700 }
  it('are told by hand height as a share of body height', () => {
    expect([200, 600, 900, 1200, 1500, 2143].map((mm) => zoneOf(mm, tall))).toEqual([
      'floor',
      'lower-leg-to-knuckle',
      'knuckle-to-elbow',
      'elbow-to-shoulder',
      'shoulder',
      undefined,
    ])
  })
  it('allow less away from the body and above, and two people two thirds of the sum', () => {
    expect([
      guidelineKg(900, 34, tall).kg,
      guidelineKg(900, 40, tall).kg,
      guidelineKg(1500, 40, tall).kg,
      guidelineKg(2200, 30, tall).kg,
    ]).toEqual([16, 10, 3, null])
    expect(guidelineKg(900, 34, { ...tall, column: 'men', people: 2 }).kg).toBeCloseTo((25 * 4) / 3, 9)
  })
})

describe('the wind that tips a hive (form of EN 1991-1-4; c and the air from memory)', () => {
  it.each([
    [20, 0.5, 28.1],
    [30, 1.1, 15.6],
    [110, 1.1, 29.9],
  ] as const)('%i kg, %f m tall', (kg, height, ms) => {
    expect(tippingWindMs(kg, 412.8, 0.505 * height, (height / 2) * 1000, SHIPPED_FIGURES)).toBeCloseTo(ms, 1)
  })
})
