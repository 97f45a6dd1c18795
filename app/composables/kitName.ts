import { formatName, type Catalogue } from '#core/catalogue'
import { isBox } from '#core/parts'
import { capital, patternName, type Vocabulary } from '#core/wording'

/** What a pattern is called on a shopping list: with its format where its own name does not say it. */
export function kitName(patternId: string, catalogue: Catalogue, vocabulary: Vocabulary): string {
  const pattern = catalogue.patterns.get(patternId)
  const format = isBox({ pattern }) ? undefined : pattern?.format
  const said = capital(patternName(patternId, catalogue, vocabulary))
  return format && format !== 'any' ? `${said}, ${formatName(format)}` : said
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
  return (id) => {
    const format = catalogue.patterns.get(id)?.format
    const isAlike = (times.get(plain(id)) ?? 0) > 1
    return isAlike && format && format !== 'any' ? `${plain(id)}, ${formatName(format)}` : plain(id)
  }
}
