import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { figuresApart, showCut, showFigure, showLength, showWithDoubt, termFigures } from '#core/units'

describe('lengths in inches', () => {
  it('never read as a sixteenth that they are not', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 1000, noNaN: true }), (mm) => {
        const shown = showFigure(mm, 'inches')
        if (!/^[\d.]+$/.test(shown) || Number.isInteger(Number(shown))) return
        const sixteenth = Math.round((mm / 25.4) * 16) / 16
        if (Math.abs(mm - sixteenth * 25.4) >= 0.03)
          expect(Math.sign(Number(shown) - sixteenth)).toBe(Math.sign(mm / 25.4 - sixteenth))
      }),
    )
    expect([6.24, 6.34, 6.35, 12.72, 12.82, 38.2, 38].map((mm) => showLength(mm, 'inches'))).toEqual([
      '0.246 in',
      '0.2496 in',
      '1/4 in',
      '0.501 in',
      '0.505 in',
      '1.504 in',
      '1.496 in',
    ])
  })

  it('read differently, and in the right order, where they are held against each other', () => {
    const length = fc.integer({ min: 1, max: 60_000 }).map((hundredths) => hundredths / 100)
    fc.assert(
      fc.property(length, length, fc.constantFrom('mm' as const, 'inches' as const), (a, b, units) => {
        const [first, second] = figuresApart([a, b], units)
        expect(first === second).toBe(a === b)
      }),
    )
    expect(figuresApart([6.05, 6, 9], 'inches')).toEqual(['0.238', '0.236', '0.354'])
    expect(figuresApart([6.349, 6.35], 'mm')).toEqual(['6.35', '6.35'])
  })

  it('are all fractions or all decimals within a sum, and decimals beside a ±', () => {
    expect(termFigures([22, 6.35], 'inches')).toEqual(['0.87', '0.25'])
    expect(termFigures([6.35, 9.525], 'inches')).toEqual(['1/4', '3/8'])
    expect(showLength(1206.53, 'inches')).toBe('47 1/2 in')
    expect(termFigures([22, 6.35], 'mm')).toEqual(['22', '6.35'])
    expect(showWithDoubt({ mm: 38.1, plusMinusMm: 1 }, 'inches')).toBe('1.5 ± 0.04 in')
    expect(showWithDoubt({ mm: 9.525, plusMinusMm: 0.2 }, 'inches')).toBe('0.375 ± 0.008 in')
    expect(showWithDoubt({ mm: 7, plusMinusMm: 1 }, 'mm')).toBe('7 ± 1 mm')
  })

  it('are cut as a tape reads them, to the nearest 1/32', () => {
    expect(showCut(424.8, 'inches')).toBe('16 23/32 in')
    expect(showCut(8, 'inches')).toBe('5/16 in')
    expect(showCut(424.8, 'mm')).toBe('424.8 mm')
  })
})
