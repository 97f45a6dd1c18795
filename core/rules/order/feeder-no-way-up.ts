import { isFeeder } from '../../parts'
import { openHole, takeOff } from '../remedies'
import type { Rule } from '../rule'

/** A feeder that bees cannot get to from below; where nothing says where the bees are, nothing is said of it. */
export const FEEDER_NO_WAY_UP: Rule<'order.feeder-no-way-up'> = {
  id: 'order.feeder-no-way-up',
  of: 'stack',
  find: ({ layout, assembled, reachedFromBelow }) =>
    layout.parts
      .filter((feeder) => isFeeder(feeder) && reachedFromBelow?.has(feeder.part.id) === false)
      .map((feeder) => {
        const below = layout.parts[feeder.index - 1]
        const shut = layout.parts.findLast(({ index, part }) => index < feeder.index && part.hole === 'closed')
        return {
          severity: 'mend',
          partIds: [feeder.part.id, ...(below ? [below.part.id] : [])],
          ways: () => [shut ? openHole(shut) : takeOff(assembled.hive, feeder)],
        }
      }),
}
