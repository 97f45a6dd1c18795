import { meaningOf, type Stage } from '../../yard'
import { oneOf, type Rule } from '../rule'
import { fit, fittingsOf, floorOf, hasFewGuards } from './at-the-door'

/** A door that too few bees guard, where robbers are about (common practice). */
export const WIDE_ENTRANCE: Rule<'season.wide-entrance', { readonly stage: Stage }> = {
  id: 'season.wide-entrance',
  of: 'bees',
  when: hasFewGuards,
  find: (measured, context) => {
    const floor = floorOf(measured)
    const { stage } = context
    return oneOf(
      floor &&
        fittingsOf(measured).length === 0 && {
          severity: 'note',
          partIds: [floor.part.id],
          facts: { stage },
          ways: () => [
            ...fit(measured, context, 'narrow'),
            ...(meaningOf(stage).robbers === 'about' ? fit(measured, context, 'robbing') : []),
          ],
        },
    )
  },
}
