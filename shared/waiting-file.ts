import type { Entry } from '#core/book'
import type { WaitingEdit } from '#core/yard'
import type { ReadingBatch } from './readings/kinds'

export const WAITING_FORMAT = 'duvet-waiting'
export const WAITING_VERSION = 1

/** Changes of one yard that the server does not have, and the revision they were made on. */
interface WaitingChanges {
  readonly yardId: string
  readonly yardName: string
  readonly baseRevision: number
  readonly entries: readonly WaitingEdit[]
}

/** What was written down and the server does not have; `after` is the change after which it was written. */
export type WaitingWritten =
  | {
      readonly yardId: string
      readonly after: string | null
      readonly sort: 'entries'
      readonly entries: readonly Entry[]
    }
  | {
      readonly yardId: string
      readonly after: string | null
      readonly sort: 'weighing'
      readonly hiveId: string
      readonly weighIns: ReadingBatch<'weight'>
    }

/** What waits on a device, as a file that another device can send. */
export interface WaitingFile {
  readonly format: typeof WAITING_FORMAT
  readonly version: number
  readonly device: string
  readonly savedAt: string
  readonly changes: readonly WaitingChanges[]
  readonly written: readonly WaitingWritten[]
}
