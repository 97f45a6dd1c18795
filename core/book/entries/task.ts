import type { Sort } from './sort'

/** What is to be done by a day. */
export interface Task {
  readonly text: string
  readonly by: string
  /** The look that it follows from. */
  readonly from?: string
}

/** What is to be done by a day. */
export const TASK: Sort<Task> = {
  made: (written, body) => ({ ...written, sort: 'task', body }),
  writtenBy: 'helper',
  form: null,
  isTold: true,
  bearsOnFood: false,
  tellsOfColony: false,
  columns: [
    ['text', 'text', 'text'],
    ['by_day', 'by', 'text'],
    ['from', 'from', 'text'],
  ],
}
