import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  beesInCups,
  cropFrom,
  isRearing,
  judgedCount,
  miteChart,
  miteLimit,
  miteRate,
  treatmentEnd,
  treatmentWarnings,
  treatmentWorked,
  type Treatment,
} from '#core/book'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { COOL_MARITIME, USUAL_YEAR } from '#core/year'
import { entry } from '../../helpers/book'

const tray = (at: string, mites: number, days: number) => entry('mites', at, { way: 'tray', mites, days })
const wash = (at: string, mites: number, bees = 300) => entry('mites', at, { way: 'wash', mites, bees })
const treated = (body: Partial<Treatment> = {}) =>
  entry('treatment', '2026-08-10T18:00', { product: 'strips', ...body })

describe('mites', () => {
  it('are counted a day on a tray and in 100 bees in a wash; half a cup is 300 bees', () => {
    expect(miteRate({ way: 'tray', mites: 21, days: 7 })).toEqual({ in: 'day', rate: 3 })
    expect(miteRate({ way: 'wash', mites: 9, bees: 300 })).toEqual({ in: 'hundred', rate: 3 })
    expect(beesInCups(0.5, F)).toBe(300)
    expect(() => miteRate({ way: 'tray', mites: 1, days: 0 })).toThrow(RangeError)
    expect(() => miteRate({ way: 'sugar', mites: 1, bees: 0 })).toThrow(RangeError)
  })

  it('are held against the limit of their day: 1 in 100 until the main flow, 2 from then on', () => {
    expect(miteLimit('hundred', '2026-04-15', USUAL_YEAR)).toBe(1)
    expect(miteLimit('hundred', '2026-06-15', USUAL_YEAR)).toBe(2)
    expect(miteLimit('hundred', '2026-08-20', USUAL_YEAR)).toBe(2)
    expect(miteLimit('hundred', '2026-10-15', USUAL_YEAR)).toBe(2)
    expect(miteLimit('hundred', '2026-11-15', USUAL_YEAR)).toBe(1)
    expect(
      ['2026-01-15', '2026-03-20', '2026-04-01', '2026-06-30', '2026-10-10'].map((day) =>
        miteLimit('day', day, USUAL_YEAR),
      ),
    ).toEqual([0.5, 0.5, 6, 10, 8])
    expect(isRearing('2026-09-01', { figures: F, calendar: { ...COOL_MARITIME, firstFrost: null } })).toBe(false)
  })

  it('are over the limit when there are as many or more; the yard’s own limit counts', () => {
    expect(judgedCount(wash('2026-06-15T10:00', 5), USUAL_YEAR).over).toBe(false)
    expect(judgedCount(wash('2026-06-15T10:00', 6), USUAL_YEAR).over).toBe(true)
    const own = { calendar: COOL_MARITIME, figures: { ...F, washSeasonInHundred: 5 } }
    expect(judgedCount(wash('2026-06-15T10:00', 6), own).over).toBe(false)
  })

  it('that fall under a treatment, or in two weeks after it, are held against no limit; a wash is', () => {
    const book = [treated({ until: '2026-09-21' })]
    const fell = (day: string) => judgedCount(tray(`${day}T10:00`, 700, 7), USUAL_YEAR, book)
    expect([fell('2026-08-12'), fell('2026-10-05')].map(({ over }) => over)).toEqual([false, false])
    expect([fell('2026-08-09'), fell('2026-10-06')].map(({ over }) => over)).toEqual([true, true])
    expect(judgedCount(tray('2026-11-20T10:00', 700, 7), USUAL_YEAR, [treated()]).underTreatment).toBe(true)
    expect(judgedCount(wash('2026-08-12T10:00', 12), USUAL_YEAR, book).over).toBe(true)
  })

  it('after a treatment say how well it worked, against a count of the same way only', () => {
    const counts = [tray('2026-08-08T10:00', 70, 7), wash('2026-08-09T10:00', 12), tray('2026-09-30T10:00', 7, 7)]
    expect(treatmentWorked('2026-08-10', '2026-09-21', counts, F)).toMatchObject({ gone: 0.9, few: false })
    expect(treatmentWorked('2026-08-10', '2026-09-21', counts.slice(0, 2), F)).toBeUndefined()
    expect(treatmentWorked('2026-08-10', '2026-09-21', [counts[1]!, counts[2]!], F)).toBeUndefined()
    expect(treatmentWorked('2026-08-10', '2026-09-21', [tray('2026-08-01T10:00', 3, 3), counts[2]!], F)?.few).toBe(true)
  })
})

