import { type Catalogue, isBox, type Vocabulary } from '#core/parts'
import { capital, ofFormat, patternName } from '#core/words'

/** What a pattern is called on a shopping list: with its format where its own name does not say it. */
export function kitName(patternId: string, catalogue: Catalogue, vocabulary: Vocabulary): string {
  const said = capital(patternName(patternId, catalogue, vocabulary))
  return isBox({ pattern: catalogue.patterns.get(patternId) }) ? said : ofFormat(patternId, said, catalogue)
}

/** What the patterns of one list are called: two that would be called alike with their formats. */
export function namesApart(
  patternIds: Iterable<string>,
  catalogue: Catalogue,
  vocabulary: Vocabulary,
): (patternId: string) => string {
  const plain = (id: string) => patternName(id, catalogue, vocabulary)
  const times = new Map<string, number>()
  for (const id of new Set(patternIds)) times.set(plain(id), (times.get(plain(id)) ?? 0) + 1)
  return (id) => ((times.get(plain(id)) ?? 0) > 1 ? ofFormat(id, plain(id), catalogue) : plain(id))
}
