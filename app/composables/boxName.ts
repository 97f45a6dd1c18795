import { catalogueOf, type Part, type Vocabulary } from '#core/parts'
import type { Yard } from '#core/yard'
import { capital, patternName } from '#core/words'
import { laidIn } from '#core/ask'

/** What a box is called wherever it is: by its hive and place in it, else by what it is, in the shed or lent. */
export function boxName(yard: Yard, part: Part, vocabulary: Vocabulary): string {
  const hive = yard.hives.find(({ stack }) => stack.some(({ partId }) => partId === part.id))
  if (!hive) {
    const name = part.name ?? capital(patternName(part.patternId, catalogueOf(yard), vocabulary))
    return part.lent ? `${name}, lent to ${part.lent.name}` : `${name} in the shed`
  }
  const names = laidIn(yard, hive).names(vocabulary)
  return `${names.get(part.id)} of ${hive.name}`
}

/** Names for what is said of a box: its own as above, and its neighbours' where it stands in a hive. */
export function namesAround(yard: Yard, part: Part, vocabulary: Vocabulary): Map<string, string> {
  const hive = yard.hives.find(({ stack }) => stack.some(({ partId }) => partId === part.id))
  const neighbours = hive ? laidIn(yard, hive).names(vocabulary) : []
  return new Map([...neighbours, [part.id, boxName(yard, part, vocabulary)]])
}
