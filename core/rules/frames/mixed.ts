import type { SpacedBy } from '../../parts'
import { comparableMm } from '../../units'
import type { Rule } from '../rule'
import { framesOf, inEachBox, thatGoesIn } from './filled-box'
import { touchOneSide } from './remedies'

interface MixedFacts {
  readonly how: 'systems' | 'in-slots' | 'widths'
  readonly ways: readonly SpacedBy[]
  readonly leastMm: number
  readonly mostMm: number
}

/** Two ways of keeping frames apart in one box. */
export const MIXED: Rule<'frames.mixed', MixedFacts> = {
  id: 'frames.mixed',
  of: 'box',
  find: inEachBox((filled) => {
    if (!thatGoesIn(filled)) return undefined
    const { box, across } = filled
    const frames = framesOf(filled)
    const ways = new Set(frames.map(({ pattern }) => pattern.spacedBy ?? 'shoulders'))
    const widths = new Set(frames.map(({ pattern }) => comparableMm(pattern.spacing.mm)))
    const inSlots = across.spacing.system === 'castellation' && (ways.has('shoulders') || ways.has('ends'))
    const twoWidths = widths.size > 1 && across.spacing.system === 'touching'
    if (ways.size < 2 && !inSlots && !twoWidths) return undefined
    return {
      severity: 'watch',
      partIds: [box.part.id],
      facts: {
        how: ways.size > 1 ? 'systems' : inSlots ? 'in-slots' : 'widths',
        ways: [...ways],
        leastMm: Math.min(...widths),
        mostMm: Math.max(...widths),
      },
      ways: () => (inSlots && ways.size === 1 ? [touchOneSide(box.resolved)] : []),
    }
  }),
}
