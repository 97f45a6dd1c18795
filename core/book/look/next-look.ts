import { isPacked, type HasYear, yearOf, isSwarmTime } from '../../year'
import { daysLater } from '../days'

/** Why a hive is looked at next by a day. */
export type NextLookBecause = 'swarming' | 'clipped' | 'season' | 'first' | 'cells' | 'virgin'

/** When to look next, and why; undefined where no hive is opened. */
export interface NextLook {
  readonly day: string
  readonly days: number
  readonly because: NextLookBecause
}

/** Queen cells, and whether the queen is clipped, as the last look has them. */
export interface LookedAt {
  readonly clipped?: boolean
  readonly openCells?: boolean
  readonly sealedCells?: boolean
}

/**
 * The next look: at once where queen cells with eggs or larvae were seen, since one may be sealed tomorrow; three weeks
 * later where they were sealed, since a virgin is not disturbed; 7 days in swarm time, 9 with a clipped queen, 14 else
 * in season; none in the cold, below about 10 °C. Common practice.
 * @param meanCelsius of the day that it would fall on; undefined where it is not known
 */
export function nextLook(
  day: string,
  yard: HasYear,
  { clipped = false, openCells = false, sealedCells = false }: LookedAt,
  meanCelsius?: number,
): NextLook | undefined {
  const year = yearOf(yard)
  const { figures } = year
  const after = (days: number, because: NextLookBecause): NextLook => ({ day: daysLater(day, days), days, because })
  if (isPacked(day, yard)) return undefined
  // A swarm that is under way does not wait for a warmer look.
  if (openCells) return after(0, 'cells')
  if (sealedCells) return after(figures.virginRestDays, 'virgin')
  if (meanCelsius !== undefined && meanCelsius < figures.lookLeastCelsius) return undefined
  const swarming = clipped ? after(figures.lookClippedDays, 'clipped') : after(figures.lookSwarmDays, 'swarming')
  if (isSwarmTime(day, year)) return swarming
  // Swarm time that begins before the next look would come brings that look forward.
  for (let days = swarming.days; days < figures.lookSeasonDays; days++)
    if (isSwarmTime(daysLater(day, days), year)) return after(days, swarming.because)
  return after(figures.lookSeasonDays, 'season')
}
