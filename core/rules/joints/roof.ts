import { aboutTwo } from '../../units'
import type { Rule } from '../rule'
import { eachFault } from './faults'
import { waysToClose } from './ways-to-close'

/** A roof that does not go over what stands below it. */
export const ROOF_SHORT: Rule<'joint.roof'> = {
  id: 'joint.roof',
  of: 'stack',
  find: (measured, context) =>
    eachFault(measured, context, 'roof', ({ joint }, partIds) => ({
      severity: 'stop',
      partIds,
      measured: aboutTwo(joint.roofShortMm, joint.plusMinusMm),
      ways: () => waysToClose(measured, joint, context),
    })),
}
