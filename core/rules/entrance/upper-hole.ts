import { isVent } from '../../parts'
import { meaningOf, type Stage } from '../../yard'
import { takeOff } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { floorOf, hasFewGuards } from './at-the-door'

/** A second way in, which nobody guards, or which is open for the road (common practice). */
export const UPPER_HOLE: Rule<'season.upper-hole', { readonly stage: Stage }> = {
  id: 'season.upper-hole',
  of: 'bees',
  when: (means) => means.isOnTheRoad || hasFewGuards(means),
  find: (measured, { stage }) => {
    const vent = floorOf(measured) && measured.layout.parts.find(isVent)
    return oneOf(
      vent && {
        severity: meaningOf(stage).isOnTheRoad ? 'mend' : 'watch',
        partIds: [vent.part.id],
        facts: { stage },
        ways: () => [takeOff(measured.assembled.hive, vent)],
      },
    )
  },
}
