import type { ObjectSchema } from 'yup'
import { drawingSchema, type Drawing } from './drawing-schema'
import { listOf, oneOf, record, text as words } from './fields'
import { PAPERS, type Paper } from './sheet-schema'

const link = () => words(500).matches(/^https?:\/\/[^\s]+$/, '${path} is no link: it begins with http:// or https://')

/** What is to be ticked at one hive. */
interface TickedHive {
  readonly name: string
  /** Opens the hive, by its QR code. */
  readonly link: string
  readonly lines: readonly string[]
  /** The hive as it will stand. */
  readonly drawing: Drawing
  readonly steps: readonly { readonly text: string; readonly why: string; readonly cautions: readonly string[] }[]
}

/** A visit to a yard, to be printed and ticked with a pencil. */
export interface TickSheets {
  readonly title: string
  readonly paper: Paper
  readonly lines: readonly string[]
  readonly take: readonly string[]
  readonly bring: readonly string[]
  readonly hives: readonly TickedHive[]
  readonly cautions: readonly string[]
}

/** Cards to be fixed to hives. */
export interface HiveCards {
  readonly title: string
  readonly paper: Paper
  readonly cards: readonly {
    readonly name: string
    readonly link: string
    readonly lines: readonly string[]
    /** The hive as it stands. */
    readonly drawing: Drawing
  }[]
}

export const tickSheetsSchema: ObjectSchema<TickSheets> = record({
  title: words(200, 1),
  paper: oneOf(PAPERS),
  lines: listOf(words(500), 20),
  take: listOf(words(300), 300),
  bring: listOf(words(300), 300),
  cautions: listOf(words(500), 30),
  hives: listOf(
    record({
      name: words(80),
      link: link(),
      lines: listOf(words(500), 20),
      drawing: drawingSchema,
      steps: listOf(record({ text: words(500), why: words(300), cautions: listOf(words(500), 10) }), 200),
    }),
    300,
  ),
})

export const hiveCardsSchema: ObjectSchema<HiveCards> = record({
  title: words(200, 1),
  paper: oneOf(PAPERS),
  cards: listOf(
    record({ name: words(80), link: link(), lines: listOf(words(300), 8), drawing: drawingSchema }),
    1000,
    1,
    'cards is empty: there is no hive to make a card for',
  ),
})
