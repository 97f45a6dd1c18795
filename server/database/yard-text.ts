import { sql, type SQL } from 'drizzle-orm'
import type { Writer } from './yards'

// A yard is put together as JSON text by SQLite itself: what is kept as JSON goes out as it is, and a thousand hives
// need not be taken apart and put together again for every answer. Fields stand in the order of the model.

type Field = readonly [name: string, column: string, how: 'text' | 'json' | 'flag' | 'whole' | 'real', when?: 'always']

const PART: readonly Field[] = [
  ['id', 'id', 'text', 'always'],
  ['patternId', 'pattern_id', 'text', 'always'],
  ['name', 'name', 'text'],
  ['measured', 'measured', 'json'],
  ['contents', 'contents', 'json', 'always'],
  ['spacing', 'spacing', 'json'],
  ['hasHeld', 'has_held', 'json', 'always'],
  ['readings', 'readings', 'json'],
  ['condition', 'condition', 'text'],
  ['hole', 'hole', 'text'],
  ['lacks', 'lacks', 'json'],
]
const PLACED: readonly Field[] = [
  ['partId', 'part_id', 'text', 'always'],
  ['turnedOver', 'turned_over', 'flag', 'always'],
  ['yawDeg', 'yaw_deg', 'whole', 'always'],
]
const OFFSET: readonly Field[] = [
  ['x', 'offset_x_mm', 'real', 'always'],
  ['y', 'offset_y_mm', 'real', 'always'],
]
const PLACED_SO: readonly Field[] = [
  ['role', 'role', 'text'],
  ['offBy', 'off_by', 'text'],
]
const ATTACHED: readonly Field[] = [
  ['partId', 'part_id', 'text', 'always'],
  ['place', 'place', 'text', 'always'],
  ['edge', 'edge', 'text'],
]
const HIVE: readonly Field[] = [
  ['id', 'id', 'text', 'always'],
  ['name', 'name', 'text', 'always'],
  ['stage', 'stage', 'text', 'always'],
  ['note', 'note', 'text', 'always'],
]
const HIVE_SO: readonly Field[] = [
  ['accepted', 'accepted', 'json', 'always'],
  ['season', 'season', 'json'],
  ['visit', 'visit', 'json'],
]
const YARD: readonly Field[] = [
  ['id', 'id', 'text', 'always'],
  ['name', 'name', 'text', 'always'],
  ['note', 'note', 'text', 'always'],
  ['band', 'band', 'text', 'always'],
  ['prolific', 'prolific', 'flag', 'always'],
  ['overrides', 'overrides', 'json', 'always'],
  ['patterns', 'patterns', 'json', 'always'],
  ['hanging', 'hanging', 'json', 'always'],
]
const YARD_SO: readonly Field[] = [['season', 'season', 'json']]

/** A number as SQLite would print it has too few digits to be read back exactly. */
const AS: Record<Field[2], (column: string) => string> = {
  text: (column) => `json_quote(${column})`,
  json: (column) => column,
  flag: (column) => `iif(${column}, 'true', 'false')`,
  whole: (column) => column,
  real: (column) => `printf('%.17g', ${column})`,
}

/** Fields as text, each with the comma before it. */
function fields(table: string, list: readonly Field[]): string {
  return list
    .map(([name, column, how, when]) => {
      const text = `',"${name}":' || ${AS[how](`${table}.${column}`)}`
      return when ? text : `iif(${table}.${column} IS NULL, '', ${text})`
    })
    .join(' || ')
}

const object = (...texts: readonly string[]) => `'{' || substr(${texts.join(' || ')}, 2) || '}'`
const list = (item: string, from: string) =>
  `'[' || coalesce((SELECT group_concat(one, ',') FROM (SELECT ${item} AS one FROM ${from})), '') || ']'`

const PLACEMENT_TEXT = object(
  fields('p', PLACED),
  `',"offsetMm":' || ${object(fields('p', OFFSET))}`,
  fields('p', PLACED_SO),
)
const STACK_TEXT = list(
  PLACEMENT_TEXT,
  'placements AS p WHERE p.yard_id = h.yard_id AND p.hive_id = h.id ORDER BY p.position',
)
const ATTACHED_TEXT = list(
  object(fields('a', ATTACHED)),
  'attachments AS a WHERE a.yard_id = h.yard_id AND a.hive_id = h.id ORDER BY a.position',
)
const HIVE_TEXT = object(
  fields('h', HIVE),
  `',"stack":' || ${STACK_TEXT}`,
  `',"attachments":' || ${ATTACHED_TEXT}`,
  fields('h', HIVE_SO),
)
const HIVES_TEXT = list(HIVE_TEXT, 'hives AS h WHERE h.yard_id = y.id ORDER BY h.order_key')
const PARTS_TEXT = list(object(fields('q', PART)), 'parts AS q WHERE q.yard_id = y.id ORDER BY q.order_key')
const YARD_TEXT = object(
  fields('y', YARD),
  `',"hives":' || ${HIVES_TEXT}`,
  `',"parts":' || ${PARTS_TEXT}`,
  fields('y', YARD_SO),
)

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
