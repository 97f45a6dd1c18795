import type { DueLine } from './due'

/** Lines of one kind and day: one, or those of several hives that are told as one and open. */
export interface GatheredLines<T extends DueLine = DueLine> {
  readonly id: string
  readonly day: string
  readonly lines: readonly T[]
}

/** So many of one kind and day are told one by one; more are gathered. */
const APART = 2

/** What makes lines one: the day and what is to be done; the keeper's own words are of one hive. */
function kindOf({ id, day, reason }: DueLine): string {
  if (reason.due === 'task' || reason.due === 'back' || reason.due === 'loan' || reason.due === 'headspace') return id
  return [day, reason.due, 'stage' in reason ? reason.stage : '', 'because' in reason ? reason.because : ''].join(' ')
}

/**
 * Lines by day, those of one kind and day together, by the order in which the hives stand in the row. Lines that are
 * few stay apart.
 * @param placeOf where its hive stands in the row
 */
export function gatheredLines<T extends DueLine>(
  lines: readonly T[],
  placeOf: (line: T) => number,
): GatheredLines<T>[] {
  const byKind = new Map<string, T[]>()
  for (const line of lines) byKind.set(kindOf(line), [...(byKind.get(kindOf(line)) ?? []), line])
  return [...byKind].flatMap(([kind, of]): GatheredLines<T>[] => {
    const inRow = of.sort((a, b) => placeOf(a) - placeOf(b))
    return inRow.length > APART
      ? [{ id: kind, day: inRow[0]!.day, lines: inRow }]
      : inRow.map((line) => ({ id: line.id, day: line.day, lines: [line] }))
  })
}
