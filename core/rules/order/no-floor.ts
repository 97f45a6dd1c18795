import { isBox, isFloor, isStand } from '../../parts'
import { add } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { matching } from './in-the-stack'

/** Nothing closes the hive below. */
export const NO_FLOOR: Rule<'order.no-floor'> = {
  id: 'order.no-floor',
  of: 'stack',
  find: (measured, context) => {
    const { parts } = measured.layout
    const lowest = parts.find((part) => !isStand(part))
    if (!lowest || parts.some(isFloor) || !parts.some(isBox)) return []
    return oneOf({
      severity: 'stop',
      partIds: [lowest.part.id],
      ways: () => {
        const pattern = matching(measured, context, { kind: 'floor', use: 'mesh' })
        return pattern ? [add(measured.assembled.hive, lowest.index, pattern, context.catalogue)] : []
      },
    })
  },
}
