import { find } from '../../parts'
import { attach } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { fittingsOf, floorOf } from './at-the-door'

/** Nothing that keeps mice out in the cold (common practice). */
export const NO_GUARD: Rule<'season.no-guard', { readonly narrow: boolean }> = {
  id: 'season.no-guard',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, { catalogue }) => {
    const floor = floorOf(measured)
    const fittings = fittingsOf(measured)
    if (!floor || fittings.some(({ pattern }) => pattern.use === 'guard')) return []
    const narrow = fittings.length > 0
    return oneOf({
      severity: narrow ? 'note' : 'watch',
      partIds: [floor.part.id],
      facts: { narrow },
      ways: () => {
        const guard = find(catalogue, { kind: 'entrance-fitting', use: 'guard' })
        return guard ? [attach(measured.assembled.hive, guard, catalogue)] : []
      },
    })
  },
}
