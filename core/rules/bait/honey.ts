import { holdsFood } from '../../parts'
import { oneOf, type Rule } from '../rule'
import { baitOf } from './frames'

/** No honey in it (common practice). */
export const BAIT_HONEY: Rule<'season.bait-honey'> = {
  id: 'season.bait-honey',
  of: 'bees',
  when: ({ comes }) => comes === 'as-bait',
  find: (measured) => {
    const { ids, frames } = baitOf(measured)
    const hasHoney = frames.some(({ content }) => holdsFood(content))
    return oneOf(hasHoney && { severity: 'mend', partIds: ids })
  },
}
