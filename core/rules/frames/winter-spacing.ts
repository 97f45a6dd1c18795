import { comparableMm, exact } from '../../units'
import { meaningOf, type Stage } from '../../yard'
import type { Rule } from '../rule'
import { framesOf, inEachBox, thatGoesIn } from './filled-box'
import { touchOneSide } from './remedies'

/** What is spread for honey is closed up again before bees have to keep it warm. */
export const WINTER_SPACING: Rule<'frames.winter-spacing', { readonly stage: Stage }> = {
  id: 'frames.winter-spacing',
  of: 'box',
  when: ({ closesUp }) => closesUp !== 'no',
  find: inEachBox((filled, { stage }) => {
    const { box, across, drawnAtMm } = filled
    const { closesUp } = meaningOf(stage)
    if (!thatGoesIn(filled) || ((box.placement.role ?? 'super') === 'super' && closesUp === 'now')) return undefined
    if (comparableMm(across.pitchMm) <= comparableMm(drawnAtMm)) return undefined
    if (framesOf(filled).every(({ pattern }) => pattern.spacedBy === 'wide-bars')) return undefined
    return {
      severity: 'watch',
      partIds: [box.part.id],
      measured: exact(across.pitchMm),
      band: { minMm: 0, maxMm: drawnAtMm },
      facts: { stage },
      // Nobody opens a hive in the cold for it: it would cost the cluster more than the gaps do.
      ways: () => (closesUp === 'too-late' ? [] : [touchOneSide(box.resolved)]),
    }
  }),
}
