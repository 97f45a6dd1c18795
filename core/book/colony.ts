import { SHIPPED_FIGURES, type Figures } from '../figures'
import type { Colonies, Colony, Yard } from '../yard'
import { byHiveOf } from './by-hive'
import { entriesOf } from './current'
import { dayOf, daysBetween } from './days'
import { sortOf, type Entry } from './entries'
import { signsOf, type SignOf } from './signs'

/**
 * What the book says of a colony: undefined where it lives and nothing is held. A sign of a disease in its brood closes
 * it, a death or an empty hive holds its kit, streaks, heaps of dead and trembling hold its combs: each until an entry
 * says that it was looked at or cleaned. Common practice; what the law asks comes first.
 * @param own entries of one hive that hold now, oldest first
 */
export function colonyOf(
  own: readonly Entry[],
  today: string,
  figures: Pick<Figures, 'signDays'> = SHIPPED_FIGURES,
): Colony | undefined {
  const until = own.filter(({ at }) => dayOf(at) <= today)
  const fate = entriesOf(until, 'fate').at(-1)
  const cleared = entriesOf(until, 'cleared').at(-1)
  const isAfterCleared = ({ at, madeAt }: Entry) =>
    !cleared || at > cleared.at || (at === cleared.at && madeAt > cleared.madeAt)
  const seen = (of: SignOf) =>
    entriesOf(until, 'look').filter(
      (look) =>
        isAfterCleared(look) &&
        daysBetween(look.at, today) <= figures.signDays &&
        signsOf(look.body.signs, of).length > 0,
    )
  const [ofBrood, ofUnknown] = [seen('brood'), seen('unknown')]
  const signs = [...new Set(ofBrood.flatMap(({ body }) => signsOf(body.signs, 'brood')))]
  const gone = fate && fate.body.fate !== 'alive' ? fate : undefined
  const since = dayOf((gone ?? ofBrood.at(-1) ?? ofUnknown.at(-1))?.at ?? today)
  const told = signs.length > 0 ? { signs } : {}
  if (gone) {
    const { fate: what, of: cause } = gone.body
    const holds = isAfterCleared(gone) || signs.length > 0 ? 'all' : 'nothing'
    return what === 'dead'
      ? { is: 'dead', since, because: cause ?? 'not-known', ...told, holds }
      : { is: 'empty', since, because: what, ...told, holds }
  }
  if (signs.length > 0) return { is: 'lives', since, signs, holds: 'all' }
  if (ofUnknown.length > 0)
    return {
      is: 'lives',
      since,
      signs: [...new Set(ofUnknown.flatMap(({ body }) => signsOf(body.signs, 'unknown')))],
      holds: 'combs',
    }
  return undefined
}

/** The same of every hive of a yard of which more is to be said than that its colony lives. */
export function coloniesOf(entries: readonly Entry[], today: string): Colonies {
  const found: Record<string, Colony> = {}
  for (const [hiveId, own] of byHiveOf(entries)) {
    const colony = colonyOf(own, today)
    if (colony) found[hiveId] = colony
  }
  return found
}

/** A yard with what its book says of its colonies; the same yard where that is nothing. */
export function withColonies(yard: Yard, entries: readonly Entry[], today: string): Yard {
  const colonies = coloniesOf(entries, today)
  return Object.keys(colonies).length === 0 && !yard.colonies ? yard : { ...yard, colonies }
}

/** Entries that may say something of the state of a colony. */
export function tellsOfColony({ sort }: Entry): boolean {
  return sortOf(sort).tellsOfColony
}
