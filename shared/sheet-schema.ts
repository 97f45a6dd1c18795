import type { ObjectSchema } from 'yup'
import type { Sheet } from '#core/words'
import { drawingSchema, type Drawing } from './drawing-schema'
import { listOf, oneOf, record, text as words } from './fields'

export const PAPERS = ['A4', 'LETTER'] as const
/** Paper as the reader's printer holds it. */
export type Paper = (typeof PAPERS)[number]

/** A sheet as it is printed: its words, the drawings above them, and one for every step. */
export interface PrintedSheet extends Sheet {
  readonly paper: Paper
  readonly drawings: readonly { readonly caption: string; readonly drawing: Drawing }[]
  readonly stepDrawings: readonly Drawing[]
}

/** What is sent to be printed: a sheet in words with its drawings, as the screen shows it. */
export const sheetSchema: ObjectSchema<PrintedSheet> = record({
  title: words(200, 1),
  paper: oneOf(PAPERS),
  lines: listOf(words(2000), 50),
  tables: listOf(
    record({
      heading: words(200),
      columns: listOf(words(100), 12, 1),
      rows: listOf(listOf(words(2000), 12), 3000),
    }),
    20,
  ),
  steps: listOf(record({ text: words(1000), note: words(1000) }), 100),
  drawings: listOf(record({ caption: words(200), drawing: drawingSchema }), 60),
  stepDrawings: listOf(drawingSchema, 100),
  caution: words(1000),
})
