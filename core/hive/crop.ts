import type { Hive, Stage, Yard } from './model'

/** What the food of a hive says of its crop today, as every view asks it. Worked out from the book, never stored. */
export interface CropLetGo {
  /** What is there was weighed, hefted or counted lately; where it was not, nobody knows what may go. */
  readonly isKnown: boolean
  /** Supers that may go, so that the need surely stays. */
  readonly mayGo: readonly string[]
  /** The supers are still being filled: what they hold when they come off is not said by what they hold today. */
  readonly stillFills: boolean
}

/** What is known of crops, by the identity of the hive. */
export type Crops = Readonly<Record<string, CropLetGo>>

const FILLS: ReadonlySet<Stage> = new Set<Stage>(['settling', 'bait', 'building-up', 'supering', 'flow'])

/** Whether supers fill in a stage (common practice). */
export const supersFillIn = (stage: Stage): boolean => FILLS.has(stage)

/** Supers of a hive that stay on it as food, since its food does not let them go. */
export function keptAsFood(yard: Pick<Yard, 'crops'>, hive: Hive): ReadonlySet<string> {
  const crop = yard.crops?.[hive.id]
  if (!crop?.isKnown || crop.stillFills) return new Set()
  return new Set(
    hive.stack.flatMap(({ partId, role }) => (role === 'super' && !crop.mayGo.includes(partId) ? [partId] : [])),
  )
}
