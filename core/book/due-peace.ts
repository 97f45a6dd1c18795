import type { DueLine } from './due'

/** What would take combs of brood out while a virgin flies; a super set on top disturbs none. */
const DISTURBS: ReadonlySet<DueLine['reason']['due']> = new Set(['look', 'count', 'count-after', 'hive-nucleus'])

/**
 * A hive that is left alone for a virgin is not to be opened by any other line before she lays: those wait until then
 * (common practice).
 */
export function inPeace(lines: readonly DueLine[]): DueLine[] {
  const until = lines.find(({ reason }) => reason.due === 'look' && reason.because === 'virgin')?.day
  if (until === undefined) return [...lines]
  return lines.map((line) => (DISTURBS.has(line.reason.due) && line.day < until ? { ...line, day: until } : line))
}
