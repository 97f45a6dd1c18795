import type { Yard } from '../model/yard'
import type { Done } from './applying'

/**
 * What an edit writes, as paths from the coarse to the fine (`hive`, its identity, `stack`). Two edits are about the
 * same thing where one's path is the beginning of the other's.
 */
export type Cell = readonly string[]

/** Stands for the yard itself among what an edit touches. */
export const WHOLE_YARD = '*'

/** What who helps at the hives may do: what was seen, a step of a visit, the ticking of one, a loan. */
export type HelpersPart = 'seen' | 'step' | 'tick' | 'loan'

/** What an edit does, to be said of it. */
export type Doing =
  | 'adding-a-part'
  | 'taking-a-part-off'
  | 'moving-a-part'
  | 'turning-a-part'
  | 'swapping-a-part'
  | 'changing-a-part'
  | 'changing-the-hive'
  | 'accepting'
  | 'withdrawing'
  | 'adding-a-hive'
  | 'removing-a-hive'
  | 'laying-over'
  | 'changing-the-yard'
  | 'overwriting'
  | 'taking-a-figure-back'
  | 'keeping-a-pattern'
  | 'removing-a-pattern'
  | 'adding-to-the-shed'
  | 'dropping-from-the-shed'
  | 'lending'
  | 'taking-back'
  | 'borrowing'
  | 'giving-back'
  | 'changing-the-year'
  | 'changing-a-plan'
  | 'starting-a-visit'
  | 'ticking'
  | 'ending-a-visit'
  | 'nothing'

/** What an edit does, with whom or what it is done to by name. */
export interface Does {
  readonly doing: Doing
  readonly to?: string
}

/** One kind of edit: all that is asked of it. */
export interface EditKind<E> {
  /** The yard after it, and the edit that gives back the one before it, byte for byte. @throws Refusal */
  apply(yard: Yard, edit: E): Done
  /** What it writes in a yard as it was before it. */
  cells(edit: E, yard: Yard): readonly Cell[]
  /** The hives that it touches; `WHOLE_YARD` for the yard's own settings, none for the shed. */
  hives(edit: E, yard: Yard): readonly string[]
  /** As what a helper may make it; none where it is the keeper's alone. */
  helper(edit: E): readonly HelpersPart[]
  /** A stage that is planned by hand may hold it. */
  isPlannable(edit: E, yard: Yard): boolean
  does(edit: E): Does
}

/** Of an edit that is the keeper's alone. */
export const keepers = (): readonly HelpersPart[] => []
/** Of an edit that a visit may be made of. */
export const ofAVisit = (): readonly HelpersPart[] => ['step']
/** Of an edit that hands out or takes in. */
export const ofALoan = (): readonly HelpersPart[] => ['loan']
export const inAnyPlan = (): boolean => true
export const inNoPlan = (): boolean => false

/** Where a hive's boxes stand. */
export const stackCell = (hiveId: string): Cell => ['hive', hiveId, 'stack']
