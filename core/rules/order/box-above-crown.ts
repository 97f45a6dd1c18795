import { isCrown, isFilledBox } from '../../parts'
import { meaningOf } from '../../yard'
import { move } from '../remedies'
import { oneOf, type Rule } from '../rule'

/** The crown closes the colony above; frames over it are outside. */
export const BOX_ABOVE_CROWN: Rule<'order.box-above-crown', { readonly crownId: string }> = {
  id: 'order.box-above-crown',
  of: 'stack',
  find: ({ layout, assembled }, { stage }) => {
    const crown = layout.parts.find(isCrown)
    const above = crown ? layout.parts.filter((part) => isFilledBox(part) && part.index > crown.index) : []
    const highest = above.at(-1)
    return oneOf(
      crown &&
        highest && {
          severity: meaningOf(stage).isCropTaken ? 'note' : 'mend',
          partIds: above.map(({ part }) => part.id),
          facts: { crownId: crown.part.id },
          ways: () => [move(assembled.hive, crown, highest.index, 'move-above', highest)],
        },
    )
  },
}
