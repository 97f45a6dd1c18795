import { sql, type SQL, type Table } from 'drizzle-orm'
import { fieldsOf, type Field } from './columns'
import { attachments, hives, parts, placements, yards } from './schema'
import type { Writer } from './yards'

// A yard is put together as JSON text by SQLite itself: what is kept as JSON goes out as it is, and a thousand hives
// need not be taken apart and put together again for every answer. Which fields there are follows from the tables.

/** A number as SQLite would print it has too few digits to be read back exactly. */
const AS: Record<Field['kept'], (column: string) => string> = {
  text: (column) => `json_quote(${column})`,
  json: (column) => column,
  flag: (column) => `iif(${column}, 'true', 'false')`,
  whole: (column) => column,
  real: (column) => `printf('%.17g', ${column})`,
}

/** The fields of a table as text, each with the comma before it. */
function fields(alias: string, table: Table): string {
  return fieldsOf(table)
    .map(({ name, column, kept, always }) => {
      const text = `',"${name}":' || ${AS[kept](`${alias}.${column}`)}`
      return always ? text : `iif(${alias}.${column} IS NULL, '', ${text})`
    })
    .join(' || ')
}

const object = (...texts: readonly string[]) => `'{' || substr(${texts.join(' || ')}, 2) || '}'`
const list = (item: string, from: string) =>
  `'[' || coalesce((SELECT group_concat(one, ',') FROM (SELECT ${item} AS one FROM ${from})), '') || ']'`

const OFFSET_TEXT = `'{"x":' || ${AS.real('p.offset_x_mm')} || ',"y":' || ${AS.real('p.offset_y_mm')} || '}'`
const STACK_TEXT = list(
  object(fields('p', placements), `',"offsetMm":' || ${OFFSET_TEXT}`),
  'placements AS p WHERE p.yard_id = h.yard_id AND p.hive_id = h.id ORDER BY p.position',
)
const ATTACHED_TEXT = list(
  object(fields('a', attachments)),
  'attachments AS a WHERE a.yard_id = h.yard_id AND a.hive_id = h.id ORDER BY a.position',
)
const HIVE_TEXT = object(fields('h', hives), `',"stack":' || ${STACK_TEXT}`, `',"attachments":' || ${ATTACHED_TEXT}`)
const HIVES_TEXT = list(HIVE_TEXT, 'hives AS h WHERE h.yard_id = y.id ORDER BY h.order_key')
const PARTS_TEXT = list(object(fields('q', parts)), 'parts AS q WHERE q.yard_id = y.id ORDER BY q.order_key')
const YARD_TEXT = object(fields('y', yards), `',"hives":' || ${HIVES_TEXT}`, `',"parts":' || ${PARTS_TEXT}`)

/** A yard as the text of a plan file, piece by piece. */
export interface YardText {
  readonly id: string
  readonly revision: number
  readonly text: string
}

async function select(database: Writer, where: SQL): Promise<YardText[]> {
  const { rows } = await database.run(
    sql`SELECT y.id AS id, y.revision AS revision, ${sql.raw(YARD_TEXT)} AS text FROM yards AS y
      WHERE y.removed_at IS NULL AND ${where} ORDER BY y.position`,
  )
  return rows.map((row) => ({ id: String(row.id), revision: Number(row.revision), text: String(row.text) }))
}

/** Every yard that is here, as JSON, in the keeper's order. */
export function yardTexts(database: Writer): Promise<YardText[]> {
  return select(database, sql`1`)
}

/** One yard as JSON; undefined where it is not here. */
export async function yardText(database: Writer, yardId: string): Promise<YardText | undefined> {
  return (await select(database, sql`y.id = ${yardId}`))[0]
}
