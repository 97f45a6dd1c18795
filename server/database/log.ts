import { and, asc, desc, eq, gt, inArray } from 'drizzle-orm'
import type { Edit, LoggedEdit, WaitingEdit } from '#core/yard'
import type { Submission } from '#wire/edit-schema'
import { edits } from './schema'
import type { Writer } from './yards'

/** What was sent, and by whom: the name of the keeper who was signed in. */
export type SignedSubmission = Submission & { readonly by?: string | null }

/** The newest entries of a yard's log, oldest first. */
export async function readLog(database: Writer, yardId: string, limit: number): Promise<LoggedEdit[]> {
  const rows = await database
    .select()
    .from(edits)
    .where(eq(edits.yardId, yardId))
    .orderBy(desc(edits.sequence))
    .limit(limit)
  return rows.reverse()
}

/** What was logged for a yard after a revision. */
export async function readLogSince(database: Writer, yardId: string, revision: number): Promise<LoggedEdit[]> {
  return database
    .select()
    .from(edits)
    .where(and(eq(edits.yardId, yardId), gt(edits.revision, revision)))
    .orderBy(asc(edits.sequence))
}

/** Entries of a yard with these identities. */
export function readEntries(
  database: Writer,
  yardId: string,
  ids: readonly string[],
): Promise<Pick<LoggedEdit, 'id' | 'revision' | 'edit' | 'inverse' | 'by'>[]> {
  return database
    .select({ id: edits.id, revision: edits.revision, edit: edits.edit, inverse: edits.inverse, by: edits.by })
    .from(edits)
    .where(and(eq(edits.yardId, yardId), inArray(edits.id, [...ids])))
}

/** A clock that is off by more is a clock that is wrong, ms. */
const MOST_OFF_MS = 60_000

/**
 * When an edit must have been made: by the device's clock, put right by what it was off as it sent; never before the
 * entry above it in the log, never after it came in.
 */
function happenedAt(madeAt: string, sentAt: string | undefined, receivedAt: string, above: string): string {
  const offMs = sentAt ? Date.parse(receivedAt) - Date.parse(sentAt) : 0
  const made =
    Math.abs(offMs) > MOST_OFF_MS
      ? new Date(Date.parse(madeAt) + offMs).toISOString()
      : new Date(Date.parse(madeAt)).toISOString()
  const notLater = made < receivedAt ? made : receivedAt
  return notLater > above ? notLater : above
}

/** Appends edits that were applied one after the other. */
export async function appendLog(
  database: Writer,
  yardId: string,
  submission: Omit<SignedSubmission, 'edits'>,
  done: readonly { readonly entry: WaitingEdit; readonly inverse: Edit }[],
  base: number,
  receivedAt: string,
): Promise<void> {
  const [last] = await database
    .select({ happenedAt: edits.happenedAt })
    .from(edits)
    .where(eq(edits.yardId, yardId))
    .orderBy(desc(edits.sequence))
    .limit(1)
  let above = last?.happenedAt ?? ''
  const rows = done.map(({ entry, inverse }, i) => {
    above = happenedAt(entry.madeAt, submission.sentAt, receivedAt, above)
    return {
      id: entry.id,
      yardId,
      baseRevision: submission.baseRevision,
      revision: base + i + 1,
      madeAt: entry.madeAt,
      receivedAt,
      happenedAt: above,
      device: submission.device,
      by: submission.by ?? null,
      kind: entry.kind,
      targetId: entry.targetId ?? null,
      edit: entry.edit,
      inverse,
    }
  })
  for (let at = 0; at < rows.length; at += 100) await database.insert(edits).values(rows.slice(at, at + 100))
}
