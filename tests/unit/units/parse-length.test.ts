import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseLength, showFigure, showLength, type UnitSystem } from '#core/units'
import { runs } from '../../helpers/runs'

const LIMITS = { minMm: 0, maxMm: 1000 }
const mm = (text: string, units: UnitSystem = 'mm') => {
  const parsed = parseLength(text, units, LIMITS)
  return parsed.ok ? parsed.mm : parsed.problem
}

describe('what people type', () => {
  it.each([
    ['9 5/8', 'inches', 244.475],
    ['9-5/8"', 'mm', 244.475],
    ['9 5/8 in', 'mm', 244.475],
    ['9⅝″', 'mm', 244.475],
    ['9.625 in', 'mm', 244.475],
    ['244mm', 'inches', 244],
    ['244 mm', 'mm', 244],
    ['24.4 cm', 'inches', 244],
    ['24,4 cm', 'mm', 244],
    ['0.244 m', 'mm', 244],
    ['244', 'mm', 244],
    ['3/8', 'inches', 9.525],
    ['3/8', 'mm', 9.525],
    ['9 5/8', 'mm', 244.475],
    ['5/8 mm', 'mm', 0.625],
    ['3/8"', 'mm', 9.525],
    ['1 ft 4 1/4 in', 'mm', 412.75],
    ['1\' 4 1/4"', 'mm', 412.75],
    [' 6,35 mm ', 'mm', 6.35],
    ['½ in', 'mm', 12.7],
    ['0', 'mm', 0],
    ['.5 in', 'mm', 12.7],
    ['9 5 / 8 in', 'mm', 244.475],
    ['16 inches', 'mm', 406.4],
    ['24.4 CM', 'mm', 244],
  ] as const)('%s with %s switched on is %d mm', (text, units, value) => {
    expect(mm(text, units)).toBe(value)
  })

  it.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['-3 mm', 'negative'],
    ['−3', 'negative'],
    ['3 m', 'out-of-range'],
    ['9999', 'out-of-range'],
    ['9 in 5 mm', 'mixed-units'],
    ['24 cm 4 mm', 'mixed-units'],
    ['1,234', 'ambiguous-comma'],
    ['1,234 mm', 'ambiguous-comma'],
    ['deep', 'not-a-length'],
    ['9 5/0', 'not-a-length'],
    ['NaN', 'not-a-length'],
    ['Infinity', 'not-a-length'],
    ['1e3', 'not-a-length'],
    ['<b>9</b>', 'not-a-length'],
    ['9 5/8 5/8', 'not-a-length'],
    ['5 / ', 'not-a-length'],
  ] as const)('%j is refused as %s', (text, problem) => {
    expect(mm(text, 'inches')).toBe(problem)
  })

  it('asks which is meant where a comma can be read two ways, and both answers can be typed', () => {
    const parsed = parseLength('1,234 mm', 'mm', { minMm: 0, maxMm: 2000 })
    expect(parsed).toEqual({ ok: false, problem: 'ambiguous-comma', readings: ['1.234 mm', '1234 mm'] })
    expect(mm('1.234 mm')).toBe(1.234)
  })

  it('keeps the fraction that was typed', () => {
    expect(parseLength('9-5/8"', 'mm', LIMITS)).toEqual({ ok: true, mm: 244.475, inches: '9 5/8' })
  })

  it('reads back what it shows, in sixteenths and in millimetres', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 16 * 39 }), (sixteenths) => {
        const value = (sixteenths / 16) * 25.4
        expect(mm(showLength(value, 'inches'), 'mm')).toBeCloseTo(value, 6)
      }),
    )
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 9999 }), (hundredths) => {
        expect(mm(showLength(hundredths / 100, 'mm'), 'inches')).toBeCloseTo(hundredths / 100, 6)
      }),
    )
  })

  it('never throws and never gives a figure outside the limits', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom<UnitSystem>('mm', 'inches'), (text, units) => {
        const parsed = parseLength(text, units, LIMITS)
        if (parsed.ok) expect(parsed.mm >= 0 && parsed.mm <= 1000).toBe(true)
      }),
      { numRuns: runs(2000) },
    )
  })
})

describe('what is shown', () => {
  it.each([
    [244.475, '9 5/8'],
    [9.525, '3/8'],
    [6.35, '1/4'],
    [3.175, '1/8'],
    [1.5875, '1/16'],
    [7, '0.28'],
    [9.5, '0.37'],
    [1, '0.039'],
    [0.5, '0.02'],
    [0, '0'],
    [-0.001, '0'],
    [-3.175, '−1/8'],
    [-124.5, '−4.9'],
  ])('%d mm is %s inches', (value, text) => {
    expect(showFigure(value, 'inches')).toBe(text)
  })

  it.each([
    [9.525, '9.53'],
    [6.35, '6.35'],
    [12.7, '12.7'],
    [7, '7'],
    [244.475, '244.5'],
    [-3.175, '−3.17'],
    [15.875, '15.88'],
  ])('%d mm is %s millimetres', (value, text) => {
    expect(showFigure(value, 'mm')).toBe(text)
  })
})
