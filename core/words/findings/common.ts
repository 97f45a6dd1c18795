import { inWords } from '../../parts'
import type { Reader } from '../names'

/** A name with its article. */
export function withArticle(name: string): string {
  return `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`
}

/** Names one after the other. */
export function list(names: readonly string[]): string {
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}

/** What the cover over the frames is called. */
export function crownName(reader: Reader): string {
  return inWords({ british: 'crown board', northAmerican: 'inner cover' }, reader.vocabulary)
}

/** Behind a verdict that the ± could turn. */
export const UNSURE = ' The figure may be off by more than it is from the limit: measure both parts to be sure.'
