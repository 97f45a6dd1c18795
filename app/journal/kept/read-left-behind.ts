import { fieldOf } from '#core/units'
import type { WaitingEdit } from '#core/yard'
import { submittedEditSchema } from '#wire/edit-schema'
import { parseJson } from '#wire/parse'
import { readWith } from '#wire/read'
import type { LeftBehind, Waiting } from './waiting'

/**
 * Reads outboxes from their texts, entry by entry: what can be read is merged by yard, each edit once, and what cannot
 * is handed out as it is with the reason.
 */
export function readLeftBehind(texts: readonly string[]): LeftBehind {
  const unreadable: { text: string; why: string }[] = []
  const byYard = new Map<string, Waiting>()
  for (const text of texts) {
    const parsed = parseJson(text, 'It')
    const list: unknown[] = parsed.ok && Array.isArray(parsed.value) ? parsed.value : []
    if (!parsed.ok || !Array.isArray(parsed.value))
      unreadable.push({ text, why: parsed.ok ? 'It is not a list.' : parsed.problem.sentence })
    for (const one of list) {
      const [yardId, baseRevision, entries] = ['yardId', 'baseRevision', 'entries'].map((name) => fieldOf(one, name))
      if (typeof yardId !== 'string' || !Array.isArray(entries)) {
        unreadable.push({
          text: JSON.stringify(one),
          why: 'It does not say which yard it is about, or what was changed.',
        })
        continue
      }
      const known = byYard.get(yardId) ?? { yardId, baseRevision: Number.MAX_SAFE_INTEGER, entries: [] }
      const base = Number.isInteger(baseRevision) && Number(baseRevision) >= 0 ? Number(baseRevision) : 0
      byYard.set(yardId, {
        yardId,
        baseRevision: Math.min(known.baseRevision, base),
        entries: distinct([...known.entries, ...entries.flatMap((entry) => readEntry(entry, unreadable))]),
      })
    }
  }
  return { waiting: [...byYard.values()].filter(({ entries }) => entries.length > 0), unreadable }
}

function readEntry(entry: unknown, unreadable: { text: string; why: string }[]): WaitingEdit[] {
  const read = readWith(submittedEditSchema, entry)
  if (read.ok) return [read.value]
  unreadable.push({ text: JSON.stringify(entry) ?? 'nothing', why: read.problem.sentence })
  return []
}

function distinct(entries: readonly WaitingEdit[]): WaitingEdit[] {
  return [...new Map(entries.map((entry) => [entry.id, entry])).values()]
}
