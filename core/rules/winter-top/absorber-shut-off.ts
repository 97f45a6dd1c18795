import { openHole } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { shutUnder, topOf } from './top'

/** Chips that no damp air reaches (common practice). */
export const ABSORBER_SHUT_OFF: Rule<'season.absorber-shut-off'> = {
  id: 'season.absorber-shut-off',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const top = topOf(measured, context)
    const crown = shutUnder(top.absorber, top)
    return oneOf(
      crown &&
        top.absorber && {
          severity: 'mend',
          partIds: [crown.part.id, top.absorber.part.id],
          ways: () => [openHole(crown)],
        },
    )
  },
}
