import { oneOf, type Rule } from '../rule'
import { fit, fittingsOf, floorOf } from './at-the-door'

/** A door that is open for the road. */
export const TRAVEL_OPEN: Rule<'season.travel-open'> = {
  id: 'season.travel-open',
  of: 'bees',
  when: ({ isOnTheRoad }) => isOnTheRoad,
  find: (measured, context) => {
    const floor = floorOf(measured)
    return oneOf(
      floor &&
        !fittingsOf(measured).some(({ pattern }) => pattern.use === 'shut') && {
          severity: 'mend',
          partIds: [floor.part.id],
          ways: () => fit(measured, context, 'shut'),
        },
    )
  },
}
