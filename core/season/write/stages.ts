import type { Stage } from '../../hive'

const COLD: ReadonlySet<Stage> = new Set(['pack-down', 'winter', 'late-winter-check'])
const SUPERED: ReadonlySet<Stage> = new Set(['supering', 'flow', 'crop'])

/** Stages in which a colony sits in its winter form, with its winter top on. */
export function isCold(stage: Stage): boolean {
  return COLD.has(stage)
}

/** Supers that stand on at a stage: one to begin with, all in the flow and at the crop, none else (common practice). */
export function supersAt(stage: Stage, most: number): number {
  return !SUPERED.has(stage) ? 0 : stage === 'supering' ? Math.min(1, most) : most
}
