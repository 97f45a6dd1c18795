import { keysOf } from '../../units'
import { ANSWER, type Answer } from './answer'
import { CLEARED, type Cleared } from './cleared'
import { CROP, type Crop } from './crop'
import { FATE, type Fate } from './fate'
import { FEED, type FeedGiven } from './feed'
import { LOOK } from './look'
import { MITES, type MiteCount } from './mites'
import { TASK, type Task } from './task'
import { TREATMENT, type Treatment } from './treatment'
import { TRIAL, type InTrial } from './trial'
import type { Look } from '../look/look'
import type { Entry, Written } from './entry'
import type { AnySort, Sort } from './sort'

/** What stands in an entry, by what it is of. */
export interface EntryBodies {
  readonly look: Look
  readonly mites: MiteCount
  readonly treatment: Treatment
  readonly feed: FeedGiven
  readonly crop: Crop
  readonly task: Task
  readonly answer: Answer
  readonly fate: Fate
  readonly trial: InTrial
  readonly cleared: Cleared
}

/** Every sort of entry: one file a sort, one line here. */
const SORTS: { readonly [S in keyof EntryBodies]: Sort<EntryBodies[S]> } = {
  look: LOOK,
  mites: MITES,
  treatment: TREATMENT,
  feed: FEED,
  crop: CROP,
  task: TASK,
  answer: ANSWER,
  fate: FATE,
  trial: TRIAL,
  cleared: CLEARED,
}

/** What an entry is of. */
export type EntrySort = keyof EntryBodies
export const ENTRY_SORTS = keysOf(SORTS)
/** An entry of a sort, with what it says. */
export const entryOf = <S extends EntrySort>(sort: S, body: EntryBodies[S], written: Written): Entry =>
  SORTS[sort].made(written, body)

/** What is asked of a sort of entry. */
export const sortOf = (sort: EntrySort): AnySort => SORTS[sort]
export * from './mites'
export * from './treatment'
export * from './feed'
export * from './crop'
export * from './task'
export * from './answer'
export * from './fate'
export * from './trial'
export * from './cleared'
export * from './entry'
export type { CellKind, Column } from './sort'
