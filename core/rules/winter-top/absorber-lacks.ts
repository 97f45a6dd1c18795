import { ABSORBER_FEATURES, type AbsorberFeature } from '../../parts'
import { partEdit } from '../../yard'
import type { Rule } from '../rule'
import { topOf } from './top'

/** Chips without what carries them, or without what lets the damp out (common practice). */
export const ABSORBER_LACKS: Rule<
  'season.absorber-lacks',
  { readonly feature: AbsorberFeature; readonly fullInDays: number | null }
> = {
  id: 'season.absorber-lacks',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { absorber, fullInDays } = topOf(measured, context)
    if (!absorber) return []
    const { part } = absorber
    return ABSORBER_FEATURES.filter((feature) => part.lacks?.includes(feature)).map((feature) => ({
      severity: 'mend',
      partIds: [part.id],
      at: `${part.id}:${feature}`,
      facts: { feature, fullInDays },
      ways: () => [
        {
          kind: 'mend-part',
          partId: part.id,
          edit: partEdit(part, { ...part, lacks: part.lacks?.filter((one) => one !== feature) ?? [] }),
        },
      ],
    }))
  },
}
