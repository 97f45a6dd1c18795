import ical, { ICalCalendarMethod } from 'ical-generator'
import { daysLater } from '#core/book'

/** One thing on whole days, so that no change of the clocks moves it. */
export interface CalendarEvent {
  readonly id: string
  readonly day: string
  readonly days: number
  readonly summary: string
  readonly text: string
}

/** Things of a yard as an iCalendar file (RFC 5545). */
export function calendarFile(
  what: string,
  yard: { readonly id: string; readonly name: string },
  events: readonly CalendarEvent[],
  today: string,
): string {
  const file = ical({
    // The package writes the name of a calendar as it is: a line break in it would begin a line of its own.
    name: `${what}, ${yard.name.replace(/\s+/g, ' ')}`,
    prodId: { company: 'Duvet', product: 'Duvet', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  for (const { id, day, days, summary, text } of events)
    file.createEvent({
      id: `${yard.id}-${id}@duvet`,
      start: day,
      end: daysLater(day, days),
      allDay: true,
      summary,
      description: text,
      stamp: `${today.slice(0, 10)}T00:00:00Z`,
      floating: false,
    })
  return file.toString()
}
