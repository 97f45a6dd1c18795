import { catalogueOf, type Part } from '../../parts'
import { findPart, type Hive, type Yard } from './yard'
import { isEdit, leavesOf, type Edit } from '../edits/edit'

/**
 * What the book says of the colony in a hive, as every view asks it: it lives, it is dead, or the hive is empty; and
 * what of its kit is held until somebody says that it was looked at or cleaned. Worked out from the book, never stored.
 */
export interface Colony {
  readonly is: 'lives' | 'dead' | 'empty'
  /** The day since which it is so, or on which what holds its kit was seen. */
  readonly since: string
  /** What it died of, or why the hive is empty. */
  readonly because?: string
  /** Signs of a disease that were seen and not looked at since. */
  readonly signs?: readonly string[]
  /** All of it where it may carry a disease, its combs where that is not known yet. */
  readonly holds: 'nothing' | 'combs' | 'all'
}

/** Colonies of which more is to be said than that they live, by the identity of their hive. */
export type Colonies = Readonly<Record<string, Colony>>

/** The colony of a hive; undefined where nothing is to be said but that it lives. */
export function colonyIn(yard: Pick<Yard, 'colonies'>, hiveId: string): Colony | undefined {
  return yard.colonies?.[hiveId]
}

/** No box stands there: a stand, or a hive that is only planned; what is a box has a usual role. */
export function isBare(yard: Yard, { stack }: Pick<Hive, 'stack'>): boolean {
  if (stack.some(({ role }) => role !== undefined)) return false
  const { patterns } = catalogueOf(yard)
  const roleOf = (partId: string) => patterns.get(findPart(yard, partId)?.patternId ?? '')?.usualRole
  return !stack.some(({ partId }) => roleOf(partId) !== undefined)
}

/** Bees are in it, as far as its book says: of a hive that is dead, empty or bare no food, warmth or bees are told. */
export function hasBees(yard: Yard, hiveId: string): boolean {
  const colony = colonyIn(yard, hiveId)
  const hive = yard.hives.find(({ id }) => id === hiveId)
  return (!colony || colony.is === 'lives') && (!hive || !isBare(yard, hive))
}

/** It lives and nothing is held: it may be in a trial, give and get combs, be worked on by plan. */
export function isSound(yard: Yard, hiveId: string): boolean {
  return hasBees(yard, hiveId) && isNothingHeld(yard, hiveId)
}

/** Frames may be hung into it: it is here, and does not stand in a hive whose kit or combs are held. */
export function mayTakeFrames(yard: Yard, part: Part): boolean {
  const hiveId = hiveWith(yard, part.id)
  return !part.lent && (!hiveId || isNothingHeld(yard, hiveId))
}

const isNothingHeld = (yard: Yard, hiveId: string) => (colonyIn(yard, hiveId)?.holds ?? 'nothing') === 'nothing'

/** A sign was seen in a colony that lives: the hive is closed until somebody has looked at it. */
export function isClosed(colony: Colony | undefined): boolean {
  return colony?.is === 'lives' && colony.holds === 'all'
}

/** The hive because of which an edit is not made: it would take away what is held there. */
export function heldBack(yard: Yard, edit: Edit): { readonly hive: Hive; readonly colony: Colony } | undefined {
  if (!yard.colonies || Object.keys(yard.colonies).length === 0) return undefined
  for (const leaf of leavesOf(edit)) {
    const hiveId = takesFrom(yard, leaf)
    const hive = yard.hives.find(({ id }) => id === hiveId)
    const colony = hive && colonyIn(yard, hive.id)
    if (hive && colony && colony.holds !== 'nothing' && (colony.holds === 'all' || takesCombs(yard, leaf)))
      return { hive, colony }
  }
  return undefined
}

/** The hive that an edit takes something away from: to the shed, to another hive or yard; burning it is no taking. */
function takesFrom(yard: Yard, leaf: Edit): string | undefined {
  if (isEdit(leaf, 'take-off', 'detach-part', 'remove-hive')) return leaf.hiveId
  if (isEdit(leaf, 'move-part')) return leaf.fromHiveId
  if (isEdit(leaf, 'add-hive')) return leaf.book?.yardId === yard.id ? leaf.book.hiveId : undefined
  if (isEdit(leaf, 'replace-hive')) {
    const staying = new Set(leaf.hive.stack.map(({ partId }) => partId))
    const now = yard.hives.find(({ id }) => id === leaf.hive.id)
    return now?.stack.some(({ partId }) => !staying.has(partId)) ? leaf.hive.id : undefined
  }
  return takesCombs(yard, leaf) ? hiveWith(yard, partIdOf(leaf)) : undefined
}

const partIdOf = (leaf: Edit) =>
  isEdit(leaf, 'change-part') ? leaf.partId : isEdit(leaf, 'set-part') ? leaf.part.id : undefined

/** Combs that hang in a part now and do not any more after an edit; a box that goes takes its combs along. */
function takesCombs(yard: Yard, leaf: Edit): boolean {
  if (isEdit(leaf, 'take-off', 'move-part')) return (findPart(yard, leaf.partId)?.contents.length ?? 0) > 0
  if (isEdit(leaf, 'remove-hive', 'replace-hive', 'add-hive')) return true
  const now = findPart(yard, partIdOf(leaf) ?? '')?.contents
  const next = isEdit(leaf, 'change-part')
    ? leaf.change.contents
    : isEdit(leaf, 'set-part')
      ? leaf.part.contents
      : undefined
  if (!now || !next) return false
  const staying = new Set(next.map(({ id }) => id))
  return now.some(({ id }) => !staying.has(id))
}

function hiveWith(yard: Yard, partId: string | undefined): string | undefined {
  return yard.hives.find(({ stack }) => stack.some((one) => one.partId === partId))?.id
}
