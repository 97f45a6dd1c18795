import { move } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { boxesOf, excluderOf, withRole } from './in-the-stack'

/** Brood over an excluder: on both sides for a time it is a way of keeping down swarming. */
export const BROOD_ABOVE_EXCLUDER: Rule<'order.brood-above-excluder', { readonly broodBelow: boolean }> = {
  id: 'order.brood-above-excluder',
  of: 'stack',
  find: (measured) => {
    const excluder = excluderOf(measured)
    const brood = withRole(boxesOf(measured), 'brood')
    const over = excluder ? brood.filter((box) => box.index > excluder.index) : []
    const [lowest, highest] = [over[0], over.at(-1)]
    if (!excluder || !lowest || !highest) return []
    const broodBelow = over.length < brood.length
    return oneOf({
      severity: broodBelow ? 'watch' : 'mend',
      partIds: [lowest.part.id, excluder.part.id],
      facts: { broodBelow },
      ways: () => [move(measured.assembled.hive, excluder, highest.index, 'move-above', highest)],
    })
  },
}
