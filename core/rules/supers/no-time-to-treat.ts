import type { TreatConflict } from '../../year'
import { oneOf, type Rule } from '../rule'
import { supersOf } from './on-the-hive'

/** A last crop that ends too late to treat before the winter bees (common practice). */
export const NO_TIME_TO_TREAT: Rule<'season.no-time-to-treat', TreatConflict> = {
  id: 'season.no-time-to-treat',
  of: 'bees',
  when: ({ isBeforeWinterBees }) => isBeforeWinterBees,
  find: (measured, { treatConflict }) => {
    const { ids } = supersOf(measured)
    return oneOf(ids.length > 0 && treatConflict && { severity: 'watch', partIds: ids, facts: treatConflict })
  },
}
