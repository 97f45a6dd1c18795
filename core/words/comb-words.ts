import type { CombSeen } from '../book'

const BEES = { full: 'full of bees', half: 'half covered', none: 'no bees' } as const
const FOOD_WORDS = { sealed: 'stores', nectar: 'nectar', pollen: 'pollen' } as const
const STORES_WORDS = { corner: 'stores in a corner', half: 'half of it stores', full: 'full of stores' } as const

/** What is said of a comb that was seen. */
export function combSeenInWords(seen: CombSeen): string {
  return [
    ...(seen.bees ? [BEES[seen.bees]] : []),
    ...(seen.brood ? [seen.brood.join(', ')] : []),
    ...(seen.renew ? ['to renew'] : []),
    ...(seen.food
      ? [
          seen.food
            .map((one) => (one === 'sealed' && seen.stores ? STORES_WORDS[seen.stores] : FOOD_WORDS[one]))
            .join(', '),
        ]
      : []),
  ].join(' · ')
}
