import type { Stage, Way } from '../../hive'

const SUPERED: ReadonlySet<Stage> = new Set(['supering', 'flow', 'crop'])

/**
 * Supers that stand on at a stage: one to begin with, all in the flow and at the crop, none else; where spring and
 * summer are cropped apart, half of them at once, since the first half comes off before the second is filled (common
 * practice).
 */
export function supersAt(stage: Stage, { supers, crops }: Pick<Way, 'supers' | 'crops'>): number {
  const atOnce = crops === 'spring-and-summer' ? Math.ceil(supers / 2) : supers
  return !SUPERED.has(stage) ? 0 : stage === 'supering' ? Math.min(1, atOnce) : atOnce
}
