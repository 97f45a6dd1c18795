import { oneOf, type Rule } from '../rule'
import { excluderWays, holdsCleanComb, unguardedSupers } from './unguarded-supers'

/** Nothing keeps the queen out of supers: many keepers do without. */
export const NO_EXCLUDER: Rule<'order.no-excluder'> = {
  id: 'order.no-excluder',
  of: 'stack',
  when: ({ isCold }) => !isCold,
  find: (measured, context) => {
    const open = unguardedSupers(measured)
    return oneOf(
      open &&
        !open.supers.some(holdsCleanComb) && {
          severity: 'note',
          partIds: [open.below.part.id, open.lowest.part.id],
          ways: () => excluderWays(measured, open, context),
        },
    )
  },
}
