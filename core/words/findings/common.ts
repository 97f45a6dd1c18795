import { inWords } from '../../parts'
import type { Reader } from '../names'

/** A name with its article. */
export function withArticle(name: string): string {
  return `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`
}

/** What the cover over the frames is called. */
export function crownName(reader: Reader): string {
  return inWords({ british: 'crown board', northAmerican: 'inner cover' }, reader.vocabulary)
}

/** Behind a verdict that the ± could turn. */
export const UNSURE = ' The figure may be off by more than it is from the limit: measure both parts to be sure.'
