import { comparableMm, exact } from '../../units'
import type { Rule } from '../rule'
import { drainApartMm, isDrainBox } from './drain-box'
import { inEachBox } from './filled-box'
import { centreFrames } from './remedies'

/** Frames that drain in place hang in the middle. */
export const DRAIN_OFF_CENTRE: Rule<'frames.drain-off-centre', { readonly playMm: number }> = {
  id: 'frames.drain-off-centre',
  of: 'box',
  find: inEachBox((filled, { figures }) => {
    const { box, across, gaps } = filled
    if (!isDrainBox(filled) || across.overlapMm !== 0 || comparableMm(drainApartMm(filled)) > 0) return undefined
    const [near, far] = [gaps[0]?.apartMm ?? 0, gaps.at(-1)?.apartMm ?? 0]
    if (comparableMm(Math.abs(near - far)) <= figures.drainOffCentreMm) return undefined
    return {
      severity: 'watch',
      partIds: [box.part.id],
      measured: exact(Math.max(near, far)),
      band: { minMm: 0, maxMm: (near + far + figures.drainOffCentreMm) / 2 },
      facts: { playMm: near + far },
      ways: () => [{ ...centreFrames(box.resolved), resultMm: (near + far) / 2 }],
    }
  }),
}
