import { addDays, daysFrom } from '../units'
import type { YardYear } from './calendar'

/** Half a year: what lies farther ahead lies behind. */
const HALF = 182

/** When winter bees are raised, and by when mites are treated at the latest, `MM-DD`; undefined without a winter. */
export function treatBy({
  calendar,
  figures,
}: YardYear): { readonly beesFrom: string; readonly by: string } | undefined {
  if (calendar.firstFrost === null) return undefined
  const beesFrom = addDays(calendar.firstFrost, -figures.winterBeeDays)
  return { beesFrom, by: addDays(beesFrom, figures.treatWithinDays) }
}

/** A crop that ends too late for a treatment to spare the winter bees, `MM-DD`. */
export interface TreatConflict {
  /** From when winter bees are raised, and by when mites are treated at the latest. */
  readonly beesFrom: string
  readonly treatBy: string
  /** When the last crop is off. */
  readonly cropEnds: string
  /** Between the two crops, where there are two. */
  readonly between?: { readonly from: string; readonly to: string }
}

/**
 * The last crop against the eight weeks before first frost in which winter bees are raised: treatment belongs before or
 * early in them. Undefined where there is time for it, and where there is no frost. Common practice; how early from
 * memory.
 */
export function treatConflict(year: YardYear): TreatConflict | undefined {
  const { calendar, figures } = year
  const { flowEnd, secondFlow } = calendar
  const window = treatBy(year)
  if (!window) return undefined
  const { beesFrom, by } = window
  const cropEnds = addDays((secondFlow ?? { end: flowEnd }).end, figures.cropDays)
  const late = daysFrom(by, cropEnds)
  if (late === 0 || late > HALF) return undefined
  const from = addDays(flowEnd, figures.cropDays)
  const isFree = secondFlow !== undefined && daysFrom(from, secondFlow.start) < HALF
  return { beesFrom, treatBy: by, cropEnds, ...(isFree ? { between: { from, to: secondFlow.start } } : {}) }
}
