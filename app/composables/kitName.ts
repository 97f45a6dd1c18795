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
