import { oneOf, type Rule } from '../rule'
import { supersOf } from './on-the-hive'

/** A flow without room for what comes in (common practice). */
export const NO_ROOM: Rule<'season.no-room'> = {
  id: 'season.no-room',
  of: 'bees',
  when: ({ forage }) => forage === 'flow',
  find: (measured) => {
    const { boxes, supers } = supersOf(measured)
    const highest = boxes.at(-1)
    return oneOf(supers.length === 0 && highest && { severity: 'watch', partIds: [highest.part.id] })
  },
}
