import { isBox, isExcluder } from '../../parts'
import { takeOff } from '../remedies'
import type { Rule } from '../rule'

/** No excluder in it: the queen comes in with the swarm (common practice). */
export const BAIT_EXCLUDER: Rule<'season.bait-excluder'> = {
  id: 'season.bait-excluder',
  of: 'bees',
  when: ({ comes }) => comes === 'as-bait',
  find: ({ layout, assembled }) =>
    !layout.parts.some(isBox)
      ? []
      : layout.parts.filter(isExcluder).map((excluder) => ({
          severity: 'mend',
          partIds: [excluder.part.id],
          ways: () => [takeOff(assembled.hive, excluder)],
        })),
}
