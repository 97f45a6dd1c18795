import type { Look } from './look/look'

export const ENTRY_SORTS = [
  'look',
  'mites',
  'treatment',
  'feed',
  'crop',
  'task',
  'answer',
  'fate',
  'trial',
  'cleared',
] as const
/** What an entry is of. */
export type EntrySort = (typeof ENTRY_SORTS)[number]

/** What a helper writes: what was seen, counted, planned for the next look, and ticked. */
export const HELPERS_SORTS = ['look', 'mites', 'task', 'answer'] as const satisfies readonly EntrySort[]

/** What every entry of a book says. */
interface Written {
  readonly id: string
  readonly hiveId: string
  /** When it was found or done, by the clock where the hive stands: `2026-05-31T14:15`. */
  readonly at: string
  /** When it was written, UTC, and on which device. */
  readonly madeAt: string
  readonly device: string
  /** Who wrote it, by name, and the identity of that keeper: the word of the server, not of who sends it. */
  readonly by?: string
  readonly byId?: string
  readonly note?: string
  /** The first entry of its chain, which this one takes the place of. */
  readonly corrects?: string
  /** It takes that entry away and says nothing instead. */
  readonly withdrawn?: true
}

/** Mites on a tray over so many days, or among so many bees. */
export type MiteCount = { readonly mites: number } & (
  { readonly way: 'tray'; readonly days: number } | { readonly way: 'wash' | 'sugar'; readonly bees: number }
)

/** A treatment, with what its label says. */
export interface Treatment {
  readonly product: string
  readonly amount?: string
  /** Its last day; absent while it is on and nobody has said. */
  readonly until?: string
  /** Days that its label says it stays on. */
  readonly labelDays?: number
  readonly fromCelsius?: number
  readonly toCelsius?: number
  /** The highest of the days that count, °C, as the forecast has it. */
  readonly highCelsius?: number
  readonly batch?: string
  readonly supplier?: string
  readonly boughtOn?: string
  readonly expiresOn?: string
  /** Days after its end in which no crop is taken. */
  readonly withdrawalDays?: number
  /** Its label allows supers meant for people to be on. */
  readonly supersMayStay?: boolean
}

export const FEED_KINDS = ['two-to-one', 'one-to-one', 'fondant', 'comb'] as const

/** Food given: syrup and fondant by what goes on, combs by the stores in them, kg. */
export interface FeedGiven {
  readonly feed: (typeof FEED_KINDS)[number]
  readonly kg: number
}

/** Honey taken, kg; by boxes where they were. */
export interface Crop {
  readonly kg: number
  readonly boxIds?: readonly string[]
  /** Of its cells, sealed, 0 to 1. */
  readonly sealedShare?: number
  /** Water by a refractometer, 0 to 1. */
  readonly water?: number
  /** Comb honey of it: 4 × 4 in squares cut out, and sections. */
  readonly squares?: number
  readonly sections?: number
}

/** What is to be done by a day. */
export interface Task {
  readonly text: string
  readonly by: string
  /** The look that it follows from. */
  readonly from?: string
}

export const ANSWERS = ['done', 'put-off', 'dropped'] as const

/** What became of a line of what is due. */
export interface Answer {
  readonly to: string
  readonly answer: (typeof ANSWERS)[number]
  readonly until?: string
  readonly why?: string
}

/** What a colony dies of; where it may be a disease, or nobody knows, nothing of it goes to another hive. */
export const CAUSES = ['starved', 'no-queen', 'too-few', 'mites', 'damage', 'disease', 'not-known'] as const
export const FATES = ['alive', 'dead', 'merged', 'sold', 'absconded'] as const

/** What became of a colony. */
export interface Fate {
  readonly fate: (typeof FATES)[number]
  /** What it died of, as far as that is known. */
  readonly of?: (typeof CAUSES)[number]
  readonly cause?: string
}

export const TRIAL_SIDES = ['with', 'without'] as const
export type TrialSide = (typeof TRIAL_SIDES)[number]

/** A hive that was drawn into a trial. */
export interface InTrial {
  readonly trial: string
  readonly side: TrialSide
}

export const CLEARED_HOW = ['looked-at', 'cleaned'] as const

/** Kit that was held, and colony that was closed: looked at and nothing found, or cleaned as the law asks. */
export interface Cleared {
  readonly how: (typeof CLEARED_HOW)[number]
  /** Who looked at it. */
  readonly who?: string
}

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

/** One entry of a book: what was found or done at a hive, when, and who wrote it. */
export type Entry = { [S in EntrySort]: Written & { readonly sort: S; readonly body: EntryBodies[S] } }[EntrySort]

export type EntryOf<S extends EntrySort> = Extract<Entry, { sort: S }>

/** True for an entry of one of these sorts. */
export function isEntry<S extends EntrySort>(entry: Entry | undefined, ...sorts: readonly S[]): entry is EntryOf<S> {
  return entry !== undefined && sorts.some((sort) => sort === entry.sort)
}
