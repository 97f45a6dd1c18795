import { oneOf, type Rule } from '../rule'
import { baitOf } from './frames'

/** An old comb in it (common practice). */
export const BAIT_COMB: Rule<'season.bait-comb'> = {
  id: 'season.bait-comb',
  of: 'bees',
  when: ({ comes }) => comes === 'as-bait',
  find: (measured) => {
    const { ids, frames } = baitOf(measured)
    const isBare = frames.length > 0 && !frames.some(({ content }) => content.comb === 'drawn')
    return oneOf(isBare && { severity: 'note', partIds: ids })
  },
}
