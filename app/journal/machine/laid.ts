import { chosen, nextClash, rebuilt, resumed } from '#core/yard'
import type { Clash, Conflict, HeldYard, KeptChange, Laid, LeftOut } from '#core/yard'
import { editProblemInWords } from '#core/words'
import type { Waiting } from '../kept/waiting'
import { withAside, type NewAside } from './aside'
import { withoutYard, withYard, type Journal, type Making } from './journal'

function inWords(why: LeftOut['why']): string {
  if (why === 'overtaken') return 'It no longer fits what others saved meanwhile.'
  const sentence = editProblemInWords(why.problem)
  return why.built ? `It builds on a change that was refused: ${sentence}` : sentence
}

/** What found no place, as it is set aside. */
export function leftOver(yardId: string, left: readonly LeftOut[]): NewAside[] {
  return left.map(({ entries, why }) => ({ yardId, why: inWords(why), entries }))
}

/** With what came of laying mine over theirs. */
export function laidOn(journal: Journal, yardId: string, { held, conflict, left }: Laid, making: Making): Journal {
  const conflicts = new Map(journal.conflicts)
  if (conflict) conflicts.set(yardId, conflict)
  else conflicts.delete(yardId)
  return withAside({ ...withYard(journal, yardId, held), conflicts }, leftOver(yardId, left), making)
}

const TAKEN_AWAY = 'The yard was taken away before these changes were saved.'

/** Edits of an older page, or of another device, on top; set aside where their yard is not there any more. */
export function withResumed(journal: Journal, from: Waiting, yardName: string, making: Making): Journal {
  const { yardId, entries } = from
  const held = journal.yards.get(yardId)
  if (!held) return withAside(journal, [{ yardId, yardName, why: TAKEN_AWAY, entries }], making)
  const laid = resumed(held, from)
  return laid ? laidOn(journal, yardId, laid, making) : journal
}

/** The first yard of which two changed the same, and what is asked next of it. */
export function asked({
  conflicts,
}: Journal): { readonly yardId: string; readonly conflict: Conflict; readonly clash: Clash } | null {
  for (const [yardId, conflict] of conflicts) {
    const clash = nextClash(conflict)
    if (clash) return { yardId, conflict, clash }
  }
  return null
}

/** With what is asked chosen. */
export function withChoice(journal: Journal, choice: 'mine' | 'theirs', making: Making): Journal {
  const question = asked(journal)
  const held = question && journal.yards.get(question.yardId)
  if (!question || !held) return journal
  const laying = { id: making.makeId(), madeAt: making.now }
  return laidOn(journal, question.yardId, chosen(held, question.conflict, choice, laying), making)
}

/** A yard as this browser kept it, with its changes; what of them does not apply any more is set aside. */
export function withKept(
  journal: Journal,
  kept: Pick<HeldYard, 'yard' | 'revision' | 'log'>,
  changes: readonly KeptChange[],
  making: Making,
): { readonly journal: Journal; readonly left: readonly LeftOut[] } {
  const { held, left } = rebuilt(kept, changes)
  const yardId = kept.yard.id
  return { journal: withAside(withYard(journal, yardId, held), leftOver(yardId, left), making), left }
}

/** Without yards that the server has not; what waited on one is set aside. */
export function withoutMissing(journal: Journal, yardIds: readonly string[], making: Making): Journal {
  const missing = yardIds.flatMap((yardId) => {
    const held = journal.yards.get(yardId)
    return held && held.waiting.length > 0 ? [{ yardId, why: TAKEN_AWAY, entries: held.waiting }] : []
  })
  return yardIds.reduce(withoutYard, withAside(journal, missing, making))
}
