import type { Rule } from '../rule'
import { eachFault } from './faults'
import { waysToClose } from './ways-to-close'

/** A lip on a flat edge. */
export const LIP_ON_FLAT: Rule<'joint.lip'> = {
  id: 'joint.lip',
  of: 'stack',
  find: (measured, context) =>
    eachFault(measured, context, 'lip', ({ joint }, partIds) => ({
      severity: 'stop',
      partIds,
      ways: () => waysToClose(measured, joint, context),
    })),
}
