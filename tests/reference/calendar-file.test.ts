import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { CALENDARS, USUAL_YEAR, stagesOfYear } from '#core/year'
import { comingDay, yearAsCalendar } from '~/export/year-ics'

const YARD = { id: 'quay', name: 'Sallow Quay' }
function events(text: string) {
  return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one))
}

describe('the calendar file, read back by ical.js (an independent parser of RFC 5545)', () => {
  it('has every stage on its days, whole days, one after the other', () => {
    const stages = events(yearAsCalendar(YARD, USUAL_YEAR, '2026-11-25T10:00:00Z')).filter(
      ({ uid }) => !/mite|winter-bees/.test(uid),
    )
    expect(stages).toHaveLength(stagesOfYear(USUAL_YEAR).length)
    const flow = stages.find(({ summary }) => summary === 'Sallow Quay: flow')!
    expect([flow.startDate.toString(), flow.endDate.toString(), flow.startDate.isDate]).toEqual([
      '2027-05-20',
      '2027-07-31',
      true,
    ])
    const winter = stages.find(({ summary }) => summary === 'Sallow Quay: winter')!
    expect(winter.startDate.toString()).toBe('2027-11-01')
  })

  it('counts mites each month and names the weeks of winter bees; a year without frost has none', () => {
    const all = events(yearAsCalendar(YARD, USUAL_YEAR, '2026-01-01'))
    expect(all.filter(({ summary }) => summary.endsWith('count mites')).length).toBeGreaterThanOrEqual(8)
    const bees = all.find(({ summary }) => summary.endsWith('winter bees are raised'))!
    expect(bees.duration.toSeconds()).toBe(56 * 86_400)
    expect(
      events(yearAsCalendar(YARD, { ...USUAL_YEAR, calendar: CALENDARS['tropical-highland'] }, '2026-01-01')).some(
        ({ summary }) => summary.endsWith('winter bees are raised'),
      ),
    ).toBe(false)
  })

  it(
    'keeps its identities, so that a file saved again replaces the first; names with commas ' + 'and lines are words',
    () => {
      const odd = { id: 'q', name: 'Quay, upper; the “old”\nBEGIN:VEVENT' }
      const [a, b] = ['2026-01-01', '2026-06-01'].map((day) =>
        events(yearAsCalendar(odd, USUAL_YEAR, day)).map(({ uid }) => uid),
      )
      expect(a).toEqual(b)
      expect(new Set(a).size).toBe(a!.length)
      expect(events(yearAsCalendar(odd, USUAL_YEAR, '2026-01-01'))[0]!.summary).toContain(
        'Quay, upper; the “old” BEGIN:VEVENT',
      )
    },
  )

  it('takes the next such day, today being one', () => {
    expect([
      comingDay('11-25', '2026-11-25'),
      comingDay('11-24', '2026-11-25'),
      comingDay('12-31', '2026-11-25'),
    ]).toEqual(['2026-11-25', '2027-11-24', '2026-12-31'])
  })
})
