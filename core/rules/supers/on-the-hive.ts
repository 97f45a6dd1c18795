import { isBox } from '../../parts'
import type { MeasuredHive } from '../context'
import { takeOff, useAsFood } from '../remedies'
import type { Remedy } from '../remedy'

/** The supers of a hive, with what may be done about them. */
export function supersOf({ layout, assembled: { hive } }: MeasuredHive) {
  const boxes = layout.parts.filter(isBox)
  const supers = boxes.filter(({ placement }) => placement.role === 'super')
  const [only] = supers
  return {
    boxes,
    supers,
    ids: supers.map(({ part }) => part.id),
    off: (): Remedy[] => (only && supers.length === 1 ? [takeOff(hive, only)] : []),
    keep: (): Remedy[] =>
      supers.some(({ pattern, part }) => pattern?.cleanComb || part.contents.length === 0)
        ? []
        : [useAsFood(hive, supers)],
  }
}
