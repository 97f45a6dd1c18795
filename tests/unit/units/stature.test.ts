import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseStature, showStature, showWind } from '#core/units'

describe('a height of the body', () => {
  it.each([
    ['163', 'mm', 1630],
    ['163 cm', 'inches', 1630],
    ['1.63 m', 'mm', 1630],
    ['1,63 m', 'mm', 1630],
    ['5 ft 4', 'inches', 1625.6],
    ['5 ft 4 in', 'mm', 1625.6],
    ['5\'4"', 'inches', 1625.6],
    ['5 feet', 'inches', 1524],
    ['64', 'inches', 1625.6],
    ['64 in', 'mm', 1625.6],
  ] as const)('reads %j with %s switched on', (text, units, mm) => {
    expect(parseStature(text, units)).toBeCloseTo(mm, 6)
  })

  it.each(['', 'low', '5 ft 12 in', 'ft', '-163', '5 ft 4 cm', '1e3'])('refuses %j', (text) => {
    expect(parseStature(text, 'mm')).toBeNull()
  })

  it('is read back as it is shown, to a centimetre or half an inch (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 2300 }), fc.constantFrom('mm', 'inches'), (mm, units) => {
        const read = parseStature(showStature(mm, units), units)
        expect(Math.abs(read! - mm)).toBeLessThanOrEqual(units === 'mm' ? 5 : 12.7)
      }),
    )
  })

  it('is said in feet and inches, or centimetres', () => {
    expect(showStature(1625.6, 'inches')).toBe('5 ft 4 in')
    expect(showStature(1524, 'inches')).toBe('5 ft')
    expect(showStature(152.4, 'inches')).toBe('6 in')
    expect(showStature(1630, 'mm')).toBe('163 cm')
  })
})

describe('a wind', () => {
  it('is km/h or miles an hour', () => {
    expect(showWind(10, 'mm')).toBe('36 km/h')
    expect(showWind(44.704, 'inches')).toBe('100 mph')
  })
})
