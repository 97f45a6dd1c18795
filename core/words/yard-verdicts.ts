import type { AsOf } from '../rules'
import type { Yard } from '../yard'
import { hiveInPassing } from '../ask'
import type { Reader } from './names'
import { verdictOf, type Verdict } from './verdict-words'

/** What is said of a hive in a list of a yard. */
export interface HiveVerdict extends Verdict {
  readonly hiveId: string
}

const CHUNK = 20

/**
 * What is said first of every hive of a yard, handed out some hives at a time; false as soon as nobody waits any more.
 */
export async function assessYard(
  yard: Yard,
  look: AsOf,
  reader: Reader,
  onHives: (some: readonly HiveVerdict[]) => Promise<void> | void,
  isCancelled: () => Promise<boolean> | boolean,
): Promise<boolean> {
  for (let at = 0; at < yard.hives.length; at += CHUNK) {
    // Awaited, since what is handed out and the end of it come by two ways.
    await onHives(
      yard.hives
        .slice(at, at + CHUNK)
        .map((hive) => ({ hiveId: hive.id, ...verdictOf(hiveInPassing(yard, hive, look), reader) })),
    )
    if (await isCancelled()) return false
  }
  return true
}
