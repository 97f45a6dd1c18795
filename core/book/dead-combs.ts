import { isSound, type Hive, type Yard } from '../yard'
import { colonyOf } from './colony'
import { combGifts, type CombGift } from './comb-gifts'
import { entriesOf } from './current'
import type { Entry, EntryOf } from './entries'
import { mayShareCombs } from './stock'

/** A hive whose colony died, whether its combs may go to others, and where they would go. */
export interface DeadCombs {
  readonly hive: Hive
  readonly fate: EntryOf<'fate'>['body']
  readonly may: ReturnType<typeof mayShareCombs>
  readonly gifts: readonly CombGift[]
}

/**
 * The hives of a yard whose colony died, with the combs that may go to others: to colonies that live and are under no
 * suspicion. A hive that was looked at and cleaned since may be shared. Common practice.
 */
export function deadCombs(yard: Yard, entries: readonly Entry[], today: string): DeadCombs[] {
  const alive = yard.hives.filter(({ id }) => isSound(yard, id))
  return yard.hives.flatMap((hive) => {
    const own = entries.filter(({ hiveId }) => hiveId === hive.id)
    const fate = entriesOf(own, 'fate').at(-1)?.body
    if (fate?.fate !== 'dead') return []
    const signs = entriesOf(own, 'look').flatMap(({ body }) => body.signs ?? [])
    const may = colonyOf(own, today)?.holds === 'nothing' ? 'yes' : mayShareCombs(fate, signs)
    return [{ hive, fate, may, gifts: may === 'yes' ? combGifts(yard, hive, alive) : [] }]
  })
}

/** How many combs go to which hive, by its identity. */
export function giftsByHive(gifts: readonly CombGift[]): ReadonlyMap<string, number> {
  const to = new Map<string, number>()
  for (const { toHiveId } of gifts) to.set(toHiveId, (to.get(toHiveId) ?? 0) + 1)
  return to
}
