import { shallowRef, type ShallowRef } from 'vue'
import { Keeping } from './kept/keep'
import { keptAside } from './kept/aside'
import { NOTHING, type Journal, type Making, type Sending } from './machine'

/** The journal as this page holds it, and the one way to change it. */
export interface Held {
  readonly state: ShallowRef<Journal>
  readonly keeping: Keeping
  /** Holds what comes next and keeps what is new; `taken` is what the server has taken, where that is all that is new. */
  readonly become: (next: Journal, taken?: Sending) => void
  /** Identities and the time for a step. */
  readonly making: () => Making
}

export function holdJournal(): Held {
  const state = shallowRef<Journal>({ ...NOTHING, aside: keptAside() })
  const keeping = new Keeping(state)
  return {
    state,
    keeping,
    become(next, taken) {
      const before = state.value
      if (next === before) return
      state.value = next
      keeping.keep(before, taken)
    },
    making: () => ({ makeId: () => crypto.randomUUID(), now: new Date().toISOString() }),
  }
}
