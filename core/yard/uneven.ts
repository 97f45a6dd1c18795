import { isOneOf, keysOf, type Length, there } from '../units'
import type { DimensionName, Part } from '../parts'

/** The side of a hive, seen from its entrance: its left and front, or its right and back. */
export const HIVE_SIDES = ['first', 'other'] as const
/** One of the two sides across a hive that is uneven. */
export type HiveSide = (typeof HIVE_SIDES)[number]

/** Lengths that stand upright: a part may have another one on its other side, and both sides bear. */
const UPRIGHT_DIMENSIONS: readonly DimensionName[] = ['depth', 'restDepth', 'upperRecess', 'lowerRecess', 'rimDepth']

export const isUpright = (name: DimensionName): boolean => isOneOf(UPRIGHT_DIMENSIONS, name)

/** A part that was measured to be another one on its other side. */
export function isUneven({ measured }: Part): boolean {
  return measured !== undefined && Object.values(measured).some((length) => length?.otherMm !== undefined)
}

/** The part as it is on one of its own sides, as if it were so all round. */
export function partOnSide(part: Part, side: HiveSide): Part {
  if (!isUneven(part)) return part
  const measured: Partial<Record<DimensionName, Length>> = {}
  for (const name of keysOf(there(part.measured))) {
    const { otherMm, ...length } = there(part.measured)[name]!
    measured[name] = side === 'other' && otherMm !== undefined ? { ...length, mm: otherMm } : length
  }
  return { ...part, measured }
}
