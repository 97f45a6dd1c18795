import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CLIMATES } from '#core/yard'
import { SHIPPED_FIGURES } from '#core/figures'
import { CALENDARS, bordersOf, calendarProblems, shifted, stagesOfYear, withBeginning } from '#core/year'
import { YEAR_DAYS, addDays, daysFrom } from '#core/units'
import { runs } from '../../helpers/runs'

const anyYear = fc
  .tuple(fc.constantFrom(...CLIMATES), fc.nat(YEAR_DAYS - 1))
  .map(([climate, days]) => ({ calendar: shifted(CALENDARS[climate], days), figures: SHIPPED_FIGURES }))

describe('the borders of a year', () => {
  it('can each lie on any day between those beside them, and no stage then overlaps another (property)', () => {
    fc.assert(
      fc.property(anyYear, fc.nat(20), fc.double({ min: 0, max: 1, noNaN: true }), (year, which, share) => {
        const borders = bordersOf(year)
        const border = borders[which % borders.length]!
        const day = addDays(border.least, Math.round(share * daysFrom(border.least, border.most)))
        const moved = { ...year, calendar: withBeginning(year.calendar, border.stage, day) }
        expect(calendarProblems(moved).filter(({ warning }) => !warning)).toEqual([])
        const periods = stagesOfYear(moved)
        expect(periods.reduce((sum, { days }) => sum + days, 0)).toBe(YEAR_DAYS)
        expect(periods.find(({ stage }) => stage === border.stage)!.from).toBe(day)
      }),
      { numRuns: runs(300) },
    )
  })

  it('go back by their rule', () => {
    const { calendar } = { calendar: CALENDARS['cool-maritime'] }
    const moved = withBeginning(calendar, 'flow', '05-28')
    expect(
      bordersOf({ calendar: moved, figures: SHIPPED_FIGURES }).find(({ stage }) => stage === 'flow'),
    ).toMatchObject({
      from: '05-28',
      moved: true,
    })
    expect(withBeginning(moved, 'flow', null)).toEqual(calendar)
  })
})
