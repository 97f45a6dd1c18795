import type { Side } from '../../stack'
import { aboutTwo } from '../../units'
import type { Rule } from '../rule'
import { eachFault } from './faults'
import { waysToClose } from './ways-to-close'

/** Edges that do not reach each other, or only just meet. */
export const JOINT_OPEN: Rule<'joint.open', { readonly side: Side; readonly sides: readonly Side[] }> = {
  id: 'joint.open',
  of: 'stack',
  find: (measured, context) =>
    eachFault(measured, context, 'open', ({ joint, open: { grade, mm, marginal, side, sides } }, partIds) => ({
      severity: grade === 'good' ? 'watch' : grade,
      partIds,
      measured: aboutTwo(mm, joint.plusMinusMm),
      marginal,
      facts: { side, sides },
      ...(grade === 'watch' ? {} : { ways: () => waysToClose(measured, joint, context) }),
    })),
}
