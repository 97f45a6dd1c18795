import { mapWithin } from '../plain'
import type { Yard } from '../hive'
import type { Entry } from './entry'

const NAMES = new Set(['hiveId', 'boxId', 'contentId'])

/** Entries of a yard for the same yard under identities of its own; as they are where it kept its own. */
export function entriesRenamed(entries: readonly Entry[], before: Yard, after: Yard): readonly Entry[] {
  const named = new Map<string, string>()
  const pair = (old: { readonly id: string }, now: { readonly id: string } | undefined) => {
    if (now && now.id !== old.id) named.set(old.id, now.id)
  }
  before.hives.forEach((hive, i) => pair(hive, after.hives[i]))
  before.parts.forEach((part, i) => {
    pair(part, after.parts[i])
    part.contents.forEach((content, k) => pair(content, after.parts[i]?.contents[k]))
  })
  if (named.size === 0) return entries
  // What an answer is to names hives and parts within a text.
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
