import { fieldOf } from '#core/units'
import type { WaitingEdit } from '#core/yard'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { browserStorage } from '~/composables/kept'

/** Changes that could not be saved, kept until the keeper has looked at them. */
export interface SetAside {
  readonly id: string
  readonly at: string
  readonly yardId: string | null
  readonly yardName: string
  readonly why: string
  readonly entries: readonly WaitingEdit[]
  /** As it was found, where it cannot be read. */
  readonly text?: string
}

const PREFIX = 'duvet.aside.'

function isWaiting(entry: unknown): boolean {
  return typeof fieldOf(fieldOf(entry, 'edit'), 'kind') === 'string'
}

function isSetAside(value: unknown): value is SetAside {
  const entries = fieldOf(value, 'entries')
  const texts = (['id', 'why', 'yardName', 'at'] as const).map((name) => fieldOf(value, name))
  return texts.every((text) => typeof text === 'string') && Array.isArray(entries) && entries.every(isWaiting)
}

/** What was set aside in this browser: it can be looked at, tried again, saved as a file and dropped. */
export const useAside = defineStore('aside', () => {
  const all = shallowRef<readonly SetAside[]>(found())
  const dropped = shallowRef<SetAside | null>(null)
  const shown = ref(false)
  const count = computed(() => all.value.reduce((sum, { entries }) => sum + Math.max(1, entries.length), 0))

  function found(): SetAside[] {
    const storage = browserStorage()
    return storage
      .keys()
      .filter((key) => key.startsWith(PREFIX))
      .flatMap((key) => {
        const text = storage.getItem(key) ?? ''
        try {
          const value: unknown = JSON.parse(text)
          if (isSetAside(value)) return [value]
        } catch {
          // Told below, as it was found.
        }
        return [
          {
            id: key.slice(PREFIX.length),
            at: '',
            yardId: null,
            yardName: '',
            why: 'It cannot be read any more.',
            entries: [],
            text,
          },
        ]
      })
      .sort((a, b) => (a.at < b.at ? -1 : 1))
  }

  function add(one: Omit<SetAside, 'id' | 'at'>): void {
    put({ ...one, id: crypto.randomUUID(), at: new Date().toISOString() })
  }
  function put(kept: SetAside): void {
    all.value = [...all.value.filter(({ id }) => id !== kept.id), kept]
    try {
      browserStorage().setItem(PREFIX + kept.id, JSON.stringify(kept))
    } catch {
      // Storage is full: it stays in this page, which says so where it counts what waits.
    }
  }

  function drop(id: string): void {
    dropped.value = all.value.find((one) => one.id === id) ?? null
    all.value = all.value.filter((one) => one.id !== id)
    browserStorage().removeItem(PREFIX + id)
  }
  function bringBack(): void {
    if (dropped.value) put(dropped.value)
    dropped.value = null
  }

  return { all, count, shown, dropped, add, drop, bringBack }
})
