import ical, { ICalCalendarMethod } from 'ical-generator'
import { cautionsOfStage, marksOf, stagesOfYear, type CalendarMark, type YardYear } from '#core/season'
import { cautionInWords, stageWord, type Reader } from '#core/wording'

/** What stands in the calendar beside the stages. */
const MARKS: Readonly<Record<CalendarMark['kind'], { readonly summary: string; readonly text: string }>> = {
  'mite-count': { summary: 'count mites', text: 'A count each month; treat only with what is allowed, by the label.' },
  'winter-bees': { summary: 'winter bees are raised', text: 'Mites must be few before they are raised.' },
}

/** The first such day on or after another: `2026-11-25` and `05-20` give `2027-05-20`. */
export function comingDay(monthDay: string, today: string): string {
  const year = Number(today.slice(0, 4))
  return monthDay >= today.slice(5, 10) ? `${year}-${monthDay}` : `${year + 1}-${monthDay}`
}

const DAY_MS = 86_400_000
const dayAfter = (day: string, days: number) =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

/**
 * The coming year of a yard as an iCalendar file (RFC 5545): every stage from its first day to its last, mite counts
 * and the weeks of winter bees; whole days, so that no change of the clocks moves them.
 */
export function yearAsCalendar(
  yard: { readonly id: string; readonly name: string },
  year: YardYear,
  today: string,
  notes: ReadonlyMap<string, string> = new Map(),
  reader: Reader = { vocabulary: 'british', units: 'mm' },
): string {
  // The package writes the name of a calendar as it is: a line break in it would begin a line of its own.
  const name = yard.name.replace(/\s+/g, ' ')
  const file = ical({
    name: `Bees, ${name}`,
    prodId: { company: 'Duvet', product: 'Duvet', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  const add = (key: string, monthDay: string, days: number, summary: string, description: string) => {
    const start = comingDay(monthDay, today)
    file.createEvent({
      id: `${yard.id}-${key}@duvet`,
      start,
      end: dayAfter(start, days),
      allDay: true,
      summary,
      description,
      stamp: `${today.slice(0, 10)}T00:00:00Z`,
      floating: false,
    })
  }
  stagesOfYear(year).forEach(({ stage, from, days }, i) =>
    add(
      `${stage}-${i}`,
      from,
      days,
      `${name}: ${stageWord(stage)}`,
      [notes.get(stage), ...cautionsOfStage(stage).map((caution) => cautionInWords(caution, reader))]
        .filter(Boolean)
        .join('\n'),
    ),
  )
  for (const { kind, from, days } of marksOf(year))
    add(`${kind}-${from}`, from, days, `${name}: ${MARKS[kind].summary}`, MARKS[kind].text)
  return file.toString()
}
