import { entriesOf, addDays } from '../units'
import type { Calendar, Climate } from '../yard'

/** Years to start from, for the north; the south shifts them by half a year (from memory). */
export const CALENDARS: Record<Climate, Calendar> = {
  'cool-maritime': {
    climate: 'cool-maritime',
    firstPollen: '03-01',
    flowStart: '05-20',
    flowEnd: '07-31',
    firstFrost: '11-01',
    lastFrost: '04-15',
  },
  'cold-continental': {
    climate: 'cold-continental',
    firstPollen: '04-05',
    flowStart: '06-10',
    flowEnd: '08-10',
    firstFrost: '10-05',
    lastFrost: '05-10',
  },
  'warm-temperate': {
    climate: 'warm-temperate',
    firstPollen: '02-01',
    flowStart: '04-10',
    flowEnd: '06-10',
    secondFlow: { start: '09-01', end: '10-05' },
    firstFrost: '12-01',
    lastFrost: '03-01',
  },
  'tropical-highland': {
    climate: 'tropical-highland',
    firstPollen: '02-01',
    flowStart: '03-15',
    flowEnd: '05-15',
    secondFlow: { start: '09-15', end: '11-15' },
    firstFrost: null,
    lastFrost: null,
  },
}

/**
 * The same by the sea with a spring crop, of rape or orchards: supers by mid-April, the June gap, then the summer flow
 * (from memory).
 */
export const SPRING_CROP: Calendar = {
  ...CALENDARS['cool-maritime'],
  flowStart: '05-04',
  flowEnd: '05-31',
  secondFlow: { start: '06-21', end: '07-31' },
}

export const COOL_MARITIME = CALENDARS['cool-maritime']

/** The same year so many days later; the other hemisphere by half a year. */
export function shifted(calendar: Calendar, days: number): Calendar {
  const by = (monthDay: string) => addDays(monthDay, days)
  return {
    ...calendar,
    firstPollen: by(calendar.firstPollen),
    flowStart: by(calendar.flowStart),
    flowEnd: by(calendar.flowEnd),
    firstFrost: calendar.firstFrost && by(calendar.firstFrost),
    lastFrost: calendar.lastFrost && by(calendar.lastFrost),
    ...(calendar.secondFlow
      ? { secondFlow: { start: by(calendar.secondFlow.start), end: by(calendar.secondFlow.end) } }
      : {}),
    ...(calendar.moved
      ? { moved: Object.fromEntries(entriesOf(calendar.moved).map(([stage, day]) => [stage, by(day)])) }
      : {}),
  }
}
