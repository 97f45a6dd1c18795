import { comparableMm, exact } from '../../units'
import type { Rule } from '../rule'
import { drainApartMm, isDrainBox } from './drain-box'
import { inEachBox } from './filled-box'
import { centreFrames } from './remedies'

/** Frames that drain in place are pushed together. */
export const DRAIN_LOOSE: Rule<'frames.drain-loose'> = {
  id: 'frames.drain-loose',
  of: 'box',
  find: inEachBox((filled) => {
    if (!isDrainBox(filled) || filled.across.overlapMm !== 0) return undefined
    const apartMm = drainApartMm(filled)
    if (comparableMm(apartMm) <= 0) return undefined
    return {
      severity: 'mend',
      partIds: [filled.box.part.id],
      measured: exact(apartMm),
      band: { minMm: 0, maxMm: 0 },
      ways: () => [centreFrames(filled.box.resolved)],
    }
  }),
}
