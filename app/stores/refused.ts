import { defineStore } from 'pinia'
import { overtaken, withoutRefused, type WaitingEdit } from '#core/yard'
import type { ServerRefusal } from '~/sync/server'
import { useConflict } from './conflict'
import { useHeld } from './held'
import { useRemoved } from './removed'

/** What becomes of changes that the server would not take. */
export const useRefused = defineStore('refused', () => {
  const store = useHeld()
  const conflict = useConflict()
  const gone = useRemoved()
  /** Yards of which one edit is sent at a time, to find the one that is refused. */
  const singly = new Set<string>()

  /** Lays mine over theirs, or sets aside what cannot be saved; whether the rest can be sent. */
  function settle(yardId: string, batch: readonly WaitingEdit[], answer: ServerRefusal): boolean {
    const now = store.held.get(yardId)!
    if (answer.status === 404) {
      conflict.setAside(
        yardId,
        `${now.yard.name} is not there for you any more: it was taken away, or you do not keep it now.`,
        now.waiting,
      )
      store.letGo(yardId)
      void gone.loadRemoved()
      return true
    }
    if (answer.stale) return conflict.take(yardId, overtaken(now, answer.stale))
    // The server will not have one of these: it is found, set aside, and what stands behind it goes on.
    if (batch.length > 1) singly.add(yardId)
    else {
      const { held, left } = withoutRefused(now, batch[0]!.id)
      store.hold(yardId, held)
      conflict.setAside(yardId, answer.problem.sentence, batch)
      conflict.leave(yardId, left)
    }
    return true
  }

  return { singly, settle }
})
