import type { Sort } from './sort'

export const CLEARED_HOW = ['looked-at', 'cleaned'] as const

/** Kit that was held, and colony that was closed: looked at and nothing found, or cleaned as the law asks. */
export interface Cleared {
  readonly how: (typeof CLEARED_HOW)[number]
  /** Who looked at it. */
  readonly who?: string
}

/** Kit and colony looked at and cleared. */
export const CLEARED: Sort<Cleared> = {
  made: (written, body) => ({ ...written, sort: 'cleared', body }),
  writtenBy: 'keeper',
  form: 'book',
  isTold: true,
  bearsOnFood: false,
  tellsOfColony: true,
  columns: [
    ['how', 'how', 'text'],
    ['who', 'who', 'text'],
  ],
}
