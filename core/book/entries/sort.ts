import type { Entry, Written } from './entry'

/** How a cell of a book's file is written. */
export type CellKind = 'text' | 'number' | 'flag' | 'words' | 'json'
/** A column of a book's file: its name, where in what an entry says its value stands, and how it is written. */
export type Column<Path extends string = string> = readonly [name: string, path: Path, as: CellKind]
/** The name of a field, or of one within it. */
type PathIn<Body> = Body extends unknown ? FieldOf<Body> | `${FieldOf<Body>}.${string}` : never
type FieldOf<Body> = keyof Body & string

/** One sort of entry: all that is asked of it beside its words. */
export interface Sort<Body> {
  /** An entry of it. */
  readonly made: (written: Written, body: Body) => Entry
  /** Who writes it: whoever helps at the hives, or the keeper of the yard alone. */
  readonly writtenBy: 'helper' | 'keeper'
  /** Where it is written, and written again: at the hive, in the book, or by what is done elsewhere. */
  readonly form: 'look' | 'book' | null
  /** It is told in the book of its hive. */
  readonly isTold: boolean
  /** The food of a hive is known from it, or it stands in the way of a crop. */
  readonly bearsOnFood: boolean
  /** It may say something of the state of a colony: a look without signs may correct one that had some. */
  readonly tellsOfColony: boolean
  /** What it says, in a file. */
  readonly columns: readonly Column<PathIn<Body>>[]
}

/** A sort of entry, whatever it says. */
export interface AnySort extends Omit<Sort<never>, 'columns'> {
  readonly columns: readonly Column[]
}
