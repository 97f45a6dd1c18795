import { isFilledBox } from '../../parts'
import { oneOf, type Rule } from '../rule'
import { drippingTop, type DripFacts } from './dripping'
import { slabsOver, topOf } from './top'

/** A slab or chips under which water forms as early as at the walls. */
export const COLD_TOP: Rule<'season.cold-top', DripFacts> = {
  id: 'season.cold-top',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { slab, absorber } = topOf(measured, context)
    const cover = absorber ?? slab
    const box = measured.layout.parts.findLast(isFilledBox)
    const dripping = cover && box && drippingTop(measured, context)
    return oneOf(
      dripping && {
        severity: 'watch',
        partIds: [cover.part.id, box.part.id],
        facts: dripping.facts,
        // Over chips nothing lies: they let the damp out.
        ...(absorber ? {} : { ways: slabsOver(measured.assembled.hive, cover, context) }),
      },
    )
  },
}
