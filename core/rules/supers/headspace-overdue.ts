import { takeOff } from '../remedies'
import type { Rule } from '../rule'
import { isHeadspace } from './headspace'

/** Room left on after the day by which it was to come off (common practice). */
export const HEADSPACE_OVERDUE: Rule<'season.headspace-overdue', { readonly offBy: string }> = {
  id: 'season.headspace-overdue',
  of: 'bees',
  find: ({ layout, assembled }, { today }) =>
    layout.parts.filter(isHeadspace).flatMap((room) => {
      const { offBy } = room.placement
      if (!offBy || !today || offBy >= today) return []
      return [
        {
          severity: 'mend',
          partIds: [room.part.id],
          facts: { offBy },
          ways: () => [takeOff(assembled.hive, room)],
        },
      ]
    }),
}
