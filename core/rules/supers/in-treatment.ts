import { oneOf, type Rule } from '../rule'
import { supersOf } from './on-the-hive'

/** Crop supers on while mites are treated and sugar is fed (common practice). */
export const SUPERS_IN_TREATMENT: Rule<'season.supers-in-treatment'> = {
  id: 'season.supers-in-treatment',
  of: 'bees',
  when: ({ treating }) => treating === 'first',
  find: (measured) => {
    const { ids, keep, off } = supersOf(measured)
    return oneOf(ids.length > 0 && { severity: 'watch', partIds: ids, ways: () => [...keep(), ...off()] })
  },
}
