import { isBox } from '../../parts'
import { oneOf, type Rule } from '../rule'

/** Nowhere to live. */
export const NO_BOX: Rule<'order.no-box'> = {
  id: 'order.no-box',
  of: 'stack',
  find: ({ layout: { parts }, assembled }) =>
    oneOf(
      parts.length > 0 &&
        !parts.some((part) => isBox(part) || !part.pattern) && { severity: 'note', partIds: [assembled.hive.id] },
    ),
}
