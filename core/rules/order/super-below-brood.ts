import { isCold } from '../../yard'
import type { Rule } from '../rule'
import { belowBrood, boxesOf, withRole } from './in-the-stack'

/** Bees carry up what stands under them until autumn; in the cold they do not reach it (common practice). */
export const SUPER_BELOW_BROOD: Rule<'order.super-below-brood', { readonly broodId: string }> = {
  id: 'order.super-below-brood',
  of: 'stack',
  find: (measured, { stage }) =>
    belowBrood(measured, withRole(boxesOf(measured), 'super'), isCold(stage) ? 'mend' : 'note'),
}
