import { detach } from '../remedies'
import type { Rule } from '../rule'
import { fittingsOf } from './at-the-door'

/** Something still at the door in a flow, which wants the full width (common practice). */
export const NARROW_ENTRANCE: Rule<'season.narrow-entrance'> = {
  id: 'season.narrow-entrance',
  of: 'bees',
  when: ({ door }) => door === 'wide',
  find: (measured) =>
    fittingsOf(measured).map((one) => ({
      severity: 'note',
      partIds: [one.part.id],
      ways: () => [detach(measured.assembled.hive, one)],
    })),
}
