import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { currentOf, withColonies } from '#core/book'
import type { Yard } from '#core/yard'
import type { ColonyEntries } from '#wire/answers'
import { localToday } from '~/composables/localTime'
import { server } from '~/client/server'
import { useJournal } from '~/journal'
import { notedHere } from './noted'

/**
 * What the books say of colonies that are dead, gone or closed: told with their yards, so that every view knows it. What
 * waits on this device counts at once.
 */
export const useColonies = defineStore('colonies', () => {
  const known = shallowRef<ColonyEntries>({})
  const noted = notedHere()

  async function load(): Promise<void> {
    const answer = await server.colonies(localToday())
    if (!answer.ok) return
    known.value = answer.value
    if (!('keptAt' in answer && answer.keptAt)) noted.forget()
  }
  useJournal().alongside.add({ load, isAwaited: true })
  const told = new WeakMap<Yard, { readonly by: string; readonly yard: Yard }>()
  /** A yard with what is known of its colonies; the same object as long as both are the same. */
  function onto(yard: Yard): Yard {
    const entries = noted.onto(yard.id, known.value[yard.id])
    if (entries.length === 0) return yard
    const today = localToday()
    const by = `${today} ${entries.map(({ id }) => id).join(' ')}`
    const last = told.get(yard)
    if (last?.by === by) return last.yard
    const next = withColonies(yard, currentOf(entries), today)
    told.set(yard, { by, yard: next })
    return next
  }
  return { load, note: noted.note, onto, known: computed(() => known.value) }
})
