import { oneOf, type Rule } from '../rule'
import { slabsOver, topOf } from './top'

/** A vent with nothing over it: dry, and cold (common practice). */
export const VENT_COLD: Rule<'season.vent-cold'> = {
  id: 'season.vent-cold',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { vent, slab, absorber } = topOf(measured, context)
    return oneOf(
      vent &&
        !slab &&
        !absorber && {
          severity: 'watch',
          partIds: [vent.part.id],
          ways: slabsOver(measured.assembled.hive, vent, context),
        },
    )
  },
}
