import type { Rule } from '../rule'
import { broodRooms } from './brood-boxes'

/** A colony that settles covers one box; a second is more than it can keep warm. */
export const TOO_MUCH_ROOM: Rule<'room.too-much', { readonly frames: number }> = {
  id: 'room.too-much',
  of: 'bees',
  when: ({ isSettling }) => isSettling,
  find: (measured, context) =>
    broodRooms(measured, context)
      .filter(({ boxes }) => boxes.length > 1)
      .map(({ boxes, room: { frames } }) => ({
        severity: 'watch',
        partIds: boxes.slice(1).map(({ part }) => part.id),
        facts: { frames },
      })),
}
