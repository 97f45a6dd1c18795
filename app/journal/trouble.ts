import { ref } from 'vue'
import type { ServerRefusal } from '~/client/ask'
import { tabs, type Trouble } from './tabs/tabs'

const RETRY_MS = 2500
/** Refusals that are not about what was sent, but about who sends it, or when. */
const NOT_WHAT_IS_SENT = new Set([0, 401, 403, 408, 429])

/** Whether a refusal is of the server or the way to it: what was sent is sent again. */
export const isTrouble = ({ status }: ServerRefusal) => status >= 500 || NOT_WHAT_IS_SENT.has(status)

/** What keeps the server from saving, told to every tab; null while it answers. */
export function useTroubles() {
  const now = ref<Trouble | null>(null)
  let retry: ReturnType<typeof setTimeout> | undefined

  function tell(found: Trouble | null): void {
    if (found === null && now.value === null) return
    now.value = found
    tabs().tell({ trouble: found })
  }

  /** Tells it, and does something again a while later. */
  function meet({ status, problem }: ServerRefusal, again: () => void): void {
    tell({ away: status === 0, sentence: problem.sentence, ...(status === 401 ? { signedOut: true } : {}) })
    retry ??= setTimeout(() => {
      retry = undefined
      again()
    }, RETRY_MS)
  }

  return { now, tell, meet }
}
