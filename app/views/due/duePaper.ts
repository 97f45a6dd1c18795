import type { Yard } from '#core/yard'
import { showTemperature } from '#core/units'
import { dueGroups, TREATMENT_CAUTION } from '#core/words'
import { calendarFile } from '~/export/calendar-file'
import { server } from '~/client/server'
import { download, fileName } from '~/composables/download'
import type { DueAt } from './useDueLines'

/** What is due, as it is told on the screen. */
interface Told {
  readonly title: string
  readonly lines: readonly DueAt[]
  readonly nameOf: (line: DueAt) => string
  readonly told: (line: DueAt) => { readonly text: string; readonly why: string }
  /** Something of a treatment is among it. */
  readonly treats: boolean
  readonly today: string
}

/** Prints the list; why it was not printed, or nothing. */
export async function onPaper(
  { title, lines, nameOf, told, treats, today }: Told,
  { day, units, paper }: Pick<ReturnType<typeof usePreferences>, 'day' | 'units' | 'paper'>,
  lookLeastCelsius: number,
): Promise<string> {
  const printed = await server.print({
    title,
    lines: [`As of ${day(today)}.`],
    tables: dueGroups(lines, today).map((group) => ({
      heading: group.title,
      columns: ['Day', 'Hive', 'To do', 'Why'],
      rows: group.rows.map((line) => [day(line.day), nameOf(line), told(line).text, told(line).why]),
    })),
    steps: [],
    caution: `${treats ? `${TREATMENT_CAUTION} ` : ''}No hive is opened below about ${showTemperature(lookLeastCelsius, units)}, in wind or rain.`,
    paper,
    drawings: [],
    stepDrawings: [],
  })
  if (printed.ok) download(`${fileName(title)}.pdf`, printed.pdf, 'application/pdf')
  return printed.ok ? '' : `It was not printed: ${printed.sentence}`
}

/** Saves the list as a calendar; lines of several yards are kept apart by them. */
export function intoCalendar({ title, lines, nameOf, told, today }: Told, yard: Yard, ofAll: boolean): void {
  const events = lines.map((line) => {
    const { text, why } = told(line)
    const id = ofAll ? `${line.yard.id} ${line.id}` : line.id
    return { id, day: line.day, days: 1, summary: `${nameOf(line)}: ${text}`, text: why }
  })
  download(`${fileName(title)}.ics`, calendarFile('Due', yard, events, today), 'text/calendar')
}
