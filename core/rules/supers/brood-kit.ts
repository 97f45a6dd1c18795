import { isExcluder } from '../../parts'
import { hasHeldBrood } from '../../yard'
import { takeOff } from '../remedies'
import type { Rule } from '../rule'
import { supersOf } from './on-the-hive'

/** Old brood kit as a super (common practice). */
export const BROOD_KIT: Rule<'season.brood-kit', { readonly combs: number; readonly isOneSize: boolean }> = {
  id: 'season.brood-kit',
  of: 'bees',
  find: (measured) => {
    const { boxes, supers } = supersOf(measured)
    // Without an excluder, in boxes of one size, every super has held brood: that is how they are kept.
    const isOneSize =
      !measured.layout.parts.some(isExcluder) &&
      new Set(boxes.map(({ pattern }) => pattern?.size)).size === 1 &&
      boxes.length > 1
    return supers
      .filter(({ part }) => hasHeldBrood(part))
      .map((box) => ({
        severity: isOneSize ? 'note' : 'mend',
        partIds: [box.part.id],
        facts: {
          isOneSize,
          combs: box.part.hasHeld.includes('brood')
            ? 0
            : box.part.contents.filter(({ hasHeld }) => hasHeld?.includes('brood')).length,
        },
        ways: () => [takeOff(measured.assembled.hive, box)],
      }))
  },
}
