import fc from 'fast-check'
import Fraction from 'fraction.js'
import Qty from 'js-quantities'
import { all, create } from 'mathjs'
import { describe, expect, it } from 'vitest'
import {
  MM_PER_INCH,
  inchReading,
  inchesFromFraction,
  inchesFromMm,
  mmFromInches,
  parseLength,
  roundTo,
} from '#core/units'

const math = create(all!)

describe('lengths against other libraries', () => {
  it('has the inch of NIST SP 811, Appendix B.8: 2.54 E-02 m, exactly', () => {
    expect(MM_PER_INCH).toBe(25.4)
    expect(Qty('1 in').to('mm').scalar).toBeCloseTo(MM_PER_INCH, 9)
  })

  it('converts as js-quantities and mathjs do', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 100, noNaN: true }), (inches) => {
        expect(mmFromInches(inches)).toBeCloseTo(Qty(inches, 'in').to('mm').scalar, 5)
        expect(mmFromInches(inches)).toBeCloseTo(math.unit(inches, 'inch').toNumber('mm'), 5)
        expect(inchesFromMm(mmFromInches(inches))).toBeCloseTo(inches, 6)
      }),
    )
  })

  it('reads centimetres, metres and feet as mathjs does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9999 }), fc.constantFrom('mm', 'cm', 'in', 'm'), (tenths, unit) => {
        const parsed = parseLength(`${tenths / 10} ${unit}`, 'mm', { minMm: 0, maxMm: 1e7 })
        expect(parsed.ok && parsed.mm).toBeCloseTo(
          math.unit(tenths / 10, unit === 'in' ? 'inch' : unit).toNumber('mm'),
          4,
        )
      }),
    )
  })
})

describe('fractions against fraction.js', () => {
  it('shows the sixteenth that a separate rounding of the exact fraction gives', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100_000 }), (hundredths) => {
        const mm = hundredths / 100
        const exact = new Fraction(hundredths, 100).div(new Fraction(254, 10))
        const sixteenth = exact.mul(16).round().div(16)
        const { text, side } = inchReading(mm)
        const shown = text.includes(' ')
          ? new Fraction(text.split(' ')[0]!).add(text.split(' ')[1]!)
          : new Fraction(text)
        if (exact.mul(16).mod(1).equals(new Fraction(1, 2))) return
        expect(shown.equals(sixteenth)).toBe(true)
        const off = exact.sub(sixteenth).valueOf() * 25.4
        if (Math.abs(off) > 0.01) expect(side).toBe(Math.sign(off))
      }),
    )
  })

  it('reads mixed fractions to the same number', () => {
    fc.assert(
      fc.property(
        fc.nat(40),
        fc.integer({ min: 0, max: 63 }),
        fc.constantFrom(2, 4, 8, 16, 32, 64),
        (whole, over, under) => {
          expect(inchesFromFraction(`${whole} ${over}/${under}`)).toBeCloseTo(
            new Fraction(over, under).add(whole).valueOf(),
            12,
          )
        },
      ),
    )
  })
})

describe('rounding half up against mathjs', () => {
  it('agrees away from zero for positive figures', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1_000_000 }), (thousandths) => {
        expect(roundTo(thousandths / 1000, 2)).toBeCloseTo(
          Number(math.format(math.round(math.bignumber(thousandths).div(1000), 2))),
          9,
        )
      }),
    )
  })
})
