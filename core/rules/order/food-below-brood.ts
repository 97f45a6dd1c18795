import type { Rule } from '../rule'
import { belowBrood, boxesOf, withRole } from './in-the-stack'

/** The cluster moves up through the winter, not down: food under it is not reached. */
export const FOOD_BELOW_BROOD: Rule<'order.food-below-brood', { readonly broodId: string }> = {
  id: 'order.food-below-brood',
  of: 'stack',
  when: ({ isCold }) => isCold,
  find: (measured) =>
    belowBrood(
      measured,
      withRole(boxesOf(measured), 'food').filter(({ part }) => part.contents.length > 0),
      'mend',
    ),
}
