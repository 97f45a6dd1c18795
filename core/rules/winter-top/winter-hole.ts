import { closeHole } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { topOf } from './top'

/** A hole in the crown under a slab lets warm, damp air up to where it is cold (common practice). */
export const WINTER_HOLE: Rule<'season.winter-hole'> = {
  id: 'season.winter-hole',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { crown, slab, absorber, vent } = topOf(measured, context)
    if (!slab || !crown || absorber || vent || crown.index > slab.index || crown.part.hole !== 'open') return []
    return oneOf({ severity: 'mend', partIds: [crown.part.id, slab.part.id], ways: () => [closeHole(crown)] })
  },
}
