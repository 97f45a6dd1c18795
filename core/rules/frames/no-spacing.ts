import { fullCount } from '../../stack'
import type { Rule } from '../rule'
import { framesOf, inEachBox, thatGoesIn } from './filled-box'
import { castellate } from './remedies'

/** Straight bars with nothing between them are pushed comb to comb. */
export const NO_SPACING: Rule<'frames.no-spacing', { readonly frames: number }> = {
  id: 'frames.no-spacing',
  of: 'box',
  find: inEachBox((filled) => {
    if (!thatGoesIn(filled) || filled.across.spacing.system !== 'touching') return undefined
    const bare = framesOf(filled).filter(({ pattern }) => pattern.spacedBy === 'nothing')
    if (bare.length < 2) return undefined
    return {
      severity: 'mend',
      partIds: [filled.box.part.id],
      facts: { frames: bare.length },
      ways: () => [castellate(filled.box.resolved, fullCount(filled.box.resolved))],
    }
  }),
}
