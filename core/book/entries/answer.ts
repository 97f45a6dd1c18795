import type { Sort } from './sort'

export const ANSWERS = ['done', 'put-off', 'dropped'] as const

/** What became of a line of what is due. */
export interface Answer {
  readonly to: string
  readonly answer: (typeof ANSWERS)[number]
  readonly until?: string
  readonly why?: string
}

/** What became of a line of what is due. */
export const ANSWER: Sort<Answer> = {
  made: (written, body) => ({ ...written, sort: 'answer', body }),
  writtenBy: 'helper',
  form: null,
  isTold: false,
  bearsOnFood: false,
  tellsOfColony: false,
  columns: [
    ['to', 'to', 'text'],
    ['answer', 'answer', 'text'],
    ['until', 'until', 'text'],
    ['why', 'why', 'text'],
  ],
}
