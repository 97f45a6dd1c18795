import { eq, inArray } from 'drizzle-orm'
import { PLAN_LIMITS, applyEdit, planOf, planProblem, type Edit, type Yard } from '#core/hive'
import { editProblemInWords, planProblemInWords } from '#core/wording'
import type { Submission, SubmittedEdit } from '#wire/edit-schema'
import type { Database } from './client'
import { edits, yards } from './schema'
import { readLogSince, readYard, writeChanges, type LoggedEdit } from './yards'

export type Committed =
  | { readonly outcome: 'saved'; readonly revision: number }
  | { readonly outcome: 'stale'; readonly revision: number; readonly yard: Yard; readonly since: readonly LoggedEdit[] }
  | { readonly outcome: 'no-yard' }
  | { readonly outcome: 'refused'; readonly sentence: string }

/**
 * Saves edits, all or none. Those that were saved before (a lost answer, sent again) count as saved; a base
 * that is not the newest revision is refused with what stands now.
 */
export async function commitEdits(database: Database, yardId: string, submission: Submission, receivedAt: string): Promise<Committed> {
  return database.transaction(async (tx): Promise<Committed> => {
    const stored = await readYard(tx, yardId)
    if (!stored) return { outcome: 'no-yard' }
    const known = await tx.select({ id: edits.id, revision: edits.revision }).from(edits).where(inArray(edits.id, submission.edits.map(({ id }) => id)))
    const fresh = submission.edits.filter(({ id }) => !known.some((entry) => entry.id === id))
    const base = Math.max(submission.baseRevision, ...known.map(({ revision }) => revision))
    if (fresh.length === 0) return { outcome: 'saved', revision: base }
    if (base !== stored.revision) {
      return { outcome: 'stale', revision: stored.revision, yard: stored.yard, since: await readLogSince(tx, yardId, submission.baseRevision) }
    }
    const done = applyAll(stored.yard, fresh)
    if ('sentence' in done) return { outcome: 'refused', sentence: done.sentence }
    await writeChanges(tx, stored.yard, done.yard)
    const rows = fresh.map((entry, i) => ({
      id: entry.id, yardId, baseRevision: submission.baseRevision, revision: base + i + 1, madeAt: entry.madeAt, receivedAt,
      device: submission.device, kind: entry.kind, targetId: entry.targetId ?? null, edit: entry.edit, inverse: done.inverses[i]!,
    }))
    for (let at = 0; at < rows.length; at += 100) await tx.insert(edits).values(rows.slice(at, at + 100))
    const revision = base + fresh.length
    await tx.update(yards).set({ revision }).where(eq(yards.id, yardId))
    return { outcome: 'saved', revision }
  })
}

function applyAll(yard: Yard, entries: readonly SubmittedEdit[]): { yard: Yard; inverses: Edit[] } | { sentence: string } {
  let now = yard
  const inverses: Edit[] = []
  for (const { edit } of entries) {
    const applied = applyEdit(now, edit)
    if (!applied.ok) return { sentence: editProblemInWords(applied.problem) }
    now = applied.yard
    inverses.push(applied.inverse)
  }
  if (now.hives.length > PLAN_LIMITS.hivesPerYard) return { sentence: `A yard may hold ${PLAN_LIMITS.hivesPerYard} hives at most.` }
  const problem = planProblem(planOf([now]))
  return problem ? { sentence: planProblemInWords(problem) } : { yard: now, inverses }
}
