import { openHole, takeOff } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { shutUnder, topOf } from './top'

/** A vent that no air gets to (common practice). */
export const VENT_SHUT_OFF: Rule<'season.vent-shut-off'> = {
  id: 'season.vent-shut-off',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const top = topOf(measured, context)
    const { vent } = top
    const crown = shutUnder(vent, top)
    return oneOf(
      crown &&
        vent && {
          severity: 'mend',
          partIds: [crown.part.id, vent.part.id],
          ways: () => [openHole(crown), takeOff(measured.assembled.hive, vent)],
        },
    )
  },
}
