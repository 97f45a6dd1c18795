import { add } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { nearestBand } from '../trial'
import { matching, roofOverBees } from './in-the-stack'

/** A telescoping roof that the bees get to is glued down, and its skirt leaves no grip. Common practice. */
export const NO_CROWN: Rule<'order.no-crown'> = {
  id: 'order.no-crown',
  of: 'stack',
  find: (measured, context) => {
    const over = roofOverBees(measured)
    if (!over || over.roof.faces.skirtMm === 0) return []
    const { roof, below } = over
    return oneOf({
      severity: 'mend',
      partIds: [roof.part.id, below.part.id],
      ways: () => {
        const pattern = matching(measured, context, { kind: 'crown', use: 'cover' }, 'top')
        if (!pattern) return []
        const eitherWay = [false, true].map((turned) =>
          add(measured.assembled.hive, roof.index, pattern, context.catalogue, turned),
        )
        return nearestBand(
          measured,
          eitherWay,
          context,
          ({ gaps }) => gaps.find((gap) => gap.lowerId === below.part.id && gap.place === 'cover')?.mm,
        )
      },
    })
  },
}
