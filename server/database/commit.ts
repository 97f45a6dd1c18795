import { eq } from 'drizzle-orm'
import {
  applyEdit,
  counterparts,
  otherYardsOf,
  planOf,
  planProblem,
  type Edit,
  type LoggedEdit,
  type WaitingEdit,
  type Yard,
} from '#core/yard'
import { canonical, there } from '#core/units'
import { editProblemInWords, loanProblemInWords, planProblemInWords } from '#core/words'
import * as deeds from '#core/yard/deeds'
import type { StoredYard } from '#wire/answers'
import type { Played } from '#wire/keepers'
import { bringBooks } from './book-follows'
import { inTransaction, type Database } from './client'
import { appendLog, readEntries, readLogSince, type SignedSubmission } from './log'
import { yards } from './schema'
import { keepYard, readYard, readYardKept, type Writer } from './yards'
import { writeChanges } from './write-yard'

/** What came of edits that were sent: saved, overtaken or refused. */
export type Committed =
  | {
      readonly outcome: 'saved'
      readonly revision: number
      /** Other yards that were changed with it. */
      readonly also?: readonly string[]
    }
  | { readonly outcome: 'stale'; readonly revision: number; readonly yard: Yard; readonly since: readonly LoggedEdit[] }
  | { readonly outcome: 'no-yard' }
  | { readonly outcome: 'refused'; readonly sentence: string; readonly editId: string | null }

/** Whether who sends edits plays at least this part in another yard. */
export type MayTouch = (yardId: string, needs: Played) => boolean

/** Whether who sends an edit may make it of a yard as it is. */
export type MayMake = (yard: Yard, edit: Edit) => boolean

const NOT_YOURS =
  'A loan goes between yards of yours: keep the yard that borrows, and help at least in the one that lends.'

/**
 * Saves edits, all or none. Those that were saved before (a lost answer, sent again) count as saved; a base
 * that is not the newest revision is refused with what stands now.
 */
