import { comparableMm, exact } from '../../units'
import type { Rule } from '../rule'
import { framesOf, inEachBox, thatGoesIn } from './filled-box'
import { centreFrames, touchOneSide } from './remedies'

/** Self-spacing frames are made to touch: spread out, they rock and the comb between them grows uneven. */
export const SPREAD_SHOULDERS: Rule<'frames.spread-shoulders'> = {
  id: 'frames.spread-shoulders',
  of: 'box',
  find: inEachBox((filled) => {
    const { box, across, use } = filled
    const { system, slack } = across.spacing
    const spread = slack === 'spread' && (system === 'touching' || (system === 'by-hand' && use === 'brood'))
    if (!spread || !thatGoesIn(filled)) return undefined
    const [first, second] = framesOf(filled).filter(({ pattern }) => pattern.spacedBy !== 'nothing')
    if (!first || !second || comparableMm(across.pitchMm) <= comparableMm(first.pattern.spacing.mm)) return undefined
    return {
      severity: 'watch',
      partIds: [box.part.id],
      measured: exact(across.pitchMm),
      band: { minMm: first.pattern.spacing.mm, maxMm: first.pattern.spacing.mm },
      ways: () => [touchOneSide(box.resolved), centreFrames(box.resolved)],
    }
  }),
}
