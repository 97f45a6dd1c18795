import { applyEdit, type Applied } from '../edits/apply-edit'
import type { EditProblem } from '../edits/applying'
import type { Edit } from '../edits/edit'
import type { Undoable } from '../log/history'
import type { Yard } from '../model/yard'
import { cellsOf } from '../edits/asked'
import type { Cell } from '../edits/kind'
import { hiveOfCell, meets } from './cells'
import type { WaitingEdit } from '../log/logged-edit'

/** What comes of making edits again on another version. */
export interface Replayed {
  readonly yard: Yard
  readonly log: readonly Undoable[]
  /** Entries that apply, in order. */
  readonly fit: readonly WaitingEdit[]
  /** Entries that do not apply any more, with the reason. */
  readonly unfit: readonly { readonly entry: WaitingEdit; readonly problem: EditProblem }[]
}

/** Makes edits again on another version of the yard; what does not apply is left out and named. */
export function replay(yard: Yard, entries: readonly WaitingEdit[]): Replayed {
  let now = yard
  const log: Undoable[] = []
  const fit: WaitingEdit[] = []
  const unfit: { entry: WaitingEdit; problem: EditProblem }[] = []
  for (const entry of entries) {
    const applied = tried(now, entry.edit)
    if (!applied.ok) {
      unfit.push({ entry, problem: applied.problem })
      continue
    }
    now = applied.yard
    fit.push(entry)
    log.push({
      id: entry.id,
      madeAt: entry.madeAt,
      kind: entry.kind,
      targetId: entry.targetId ?? null,
      edit: entry.edit,
      inverse: applied.inverse,
    })
  }
  return { yard: now, log, fit, unfit }
}

/** What was kept by another version may have another shape than this one knows: that is no reason to show nothing. */
function tried(yard: Yard, edit: Edit): Applied {
  try {
    return applyEdit(yard, edit)
  } catch (error) {
    if (error instanceof TypeError) return { ok: false, problem: { reason: 'not-known', id: edit.kind } }
    throw error
  }
}

/** Something that I and others changed: a hive with what stands in it, or (null) the yard itself and its shed. */
export interface Clash {
  readonly hiveId: string | null
  readonly cells: readonly Cell[]
}

/** Mine and theirs, and what both were made from. */
export interface Versions {
  /** What both versions were made from. */
  readonly base: Yard
  readonly mine: readonly WaitingEdit[]
  readonly theirs: Yard
  /** What others did meanwhile. */
  readonly since: readonly Edit[]
}

/** What both changed, hive by hive; empty where mine goes on top of theirs as it is. */
export function clashesOf({ base, mine, theirs, since }: Versions): Clash[] {
  const theirCells = since.flatMap((edit) => cellsOf(edit, base))
  const myYard = replay(base, mine).yard
  const unfit = new Set(replay(theirs, mine).unfit.map(({ entry }) => entry.id))
  const byHive = new Map<string | null, Cell[]>()
  for (const { id, edit } of mine) {
    for (const cell of cellsOf(edit, base)) {
      if (!unfit.has(id) && !theirCells.some((other) => meets(cell, other))) continue
      const hiveId = hiveOfCell(cell, [myYard, theirs, base]) ?? null
      byHive.set(hiveId, [...(byHive.get(hiveId) ?? []), cell])
    }
  }
  return [...byHive].map(([hiveId, cells]) => ({ hiveId, cells }))
}
