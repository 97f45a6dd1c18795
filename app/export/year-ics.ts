import { calendarFile } from './calendar-file'
import { entriesOf, there } from '#core/units'
import { cautionsOfStage, marksOf, stagesOfYear, type Autumn, type CalendarMark, type YardYear } from '#core/year'
import { cautionInWords, inVocabulary, stageWord, type Reader } from '#core/words'

/** What stands in the calendar beside the stages. */
const MARKS: Readonly<Record<CalendarMark['kind'], { readonly summary: string; readonly text: string }>> = {
  'mite-count': { summary: 'count mites', text: 'A count each month; treat only with what is allowed, by the label.' },
  'winter-bees': { summary: 'winter bees are raised', text: 'Mites must be few before they are raised.' },
}

/** What the days of autumn are called there. */
const AUTUMN: Readonly<Record<'pack' | 'wrap' | 'lastLook', { readonly summary: string; readonly text: string }>> = {
  pack: { summary: 'pack down', text: 'Fed and treated by now: feeder off, the entrance narrow and guarded.' },
  wrap: { summary: 'wraps on', text: 'Where you wrap: not sooner, or brood goes on.' },
  lastLook: { summary: 'last inspection', text: 'No box is parted after it, so that its joints are glued again.' },
}

/** The first such day on or after another: `2026-11-25` and `05-20` give `2027-05-20`. */
export function comingDay(monthDay: string, today: string): string {
  const year = Number(today.slice(0, 4))
  return monthDay >= today.slice(5, 10) ? `${year}-${monthDay}` : `${year + 1}-${monthDay}`
}

/**
 * The coming year of a yard as an iCalendar file (RFC 5545): every stage from its first day to its last, mite counts
 * and the weeks of winter bees; whole days, so that no change of the clocks moves them.
 */
export function yearAsCalendar(
  yard: { readonly id: string; readonly name: string },
  year: YardYear,
  today: string,
  autumn?: Autumn,
  reader: Reader = { vocabulary: 'british', units: 'mm' },
): string {
  const name = yard.name.replace(/\s+/g, ' ')
  const stages = stagesOfYear(year).map(({ stage, from, days }, i) => ({
    id: `${stage}-${i}`,
    day: comingDay(from, today),
    days,
    summary: `${name}: ${inVocabulary(stageWord(stage), reader.vocabulary)}`,
    text: cautionsOfStage(stage, { parting: 'free', climate: year.calendar.climate })
      .map((caution) => cautionInWords(caution, reader))
      .join('\n'),
  }))
  const marks = marksOf(year).map(({ kind, from, days }) => ({
    id: `${kind}-${from}`,
    day: comingDay(from, today),
    days,
    summary: `${name}: ${MARKS[kind].summary}`,
    text: MARKS[kind].text,
  }))
  const autumnDays = (autumn ? entriesOf(AUTUMN) : []).map(([kind, { summary, text }]) => ({
    id: `autumn-${kind}`,
    day: comingDay(there(autumn)[kind], today),
    days: 1,
    summary: `${name}: ${summary}`,
    text: inVocabulary(text, reader.vocabulary),
  }))
  return calendarFile('Bees', yard, [...stages, ...marks, ...autumnDays], today)
}
