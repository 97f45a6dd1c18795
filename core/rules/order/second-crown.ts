import { isBox, isCrown } from '../../parts'
import { meaningOf } from '../../yard'
import { takeOff } from '../remedies'
import type { Rule } from '../rule'

/** Two crowns: one too many, but where supers between them are cleaned out or cleared of bees. */
export const SECOND_CROWN: Rule<'order.second-crown', { readonly clearing: boolean }> = {
  id: 'order.second-crown',
  of: 'stack',
  find: ({ layout, assembled }, { stage }) => {
    const [first, ...more] = layout.parts.filter(isCrown)
    if (!first) return []
    return more.map((second) => {
      const clearing =
        meaningOf(stage).isCropTaken &&
        layout.parts.some((box) => isBox(box) && box.index > first.index && box.index < second.index)
      return {
        severity: clearing ? 'note' : 'mend',
        partIds: [second.part.id, first.part.id],
        facts: { clearing },
        ways: () => [takeOff(assembled.hive, clearing ? first : second)],
      }
    })
  },
}
