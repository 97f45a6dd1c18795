import { takeOff } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { boxesOf, excluderOf } from './in-the-stack'

/** An excluder under food in the cold. Where the cluster never has to move up, leaving it in is a school. */
export const EXCLUDER_IN_WINTER: Rule<'order.excluder-in-winter', { readonly mild: boolean }> = {
  id: 'order.excluder-in-winter',
  of: 'stack',
  when: ({ isCold }) => isCold,
  find: (measured, { climate }) => {
    const excluder = excluderOf(measured)
    if (!excluder || !boxesOf(measured).some(({ index }) => index > excluder.index)) return []
    const mild = climate === 'warm-temperate' || climate === 'tropical-highland'
    return oneOf({
      severity: mild ? 'watch' : 'mend',
      partIds: [excluder.part.id],
      facts: { mild },
      ways: () => [takeOff(measured.assembled.hive, excluder)],
    })
  },
}
