import { mapWithin } from '../units'
import type { Hive, Yard } from '../yard'
import type { Part } from '../parts'
import type { Entry } from './entries'

/** Fields of an entry that name hives, parts, frames or other entries. */
const NAMES = new Set(['id', 'hiveId', 'boxId', 'contentId', 'corrects', 'from'])

/** Entries of a yard for the same yard under identities of its own; as they are where it kept its own. */
export function entriesRenamed(entries: readonly Entry[], before: Yard, after: Yard): readonly Entry[] {
  return entriesNamed(entries, namesBetween(before, after))
}

/** Hives, their parts and frames that have another identity in the second of two versions: before → after. */
export function namesBetween(
  before: { readonly hives: readonly Pick<Hive, 'id'>[]; readonly parts: readonly Part[] },
  after: { readonly hives: readonly Pick<Hive, 'id'>[]; readonly parts: readonly Part[] },
): Map<string, string> {
  const named = new Map<string, string>()
  const pair = (old: { readonly id: string }, now: { readonly id: string } | undefined) => {
    if (now && now.id !== old.id) named.set(old.id, now.id)
  }
  before.hives.forEach((hive, i) => pair(hive, after.hives[i]))
  before.parts.forEach((part, i) => {
    pair(part, after.parts[i])
    part.contents.forEach((content, k) => pair(content, after.parts[i]?.contents[k]))
  })
  return named
}

/** The same entries with other names for hives, parts, frames and entries, wherever they are named. */
export function entriesNamed(entries: readonly Entry[], named: ReadonlyMap<string, string>): readonly Entry[] {
  if (named.size === 0) return entries
  // What an answer is to names hives, parts and entries within a text.
  const within = (text: string) =>
    text
      .split(':')
      .map((word) => named.get(word) ?? word)
      .join(':')
  return mapWithin(entries, (key, value) => {
    if (typeof value !== 'string') return value
    if (key === 'to') return within(value)
    return NAMES.has(key) || /^\d+$/.test(key) ? (named.get(value) ?? value) : value
  })
}
