import { oneOf, type Rule } from '../rule'
import { supersOf } from './on-the-hive'

/** Supers left on for winter (common practice). */
export const SUPERS_IN_WINTER: Rule<'season.supers-in-winter'> = {
  id: 'season.supers-in-winter',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured) => {
    const { ids, keep, off } = supersOf(measured)
    return oneOf(ids.length > 0 && { severity: 'note', partIds: ids, ways: () => [...keep(), ...off()] })
  },
}