describe('a treatment', () => {
  it('ends as was said, else as its label has it; a crop waits for the withdrawal', () => {
    expect(treatmentEnd(treated({ labelDays: 42 }))).toBe('2026-09-21')
    expect(treatmentEnd(treated({ labelDays: 42, until: '2026-09-01' }))).toBe('2026-09-01')
    expect(treatmentEnd(treated())).toBeUndefined()
    expect(cropFrom(treated({ until: '2026-09-01', withdrawalDays: 14 }))).toBe('2026-09-16')
    expect(cropFrom(treated())).toBeUndefined()
  })

  it('is warned of with supers on, too cold, too warm, before its withdrawal is over, without an end', () => {
    const warned = (body: Partial<Treatment>, more: Partial<Parameters<typeof treatmentWarnings>[1]> = {}) =>
      treatmentWarnings(treated(body), { supersOn: 0, cropDays: [], ...more }).map(({ warning }) => warning)
    expect(warned({ labelDays: 42 })).toEqual([])
    expect(warned({ labelDays: 42 }, { supersOn: 2 })).toEqual(['supers-on'])
    expect(warned({ labelDays: 42, supersMayStay: true }, { supersOn: 2 })).toEqual([])
    const label = { labelDays: 42, fromCelsius: 10, toCelsius: 29.5 }
    expect(warned(label)).toEqual(['ask-forecast'])
    expect([9, 10, 29.5, 31].map((highCelsius) => warned({ ...label, highCelsius }))).toEqual([
      ['too-cold'],
      [],
      [],
      ['too-warm'],
    ])
    expect(warned({ labelDays: 42, expiresOn: '2026-08-09' })).toEqual(['expired'])
    expect(warned({ labelDays: 42, withdrawalDays: 7 }, { cropDays: ['2026-09-25', '2026-08-01'] })).toEqual([
      'crop-too-early',
    ])
    expect(warned({ labelDays: 42, withdrawalDays: 7 }, { cropDays: ['2026-09-29'] })).toEqual([])
    expect(warned({})).toEqual(['no-end'])
  })

  it('never lets a crop through while no end is known', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400 }), (days) => {
        const day = new Date(Date.UTC(2026, 7, 10 + days)).toISOString().slice(0, 10)
        const found = treatmentWarnings(treated(), { supersOn: 0, cropDays: [day] })
        expect(found.some(({ warning }) => warning === 'crop-too-early')).toBe(true)
      }),
    )
  })
})

describe('a chart of mites', () => {
  const counts = [tray('2025-08-08T10:00', 70, 7), tray('2025-09-30T10:00', 7, 7), wash('2026-06-15T10:00', 12)]
  const strips = entry('treatment', '2025-08-10T18:00', { product: 'strips', labelDays: 42 })
  const chart = miteChart([...counts, strips], USUAL_YEAR, '2026-07-01')!

  it('shows counts against the limit of their own day, and the limits all through', () => {
    expect(chart.counts.map(({ in: measure, rate, over }) => [measure, rate, over])).toEqual([
      ['day', 10, true],
      ['day', 1, false],
      ['hundred', 4, true],
    ])
    expect(chart.span.from <= '2025-08-08' && chart.span.to >= '2026-07-01').toBe(true)
    expect(new Set(chart.limits.hundred.map(({ limit }) => limit))).toEqual(new Set([1, 2]))
  })

  it('has treatments with how they worked, open ones up to today, and the weeks of winter bees of each year', () => {
    expect(chart.treatments[0]).toMatchObject({ from: '2025-08-10', to: '2025-09-21', isOpen: false })
    expect(chart.treatments[0]!.worked?.gone).toBeCloseTo(0.9)
    const open = entry('treatment', '2026-06-20T18:00', { product: 'strips' })
    expect(miteChart([...counts, open], USUAL_YEAR, '2026-07-01')!.treatments[0]).toMatchObject({
      to: '2026-07-01',
      isOpen: true,
    })
    expect(chart.winterBees).toEqual([{ from: '2025-09-06', to: '2025-11-01' }])
    expect(miteChart([strips], USUAL_YEAR, '2026-07-01')).toBeUndefined()
  })
})
