import { getTableColumns, type Table } from 'drizzle-orm'
import { toSnakeCase } from 'drizzle-orm/casing'

/** How a value is kept, and so how it is written as JSON. */
type Kept = 'text' | 'json' | 'flag' | 'whole' | 'real'

/** A field of the model that is kept in a column. */
export interface Field {
  readonly name: string
  readonly column: string
  readonly kept: Kept
  readonly always: boolean
}

const KEPT: Readonly<Record<string, Kept>> = {
  SQLiteText: 'text',
  SQLiteTextJson: 'json',
  SQLiteBoolean: 'flag',
  SQLiteInteger: 'whole',
  SQLiteReal: 'real',
}

/** Columns that the model does not know: where a row belongs and how rows are sorted. */
const OWN = new Set(['yardId', 'hiveId', 'position', 'orderKey', 'revision', 'removedAt', 'offsetXMm', 'offsetYMm'])

/** The fields of the model that a table keeps, in the model's order. */
export function fieldsOf(table: Table): Field[] {
  return Object.entries(getTableColumns(table))
    .filter(([name]) => !OWN.has(name))
    .map(([name, { columnType, notNull }]) => ({
      name,
      column: toSnakeCase(name),
      kept: KEPT[columnType]!,
      always: notNull,
    }))
}
