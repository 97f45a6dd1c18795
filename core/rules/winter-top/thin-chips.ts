import { dimensionMm } from '../../parts'
import { exact } from '../../units'
import { oneOf, type Rule } from '../rule'
import { topOf } from './top'

/** Less of chips than takes up a winter's damp (common practice). */
export const THIN_CHIPS: Rule<'season.thin-chips', { readonly leastMm: number }> = {
  id: 'season.thin-chips',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { absorber } = topOf(measured, context)
    const chipsMm = absorber ? dimensionMm(absorber.resolved, 'fillDepth') : 0
    if (!absorber || chipsMm >= absorber.figures.chipsLeastMm) return []
    return oneOf({
      severity: 'mend',
      partIds: [absorber.part.id],
      measured: exact(chipsMm),
      facts: { leastMm: absorber.figures.chipsLeastMm },
    })
  },
}
