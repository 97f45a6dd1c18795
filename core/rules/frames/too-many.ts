import { dimensionMm, howManyFit } from '../../parts'
import { comparableMm, exact } from '../../units'
import type { Rule } from '../rule'
import { framesOf, inEachBox } from './filled-box'
import { leaveOut, touchOneSide } from './remedies'

interface TooManyFacts {
  readonly frames: number
  readonly others: number
  readonly fits: number
  readonly leave: number
  readonly inSlots: boolean
  readonly slots: number
  readonly mostPitchMm: number
  readonly spacingMm: number
}

/** More than goes in. */
export const TOO_MANY: Rule<'frames.too-many', TooManyFacts> = {
  id: 'frames.too-many',
  of: 'box',
  find: inEachBox((filled, context) => {
    const { box, across } = filled
    if (comparableMm(across.overlapMm) <= 0) return undefined
    const frames = framesOf(filled)
    const widest = Math.max(0, ...frames.map(({ pattern }) => pattern.spacing.mm))
    const { system, count } = across.spacing
    const fits = system === 'castellation' && count ? count : widest > 0 ? howManyFit(box.resolved, widest) : 0
    const inSlots = system === 'castellation' && frames.length <= fits
    const remedies = inSlots ? [touchOneSide(box.resolved)] : leaveOut(box.resolved, context)
    return {
      severity: 'stop',
      partIds: [box.part.id],
      measured: exact(across.overlapMm),
      ways: () => remedies,
      facts: {
        frames: frames.length,
        others: across.places.length - frames.length,
        fits,
        leave: remedies[0]?.count ?? 0,
        inSlots,
        slots: system === 'castellation' && !inSlots ? fits : 0,
        mostPitchMm: frames.length > 0 ? dimensionMm(box, 'insideWidth') / frames.length : 0,
        spacingMm: widest,
      },
    }
  }),
}
