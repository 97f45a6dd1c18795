import { entriesOf, keysOf, daysFrom, MONTH_DAY, monthDayOf, dayOfYear, YEAR_DAYS, there } from '../units'
import type { Stage } from '../yard'
import { type YardYear, periodsOf, paintedDays, stagesOfYear } from './calendar'

/** Why a calendar cannot be as it is set. */
export type CalendarProblem = {
  readonly field: 'firstPollen' | 'flowStart' | 'flowEnd' | 'secondFlow' | 'firstFrost' | 'lastFrost' | Stage
  readonly problem:
    | 'no-date'
    | 'flow-too-long'
    | 'flows-overlap'
    | 'frost-without-winter'
    | 'winter-without-frost'
    | 'flow-before-last-frost'
    | 'overlaps'
    | 'not-in-this-year'
  /** Known and possible, such as a flow before the last frost. */
  readonly warning: boolean
}

/** What cannot be in a year, or should be known of it; the worst first. */
export function calendarProblems(year: YardYear): CalendarProblem[] {
  const { calendar, figures } = year
  const { climate, firstFrost, lastFrost, secondFlow, flowStart, flowEnd } = calendar
  const dates = [
    ['firstPollen', calendar.firstPollen],
    ['flowStart', flowStart],
    ['flowEnd', flowEnd],
    ['firstFrost', firstFrost],
    ['lastFrost', lastFrost],
    ['secondFlow', secondFlow?.start ?? null],
    ['secondFlow', secondFlow?.end ?? null],
    ...entriesOf<Stage, string>(calendar.moved ?? {}),
  ] as const
  const wrong = dates
    .filter(([, date]) => date !== null && !isMonthDay(date))
    .map(([field]): CalendarProblem => ({
      field,
      problem: 'no-date',
      warning: false,
    }))
  if (wrong.length > 0) return wrong
  const found: CalendarProblem[] = []
  const add = (field: CalendarProblem['field'], problem: CalendarProblem['problem'], warning = false) => {
    found.push({ field, problem, warning })
  }
  const winterless = climate === 'tropical-highland'
  if (winterless && (firstFrost !== null || lastFrost !== null))
    add(firstFrost !== null ? 'firstFrost' : 'lastFrost', 'frost-without-winter')
  if (!winterless && firstFrost === null) add('firstFrost', 'winter-without-frost')
  if (daysFrom(flowStart, flowEnd) > figures.longestFlowDays || flowStart === flowEnd) add('flowEnd', 'flow-too-long')
  if (secondFlow) {
    if (daysFrom(secondFlow.start, secondFlow.end) > figures.longestFlowDays || secondFlow.start === secondFlow.end)
      add('secondFlow', 'flow-too-long')
    else if (
      daysFrom(flowStart, secondFlow.start) < daysFrom(flowStart, flowEnd) ||
      daysFrom(secondFlow.start, flowStart) < daysFrom(secondFlow.start, secondFlow.end)
    )
      add('secondFlow', 'flows-overlap')
  }
  if (found.length === 0) found.push(...movedProblems(year))
  if (lastFrost !== null && firstFrost !== null && daysFrom(flowStart, lastFrost) < daysFrom(flowStart, firstFrost))
    add('lastFrost', 'flow-before-last-frost', true)
  return found
}

/** A moved beginning must lie after the one before it and before its own end, or stages would overlap. */
function movedProblems(year: YardYear): CalendarProblem[] {
  const { calendar } = year
  const periods = periodsOf(paintedDays(year))
  const stages = keysOf(calendar.moved ?? {})
  const unknown = stages
    .filter((stage) => !periods.some((period) => period.stage === stage))
    .map((stage): CalendarProblem => ({ field: stage, problem: 'not-in-this-year', warning: false }))
  const total = stagesOfYear(year).reduce((sum, { days }) => sum + days, 0)
  const overlap =
    total === YEAR_DAYS
      ? []
      : stages
          .filter((stage) => {
            const { [stage]: _own, ...others } = there(calendar.moved)
            return (
              stagesOfYear({ ...year, calendar: { ...calendar, moved: others } }).reduce(
                (sum, { days }) => sum + days,
                0,
              ) === YEAR_DAYS || stages.length > 1
            )
          })
          .map((stage): CalendarProblem => ({ field: stage, problem: 'overlaps', warning: false }))
  return [...unknown, ...overlap]
}

function isMonthDay(text: string): boolean {
  return MONTH_DAY.test(text) && monthDayOf(dayOfYear(text)) === text
}
