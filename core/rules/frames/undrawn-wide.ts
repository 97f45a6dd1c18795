import { combsAcross, isUndrawn } from '../../parts'
import { fullCount } from '../../stack'
import { comparableMm, exact } from '../../units'
import type { Rule } from '../rule'
import { framesOf, inEachBox, isToBeDrawn } from './filled-box'
import { touchOneSide } from './remedies'

interface UndrawnFacts {
  readonly undrawn: number
  readonly frames: number
  readonly full: number
  readonly whole: boolean
}

/** Foundation is drawn at full count; only drawn comb is spread. */
export const UNDRAWN_WIDE: Rule<'frames.undrawn-wide', UndrawnFacts> = {
  id: 'frames.undrawn-wide',
  of: 'box',
  find: inEachBox((filled) => {
    if (!isToBeDrawn(filled)) return undefined
    const { box, across, use, drawnAtMm } = filled
    const undrawn = combsAcross(across, use).filter(({ contentId }) =>
      box.part.contents.some((one) => one.id === contentId && isUndrawn(one)),
    )
    const wide = undrawn.filter(({ pitchMm }) => comparableMm(pitchMm) > comparableMm(drawnAtMm))
    if (wide.length === 0) return undefined
    const madeSo = wide.every(
      ({ pattern, pitchMm }) =>
        pattern.spacedBy === 'wide-bars' && comparableMm(pitchMm) <= comparableMm(pattern.spacing.mm),
    )
    const frames = framesOf(filled).length
    return {
      severity: madeSo ? 'note' : 'mend',
      partIds: [box.part.id],
      measured: exact(Math.max(...wide.map(({ pitchMm }) => pitchMm))),
      band: { minMm: 0, maxMm: drawnAtMm },
      facts: { undrawn: wide.length, frames, full: fullCount(box.resolved), whole: undrawn.length === frames },
      ways: () => (madeSo ? [] : [touchOneSide(box.resolved)]),
    }
  }),
}
