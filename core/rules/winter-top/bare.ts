import type { Severity } from '../../stack'
import type { Climate } from '../../yard'
import { oneOf, type Rule } from '../rule'
import { drippingTop, type DripFacts } from './dripping'
import { slabsOver, topOf } from './top'

/** How bad a bare top is where; nothing to say of it where winters are mild (common practice). */
const BARE: Readonly<Partial<Record<Climate, Severity>>> = { 'cool-maritime': 'watch', 'cold-continental': 'mend' }

/** Nothing over the bees that keeps the top warm. */
export const BARE_TOP: Rule<'season.bare-top', DripFacts & { readonly climate: Climate }> = {
  id: 'season.bare-top',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { slab, absorber } = topOf(measured, context)
    const { climate } = context
    const severity = BARE[climate]
    const dripping = severity && !slab && !absorber ? drippingTop(measured, context) : undefined
    return oneOf(
      severity &&
        dripping && {
          severity,
          partIds: [dripping.over.part.id],
          facts: { climate, ...dripping.facts },
          ways: slabsOver(measured.assembled.hive, dripping.over, context),
        },
    )
  },
}
