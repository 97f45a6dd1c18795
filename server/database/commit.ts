import { eq } from 'drizzle-orm'
import { applyEdit, planOf, planProblem, type Edit, type LoggedEdit, type WaitingEdit, type Yard } from '#core/hive'
import { editProblemInWords, planProblemInWords } from '#core/wording'
import type { StoredYard } from '#wire/answers'
import { bringBooks } from './book-follows'
import { inTransaction, type Database } from './client'
import { appendLog, readEntries, readLogSince, type SignedSubmission } from './log'
import { yards } from './schema'
import { keepYard, readYard, readYardKept, type Writer } from './yards'
import { writeChanges } from './write-yard'

export type Committed =
  | { readonly outcome: 'saved'; readonly revision: number }
  | { readonly outcome: 'stale'; readonly revision: number; readonly yard: Yard; readonly since: readonly LoggedEdit[] }
  | { readonly outcome: 'no-yard' }
  | { readonly outcome: 'refused'; readonly sentence: string; readonly editId: string | null }

/**
 * Saves edits, all or none. Those that were saved before (a lost answer, sent again) count as saved; a base
 * that is not the newest revision is refused with what stands now.
 */
export async function commitEdits(
  database: Database,
  yardId: string,
  submission: SignedSubmission,
  receivedAt: string,
): Promise<Committed> {
  const done = await inTransaction(database, async (tx): Promise<{ committed: Committed; now?: StoredYard }> => {
    const stored = await readYardKept(database, tx, yardId)
    return stored ? commitTo(tx, stored, submission, receivedAt) : { committed: { outcome: 'no-yard' } as const }
  })
  if (done.now) keepYard(database, done.now)
  return done.committed
}

/** The same inside a transaction that is open already. */
export async function commitWithin(
  tx: Writer,
  yardId: string,
  submission: SignedSubmission,
  receivedAt: string,
): Promise<Committed> {
  const stored = await readYard(tx, yardId)
  return stored ? (await commitTo(tx, stored, submission, receivedAt)).committed : { outcome: 'no-yard' }
}

async function commitTo(
  tx: Writer,
  stored: StoredYard,
  submission: SignedSubmission,
  receivedAt: string,
): Promise<{ committed: Committed; now?: StoredYard }> {
  const yardId = stored.yard.id
  const known = await readEntries(
    tx,
    yardId,
    submission.edits.map(({ id }) => id),
  )
  const other = submission.edits.find(({ id, edit }) =>
    known.some((entry) => entry.id === id && JSON.stringify(entry.edit) !== JSON.stringify(edit)),
  )
  if (other)
    return {
      committed: {
        outcome: 'refused',
        editId: other.id,
        sentence: `Another change is saved as “${other.id}” already: every change needs an identity of its own.`,
      },
    }
  const fresh = submission.edits.filter(({ id }) => !known.some((entry) => entry.id === id))
  const base = Math.max(submission.baseRevision, ...known.map(({ revision }) => revision))
  if (fresh.length === 0) return { committed: { outcome: 'saved', revision: base } }
  if (base !== stored.revision) {
    return {
      committed: {
        outcome: 'stale',
        revision: stored.revision,
        yard: stored.yard,
        since: await readLogSince(tx, yardId, submission.baseRevision),
      },
    }
  }
  const done = applyAll(stored.yard, fresh)
  if ('sentence' in done) return { committed: { outcome: 'refused', ...done } }
  await writeChanges(tx, stored.yard, done.yard)
  await bringBooks(
    tx,
    stored.yard,
    done.yard,
    fresh.map(({ edit }) => edit),
    receivedAt,
  )
  await appendLog(
    tx,
    yardId,
    submission,
    fresh.map((entry, i) => ({ entry, inverse: done.inverses[i]! })),
    base,
    receivedAt,
  )
  const revision = base + fresh.length
  await tx.update(yards).set({ revision }).where(eq(yards.id, yardId))
  return { committed: { outcome: 'saved', revision }, now: { yard: done.yard, revision } }
}

function applyAll(
  yard: Yard,
  entries: readonly WaitingEdit[],
): { yard: Yard; inverses: Edit[] } | { sentence: string; editId: string | null } {
  let now = yard
  const inverses: Edit[] = []
  for (const { id, edit } of entries) {
    const applied = applyEdit(now, edit)
    if (!applied.ok) return { sentence: editProblemInWords(applied.problem), editId: id }
    now = applied.yard
    inverses.push(applied.inverse)
  }
  const problem = planProblem(planOf([now]))
  return problem
    ? { sentence: planProblemInWords(problem), editId: entries.length === 1 ? entries[0]!.id : null }
    : { yard: now, inverses }
}
