import { canonical, fieldOf } from '../../units'
import { insert, mustBeFree, mustBeNew, partOf, refuse, without, type Done } from './applying'
import type { Edit, EditOf } from './edit'
import type { Part } from '../../parts'
import type { Yard } from '../model/yard'

// A loan and its return, each as it is in one of the two yards.

const withPart = (yard: Yard, part: Part): Yard => ({
  ...yard,
  parts: yard.parts.map((other) => (other.id === part.id ? part : other)),
})

/** A part without word of a loan, as it is in the yard that it belongs to. */
export function withoutLoan({ lent: _lent, borrowed: _borrowed, ...part }: Part): Part {
  return part
}

/** Out of the shed to others, just as it is; what is borrowed is not lent on. */
function lendPart(yard: Yard, { part }: EditOf<'lend-part'>): Done {
  const before = partOf(yard, part.id)
  mustBeFree(yard, part.id)
  const isSame = canonical(withoutLoan(part)) === canonical(before)
  if (!part.lent || part.borrowed || before.borrowed || !isSame) refuse('part-not-lent', part.id)
  return { yard: withPart(yard, part), inverse: { kind: 'take-back', part: before } }
}

/** Back in the shed, with what it has held meanwhile. */
function takeBack(yard: Yard, { part }: EditOf<'take-back'>): Done {
  const before = partOf(yard, part.id)
  const isOther = part.lent !== undefined || part.borrowed !== undefined || part.patternId !== before.patternId
  if (!before.lent || isOther) refuse('part-not-lent', part.id)
  const lend: Edit = { kind: 'lend-part', part: before }
  const went = withoutLoan(before)
  const inverse: Edit =
    canonical(went) === canonical(part) ? lend : { kind: 'batch', edits: [{ kind: 'set-part', part: went }, lend] }
  return { yard: withPart(yard, part), inverse }
}

function borrowPart(yard: Yard, { at, part }: EditOf<'borrow-part'>): Done {
  mustBeNew(yard, part.id)
  if (!part.borrowed) refuse('part-not-lent', part.id)
  return {
    yard: { ...yard, parts: insert(yard.parts, at, part, part.id) },
    inverse: { kind: 'give-back', partId: part.id },
  }
}

/** What stands on a hive is taken off first: it is not given back with bees on it. */
function giveBack(yard: Yard, { partId }: EditOf<'give-back'>): Done {
  const part = partOf(yard, partId)
  mustBeFree(yard, partId)
  if (!part.borrowed) refuse('part-not-lent', partId)
  const at = yard.parts.indexOf(part)
  return { yard: { ...yard, parts: without(yard.parts, at) }, inverse: { kind: 'borrow-part', at, part } }
}

/** A loan, or its return, in one of the two yards. */
export function applyLoan(yard: Yard, edit: EditOf<'lend-part' | 'take-back' | 'borrow-part' | 'give-back'>): Done {
  switch (edit.kind) {
    case 'lend-part':
      return lendPart(yard, edit)
    case 'take-back':
      return takeBack(yard, edit)
    case 'borrow-part':
      return borrowPart(yard, edit)
    case 'give-back':
      return giveBack(yard, edit)
    default:
      // Another version of Duvet may know it.
      return refuse('not-known', String(fieldOf(edit, 'kind')))
  }
}
