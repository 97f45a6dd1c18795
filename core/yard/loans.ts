import { canonical } from '../units'
import { withoutLoan } from './edits/without-loan'
import { isEdit, leavesOf, type Edit } from './edits/edit'
import { findPart, shedOf, type Yard } from './model/yard'
import type { Loan, Part } from '../parts'
import { keepHanging, keepPattern } from './deeds/keep-pattern'
import { after, together } from './deeds/together'

/** Why a loan or its return cannot be. */
export interface LoanProblem {
  readonly reason: 'no-such-yard' | 'own-yard' | 'stands-there' | 'changed-there' | 'not-there' | 'other-pattern'
  readonly part: Part
  readonly yardName: string
}

/** What the other yard of a loan gets with it. */
export interface Counterpart {
  readonly yardId: string
  readonly edit: Edit
}

/** What is lent out of a yard, and what is borrowed into it. */
export function loansOf(yard: Pick<Yard, 'parts'>): {
  readonly lent: readonly (Part & { readonly lent: Loan })[]
  readonly borrowed: readonly (Part & { readonly borrowed: Loan })[]
} {
  return {
    lent: yard.parts.flatMap((part) => (part.lent ? [{ ...part, lent: part.lent }] : [])),
    borrowed: yard.parts.flatMap((part) => (part.borrowed ? [{ ...part, borrowed: part.borrowed }] : [])),
  }
}

/**
 * What edits on a yard do in other yards: what is lent to one comes into its shed, what is given back goes home, each
 * as it is then. Taking a loan back by the yard it belongs to needs the part to lie in the other shed as it was lent:
 * what was used there is given back by who has it, since only there is known what it has held. Common practice.
 * @param others a yard of this Duvet as it is now; undefined where it is not here
 */
export function counterparts(
  yard: Yard,
  edit: Edit,
  others: (yardId: string) => Yard | undefined,
): { readonly ok: true; readonly of: readonly Counterpart[] } | { readonly ok: false; readonly problem: LoanProblem } {
  let now = yard
  const of: Counterpart[] = []
  const there = new Map<string, Yard>()
  const other = (yardId: string) => there.get(yardId) ?? others(yardId)
  for (const leaf of leavesOf(edit)) {
    const found = counterpart(now, leaf, other)
    if (found && 'reason' in found) return { ok: false, problem: found }
    if (found) {
      of.push(found)
      const yardThere = other(found.yardId)
      if (yardThere) there.set(found.yardId, after(yardThere, found.edit))
    }
    now = after(now, leaf)
  }
  return { ok: true, of: gathered(of) }
}

/** Another yard that an edit may do something in, and the part that one has to play there for it. */
export interface OtherYard {
  readonly yardId: string
  readonly needs: 'keeper' | 'helper' | null
}

/**
 * The other yards that an edit may do something in. Who lends keeps the yard that gets it; who borrows helps at least
 * in the one that lends; to give or take back what is lent needs nothing there.
 */
export function otherYardsOf(yard: Yard, edit: Edit): OtherYard[] {
  return leavesOf(edit).flatMap((leaf) => {
    const named = (yardId: string | undefined, needs: OtherYard['needs']) => (yardId ? [{ yardId, needs }] : [])
    if (isEdit(leaf, 'lend-part')) return named(leaf.part.lent?.yardId, 'keeper')
    if (isEdit(leaf, 'borrow-part')) return named(leaf.part.borrowed?.yardId, 'helper')
    if (isEdit(leaf, 'take-back')) return named(findPart(yard, leaf.part.id)?.lent?.yardId, null)
    return isEdit(leaf, 'give-back') ? named(findPart(yard, leaf.partId)?.borrowed?.yardId, null) : []
  })
}

/** One edit for each yard. */
function gathered(of: readonly Counterpart[]): Counterpart[] {
  return [...new Set(of.map(({ yardId }) => yardId))].map((yardId) => {
    const own = of.filter((one) => one.yardId === yardId)
    return { yardId, edit: together(...own.map(({ edit }) => edit)) }
  })
}

