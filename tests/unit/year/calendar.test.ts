import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES } from '#core/figures'
import { CLIMATES, isSouthern, type Calendar } from '#core/yard'
import {
  CALENDARS,
  COOL_MARITIME,
  SPRING_CROP,
  calendarProblems,
  marksOf,
  shifted,
  stageOn,
  stagesOfYear,
} from '#core/year'
import { HALF_YEAR_DAYS, YEAR_DAYS, addDays, dayOfYear, daysFrom, monthDayOf } from '#core/units'

const yearWith = (calendar: Calendar) => ({ calendar, figures: SHIPPED_FIGURES })
const on = (calendar: Calendar, day: string) => stageOn(`2026-${day}T00:00:00Z`, yearWith(calendar))
const problems = (change: Partial<Calendar>) =>
  calendarProblems(yearWith({ ...COOL_MARITIME, ...change })).map(
    ({ field, problem, warning }) => `${field} ${problem}${warning ? ' (warning)' : ''}`,
  )

describe('the stages of a year', () => {
  it('go by the yard’s own dates, a boundary belonging to the stage that it begins', () => {
    expect(
      ['02-01', '03-01', '04-29', '05-20', '07-31', '08-14', '10-04', '11-01', '01-10', '02-29'].map((day) =>
        on(COOL_MARITIME, day),
      ),
    ).toEqual([
      'late-winter-check',
      'building-up',
      'supering',
      'flow',
      'crop',
      'after-crop',
      'pack-down',
      'winter',
      'winter',
      'late-winter-check',
    ])
  })

  it('by the sea with a spring crop supers are on by mid-April, and between the crops it is watched (year)', () => {
    expect(problems(SPRING_CROP)).toEqual([])
    expect(['04-12', '04-13', '05-20', '06-05', '06-18', '07-10', '08-05'].map((day) => on(SPRING_CROP, day))).toEqual([
      'building-up',
      'supering',
      'flow',
      'crop',
      'supering',
      'flow',
      'crop',
    ])
    expect(isSouthern(SPRING_CROP)).toBe(false)
    expect(isSouthern(shifted(SPRING_CROP, HALF_YEAR_DAYS))).toBe(true)
  })

  it('have the lengths that the rules give them: 28, 21, 14 and 28 days', () => {
    const days = Object.fromEntries(stagesOfYear(yearWith(COOL_MARITIME)).map((period) => [period.stage, period.days]))
    expect(days).toMatchObject({ 'late-winter-check': 28, supering: 21, crop: 14, 'pack-down': 28, flow: 72 })
  })

  it('a climate without frost has flow, crop and dearth, and neither winter nor packing down', () => {
    expect(new Set(stagesOfYear(yearWith(CALENDARS['tropical-highland'])).map(({ stage }) => stage))).toEqual(
      new Set(['flow', 'crop', 'dearth']),
    )
    expect(stagesOfYear(yearWith(CALENDARS['tropical-highland'])).filter(({ stage }) => stage === 'flow')).toHaveLength(
      2,
    )
  })

  it('two flows with frost have a dearth between them, and a crop after each', () => {
    const order = stagesOfYear(yearWith(CALENDARS['warm-temperate'])).map(({ stage }) => stage)
    expect(order.filter((stage) => stage === 'crop')).toHaveLength(2)
    expect(order.slice(order.indexOf('crop'), order.indexOf('crop') + 3)).toEqual(['crop', 'dearth', 'supering'])
  })

  it.each(CLIMATES)(
    '%s: every day of the year is in one stage, the runs follow each other without a hole',
    (climate) => {
      const periods = stagesOfYear(yearWith(CALENDARS[climate]))
      expect(periods.reduce((sum, { days }) => sum + days, 0)).toBe(YEAR_DAYS)
      periods.forEach(({ to }, i) => expect(periods[(i + 1) % periods.length]!.from).toBe(to))
      expect(calendarProblems(yearWith(CALENDARS[climate])).filter(({ warning }) => !warning)).toEqual([])
    },
  )

  it(
    'a calendar turned by so many days gives the same stages turned by as many, in either ' + 'hemisphere (property)',
    () => {
      fc.assert(
        fc.property(
          fc.constantFrom(...CLIMATES),
          fc.integer({ min: 0, max: 364 }),
          fc.oneof(fc.constant(HALF_YEAR_DAYS), fc.integer({ min: 1, max: 364 })),
          (climate, day, by) => {
            const text = monthDayOf(day)
            expect(on(shifted(CALENDARS[climate], by), addDays(text, by))).toBe(on(CALENDARS[climate], text))
          },
        ),
      )
      expect([
        on(shifted(COOL_MARITIME, HALF_YEAR_DAYS), '12-24'),
        on(shifted(COOL_MARITIME, HALF_YEAR_DAYS), '06-24'),
      ]).toEqual(['flow', 'winter'])
    },
  )

  it('any dates at all give a whole year, whatever overlaps (property)', () => {
    const day = fc.integer({ min: 0, max: 364 }).map(monthDayOf)
    fc.assert(
      fc.property(
        day,
        day,
        day,
        day,
        fc.option(fc.record({ start: day, end: day }), { nil: undefined }),
        (firstPollen, flowStart, flowEnd, firstFrost, secondFlow) => {
          const dates = { firstPollen, flowStart, flowEnd, firstFrost, lastFrost: null }
          const periods = stagesOfYear(
            yearWith({ climate: 'cool-maritime', ...dates, ...(secondFlow ? { secondFlow } : {}) }),
          )
          expect(periods.reduce((sum, { days }) => sum + days, 0)).toBe(YEAR_DAYS)
        },
      ),
    )
  })

  it(
    'where two overlap: flow before crop before supering before late-winter check before ' +
      'packing down before winter',
    () => {
      const early = { ...COOL_MARITIME, flowStart: '03-05' }
      expect([on(early, '02-11'), on(early, '02-12'), on(early, '03-05')]).toEqual([
        'late-winter-check',
        'supering',
        'flow',
      ])
      const lateFlow = { ...COOL_MARITIME, flowEnd: '10-20' }
      expect([on(lateFlow, '10-19'), on(lateFlow, '10-20'), on(lateFlow, '11-02'), on(lateFlow, '11-03')]).toEqual([
        'flow',
        'crop',
        'crop',
        'winter',
      ])
    },
  )

  it('a beginning that the keeper moves moves the end of the stage before it', () => {
    const moved = { ...COOL_MARITIME, moved: { supering: '04-20' } }
    expect([on(moved, '04-19'), on(moved, '04-20'), on(moved, '05-20')]).toEqual(['building-up', 'supering', 'flow'])
    expect(calendarProblems(yearWith(moved)).filter(({ warning }) => !warning)).toEqual([])
  })
})

