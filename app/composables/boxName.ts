import { catalogueOf } from '#core/catalogue'
import { assembleHive, partsById } from '#core/geometry'
import type { Part, Yard } from '#core/hive'
import { capital, partNames, patternName, type Vocabulary } from '#core/wording'

/** What a box is called wherever it is: by its hive and place in it, else by what it is, in the shed. */
export function boxName(yard: Yard, part: Part, vocabulary: Vocabulary): string {
  const hive = yard.hives.find(({ stack }) => stack.some(({ partId }) => partId === part.id))
  if (!hive) return `${part.name ?? capital(patternName(part.patternId, catalogueOf(yard), vocabulary))} in the shed`
  const names = partNames(assembleHive(hive, partsById(yard), catalogueOf(yard)), vocabulary)
  return `${names.get(part.id)} of ${hive.name}`
}
