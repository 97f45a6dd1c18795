import type { WaitingEdit } from '#core/yard'

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