type Others = (yardId: string) => Yard | undefined

function counterpart(yard: Yard, leaf: Edit, other: Others): Counterpart | LoanProblem | undefined {
  if (isEdit(leaf, 'lend-part')) return ofLending(yard, leaf.part, other)
  if (isEdit(leaf, 'take-back')) return ofTakingBack(yard, leaf.part, other)
  if (isEdit(leaf, 'borrow-part')) return ofBorrowing(yard, leaf.part, other)
  return isEdit(leaf, 'give-back') ? ofGivingBack(yard, leaf.partId, other) : undefined
}

function ofLending(yard: Yard, part: Part, other: Others): Counterpart | LoanProblem | undefined {
  const { lent } = part
  if (!lent?.yardId) return undefined
  const to = other(lent.yardId)
  if (!to) return { reason: 'no-such-yard', part, yardName: lent.name }
  if (to.id === yard.id) return { reason: 'own-yard', part, yardName: yard.name }
  const borrowed = { ...withoutLoan(part), borrowed: { ...lent, yardId: yard.id, name: yard.name } }
  return along(yard, to, part, { kind: 'borrow-part', at: to.parts.length, part: borrowed })
}

function ofTakingBack(yard: Yard, part: Part, other: Others): Counterpart | LoanProblem | undefined {
  const from = other(findPart(yard, part.id)?.lent?.yardId ?? '')
  const there = from && findPart(from, part.id)
  if (!from || there?.borrowed?.yardId !== yard.id) return undefined
  if (!shedOf(from).includes(there)) return { reason: 'stands-there', part, yardName: from.name }
  if (canonical(withoutLoan(there)) !== canonical(part)) return { reason: 'changed-there', part, yardName: from.name }
  return { yardId: from.id, edit: { kind: 'give-back', partId: part.id } }
}

function ofBorrowing(yard: Yard, part: Part, other: Others): Counterpart | LoanProblem | undefined {
  const { borrowed } = part
  if (!borrowed?.yardId) return undefined
  const from = other(borrowed.yardId)
  const there = from && findPart(from, part.id)
  if (!from || !there || !shedOf(from).includes(there)) return { reason: 'not-there', part, yardName: borrowed.name }
  if (canonical(there) !== canonical(withoutLoan(part)))
    return { reason: 'changed-there', part, yardName: borrowed.name }
  const lent = { ...there, lent: { ...borrowed, yardId: yard.id, name: yard.name } }
  return { yardId: from.id, edit: { kind: 'lend-part', part: lent } }
}

function ofGivingBack(yard: Yard, partId: string, other: Others): Counterpart | LoanProblem | undefined {
  const part = findPart(yard, partId)
  const home = other(part?.borrowed?.yardId ?? '')
  if (!part || !home || findPart(home, partId)?.lent?.yardId !== yard.id) return undefined
  return along(yard, home, part, { kind: 'take-back', part: withoutLoan(part) })
}

/** With the keeper’s own patterns that the part is made of; one that means something else there stops it. */
function along(from: Yard, to: Yard, part: Part, edit: Edit): Counterpart | LoanProblem {
  const used = new Set([part.patternId, ...part.contents.map(({ patternId }) => patternId)])
  const own = [
    ...from.patterns.filter(({ id }) => used.has(id)).map((one) => [one, to.patterns, keepPattern(one)] as const),
    ...from.hanging.filter(({ id }) => used.has(id)).map((one) => [one, to.hanging, keepHanging(one)] as const),
  ].map(([one, known, keep]) => ({ one, there: known.find(({ id }) => id === one.id), keep }))
  if (own.some(({ one, there }) => there && canonical(there) !== canonical(one)))
    return { reason: 'other-pattern', part, yardName: to.name }
  return { yardId: to.id, edit: together(...own.flatMap(({ there, keep }) => (there ? [] : [keep])), edit) }
}
