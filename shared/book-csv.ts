import Papa from 'papaparse'
import { ENTRY_SORTS, sortOf, type CellKind, type Column, type Entry, type EntrySort } from '#core/book'
import { fieldOf, isOneOf } from '#core/units'
import { entrySchema } from './book-schema'
import { readWith } from './read'

const FIRST: readonly Column[] = [
  ['id', 'id', 'text'],
  ['hive_id', 'hiveId', 'text'],
  ['at', 'at', 'text'],
  ['made_at', 'madeAt', 'text'],
  ['device', 'device', 'text'],
  ['by', 'by', 'text'],
  ['by_id', 'byId', 'text'],
  ['note', 'note', 'text'],
  ['corrects', 'corrects', 'text'],
  ['withdrawn', 'withdrawn', 'flag'],
]

const at = (value: unknown, path: string) => path.split('.').reduce((inner, name) => fieldOf(inner, name), value)

/**
 * A text that a spreadsheet would take for a formula gets a quote before it, so does an empty one, which is something
 * that was said, and one that begins with such a quote itself.
 */
const guarded = (text: string) => (/^'*([=+\-@\t\r]|$)/.test(text) ? `'${text}` : text)
const unguarded = (text: string) => (/^'+([=+\-@\t\r]|$)/.test(text) ? text.slice(1) : text)
/** A list of words with none in it. */
const NO_WORDS = '-'

function written(value: unknown, as: CellKind): string {
  if (value === undefined) return ''
  if (as === 'words') return Array.isArray(value) && value.length > 0 ? value.join(' ') : NO_WORDS
  return as === 'json' ? JSON.stringify(value) : as === 'text' ? guarded(String(value)) : String(value)
}

/** What is written in a cell; itself where it is nothing of its kind, so that the check of the entry names it. */
function readCell(text: string, as: CellKind): unknown {
  switch (as) {
    case 'text':
      return unguarded(text)
    case 'number':
      return Number.isFinite(Number(text)) ? Number(text) : text
    case 'flag':
      return text === 'true' ? true : text === 'false' ? false : text
    case 'words':
      return text === NO_WORDS ? [] : text.split(/\s+/).filter((word) => word !== '')
    case 'json':
      try {
        return JSON.parse(text)
      } catch {
        return text
      }
  }
}

/**
 * The entries of one sort as CSV, a row each, with the name of its hive for whoever reads it. What is not said is an
 * empty cell; read in again it is the same entries.
 */
export function bookCsv(sort: EntrySort, entries: readonly Entry[], hiveName: (hiveId: string) => string): string {
  const rows = entries
    .filter((entry) => entry.sort === sort)
    .map((entry) => [
      sort,
      guarded(hiveName(entry.hiveId)),
      ...FIRST.map(([, path, as]) => written(at(entry, path), as)),
      ...sortOf(sort).columns.map(([, path, as]) => written(at(entry.body, path), as)),
    ])
  const fields = ['sort', 'hive', ...[...FIRST, ...sortOf(sort).columns].map(([name]) => name)]
  return `${Papa.unparse({ fields, data: rows })}\r\n`
}

/** What a file of a book holds, and what is wrong in it. */
interface BookRead {
  readonly entries: readonly Entry[]
  /** A sentence for every row that cannot be read, with its number and field. */
  readonly problems: readonly string[]
}

/** What stands in where a file made by hand leaves it out. */
interface BookReading {
  readonly makeId: () => string
  readonly madeAt: string
  readonly device: string
  /** The hive of this name; undefined where there is none. */
  readonly hiveNamed: (name: string) => string | undefined
}

/** Rows that are read of one file. */
const MOST_ROWS = 60_000
const MOST_PROBLEMS = 20

/** Reads entries from CSV as `bookCsv` writes it, or as a keeper makes one with fewer columns. */
export function readBookCsv(text: string, reading: BookReading): BookRead {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  })
  const columns = meta.fields ?? []
  if (!columns.includes('sort') || !(columns.includes('hive') || columns.includes('hive_id')))
    return {
      entries: [],
      problems: ['The file has no columns “sort” and “hive”: export one here to see how it looks.'],
    }
  if (data.length > MOST_ROWS)
    return { entries: [], problems: [`The file has ${data.length} rows: at most ${MOST_ROWS} are read, so split it.`] }
  const entries: Entry[] = []
  const problems: string[] = []
  for (const [i, row] of data.entries()) {
    const found = entryOf(row, reading)
    if (typeof found === 'string') problems.push(`Row ${i + 2}: ${found}`)
    else entries.push(found)
  }
  const more = problems.length - MOST_PROBLEMS
  return {
    entries,
    problems: more > 0 ? [...problems.slice(0, MOST_PROBLEMS), `and ${more} more rows.`] : problems,
  }
}

function entryOf(row: Readonly<Record<string, string>>, reading: BookReading): Entry | string {
  const sort = row.sort?.trim() ?? ''
  if (!isOneOf(ENTRY_SORTS, sort)) return `sort is “${sort}”, which is none of ${ENTRY_SORTS.join(', ')}.`
  const first = told(FIRST, row)
  const named = unguarded((row.hive ?? '').trim())
  const hiveId = first.hiveId ?? reading.hiveNamed(named)
  if (hiveId === undefined) return `there is no hive “${named}” in this yard.`
  const day = typeof first.at === 'string' && /^\d{4}-\d\d-\d\d$/.test(first.at) ? `${first.at}T12:00` : first.at
  const entry = {
    id: reading.makeId(),
    madeAt: reading.madeAt,
    device: reading.device,
    ...first,
    ...(day === undefined ? {} : { at: day }),
    hiveId,
    sort,
    body: told(sortOf(sort).columns, row),
  }
  const read = readWith(entrySchema, entry)
  return read.ok ? read.value : read.problem.sentence
}

/** The fields of a row that have something in them, each where it stands in an entry. */
function told(columns: readonly Column[], row: Readonly<Record<string, string>>): Record<string, unknown> {
  const fields: Record<string, unknown> = {}
  for (const [name, path, as] of columns) {
    const text = row[name] ?? ''
    if (text === '') continue
    const [outer = '', inner] = path.split('.')
    const value = readCell(text, as)
    const before = fields[outer]
    fields[outer] = inner === undefined ? value : { ...(typeof before === 'object' ? before : {}), [inner]: value }
  }
  return fields
}
