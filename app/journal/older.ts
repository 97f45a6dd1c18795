import type { NewSlip } from './deeds'
import type { Held } from './held'
import { takeOverOlder } from './kept/aside'
import type { Waiting } from './kept/waiting'
import { forgetOlder, readOlder, readOlderEntries } from './kept/older'
import { withAside } from './machine'

/** What tabs of an older Duvet left in this browser. */
export interface Older {
  /** Changes wait among it: nothing is shown before they are on top. */
  readonly waits: boolean
  readonly takeUp: (nameOfRemoved: (yardId: string) => string) => Promise<void>
}

interface Taking {
  readonly resume: (from: Waiting, yardName: string) => void
  readonly write: (slip: NewSlip) => void
}

/** Finds what an older Duvet left; taken up, it is here and there no more. */
export function findOlder({ state, become, making }: Held, { resume, write }: Taking): Older {
  const left = readOlder()
  async function takeUp(nameOfRemoved: (yardId: string) => string): Promise<void> {
    const found = await left
    const broken = found?.unreadable.map(({ text, why }) => ({ yardId: null, why, text })) ?? []
    become(withAside(state.value, broken, making()))
    for (const one of found?.waiting ?? []) resume(one, nameOfRemoved(one.yardId))
    for (const { yardId, entries } of readOlderEntries()) write({ sort: 'entries', yardId, entries })
    forgetOlder()
    const aside = await takeOverOlder(making())
    // Kept as it was taken over: it is only shown.
    if (aside.length > 0) state.value = { ...state.value, aside: [...state.value.aside, ...notIn(aside, state.value)] }
  }
  return { waits: left !== undefined, takeUp }
}

function notIn<T extends { readonly id: string }>(all: readonly T[], { aside }: { readonly aside: readonly T[] }): T[] {
  return all.filter(({ id }) => !aside.some((one) => one.id === id))
}
