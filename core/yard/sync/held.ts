import { there } from '../../units'
import { applyEdit } from '../edits/apply-edit'
import type { EditProblem } from '../edits/applying'
import type { Undoable } from '../log/history'
import type { LoggedEdit, WaitingEdit } from '../log/logged-edit'
import type { Yard } from '../model/yard'
import { replay, type Replayed } from './replay'

/** A yard as a browser has it: the server's version with what waits to be sent on top. */
export interface HeldYard {
  readonly yard: Yard
  /** The server's version that the waiting edits are made on. */
  readonly saved: Yard
  readonly revision: number
  readonly waiting: readonly WaitingEdit[]
  readonly log: readonly (Undoable | LoggedEdit)[]
}

/** Edits that found no place: what keeps the first of them out, or that others came first. */
export interface LeftOut {
  readonly entries: readonly WaitingEdit[]
  readonly why: { readonly built: boolean; readonly problem: EditProblem } | 'overtaken'
}

/** A yard as the server has it, with nothing on top. */
export function fresh({ yard, revision }: Pick<HeldYard, 'yard' | 'revision'>): HeldYard {
  return { yard, saved: yard, revision, waiting: [], log: [] }
}

/** An edit made here: at once in the yard, and waiting to be sent. */
export function made(
  held: HeldYard,
  entry: WaitingEdit,
): { readonly ok: true; readonly held: HeldYard } | { readonly ok: false; readonly problem: EditProblem } {
  const applied = applyEdit(held.yard, entry.edit)
  if (!applied.ok) return applied
  const logged = { ...entry, targetId: entry.targetId ?? null, inverse: applied.inverse }
  return {
    ok: true,
    held: { ...held, yard: applied.yard, waiting: [...held.waiting, entry], log: [...held.log, logged] },
  }
}

/** The server has these now. */
export function acknowledged(held: HeldYard, batch: readonly WaitingEdit[], revision: number): HeldYard {
  const done = new Set(batch.map(({ id }) => id))
  return {
    ...held,
    saved: replay(held.saved, batch).yard,
    revision,
    waiting: held.waiting.filter(({ id }) => !done.has(id)),
  }
}

/** Without an edit that the server will not have; what was built on it is left out with it. */
export function withoutRefused(
  held: HeldYard,
  refusedId: string,
): { readonly held: HeldYard; readonly left: LeftOut[] } {
  const { yard, log, fit, unfit } = replay(
    held.saved,
    held.waiting.filter(({ id }) => id !== refusedId),
  )
  const local = new Set(held.waiting.map(({ id }) => id))
  return {
    held: { ...held, yard, waiting: fit, log: [...held.log.filter(({ id }) => !local.has(id)), ...log] },
    left: unfit.length > 0 ? [leftOver(unfit, true)] : [],
  }
}

/** The log that the server gives, with what is known here alone after it. */
export function withLog(held: HeldYard, log: readonly LoggedEdit[]): HeldYard {
  const known = new Set(log.map(({ id }) => id))
  return { ...held, log: [...log, ...held.log.filter(({ id }) => !known.has(id))] }
}

/** A change that a device keeps: `sentAs` the revision that the server gave it, where it has it. */
export interface KeptChange {
  readonly entry: WaitingEdit
  readonly sentAs?: number
}

/**
 * A yard as a device kept it: as the server last had it, with what the server has taken since and what still waits on
 * top. What no longer applies comes back beside it.
 */
export function rebuilt(
  kept: Pick<HeldYard, 'yard' | 'revision' | 'log'>,
  changes: readonly KeptChange[],
): { readonly held: HeldYard; readonly left: LeftOut[] } {
  const sent = changes.filter(({ sentAs }) => sentAs !== undefined && sentAs > kept.revision)
  const taken = replay(
    kept.yard,
    sent.map(({ entry }) => entry),
  )
  const { yard, fit, unfit, log } = replay(
    taken.yard,
    changes.flatMap(({ entry, sentAs }) => (sentAs === undefined ? [entry] : [])),
  )
  const known = new Set(kept.log.map(({ id }) => id))
  return {
    held: {
      yard,
      saved: taken.yard,
      revision: Math.max(kept.revision, ...sent.map(({ sentAs }) => there(sentAs))),
      waiting: fit,
      log: [...kept.log, ...[...taken.log, ...log].filter(({ id }) => !known.has(id))],
    },
    left: unfit.length > 0 ? [leftOver(unfit, false)] : [],
  }
}

function leftOver(unfit: Replayed['unfit'], built: boolean): LeftOut {
  return { entries: unfit.map(({ entry }) => entry), why: { built, problem: unfit[0]!.problem } }
}
