import fc from 'fast-check'
import { HyperFormula } from 'hyperformula'
import { describe, expect, it } from 'vitest'
import { cellsSeen, compareShares, drawByLot, freedBySpacing, squaresOf, storesOfFeed, wilson } from '#core/book'
import { CATALOGUE } from '#core/parts'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { runs } from '../helpers/runs'

describe('intervals of shares', () => {
  it.each([
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])(
    'Wilson’s for %i of %i (Newcombe 1998, Statistics in Medicine 17: 857–872, table I, from memory)',
    (n, of, low, high) => {
      const found = wilson(n, of)
      expect(found.low).toBeCloseTo(low, 4)
      expect(found.high).toBeCloseTo(high, 4)
    },
  )

  it.each([
    [56, 70, 48, 80, 0.0524, 0.3339],
    [9, 10, 3, 10, 0.1705, 0.809],
    [5, 56, 0, 29, -0.0381, 0.1926],
    [0, 10, 0, 20, -0.1611, 0.2775],
  ])(
    'of the difference %i/%i − %i/%i (Newcombe 1998, Statistics in Medicine 17: 873–890, method 10, from memory)',
    (a, m, b, n, low, high) => {
      const { difference } = compareShares(wilson(a, m), wilson(b, n), F)
      expect(difference.low).toBeCloseTo(low, 4)
      expect(difference.high).toBeCloseTo(high, 4)
    },
  )

  it('Wilson’s by a spreadsheet’s normal distribution (HyperFormula)', () => {
    const sheet = HyperFormula.buildFromArray([[]], { licenseKey: 'gpl-v3' })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.nat(), (of, raw) => {
        const n = raw % (of + 1)
        const z = 'NORM.S.INV(0.975)'
        const half = `${z}*SQRT(${n}/${of}*(1-${n}/${of})/${of}+${z}^2/(4*${of}^2))`
        const bound = (sign: string) =>
          Number(sheet.calculateFormula(`=(${n}/${of}+${z}^2/(2*${of})${sign}${half})/(1+${z}^2/${of})`, 0))
        expect(wilson(n, of).low).toBeCloseTo(bound('-'), 8)
        expect(wilson(n, of).high).toBeCloseTo(bound('+'), 8)
      }),
      { numRuns: runs(60) },
    )
  })

  it('tell nothing of fewer than ten hives a side, nor where the difference may be none', () => {
    expect(compareShares(wilson(9, 9), wilson(0, 9), F).tells).toBe('too-few')
    expect(compareShares(wilson(9, 12), wilson(7, 12), F).tells).toBe('nothing')
    expect(compareShares(wilson(30, 32), wilson(12, 30), F).tells).toBe('a')
    expect(compareShares(wilson(12, 30), wilson(30, 32), F).tells).toBe('b')
    expect(() => wilson(3, 2)).toThrow(RangeError)
    expect(() => wilson(0, 0)).toThrow(RangeError)
  })

  it('drawn by lot, each as likely: of 6 hives 3, and every one in half of the draws', () => {
    let seed = 1
    const chance = () => ((seed = (seed * 48271) % 2147483647) - 1) / 2147483646
    const drawn = new Map<number, number>()
    for (let i = 0; i < 4000; i++) {
      const lot = drawByLot([0, 1, 2, 3, 4, 5], 3, chance)
      expect(new Set(lot).size).toBe(3)
      for (const one of lot) drawn.set(one, (drawn.get(one) ?? 0) + 1)
    }
    // Four standard deviations of 4 000 fair draws.
    for (const count of drawn.values()) expect(Math.abs(count - 2000)).toBeLessThan(130)
    expect(drawByLot([1, 2], 5, chance)).toHaveLength(2)
  })
})

describe('calendars of brood (standard biology, from memory)', () => {
  it('a worker takes 21 days: 3 as egg, 6 open, 12 capped', () => {
    expect(F.eggDays + F.openDays + F.cappedDays).toBe(21)
  })

  it('a queen takes 16: sealed after egg and larva, out of a cell that is sealed today within 8', () => {
    expect(F.eggDays + F.queenOpenDays + 7.5).toBe(16)
    expect(cellsSeen({ cells: { sealed: 1 } }, '2026-05-01', F)?.virginBy).toBe('2026-05-09')
  })
})

describe('crop and frames', () => {
  it.each([
    ['frame-langstroth-shallow', 4],
    ['frame-langstroth-medium', 4],
    ['frame-langstroth-deep', 8],
    ['frame-national-shallow', 3],
  ])('%s gives %i squares of comb, 4 × 4 in (common practice)', (id, count) => {
    expect(squaresOf(CATALOGUE.hanging.get(id)!, F).count).toBe(count)
  })

  it('a square of comb honey an inch and a quarter thick weighs about 15 oz (common practice, from memory)', () => {
    const { eachKg } = squaresOf(CATALOGUE.hanging.get('frame-langstroth-medium')!, F, 31.75)
    expect(eachKg * 35.274).toBeGreaterThan(13)
    expect(eachKg * 35.274).toBeLessThan(17)
  })

  it('100 boxes from 10 frames to 8 free 200 frames, 25 boxes of 8 (common practice)', () => {
    expect(freedBySpacing(100, 10, 8)).toEqual({ frames: 200, boxes: 25, left: 0 })
  })

  it('syrup of 2 : 1 made of 10 kg of sugar gives about 12.5 kg of stores (common practice)', () => {
    expect(storesOfFeed({ feed: 'two-to-one', kg: 15 }, F)).toBeCloseTo(12.5, 9)
    expect(storesOfFeed({ feed: 'one-to-one', kg: 20 }, F)).toBeCloseTo(12.5, 9)
  })
})
