import type { Use } from '../../parts'
import { setEdge } from '../../yard/deeds'
import type { Rule } from '../rule'
import { fittingsOf } from './at-the-door'

/** Fittings that narrow a part of the door, so that it matters where they leave it open. */
const OPENS_AT_AN_EDGE: ReadonlySet<Use | undefined> = new Set<Use>(['narrow', 'guard'])

/** A winter door that opens where dead bees pile up (common practice). */
export const LOWER_OPENING: Rule<'season.lower-opening'> = {
  id: 'season.lower-opening',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured) =>
    fittingsOf(measured)
      .filter(({ pattern, attachment }) => OPENS_AT_AN_EDGE.has(pattern.use) && attachment.edge !== 'upper')
      .map(({ part }) => ({
        severity: 'note',
        partIds: [part.id],
        ways: () => [{ kind: 'turn-over', partId: part.id, edit: setEdge(measured.assembled.hive, part, 'upper') }],
      })),
}
