import { findAll, isFeeder, isFrameFeeder } from '../../parts'
import type { PlacedPart } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { swapFor, takeOff } from '../remedies'
import type { TriedWay } from '../remedy'
import { oneOf, type Rule } from '../rule'
import { nearestBand } from '../trial'
import { supersOf } from './on-the-hive'

/** A feeder with crop supers on: what is fed is carried up (common practice). */
export const FED_UNDER_SUPERS: Rule<'season.feed-under-supers'> = {
  id: 'season.feed-under-supers',
  of: 'bees',
  when: ({ supers }) => supers !== 'none',
  find: (measured, context) => {
    const { ids } = supersOf(measured)
    const feeder = measured.layout.parts.find((part) => isFeeder(part) || part.hung.some(isFrameFeeder))
    return oneOf(
      ids.length > 0 &&
        feeder && {
          severity: 'watch',
          partIds: [feeder.part.id, ...ids],
          ways: () => (isFeeder(feeder) ? withoutFeeder(measured, feeder, context) : []),
        },
    )
  },
}

/** A feeder comes off; one that closes the hive as a crown does is taken the place of by one. */
function withoutFeeder(measured: MeasuredHive, feeder: PlacedPart, context: Context): TriedWay[] {
  const { catalogue } = context
  const { hive } = measured.assembled
  const crown = findAll(catalogue, { kind: 'crown', format: feeder.pattern?.format, use: 'cover' }).at(0)
  const swaps = crown ? [false, true].map((turned) => swapFor(hive, feeder, crown, catalogue, turned)) : []
  return [takeOff(hive, feeder), ...nearestBand(measured, swaps, context, () => undefined)]
}
