import type { YardYear } from './calendar'
import { addDays, daysFrom } from '../units'

/**
 * Whether swarming is likely on a day, `2026-05-20`: from some weeks after first pollen, when drones fly, to the end of
 * the flow that comes next (common practice).
 */
export function isSwarmTime(day: string, { calendar, figures }: YardYear): boolean {
  const from = addDays(calendar.firstPollen, figures.swarmAfterPollenDays)
  return daysFrom(from, day.slice(5, 10)) < daysFrom(from, calendar.flowEnd)
}
