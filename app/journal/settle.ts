import type { ServerAnswer } from '~/client/ask'
import type { Held } from './held'
import { refused, taken, withoutSlip, type Sending } from './machine'
import { tabs } from './tabs/tabs'
import { isTrouble, type useTroubles } from './trouble'

/** What the server answered to what was sent. */
export type Sent = ServerAnswer<{ readonly revision: number; readonly also?: readonly string[] }>

/** What is done with the answers of the server. */
export interface WhenAnswered {
  readonly troubles: ReturnType<typeof useTroubles>
  /** Yards that were changed along with another one. */
  readonly changedAlong: (yardIds: readonly string[]) => void
  /** A yard is not there any more. */
  readonly gone: () => void
  /** Sends again what could not be sent now. */
  readonly again: () => void
}

/** What comes of what was sent: taken, refused, or to be sent again. */
export function useSettling({ state, become, making }: Held, { troubles, changedAlong, gone, again }: WhenAnswered) {
  /** Forms that hold what was written until it is known whether it is taken, by its slip. */
  const forms = new Map<string, (refusedBy: string) => void>()

  /** Whether there may be more to send. */
  function settle(sent: Sending, answer: Sent): boolean {
    // The tab that leads meanwhile sends it again: the server knows everything that it has and takes it once.
    if (!isStillHere(sent)) return sent.what === 'slip'
    if (!answer.ok && isTrouble(answer)) {
      troubles.meet(answer, again)
      return false
    }
    troubles.tell(null)
    if (answer.ok) {
      become(taken(state.value, sent, answer.value.revision), sent)
      if (answer.value.also) changedAlong(answer.value.also)
      return true
    }
    const form = sent.what === 'slip' ? forms.get(sent.slip.id) : undefined
    if (sent.what === 'slip' && form) {
      form(answer.problem.sentence)
      become(withoutSlip(state.value, sent.slip.id))
      return true
    }
    const { status, problem, stale } = answer
    become(refused(state.value, sent, { status, sentence: problem.sentence, ...(stale ? { stale } : {}) }, making()))
    if (!state.value.yards.has(sent.yardId)) gone()
    return true
  }

  function isStillHere(sent: Sending): boolean {
    if (sent.what === 'slip') return state.value.slips.some(({ id }) => id === sent.slip.id)
    return tabs().lead.isMine && state.value.yards.has(sent.yardId)
  }

  return { forms, settle }
}
