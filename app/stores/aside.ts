import { fieldOf } from '#core/units'
import type { WaitingEdit } from '#core/yard'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { browserStorage } from '~/composables/kept'
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

const PREFIX = 'duvet.aside.'
/** Where an older Duvet kept what it had set aside of books. */
const OF_BOOKS = 'duvet.book.set-aside'

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

/** What an older Duvet had set aside of books, each as one of ours. */
function ofBooks(text: string | null): Omit<SetAside, 'id' | 'at'>[] {
  if (!text) return []
  const left = (why: string, more: object) => ({ yardId: null, yardName: '', why, entries: [], ...more })
  try {
    const list: unknown = JSON.parse(text)
    return (Array.isArray(list) ? list : []).map((one: unknown) => {
      const why = String(fieldOf(one, 'sentence') ?? '')
      const made = { sort: 'entries', id: crypto.randomUUID(), after: null, keptAt: new Date().toISOString() }
      const slip = { ...made, yardId: fieldOf(one, 'yardId'), entries: fieldOf(one, 'entries') }
      return isSlip(slip) ? left(why, { slip, yardId: slip.yardId }) : left(why, { text: JSON.stringify(one) })
    })
  } catch {
    return [left('It cannot be read any more.', { text })]
  }
}

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

  for (const one of ofBooks(browserStorage().getItem(OF_BOOKS))) add(one)
  browserStorage().removeItem(OF_BOOKS)

  return { all, count, shown, dropped, add, drop, bringBack }
})
