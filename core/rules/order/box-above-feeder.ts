import { isBox, isFeeder } from '../../parts'
import { move } from '../remedies'
import { oneOf, type Rule } from '../rule'

/** A feeder shuts off what stands above it, as a crown does. */
export const BOX_ABOVE_FEEDER: Rule<'order.box-above-feeder', { readonly feederId: string }> = {
  id: 'order.box-above-feeder',
  of: 'stack',
  find: ({ layout, assembled }) => {
    const feeder = layout.parts.find(({ pattern, faces }) => isFeeder({ pattern }) && !faces.nested)
    const above = feeder
      ? layout.parts.filter(
          ({ pattern, part, index }) => index > feeder.index && isBox({ pattern }) && part.contents.length > 0,
        )
      : []
    const highest = above.at(-1)
    return oneOf(
      feeder &&
        highest && {
          severity: 'mend',
          partIds: above.map(({ part }) => part.id),
          facts: { feederId: feeder.part.id },
          ways: () => [move(assembled.hive, feeder, highest.index, 'move-above', highest)],
        },
    )
  },
}
