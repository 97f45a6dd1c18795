import { oneOf, type Rule } from '../rule'
import { floorOf } from './at-the-door'

/** Whoever looks at a hive of today in the cold is reminded of its door; a plan needs no sweeping. */
export const CLEAR_DOOR: Rule<'season.clear-door'> = {
  id: 'season.clear-door',
  of: 'bees',
  when: ({ isCold, isDoorCleared }) => isCold && isDoorCleared,
  find: (measured, { today, planned }) => {
    const floor = floorOf(measured)
    return oneOf(floor && today !== undefined && !planned && { severity: 'note', partIds: [floor.part.id] })
  },
}
