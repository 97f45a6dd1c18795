import type { SubmittedEdit } from '#wire/edit-schema'

/** Edits of one yard that the server has not acknowledged yet. */
export interface Waiting {
  readonly yardId: string
  readonly baseRevision: number
  readonly entries: readonly SubmittedEdit[]
}

const PREFIX = 'duvet.waiting.'

/** Keeps what is not saved yet in this browser, each tab under a key of its own, so that nothing is lost with the tab. */
export class Outbox {
  constructor(private readonly storage: Storage, private readonly tabId: string) {}

  save(waiting: readonly Waiting[]): void {
    const some = waiting.filter(({ entries }) => entries.length > 0)
    if (some.length === 0) this.storage.removeItem(PREFIX + this.tabId)
    else this.storage.setItem(PREFIX + this.tabId, JSON.stringify(some))
  }

  /** Takes over what this and any other tab left behind; an edit sent twice is saved once. */
  adopt(): Waiting[] {
    const keys = Object.keys(this.storage).filter((key) => key.startsWith(PREFIX))
    const found = keys.flatMap((key) => parse(this.storage.getItem(key)))
    for (const key of keys) this.storage.removeItem(key)
    const byYard = new Map<string, Waiting>()
    for (const waiting of found) {
      const known = byYard.get(waiting.yardId)
      if (!known) byYard.set(waiting.yardId, waiting)
      else byYard.set(waiting.yardId, { ...known, baseRevision: Math.min(known.baseRevision, waiting.baseRevision), entries: distinct([...known.entries, ...waiting.entries]) })
    }
    return [...byYard.values()]
  }
}

function distinct(entries: readonly SubmittedEdit[]): SubmittedEdit[] {
  return [...new Map(entries.map((entry) => [entry.id, entry])).values()]
}

function parse(text: string | null): Waiting[] {
  try {
    const value: unknown = JSON.parse(text ?? '[]')
    return Array.isArray(value) ? value as Waiting[] : []
  } catch {
    return []
  }
}
