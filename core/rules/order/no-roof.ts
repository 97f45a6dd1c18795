import { isBox, isRoof } from '../../parts'
import { add } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { matching } from './in-the-stack'

/** Nothing covers the hive. On the road a screen is the top: without one, what is missing is told as air. */
export const NO_ROOF: Rule<'order.no-roof'> = {
  id: 'order.no-roof',
  of: 'stack',
  when: ({ isOnTheRoad }) => !isOnTheRoad,
  find: (measured, context) => {
    const { parts } = measured.layout
    const top = parts.at(-1)
    if (!top || parts.some(isRoof) || !parts.some(isBox)) return []
    return oneOf({
      severity: 'stop',
      partIds: [top.part.id],
      ways: () => {
        const pattern = matching(measured, context, { kind: 'roof', roofForm: 'telescoping' }, 'top')
        return pattern ? [add(measured.assembled.hive, parts.length, pattern, context.catalogue)] : []
      },
    })
  },
}
