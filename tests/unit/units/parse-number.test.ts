import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseNumber, parseTemperature } from '#core/units'

describe('a number as it is typed', () => {
  it.each([
    ['12', 0, 12],
    ['12,5', 1, 12.5],
    ['12.5', 1, 12.5],
    ['.5', 1, 0.5],
    ['1 200', 0, 1200],
    ['1,200', 0, 1200],
    ['1,200', 1, undefined],
    ['2 1/2', 1, 2.5],
    ['½', 1, 0.5],
    ['2½', 1, 2.5],
    ['−3', 0, -3],
    ['-3', 0, -3],
    ['', 0, undefined],
    ['ten', 0, undefined],
    ['1e3', 0, undefined],
    ['12 kg', 0, undefined],
    ['1/0', 1, undefined],
    ['<b>1</b>', 0, undefined],
  ])('%j with %d decimals is %s', (text, decimals, value) => {
    expect(parseNumber(text, decimals)).toBe(value)
  })

  it('reads back every number that it is shown', () => {
    fc.assert(
      fc.property(fc.integer({ min: -100_000, max: 100_000 }), (tenths) => {
        expect(parseNumber(String(tenths / 10).replace('-', '−'), 1)).toBeCloseTo(tenths / 10, 9)
      }),
    )
  })
})

describe('a temperature as it is typed', () => {
  it('is in the unit that is typed with it, else in the one that is switched on', () => {
    expect(parseTemperature('50 °F', 'mm')).toBeCloseTo(10, 9)
    expect(parseTemperature('50f', 'mm')).toBeCloseTo(10, 9)
    expect(parseTemperature('50', 'inches')).toBeCloseTo(10, 9)
    expect(parseTemperature('−5 °C', 'inches')).toBe(-5)
    expect(parseTemperature('12,5', 'mm')).toBe(12.5)
    expect(parseTemperature('warm', 'mm')).toBeUndefined()
  })
})
