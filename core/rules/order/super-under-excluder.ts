import { move } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { boxesOf, excluderOf, withRole } from './in-the-stack'

/** A super over the brood that the queen can reach. */
export const SUPER_UNDER_EXCLUDER: Rule<'order.super-under-excluder'> = {
  id: 'order.super-under-excluder',
  of: 'stack',
  find: (measured) => {
    const excluder = excluderOf(measured)
    if (!excluder) return []
    const boxes = boxesOf(measured)
    const brood = withRole(boxes, 'brood')
    const under = withRole(boxes, 'super').find(
      (box) => box.index < excluder.index && brood.every((other) => other.index < box.index),
    )
    return oneOf(
      under && {
        severity: 'mend',
        partIds: [under.part.id, excluder.part.id],
        ways: () => [move(measured.assembled.hive, excluder, under.index, 'move-below', under)],
      },
    )
  },
}
