import fc from 'fast-check'
import { create, all } from 'mathjs'
import { describe, expect, it } from 'vitest'
import { KG_PER_POUND, massFigure, parseMass, poundsFromKg, showMass } from '#core/units'

const LIMITS = { leastKg: 0, mostKg: 500 }
const math = create(all!)

describe('masses', () => {
  it('convert as another library does (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (kg) => {
        expect(poundsFromKg(kg)).toBeCloseTo(math.unit(kg, 'kg').toNumber('lbs'), 6)
      }),
    )
    expect(KG_PER_POUND).toBe(0.45359237)
  })

  it('are shown to a tenth, in kilograms or pounds', () => {
    expect([showMass(23.456, 'mm'), showMass(23.456, 'inches'), massFigure(0, 'mm')]).toEqual([
      '23.5 kg',
      '51.7 lb',
      '0.0',
    ])
  })

  it.each([
    ['45', 'mm', 45],
    ['45,5 kg', 'inches', 45.5],
    ['98 lb', 'mm', 98 * KG_PER_POUND],
    ['98', 'inches', 98 * KG_PER_POUND],
    ['98 lb 8 oz', 'mm', 98.5 * KG_PER_POUND],
    [' 20.25KG ', 'mm', 20.25],
    ['12 pounds', 'mm', 12 * KG_PER_POUND],
  ] as const)('are read as typed: %s', (text, units, kg) => {
    expect(parseMass(text, units, LIMITS)).toEqual({ ok: true, kg: expect.closeTo(kg, 9) })
  })

  it.each([
    ['', 'empty'],
    ['-3 kg', 'negative'],
    ['heavy', 'not-a-mass'],
    ['3 kg 4 lb', 'two-units'],
    ['501 kg', 'out-of-range'],
    ['1.234,5', 'not-a-mass'],
    ['1e3', 'not-a-mass'],
  ] as const)('refuse %s', (text, problem) => {
    expect(parseMass(text, 'mm', LIMITS)).toEqual({ ok: false, problem })
  })
})
