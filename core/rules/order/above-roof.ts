import { isRoof } from '../../parts'
import { move } from '../remedies'
import { oneOf, type Rule } from '../rule'

/** Something on top of the roof. */
export const ABOVE_ROOF: Rule<'order.above-roof', { readonly roofId: string }> = {
  id: 'order.above-roof',
  of: 'stack',
  find: ({ layout: { parts }, assembled }) => {
    const roof = parts.find(isRoof)
    const above = roof ? parts.slice(roof.index + 1) : []
    const top = above.at(-1)
    return oneOf(
      roof &&
        top && {
          severity: 'stop',
          partIds: above.map(({ part }) => part.id),
          facts: { roofId: roof.part.id },
          ways: () => [move(assembled.hive, roof, parts.length - 1, 'move-above', top)],
        },
    )
  },
}
