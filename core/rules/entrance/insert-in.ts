import { isBox } from '../../parts'
import { meaningOf } from '../../yard'
import { detach } from '../remedies'
import type { Rule } from '../rule'
import { floorOf, insertOf } from './at-the-door'

/** A mesh that is shut while it is warm; graver on the road, where it is the air (common practice). */
export const INSERT_IN: Rule<'season.insert-in'> = {
  id: 'season.insert-in',
  of: 'bees',
  when: ({ supers, isOnTheRoad }) => supers !== 'none' || isOnTheRoad,
  find: (measured, { stage }) => {
    const insert = insertOf(measured)
    if (!insert) return []
    const means = meaningOf(stage)
    const inAWarmHive = means.supers !== 'none' && floorOf(measured) !== undefined
    const onTheRoad = means.isOnTheRoad && measured.layout.parts.some(isBox)
    if (!inAWarmHive && !onTheRoad) return []
    return [
      {
        severity: onTheRoad ? 'mend' : 'note',
        partIds: [insert.part.id],
        ways: () => [detach(measured.assembled.hive, insert)],
      },
    ]
  },
}
