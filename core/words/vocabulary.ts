import { there } from '../units'
import { capital } from './names'
import type { Vocabulary } from '../parts'

/**
 * Nouns of the sentences themselves, British and as a North American keeper says them; the longer before the shorter.
 */
const NOUNS: readonly (readonly [british: string, northAmerican: string])[] = [
  ['brood boxes', 'hive bodies'],
  ['brood box', 'hive body'],
  ['crown boards', 'inner covers'],
  ['crown board', 'inner cover'],
  ['dummy boards', 'follower boards'],
  ['dummy board', 'follower board'],
  ['dummies', 'follower boards'],
  ['dummy', 'follower board'],
  ['roofs', 'outer covers'],
  ['roof', 'outer cover'],
  ['floors', 'bottom boards'],
  ['floor', 'bottom board'],
  ['castellations', 'frame spacers'],
  ['castellation', 'frame spacer'],
  ['lugs', 'ears'],
  ['lug', 'ear'],
  ['brace comb', 'burr comb'],
  ['wild comb', 'burr comb'],
  ['crop supers', 'honey supers'],
  ['cropped', 'harvested'],
  ['crops', 'harvests'],
  ['crop', 'harvest'],
  ['united', 'combined'],
  ['uniting', 'combining'],
  ['unite', 'combine'],
  ['frame rests', 'rabbets'],
  ['frame rest', 'rabbet'],
  ['crowns', 'inner covers'],
  ['crown', 'inner cover'],
  ['ekes', 'shims'],
  ['eke', 'shim'],
]
const AMERICAN = new Map(NOUNS)
const BRITISH_NOUN = new RegExp(`\\b(an? )?(${NOUNS.map(([british]) => british).join('|')})\\b`, 'gi')

/** Whether a text has a word that another vocabulary says otherwise. */
export const hasOwnWord = (text: string): boolean => text.search(BRITISH_NOUN) >= 0

/** Sentences in the reader's vocabulary; names that the keeper or the catalogue gave are left as they are. */
export function inVocabulary(text: string, vocabulary: Vocabulary, names: Iterable<string> = []): string {
  if (vocabulary === 'british') return text
  const kept = [...names]
    .filter((name) => name.search(BRITISH_NOUN) >= 0)
    .sort((a, b) => b.length - a.length)
    .flatMap((name) => [name, capital(name)])
  const hidden = kept.reduce((rest, name, i) => rest.replaceAll(name, `\u0001${i}\u0002`), text)
  const said = hidden.replace(BRITISH_NOUN, (_, article: string | undefined, noun: string) => {
    const word = there(AMERICAN.get(noun.toLowerCase()))
    const cased = !article && /^[A-Z]/.test(noun) ? capital(word) : word
    return article ? `${article.startsWith('A') ? 'A' : 'a'}${/^[aeiou]/.test(word) ? 'n' : ''} ${word}` : cased
  })
  return kept.reduce((rest, name, i) => rest.replaceAll(`\u0001${i}\u0002`, name), said)
}
