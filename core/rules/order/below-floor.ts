import { isFloor, isStand } from '../../parts'
import { move } from '../remedies'
import { oneOf, type Rule } from '../rule'

/** Something of the hive under its floor. */
export const BELOW_FLOOR: Rule<'order.below-floor', { readonly floorId: string }> = {
  id: 'order.below-floor',
  of: 'stack',
  find: ({ layout: { parts }, assembled }) => {
    const floor = parts.find(isFloor)
    const low = floor ? parts.slice(0, floor.index).filter((part) => !isStand(part)) : []
    const [lowest] = low
    return oneOf(
      floor &&
        lowest && {
          severity: 'stop',
          partIds: low.map(({ part }) => part.id),
          facts: { floorId: floor.part.id },
          ways: () => [move(assembled.hive, floor, lowest.index, 'move-below', lowest)],
        },
    )
  },
}
