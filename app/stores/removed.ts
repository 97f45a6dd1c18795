import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { RemovedYard } from '#wire/answers'
import { server } from '~/sync/server'

/** Yards that were taken away and can be brought back. */
export const useRemoved = defineStore('removed', () => {
  const removed = shallowRef<readonly RemovedYard[]>([])

  async function loadRemoved(): Promise<void> {
    const answer = await server.removed()
    if (answer.ok) removed.value = answer.value
  }

  return { removed, loadRemoved }
})
