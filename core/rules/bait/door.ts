import { isBox } from '../../parts'
import { fit, fittingsOf, floorOf } from '../entrance/at-the-door'
import { oneOf, type Rule } from '../rule'

/** A small door (common practice). */
export const BAIT_DOOR: Rule<'season.bait-door'> = {
  id: 'season.bait-door',
  of: 'bees',
  when: ({ comes }) => comes === 'as-bait',
  find: (measured, context) => {
    const floor = floorOf(measured)
    if (!floor || !measured.layout.parts.some(isBox) || fittingsOf(measured).length > 0) return []
    return oneOf({ severity: 'note', partIds: [floor.part.id], ways: () => fit(measured, context, 'narrow') })
  },
}
