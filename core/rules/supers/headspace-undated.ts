import { takeOff } from '../remedies'
import type { Rule } from '../rule'
import { isHeadspace } from './headspace'

/** Room left on for a treatment or a feeder wants a day to come off (common practice). */
export const HEADSPACE_UNDATED: Rule<'season.headspace-undated'> = {
  id: 'season.headspace-undated',
  of: 'bees',
  when: ({ treating, forage }) => treating === 'first' || forage === 'dearth',
  find: ({ layout, assembled }) =>
    layout.parts
      .filter((room) => isHeadspace(room) && !room.placement.offBy)
      .map((room) => ({
        severity: 'note',
        partIds: [room.part.id],
        ways: () => [takeOff(assembled.hive, room)],
      })),
}
