import { standingOf, type Standing, type Weighing } from '../loads'
import { hangAcross, isBox } from '../parts'
import { isDrainBox } from '../rules'
import type { Hive, Yard } from '../yard'
import { hiveAt, hiveIn } from './hive-in'
import { wrapsFor, type WrapCover } from './wraps'

/** What a view asks of how a hive stands. */
export interface HiveStands {
  readonly standing: Standing
  /** Its frames drain: it may lean back. */
  readonly drains: boolean
  /** The boxes of the winter, as they stand then by the plan, mm; and what each wrap leaves bare of them. */
  readonly winterBoxesMm: number
  readonly wraps: readonly WrapCover[]
}

/**
 * Whether a hive stands as it is weighed, and empty; and what goes round it in winter.
 * @param feetMm how far apart its feet stand, mm, where they are closer than the stand is wide
 */
export function hiveStands(yard: Yard, hive: Hive, weighing: Weighing, feetMm: number | undefined): HiveStands {
  const known = hiveIn(yard, hive)
  const empty = known.mass({ ...weighing, fullness: 'empty', fill: null })
  const winterBoxesMm = hiveAt(yard, hive, 'winter').layout.parts.reduce(
    (sum, { pattern, topMm, bottomMm }) => sum + (isBox({ pattern }) ? topMm - bottomMm : 0),
    0,
  )
  return {
    standing: standingOf(known.layout, known.assembled.attached, known.mass(weighing), empty, feetMm),
    drains: known.layout.parts.some(
      ({ resolved, pattern }) => isBox({ pattern }) && isDrainBox({ across: hangAcross(resolved) }),
    ),
    winterBoxesMm,
    wraps: wrapsFor(winterBoxesMm, known.context.catalogue),
  }
}
