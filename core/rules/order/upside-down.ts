import { wayUpOf, type PartKind } from '../../parts'
import { turnOver } from '../remedies'
import type { Rule } from '../rule'

/** What works one way up only, on its head. */
export const UPSIDE_DOWN: Rule<'order.upside-down', { readonly kind: PartKind; readonly empty: boolean }> = {
  id: 'order.upside-down',
  of: 'stack',
  find: ({ layout, assembled }) =>
    layout.parts.flatMap((part) => {
      const { pattern, placement } = part
      if (!placement.turnedOver || !pattern || wayUpOf(pattern) !== 'one') return []
      return [
        {
          severity: 'stop',
          partIds: [part.part.id],
          facts: { kind: pattern.kind, empty: part.part.contents.length === 0 },
          ways: () => [turnOver(assembled.hive, part)],
        },
      ]
    }),
}