export async function commitEdits(
  database: Database,
  yardId: string,
  submission: SignedSubmission,
  receivedAt: string,
  mayTouch: MayTouch = () => true,
  mayMake: MayMake = () => true,
): Promise<Committed> {
  const done = await inTransaction(database, async (tx): Promise<{ committed: Committed; now?: StoredYard }> => {
    const stored = await readYardKept(database, tx, yardId)
    return stored
      ? commitTo(tx, stored, submission, receivedAt, mayTouch, mayMake)
      : { committed: { outcome: 'no-yard' } as const }
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
  return stored ? (await commitTo(tx, stored, submission, receivedAt, () => true)).committed : { outcome: 'no-yard' }
}

async function commitTo(
  tx: Writer,
  stored: StoredYard,
  submission: SignedSubmission,
  receivedAt: string,
  mayTouch: MayTouch,
  mayMake: MayMake = () => true,
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
  const forbidden = await notAllowed(tx, stored.yard, fresh, submission.by, mayMake)
  if (forbidden) return { committed: { outcome: 'refused', editId: forbidden, sentence: HELPERS_ONLY } }
  const done = made(stored, fresh)
  if ('sentence' in done) return { committed: { outcome: 'refused', ...done } }
  const others = await inOtherYards(tx, stored.yard, fresh, mayTouch)
  if ('sentence' in others) return { committed: { outcome: 'refused', ...others } }
  const now = await write(tx, done, submission, receivedAt)
  for (const one of others.made) await write(tx, one, { ...submission, baseRevision: one.stored.revision }, receivedAt)
  const also = others.made.map((one) => one.stored.yard.id)
  return { committed: { outcome: 'saved', revision: now.revision, also }, now }
}

const HELPERS_ONLY = 'In this yard you help: steps of a visit that runs, looks and loans go in, this is for its keeper.'

/**
 * The first edit that who sends it may not make of the yard as it is then; taking back is allowed of what is the own,
 * and is what was logged of it.
 */
async function notAllowed(
  tx: Writer,
  yard: Yard,
  entries: readonly WaitingEdit[],
  by: string | null | undefined,
  mayMake: MayMake,
): Promise<string | undefined> {
  let now = yard
  const inHand = new Map<string, readonly Edit[]>()
  for (const { id, targetId, edit } of entries) {
    if (!mayMake(now, edit)) {
      const logged = !targetId ? [] : await readEntries(tx, yard.id, [targetId])
      const own = logged.filter((one) => one.by === (by ?? null)).flatMap((one) => [one.edit, one.inverse])
      const mine = [...own, ...(inHand.get(targetId ?? '') ?? [])].map((one) => canonical(one))
      if (!mine.includes(canonical(edit))) return id
    }
    const applied = applyEdit(now, edit)
    if (!applied.ok) return undefined
    inHand.set(id, [edit, applied.inverse])
    now = applied.yard
  }
  return undefined
}

interface Refused {
  readonly sentence: string
  readonly editId: string | null
}

/** Edits applied to a yard, not written yet. */
interface Made {
  readonly stored: StoredYard
  readonly yard: Yard
  readonly entries: readonly { readonly entry: WaitingEdit; readonly inverse: Edit }[]
}

function made(stored: StoredYard, entries: readonly WaitingEdit[]): Made | Refused {
  const done = applyAll(stored.yard, entries)
  if ('sentence' in done) return done
  return { stored, yard: done.yard, entries: entries.map((entry, i) => ({ entry, inverse: done.inverses[i]! })) }
}

/** Writes what was made of a yard, and its log. */
async function write(
  tx: Writer,
  { stored, yard, entries }: Made,
  submission: SignedSubmission,
  receivedAt: string,
): Promise<StoredYard> {
  await writeChanges(tx, stored.yard, yard)
  await bringBooks(
    tx,
    stored.yard,
    yard,
    entries.map(({ entry }) => entry.edit),
    receivedAt,
  )
  await appendLog(tx, yard.id, submission, entries, stored.revision, receivedAt)
  const revision = stored.revision + entries.length
  await tx.update(yards).set({ revision }).where(eq(yards.id, yard.id))
  return { yard, revision }
}

/** What loans and their returns do in other yards; under the same identity there: undone there, they are undone here. */
async function inOtherYards(
  tx: Writer,
  yard: Yard,
  entries: readonly WaitingEdit[],
  mayTouch: MayTouch,
): Promise<{ readonly made: readonly Made[] } | Refused> {
  const elsewhere = new Map<string, Made>()
  const named = entries.flatMap((entry) => otherYardsOf(yard, entry.edit).map((other) => ({ ...other, entry })))
  for (const { yardId, needs, entry } of named) {
    if (needs && !mayTouch(yardId, needs)) return { sentence: NOT_YOURS, editId: entry.id }
    const stored = elsewhere.has(yardId) ? undefined : await readYard(tx, yardId)
    if (stored) elsewhere.set(yardId, { stored, yard: stored.yard, entries: [] })
  }
  let now = yard
  for (const entry of named.length > 0 ? entries : []) {
    const found = counterparts(now, entry.edit, (yardId) => elsewhere.get(yardId)?.yard)
    if (!found.ok) return { sentence: loanProblemInWords(found.problem), editId: entry.id }
    for (const { yardId, edit } of found.of) {
      const before = there(elsewhere.get(yardId))
      const [taken] = await readEntries(tx, yardId, [entry.id])
      if (taken)
        return {
          sentence: `Another change of ${before.yard.name} is saved as “${entry.id}”: a loan needs an identity of its own.`,
          editId: entry.id,
        }
      const done = made({ ...before.stored, yard: before.yard }, [{ ...entry, edit }])
      if ('sentence' in done) return { ...done, editId: entry.id }
      elsewhere.set(yardId, { ...before, yard: done.yard, entries: [...before.entries, ...done.entries] })
    }
    now = deeds.after(now, entry.edit)
  }
  return { made: [...elsewhere.values()].filter((one) => one.entries.length > 0) }
}

function applyAll(yard: Yard, entries: readonly WaitingEdit[]): { yard: Yard; inverses: Edit[] } | Refused {
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
