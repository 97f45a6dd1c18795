import { isFloor } from '../../parts'
import { takeOff } from '../remedies'
import type { Rule } from '../rule'

/** More floors than one. */
export const SECOND_FLOOR: Rule<'order.second-floor'> = {
  id: 'order.second-floor',
  of: 'stack',
  find: ({ layout, assembled }) =>
    layout.parts
      .filter(isFloor)
      .slice(1)
      .map((second) => ({
        severity: 'mend',
        partIds: [second.part.id],
        ways: () => [takeOff(assembled.hive, second)],
      })),
}
