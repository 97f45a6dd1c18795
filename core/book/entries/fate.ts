import type { Sort } from './sort'

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

/** What became of a colony. */
export const FATE: Sort<Fate> = {
  made: (written, body) => ({ ...written, sort: 'fate', body }),
  writtenBy: 'keeper',
  form: 'book',
  isTold: true,
  bearsOnFood: false,
  tellsOfColony: true,
  columns: [
    ['fate', 'fate', 'text'],
    ['of', 'of', 'text'],
    ['cause', 'cause', 'text'],
  ],
}
