import type { WaitingEdit } from '#core/hive'
import type { Keeper } from '~/composables/kept'

/** Edits of one yard that the server has not acknowledged yet. */
export interface Waiting {
  readonly yardId: string
  readonly baseRevision: number
  readonly entries: readonly WaitingEdit[]
}

/** What was left behind: what can be sent, and what of it cannot be read. */
export interface LeftBehind {
  readonly waiting: readonly Waiting[]
  readonly unreadable: readonly { readonly text: string; readonly why: string }[]
}

const PREFIX = 'duvet.waiting.'

/**
 * Keeps what is not saved yet in this browser, each tab under a key of its own, so that nothing is lost with the tab.
 */
export class Outbox {
  constructor(
    private readonly storage: Keeper,
    private readonly tabId: string,
  ) {}

  /** Keeps what waits; false where the browser has no room for it, or does not keep anything. */
  save(waiting: readonly Waiting[]): boolean {
    const some = waiting.filter(({ entries }) => entries.length > 0)
    try {
      if (some.length === 0) this.storage.removeItem(PREFIX + this.tabId)
      else this.storage.setItem(PREFIX + this.tabId, JSON.stringify(some))
      return some.length === 0 || this.storage.lasting
    } catch {
      return false
    }
  }

  /** Tabs that left something behind, this one included. */
  tabs(): string[] {
    return this.storage
      .keys()
      .filter((key) => key.startsWith(PREFIX))
      .map((key) => key.slice(PREFIX.length))
  }

  /** Takes over what these tabs left behind. The reading of it is fetched only where there is something. */
  async adopt(tabIds: readonly string[]): Promise<LeftBehind> {
    const texts = tabIds.flatMap((id) => this.storage.getItem(PREFIX + id) ?? [])
    if (texts.length === 0) return { waiting: [], unreadable: [] }
    const { readLeftBehind } = await import('./read-left-behind')
    return readLeftBehind(texts)
  }

  /** Forgets what was taken over, once it is kept elsewhere. */
  forget(tabIds: readonly string[]): void {
    for (const id of tabIds) this.storage.removeItem(PREFIX + id)
  }
}
