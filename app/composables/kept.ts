import { there } from '#core/units'
import { useStorage } from '@vueuse/core'

/** As much of a browser's storage as is used here. */
export type KeptIn = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> & {
  readonly keys: () => string[]
  readonly lasting: boolean
}

function inMemory(): KeptIn {
  const held = new Map<string, string>()
  return {
    getItem: (key) => held.get(key) ?? null,
    setItem: (key, value) => {
      held.set(key, value)
    },
    removeItem: (key) => {
      held.delete(key)
    },
    keys: () => [...held.keys()],
    lasting: false,
  }
}

function open(name: 'localStorage' | 'sessionStorage'): KeptIn {
  try {
    const storage = globalThis[name]
    storage.getItem('duvet')
    return {
      getItem: (key) => storage.getItem(key),
      setItem: (key, value) => storage.setItem(key, value),
      removeItem: (key) => storage.removeItem(key),
      keys: () => Object.keys(storage),
      lasting: true,
    }
  } catch {
    return inMemory()
  }
}

const opened = new Map<unknown, KeptIn>()

/** This browser's storage, or memory where the browser forbids it; `lasting` says which. */
export function browserStorage(name: 'localStorage' | 'sessionStorage' = 'localStorage'): KeptIn {
  const key = (() => {
    try {
      return globalThis[name]
    } catch {
      return name
    }
  })()
  if (!opened.has(key)) opened.set(key, open(name))
  return there(opened.get(key))
}

/** A choice out of a few words; a word that this version does not know is as good as none. */
export const oneOf = <T extends string>(words: readonly T[], otherwise: T) => ({
  read: (text: string) => words.find((word) => word === text) ?? otherwise,
  write: (word: T): string => word,
})

/** A choice that is kept on this device, as far as the browser allows; full or forbidden storage is no error. */
export function useKept<T>(
  key: string,
  value: T,
  options: {
    readonly mergeDefaults?: boolean
    readonly serializer?: { read: (text: string) => T; write: (value: T) => string }
  } = {},
) {
  return useStorage<T>(key, value, browserStorage(), { ...options, onError: () => {} })
}
