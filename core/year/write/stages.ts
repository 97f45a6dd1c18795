import { meaningOf, type Stage, type Way } from '../../yard'

/**
 * Supers that stand on at a stage: one to begin with, all in the flow and at the crop, none else; where spring and
 * summer are cropped apart, half of them at once, since the first half comes off before the second is filled (common
 * practice).
 */
export function supersAt(stage: Stage, { supers, crops }: Pick<Way, 'supers' | 'crops'>): number {
  const atOnce = crops === 'spring-and-summer' ? Math.ceil(supers / 2) : supers
  return { none: 0, first: Math.min(1, atOnce), all: atOnce }[meaningOf(stage).supers]
}

/** Wraps go on later than boxes are packed down: too early they keep brood going (common practice). */
export const isWrapped = (stage: Stage): boolean => meaningOf(stage).wrap === 'on'

/** Tops, wraps and inserts of winter stay while brood needs its warmth and nights are cold (common practice). */
export const keepsWarm = (stage: Stage): boolean => meaningOf(stage).wrap !== 'off'
