import { fieldOf } from '#core/units'
import type { WaitingEdit } from '#core/yard'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { browserStorage } from '~/composables/kept'
import { forgetOlderAside, olderAside } from '~/sync/older-aside'
import { countOf, isSlip, type Slip } from '~/sync/slips'

/** Changes that could not be saved, kept until the keeper has looked at them. */
export interface SetAside {
  readonly id: string
  readonly at: string
  readonly yardId: string | null
  readonly yardName: string
  readonly why: string
  readonly entries: readonly WaitingEdit[]
  /** Something written of a hive, where it is that. */
  readonly slip?: Slip
  /** As it was found, where it cannot be read. */
  readonly text?: string
}

export type NewAside = Omit<SetAside, 'id' | 'at'>

const PREFIX = 'duvet.aside.'

function isWaiting(entry: unknown): boolean {
  return typeof fieldOf(fieldOf(entry, 'edit'), 'kind') === 'string'
}

function isSetAside(value: unknown): value is SetAside {
  const entries = fieldOf(value, 'entries')
  const texts = (['id', 'why', 'yardName', 'at'] as const).map((name) => fieldOf(value, name))
  const slip = fieldOf(value, 'slip')
  const isSound = slip === undefined || isSlip(slip)
  return (
    texts.every((text) => typeof text === 'string') && Array.isArray(entries) && entries.every(isWaiting) && isSound
  )
}

const thingsIn = ({ entries, slip }: SetAside) => (slip ? countOf(slip) : Math.max(1, entries.length))

/** What was set aside in this browser: it can be looked at, tried again, saved as a file and dropped. */
export const useAside = defineStore('aside', () => {
  const all = shallowRef<readonly SetAside[]>(found())
  const dropped = shallowRef<SetAside | null>(null)
  const shown = ref(false)
  const count = computed(() => all.value.reduce((sum, one) => sum + thingsIn(one), 0))

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

  /** Whether this browser keeps it: where its storage is full, it is in this page only. */
  function add(one: NewAside): boolean {
    return put({ ...one, id: crypto.randomUUID(), at: new Date().toISOString() })
  }
  function put(kept: SetAside): boolean {
    all.value = [...all.value.filter(({ id }) => id !== kept.id), kept]
    try {
      browserStorage().setItem(PREFIX + kept.id, JSON.stringify(kept))
      return true
    } catch {
      return false
    }
  }

  function drop(id: string): void {
    dropped.value = all.value.find((one) => one.id === id) ?? null
    take(id)
  }
  /** It is tried again: it lies here no more, and there is nothing to bring back. */
  function take(id: string): void {
    all.value = all.value.filter((one) => one.id !== id)
    browserStorage().removeItem(PREFIX + id)
  }
  function bringBack(): void {
    if (dropped.value) put(dropped.value)
    dropped.value = null
  }

  // What an older Duvet kept stays with it until all of it is kept here.
  if (olderAside().map(add).every(Boolean)) forgetOlderAside()

  return { all, count, shown, dropped, add, take, drop, bringBack }
})
