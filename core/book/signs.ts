import type { Look } from './look/look'

/** What signs may be of: a disease in the brood that has to be reported, or what nobody knows yet. */
export type SignOf = 'brood' | 'unknown'

/** Signs in the brood that may be of a disease to be reported: nothing of such a hive goes to another. */
const BROOD_SIGNS: ReadonlySet<string> = new Set([
  'sunken-caps',
  'pierced-caps',
  'ropy-cell',
  'scale-in-cell',
  'twisted-larvae',
  'chalky-larvae',
])
/** Streaks, heaps of dead, trembling bees: its combs stay until it is known what they are of. */
const UNKNOWN_SIGNS: ReadonlySet<string> = new Set(['streaks-at-door', 'dead-in-heap', 'trembling-bees'])

/** Of the signs of a look, those that may be of such a thing. Common practice. */
export function signsOf(signs: Look['signs'] = [], of: SignOf): NonNullable<Look['signs']> {
  const wanted = of === 'brood' ? BROOD_SIGNS : UNKNOWN_SIGNS
  return signs.filter((sign) => wanted.has(sign))
}

/** Signs because of which nothing goes to another hive. */
export function hasBroodSign(signs: readonly string[]): boolean {
  return signs.some((sign) => BROOD_SIGNS.has(sign))
}
