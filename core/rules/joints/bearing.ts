import type { Side } from '../../stack'
import { aboutTwo } from '../../units'
import type { Rule } from '../rule'
import { eachFault } from './faults'

/** Edges that bear on each other by less than seals. */
export const LITTLE_BEARING: Rule<'joint.bearing', { readonly side: Side; readonly leastMm: number }> = {
  id: 'joint.bearing',
  of: 'stack',
  find: (measured, context) =>
    eachFault(measured, context, 'bearing', ({ joint, bearing: { side, mm, marginal } }, partIds) => ({
      severity: 'watch',
      partIds,
      measured: aboutTwo(mm, joint.plusMinusMm),
      marginal,
      facts: { side, leastMm: context.figures.bearingMm },
    })),
}
