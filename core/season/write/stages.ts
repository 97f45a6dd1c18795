import type { Stage } from '../../hive'

const SUPERED: ReadonlySet<Stage> = new Set(['supering', 'flow', 'crop'])

/** Supers that stand on at a stage: one to begin with, all in the flow and at the crop, none else (common practice). */
export function supersAt(stage: Stage, most: number): number {
  return !SUPERED.has(stage) ? 0 : stage === 'supering' ? Math.min(1, most) : most
}
