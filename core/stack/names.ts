import { there } from '../units'
import { inWords, isBox, type Label, type ResolvedPart, type Role, type Vocabulary } from '../parts'
import { partIdsOf } from '../yard'
import type { AssembledHive } from './assemble'

const ROLE_WORDS: Record<Role, Label> = {
  brood: { british: 'brood box', northAmerican: 'hive body' },
  food: { british: 'food box', northAmerican: 'food super' },
  super: { british: 'super', northAmerican: 'super' },
}

export function roleWord(role: Role, vocabulary: Vocabulary): string {
  return ROLE_WORDS[role][vocabulary]
}

/**
 * A name for every part of a hive: the keeper's own where there is one, else the trade's word, numbered from
 * below where a hive has several of a kind.
 */
export function partNames({ hive, stack, attached }: AssembledHive, vocabulary: Vocabulary): Map<string, string> {
  const resolved = new Map<string, ResolvedPart>([...stack, ...attached].map((part) => [part.part.id, part]))
  const roles = new Map(stack.map(({ part, placement }) => [part.id, placement.role]))
  const words = partIdsOf(hive).map((partId) => ({
    partId,
    word: wordFor(there(resolved.get(partId)), roles.get(partId), vocabulary),
  }))
  const total = new Map<string, number>()
  for (const { word } of words) total.set(word, (total.get(word) ?? 0) + 1)
  const seen = new Map<string, number>()
  return new Map(
    words.map(({ partId, word }) => {
      const own = there(resolved.get(partId)).part.name
      const count = (seen.get(word) ?? 0) + 1
      seen.set(word, count)
      return [partId, own ?? (there(total.get(word)) > 1 ? `${word} ${count}` : word)]
    }),
  )
}

function wordFor({ part, pattern }: ResolvedPart, role: Role | undefined, vocabulary: Vocabulary): string {
  if (!pattern) return `unknown part “${part.patternId}”`
  return isBox({ pattern })
    ? roleWord(role ?? pattern.usualRole ?? 'super', vocabulary)
    : inWords(pattern.label, vocabulary)
}
