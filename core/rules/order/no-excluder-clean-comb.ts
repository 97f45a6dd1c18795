import { oneOf, type Rule } from '../rule'
import { excluderWays, holdsCleanComb, unguardedSupers } from './unguarded-supers'

/** Nothing keeps the queen out of comb that is eaten. */
export const NO_EXCLUDER_CLEAN_COMB: Rule<'order.no-excluder-clean-comb'> = {
  id: 'order.no-excluder-clean-comb',
  of: 'stack',
  when: ({ isCold }) => !isCold,
  find: (measured, context) => {
    const open = unguardedSupers(measured)
    const clean = open?.supers.find(holdsCleanComb)
    return oneOf(
      open &&
        clean && {
          severity: 'mend',
          partIds: [clean.part.id],
          ways: () => excluderWays(measured, open, context),
        },
    )
  },
}
