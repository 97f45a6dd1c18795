import type { Figures } from '../../figures'
import { isCold, type Stage } from '../../hive'
import { daysLater } from '../days'

const SWARMING: ReadonlySet<Stage> = new Set<Stage>(['building-up', 'supering', 'flow'])

export type NextLookBecause = 'swarming' | 'clipped' | 'season' | 'cells'

/** When to look next, and why; undefined where no hive is opened. */
export interface NextLook {
  readonly day: string
  readonly days: number
  readonly because: NextLookBecause
}

/**
 * The next look: 7 days while swarming is likely, 9 with a clipped queen, 14 else in season; before the first open
 * cell is sealed where there is one; none in the cold, below about 10 °C. Common practice.
 * @param meanCelsius of the day that it would fall on; undefined where it is not known
 */
export function nextLook(
  day: string,
  stage: Stage,
  { clipped = false, openCells = false }: { readonly clipped?: boolean; readonly openCells?: boolean },
  figures: Figures,
  meanCelsius?: number,
): NextLook | undefined {
  if (isCold(stage) || (meanCelsius !== undefined && meanCelsius < figures.lookLeastCelsius)) return undefined
  const after = (days: number, because: NextLookBecause): NextLook => ({ day: daysLater(day, days), days, because })
  if (openCells) return after(Math.floor(figures.queenOpenDays) - 1, 'cells')
  if (!SWARMING.has(stage)) return after(figures.lookSeasonDays, 'season')
  return clipped ? after(figures.lookClippedDays, 'clipped') : after(figures.lookSwarmDays, 'swarming')
}
