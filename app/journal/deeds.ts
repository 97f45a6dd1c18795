import { computed } from 'vue'
import { foldHistory, outcomeOf, type EditProblem, type HeldYard, type Settled, type WaitingEdit } from '#core/yard'
import { asSent } from '#core/units'
import type { Held } from './held'
import { asked, withChoice, withEdit, withoutYard, withSlip, withYard, type Slip } from './machine'

/** One that comes from another device says after which change it was written. */
export type NewSlip<S extends Slip = Slip> = S extends Slip
  ? Omit<S, 'id' | 'after' | 'keptAt'> & { readonly after?: string | null }
  : never

/** What is done here: at once in the journal, then sent. */
export function useDeeds({ state, become, making }: Held, flush: (yardId: string) => Promise<void>) {
  const hold = (yardId: string, next: HeldYard) => become(withYard(state.value, yardId, next))
  const letGo = (yardId: string) => become(withoutYard(state.value, yardId))
  const historyOf = (yardId: string) => foldHistory(state.value.yards.get(yardId)?.log ?? [])

  /** Does something to a yard: at once here, then on the server; what is wrong with it where it does not apply. */
  function make(yardId: string, entry: WaitingEdit): EditProblem | null {
    const done = withEdit(state.value, yardId, entry)
    if (!done.ok) return done.problem
    become(done.journal)
    void flush(yardId)
    return null
  }

  /** Keeps something written of a hive; it goes once it is sent. */
  function addSlip(slip: NewSlip): Slip {
    const last = state.value.yards.get(slip.yardId)?.waiting.at(-1)?.id
    const after = slip.after === undefined ? (last ?? null) : slip.after
    const { makeId, now } = making()
    // What a view watches cannot be put into the database of the browser as it is.
    const kept: Slip = asSent({ ...slip, id: makeId(), after, keptAt: now })
    become(withSlip(state.value, kept))
    return kept
  }

  /** What two people changed at once, as it is asked next; null where nothing has to be. */
  const question = computed(() => asked(state.value))
  /** What would stand after a choice, so that it can be drawn before it is made; null where nothing is asked. */
  function outcome(choice: 'mine' | 'theirs'): Settled | null {
    const now = question.value
    return now && outcomeOf(now.conflict, now.clash.hiveId, choice)
  }
  function choose(choice: 'mine' | 'theirs'): void {
    const yardId = question.value?.yardId
    become(withChoice(state.value, choice, making()))
    if (yardId) void flush(yardId)
  }

  return { hold, letGo, historyOf, make, addSlip, question, outcome, choose }
}
