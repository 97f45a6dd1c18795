import { isFoundationless } from '../../parts'
import type { Rule } from '../rule'
import { framesOf, inEachBox, isHeld, isToBeDrawn } from './filled-box'
import { alternate } from './remedies'

/** Bees follow the comb beside them; with none there they cross from one frame into the other. */
export const FOUNDATIONLESS_PAIR: Rule<
  'frames.foundationless-pair',
  { readonly pairs: number; readonly bare: number; readonly school: boolean }
> = {
  id: 'frames.foundationless-pair',
  of: 'box',
  find: inEachBox((filled, context) => {
    if (!isToBeDrawn(filled)) return undefined
    const { box, gaps } = filled
    const bareIds = new Set(box.part.contents.filter(isFoundationless).map(({ id }) => id))
    const pairs = gaps.filter(({ fromId, toId }) => fromId && toId && bareIds.has(fromId) && bareIds.has(toId))
    if (pairs.length === 0) return undefined
    const frames = framesOf(filled)
    const bare = frames.filter(({ content }) => isFoundationless(content)).length
    // A whole box of them, none too tall for its support, is a school of its own.
    const school = bare === frames.length && frames.every((one) => isHeld(one, context))
    return {
      severity: school ? 'note' : 'mend',
      partIds: [box.part.id],
      facts: { pairs: pairs.length, bare, school },
      ways: () => (school ? [] : alternate(box.resolved, context)),
    }
  }),
}