describe('what cannot be in a year', () => {
  it.each([
    ['no date', { firstPollen: '13-01' }, 'firstPollen no-date'],
    ['the 30th of February', { flowStart: '02-30' }, 'flowStart no-date'],
    ['frost where there is no winter', { climate: 'tropical-highland' as const }, 'firstFrost frost-without-winter'],
    ['no frost where there is winter', { firstFrost: null }, 'firstFrost winter-without-frost'],
    ['a flow that ends before it begins', { flowEnd: '05-01' }, 'flowEnd flow-too-long'],
    ['two flows at once', { secondFlow: { start: '07-01', end: '09-01' } }, 'secondFlow flows-overlap'],
    ['a beginning past its end', { moved: { supering: '06-15' } }, 'supering overlaps'],
    ['a stage that this year has not', { moved: { dearth: '06-15' } }, 'dearth not-in-this-year'],
  ])('%s is refused', (_name, change, expected) => {
    expect(problems(change)).toContain(expected)
  })

  it('a flow before the last frost is a warning, no refusal', () => {
    expect(problems({ lastFrost: '06-01' })).toEqual(['lastFrost flow-before-last-frost (warning)'])
    expect(problems({})).toEqual([])
  })
})

describe('marks on the calendar', () => {
  it('a count of mites each month from building up, and the eight weeks before the first frost', () => {
    const marks = marksOf(yearWith(COOL_MARITIME))
    expect(marks.find(({ kind }) => kind === 'winter-bees')).toEqual({ kind: 'winter-bees', from: '09-06', days: 56 })
    expect(
      marks
        .filter(({ kind }) => kind === 'mite-count')
        .map(({ from }) => from)
        .slice(0, 3),
    ).toEqual(['03-01', '03-31', '04-30'])
    expect(marksOf(yearWith(CALENDARS['tropical-highland'])).some(({ kind }) => kind === 'winter-bees')).toBe(false)
  })

  it('days go round the year and back (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 364 }), fc.integer({ min: -800, max: 800 }), (day, by) => {
        expect(daysFrom(monthDayOf(day), addDays(monthDayOf(day), by))).toBe(((by % 365) + 365) % 365)
        expect(dayOfYear(monthDayOf(day))).toBe(day)
      }),
    )
  })
})
