import type { PlannedYear } from '#core/ask'
import { meaningOf } from '#core/yard'

/** No drawing is to a larger scale than one of a hive of this height, mm. */
const LOWEST_MM = 900

/** How high the highest hive of a year is, mm: all of its stages are drawn to one scale. */
export const tallestOf = (year: PlannedYear | null): number =>
  (year?.figures ?? [])
    .flatMap(({ stages }) => stages)
    .reduce((most, { stage, heightMm }) => (meaningOf(stage).setsScale ? Math.max(most, heightMm) : most), LOWEST_MM)
