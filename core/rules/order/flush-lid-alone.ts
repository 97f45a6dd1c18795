import { figureOf } from '../bee-space/at-part'
import { oneOf, type Rule } from '../rule'
import { roofOverBees } from './in-the-stack'

/** A flush lid right over the frames is one way of keeping bees among several. Common practice. */
export const FLUSH_LID_ALONE: Rule<'order.flush-lid-alone'> = {
  id: 'order.flush-lid-alone',
  of: 'stack',
  find: (measured) => {
    const lid = roofOverBees(measured)
    if (!lid || lid.roof.faces.skirtMm > 0) return []
    const id = lid.roof.part.id
    const over = measured.gaps.find(({ upperId, place }) => upperId === id && place === 'cover')
    return oneOf(
      over && {
        severity: 'note',
        partIds: [id, lid.below.part.id],
        measured: figureOf(over),
      },
    )
  },
}
