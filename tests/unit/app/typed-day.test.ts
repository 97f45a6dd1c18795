import { describe, expect, it } from 'vitest'
import { dayFromTyped } from '../../../app/kit/typedDay'

const british = { vocabulary: 'british', today: '2026-12-01' } as const
const american = { vocabulary: 'northAmerican', today: '2026-12-01' } as const

describe('a day as it is typed', () => {
  it.each([
    ['20/12/2026', '2026-12-20'],
    ['3/4/26', '2026-04-03'],
    ['20.12.2026', '2026-12-20'],
    ['20-12-2026', '2026-12-20'],
    ['20 Dec 2026', '2026-12-20'],
    ['20th december 2026', '2026-12-20'],
    ['Dec 20, 2026', '2026-12-20'],
    ['1 Sept 2026', '2026-09-01'],
    ['2026-12-20', '2026-12-20'],
    ['20 Dec', '2026-12-20'],
    ['20/12', '2026-12-20'],
    ['29/2/2028', '2028-02-29'],
    ['31/2/2026', undefined],
    ['29/2/2026', undefined],
    ['12/20/2026', undefined],
    ['soon', undefined],
    ['20/12/2026 <b>', undefined],
    ['', undefined],
  ])('%j to a British keeper is %s', (text, day) => {
    expect(dayFromTyped(text, british)).toBe(day)
  })

  it('reads slashes as this keeper writes them, and a name of a month either way', () => {
    expect(dayFromTyped('3/4/2026', american)).toBe('2026-03-04')
    expect(dayFromTyped('12/20/2026', american)).toBe('2026-12-20')
    expect(dayFromTyped('20/12/2026', american)).toBeUndefined()
    expect(dayFromTyped('Dec 20', american)).toBe('2026-12-20')
    expect(dayFromTyped('20 Dec 2026', american)).toBe('2026-12-20')
  })

  it('takes the year before for a day that would be to come, and none for a day of every year', () => {
    expect(dayFromTyped('20 Dec', { ...british, last: '2026-12-01' })).toBe('2025-12-20')
    expect(dayFromTyped('29 Feb', { ...british, everyYear: true })?.slice(5)).toBe('02-29')
  })

  it('reads the hour where it is asked, and keeps the one that stands', () => {
    const asked = { ...british, time: true, hour: '09:30' }
    expect(dayFromTyped('20/12/2026 14:05', asked)).toBe('2026-12-20T14:05')
    expect(dayFromTyped('20/12/2026 2.05 pm', asked)).toBe('2026-12-20T14:05')
    expect(dayFromTyped('20/12/2026', asked)).toBe('2026-12-20T09:30')
    expect(dayFromTyped('20/12/2026 25:00', asked)).toBeUndefined()
    expect(dayFromTyped('20/12/2026 14:75', asked)).toBeUndefined()
  })
})
