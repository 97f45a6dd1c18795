import { oneOf, type Rule } from '../rule'
import { supersOf } from './on-the-hive'

/** A super on a colony that settles in its first box (common practice). */
export const SUPER_TOO_SOON: Rule<'season.super-too-soon'> = {
  id: 'season.super-too-soon',
  of: 'bees',
  when: ({ isSettling }) => isSettling,
  find: (measured) => {
    const { ids, off } = supersOf(measured)
    return oneOf(ids.length > 0 && { severity: 'watch', partIds: ids, ways: () => off() })
  },
}
