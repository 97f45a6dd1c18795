import type { LoggedEdit, WaitingEdit } from '../log/logged-edit'
import { goBack } from '../log/past'
import type { HeldYard, LeftOut } from './held'
import { clashesOf, replay, type Clash, type Versions } from './replay'
import { settle, type Choices, type Settled } from './settle'
import type { Yard } from '../model/yard'

/** Mine and theirs, and what both changed: asked one after the other. */
export interface Conflict {
  readonly versions: Versions
  readonly revision: number
  readonly since: readonly LoggedEdit[]
  readonly clashes: readonly Clash[]
  readonly choices: Choices
}

/** What comes of laying mine over theirs: what the browser holds, what has to be asked, what found no place. */
export interface Laid {
  readonly held: HeldYard
  readonly conflict: Conflict | null
  readonly left: readonly LeftOut[]
}

/** What stands now at the server, where others saved first. */
export interface Overtaking {
  readonly yard: Yard
  readonly revision: number
  readonly since: readonly LoggedEdit[]
}

/** Others saved first: mine goes on top of theirs where nothing clashes. */
export function overtaken(held: HeldYard, { yard, revision, since }: Overtaking): Laid {
  const done = new Set(since.map(({ id }) => id))
  const mine = held.waiting.filter(({ id }) => !done.has(id))
  const others = since.filter(({ id }) => !held.waiting.some((entry) => entry.id === id))
  return lay(held, { base: held.saved, mine, theirs: yard, since: others.map(({ edit }) => edit) }, revision, since)
}

/** Edits that an earlier page left behind, put back on top; undefined where none of them is new. */
export function resumed(
  held: HeldYard,
  { entries, baseRevision }: { readonly entries: readonly WaitingEdit[]; readonly baseRevision: number },
): Laid | undefined {
  const known = new Set([...held.log, ...held.waiting].map(({ id }) => id))
  const unsaved = [...held.waiting, ...entries.filter(({ id }) => !known.has(id))]
  if (unsaved.length === held.waiting.length) return undefined
  const since = held.log
    .filter(isLogged)
    .filter(({ id, revision }) => revision > baseRevision && !unsaved.some((entry) => entry.id === id))
  const base = wayBack(held.saved, since)
  return lay(
    { ...held, saved: base, revision: Math.min(baseRevision, held.revision), waiting: unsaved },
    { base, mine: unsaved, theirs: held.saved, since: since.map(({ edit }) => edit) },
    held.revision,
    since,
  )
}

const isLogged = (entry: HeldYard['log'][number]): entry is LoggedEdit => 'revision' in entry

/** The version that both were made from. */
function wayBack(yard: Yard, since: readonly LoggedEdit[]): Yard {
  let base = yard
  for (const { before } of goBack(yard, [...since].reverse())) base = before
  return base
}

function lay(held: HeldYard, whole: Versions, revision: number, since: readonly LoggedEdit[]): Laid {
  const { fit: own, unfit } = replay(whole.base, whole.mine)
  const versions: Versions = { ...whole, mine: own }
  const now: HeldYard = { ...held, waiting: held.waiting.filter(({ id }) => own.some((entry) => entry.id === id)) }
  const left: LeftOut[] =
    unfit.length > 0
      ? [{ entries: unfit.map(({ entry }) => entry), why: { built: false, problem: unfit[0]!.problem } }]
      : []
  const clashes = clashesOf(versions)
  if (clashes.length > 0) {
    // What waits stays waiting until all is chosen: a tab closed here must not lose it.
    const drawn: HeldYard = { ...now, yard: replay(versions.base, versions.mine).yard }
    return { held: drawn, conflict: { versions, revision, since, clashes, choices: new Map() }, left }
  }
  const { yard, fit } = replay(versions.theirs, versions.mine)
  const laid = onTop(now, { yard, waiting: fit, left: [] }, { versions, revision, since })
  return { ...laid, left: [...left, ...laid.left] }
}

function onTop(
  held: HeldYard,
  { yard, waiting, left }: Settled,
  { versions: { mine, theirs }, revision, since }: Pick<Conflict, 'versions' | 'revision' | 'since'>,
): Laid {
  const local = new Set([...mine, ...since].map(({ id }) => id))
  const log = [...held.log.filter(({ id }) => !local.has(id)), ...since, ...replay(theirs, waiting).log]
  return {
    held: { yard, saved: theirs, revision, waiting, log },
    conflict: null,
    left: left.length > 0 ? [{ entries: left, why: 'overtaken' }] : [],
  }
}

/** The clash that is asked about next; undefined where all are chosen. */
export function nextClash({ clashes, choices }: Conflict): Clash | undefined {
  return clashes.find(({ hiveId }) => !choices.has(hiveId))
}

/** The conflict with one more clash chosen; its outcome where that was the last. */
export function chosen(
  held: HeldYard,
  conflict: Conflict,
  choice: 'mine' | 'theirs',
  lay: Pick<WaitingEdit, 'id' | 'madeAt'>,
): Laid {
  const clash = nextClash(conflict)
  const choices = clash ? new Map(conflict.choices).set(clash.hiveId, choice) : conflict.choices
  const next: Conflict = { ...conflict, choices }
  if (nextClash(next)) return { held, conflict: next, left: [] }
  return onTop(held, settle(conflict.versions, choices, lay), next)
}

/** What would stand after a choice, so that it can be drawn before it is made. */
export function outcomeOf({ versions, choices }: Conflict, hiveId: string | null, choice: 'mine' | 'theirs'): Settled {
  return settle(versions, new Map(choices).set(hiveId, choice), { id: 'outcome', madeAt: '' })
}
