import { fresh, made, type Conflict, type EditProblem, type HeldYard, type WaitingEdit } from '#core/yard'
import type { StoredYard } from '#wire/answers'
import type { SetAside } from './aside'
import { changesBefore, countOf, type Slip } from './slip'

/** All that this browser knows of the yards and of what waits for the server. */
export interface Journal {
  /** Every yard, with the changes that wait on it on top. */
  readonly yards: ReadonlyMap<string, HeldYard>
  /** What was written of hives and waits. */
  readonly slips: readonly Slip[]
  /** What two people changed at once, by yard: nothing of it is sent until the keeper has chosen. */
  readonly conflicts: ReadonlyMap<string, Conflict>
  /** Yards of which one change is sent at a time, to find the one that is refused. */
  readonly singly: ReadonlySet<string>
  /** What could not be saved. */
  readonly aside: readonly SetAside[]
}

/** Identities and the time for what a step makes. */
export interface Making {
  readonly makeId: () => string
  readonly now: string
}

export const NOTHING: Journal = {
  yards: new Map(),
  slips: [],
  conflicts: new Map(),
  singly: new Set(),
  aside: [],
}

/** What is on its way to the server. */
export type Sending =
  | {
      readonly what: 'edits'
      readonly yardId: string
      readonly baseRevision: number
      readonly edits: readonly WaitingEdit[]
    }
  | { readonly what: 'slip'; readonly yardId: string; readonly slip: Slip }

/** Edits that are sent at once at most. */
const AT_A_TIME = 200

/** What is to be sent next in a yard, of edits and slips in the order in which they were made; null where nothing can. */
export function nextOf(journal: Journal, yardId: string): Sending | null {
  const held = journal.yards.get(yardId)
  const slip = journal.slips.find((one) => one.yardId === yardId)
  const most = held ? changesBefore(held.waiting, slip) : 0
  if (!held || most === 0) return slip ? { what: 'slip', yardId, slip } : null
  if (journal.conflicts.has(yardId)) return null
  const edits = held.waiting.slice(0, journal.singly.has(yardId) ? 1 : Math.min(AT_A_TIME, most))
  return { what: 'edits', yardId, baseRevision: held.revision, edits }
}

/** Yards of which something waits. */
export function yardsThatWait({ yards, slips }: Journal): string[] {
  const edited = [...yards].filter(([, { waiting }]) => waiting.length > 0).map(([yardId]) => yardId)
  return [...new Set([...edited, ...slips.map(({ yardId }) => yardId)])]
}

/** How many edits wait, and how many things that were written. */
export function countWaiting({ yards, slips }: Journal): { readonly edits: number; readonly written: number } {
  return {
    edits: [...yards.values()].reduce((sum, { waiting }) => sum + waiting.length, 0),
    written: slips.reduce((sum, slip) => sum + countOf(slip), 0),
  }
}

export function withYard(journal: Journal, yardId: string, held: HeldYard): Journal {
  return { ...journal, yards: new Map(journal.yards).set(yardId, held) }
}

/** With a yard as the server has it now, where that is another than it is here, and nothing waits. */
export function withStored(journal: Journal, stored: StoredYard): Journal {
  const now = journal.yards.get(stored.yard.id)
  if (now && (now.waiting.length > 0 || now.revision === stored.revision)) return journal
  return withYard(journal, stored.yard.id, { ...fresh(stored), log: now?.log ?? [] })
}

/** Without a yard and all that was about it, but for what was written of its hives. */
export function withoutYard(journal: Journal, yardId: string): Journal {
  const without = <T>(map: ReadonlyMap<string, T>) => new Map([...map].filter(([id]) => id !== yardId))
  const singly = new Set([...journal.singly].filter((id) => id !== yardId))
  return { ...journal, yards: without(journal.yards), conflicts: without(journal.conflicts), singly }
}

/** Something done to a yard here: at once in it, and waiting. */
export function withEdit(
  journal: Journal,
  yardId: string,
  entry: WaitingEdit,
): { readonly ok: true; readonly journal: Journal } | { readonly ok: false; readonly problem: EditProblem } {
  const held = journal.yards.get(yardId)
  const done = held ? made(held, entry) : ({ ok: false, problem: { reason: 'not-known', id: yardId } } as const)
  return done.ok ? { ok: true, journal: withYard(journal, yardId, done.held) } : done
}

/** Something written of a hive: behind what waits now. */
export function withSlip(journal: Journal, slip: Slip): Journal {
  return { ...journal, slips: [...journal.slips, slip] }
}

/** One written otherwise, in its place. */
export function withSlipAs(journal: Journal, next: Slip): Journal {
  return { ...journal, slips: journal.slips.map((slip) => (slip.id === next.id ? next : slip)) }
}

export function withoutSlip(journal: Journal, slipId: string): Journal {
  return { ...journal, slips: journal.slips.filter(({ id }) => id !== slipId) }
}
