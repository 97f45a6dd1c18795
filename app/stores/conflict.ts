import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import {
  chosen,
  nextClash,
  outcomeOf,
  type Conflict,
  type Laid,
  type LeftOut,
  type Settled,
  type WaitingEdit,
} from '#core/yard'
import { editProblemInWords } from '#core/words'
import { useAside } from './aside'
import { useHeld } from './held'

function inWords(why: LeftOut['why']): string {
  if (why === 'overtaken') return 'It no longer fits what others saved meanwhile.'
  const sentence = editProblemInWords(why.problem)
  return why.built ? `It builds on a change that was refused: ${sentence}` : sentence
}

/** What two people changed at once: held here until the keeper has chosen. */
export const useConflict = defineStore('conflict', () => {
  const store = useHeld()
  const aside = useAside()
  const open = shallowRef<(Conflict & { readonly yardId: string }) | null>(null)
  const clash = computed(() => (open.value && nextClash(open.value)) ?? null)

  function setAside(yardId: string, why: string, entries: readonly WaitingEdit[], yardName?: string): void {
    aside.add({ yardId, yardName: yardName ?? store.held.get(yardId)?.yard.name ?? '', why, entries })
  }

  /** Takes what came of laying mine over theirs; true where nothing has to be asked. */
  function take(yardId: string, { held, conflict, left }: Laid): boolean {
    store.hold(yardId, held)
    open.value = conflict && { ...conflict, yardId }
    leave(yardId, left)
    return conflict === null
  }

  function leave(yardId: string, left: readonly LeftOut[]): void {
    for (const { entries, why } of left) setAside(yardId, inWords(why), entries)
  }

  /** What would be chosen, so that it can be drawn before it is. */
  function outcome(hiveId: string | null, choice: 'mine' | 'theirs'): Settled {
    return outcomeOf(open.value!, hiveId, choice)
  }

  /** Chooses one clash; the yard that can be sent again, once all are chosen. */
  function choose(choice: 'mine' | 'theirs'): string | undefined {
    if (!open.value || !clash.value) return undefined
    const { yardId } = open.value
    const laying = { id: crypto.randomUUID(), madeAt: new Date().toISOString() }
    return take(yardId, chosen(store.held.get(yardId)!, open.value, choice, laying)) ? yardId : undefined
  }

  return { open, clash, setAside, take, leave, outcome, choose }
})
