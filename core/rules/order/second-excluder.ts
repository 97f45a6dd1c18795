import { isExcluder } from '../../parts'
import { takeOff } from '../remedies'
import type { Rule } from '../rule'

/** More excluders than one. */
export const SECOND_EXCLUDER: Rule<'order.two-excluders'> = {
  id: 'order.two-excluders',
  of: 'stack',
  find: ({ layout, assembled }) =>
    layout.parts
      .filter(isExcluder)
      .slice(1)
      .map((second) => ({
        severity: 'mend',
        partIds: [second.part.id],
        ways: () => [takeOff(assembled.hive, second)],
      })),
}
