import { randomUUID } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { freeName, withOwnIdentities, type Edit, type Plan, type Yard } from '#core/yard'
import type { Part } from '#core/parts'
import { entriesRenamed, type Entry } from '#core/book'
import type { StoredYard } from '#wire/answers'
import type { Imported } from '#wire/import-answer'
import { inTransaction, type Database } from './client'
import { bringInBook } from './book'
import { commitWithin } from './commit'
import { setPart } from '../keepers/accounts'
import { imports } from './schema'
import { readYard, yardExists, yardNames, type Writer } from './yards'
import { insertYard } from './write-yard'

/** A file that is not brought in, with the reason; nothing of it was kept. */
export class ImportRefused extends Error {
  constructor(readonly sentence: string) {
    super(sentence)
  }
}

/** A plan file on its way in. */
export interface Importing {
  /** The same for the same file sent again: it is brought in once. */
  readonly importId: string
  readonly contentHash: string
  readonly device: string
  readonly now: string
  /** Who brings it in, and the yards into which hives may be put; absent where nobody has to sign in. */
  readonly keeper?: { readonly id: string; readonly name: string; readonly keeps: readonly string[] }
  /** Told after each yard. */
  readonly onYard?: (done: number) => void
  readonly isCancelled?: () => boolean
}

/** Brings a plan in, all of it or nothing; nothing that is here already is overwritten. */
export function importPlan(database: Database, plan: Plan<Entry>, importing: Importing): Promise<readonly Imported[]> {
  return inTransaction(database, (tx) => importInto(tx, plan, importing))
}

/** The same inside a transaction that is open already. */
export async function importInto(tx: Writer, plan: Plan<Entry>, importing: Importing): Promise<readonly Imported[]> {
  const [before] = await tx.select().from(imports).where(eq(imports.id, importing.importId))
  if (before && before.contentHash !== importing.contentHash)
    throw new ImportRefused('Another file was brought in under this identity: begin again.')
  if (before) return before.result
  const done: Imported[] = []
  for (const yard of plan.yards) {
    if (importing.isCancelled?.()) throw new ImportRefused('It was stopped: nothing was brought in.')
    const { imported, named } = await importYard(tx, yard, importing)
    const book = plan.books?.find(({ yardId }) => yardId === yard.id)
    if (book) await bringInBook(tx, imported.yardId, entriesRenamed(book.entries, yard, named), importing.now)
    done.push(imported)
    importing.onYard?.(done.length)
  }
  await tx
    .insert(imports)
    .values({ id: importing.importId, receivedAt: importing.now, contentHash: importing.contentHash, result: done })
  return done
}

/** What became of a yard of a file, and the yard with the identities that it has here. */
interface Brought {
  readonly imported: Imported
  readonly named: Yard
}

async function importYard(tx: Writer, yard: Yard, importing: Importing): Promise<Brought> {
  const stored = await readYard(tx, yard.id)
  const mayChange = !importing.keeper || importing.keeper.keeps.includes(yard.id)
  if (stored && mayChange && sharesNothing(stored.yard, yard))
    return { imported: await into(tx, stored, yard, importing), named: yard }
  const beside = await yardExists(tx, yard.id)
  const named = beside ? withOwnIdentities(yard, freeName(yard.name, new Set(await yardNames(tx))), randomUUID) : yard
  await insertYard(tx, named)
  if (importing.keeper) await setPart(tx, named.id, importing.keeper.id, 'owner', importing.now)
  return {
    named,
    imported: {
      yardId: named.id,
      yardName: named.name,
      how: beside ? 'beside' : 'new',
      hives: named.hives.length,
      framesElsewhere: 0,
    },
  }
}

function sharesNothing(stored: Yard, yard: Yard): boolean {
  const here = new Set([...stored.hives, ...stored.parts].map(({ id }) => id))
  return ![...yard.hives, ...yard.parts].some(({ id }) => here.has(id))
}

/**
 * Puts hives back into their yard, as one change that can be undone. A frame that hangs in another box by now stays
 * there.
 */
async function into(
  tx: Writer,
  { yard: here, revision }: StoredYard,
  yard: Yard,
  { device, now, keeper }: Importing,
): Promise<Imported> {
  const hanging = new Set(here.parts.flatMap(({ contents }) => contents.map(({ id }) => id)))
  const elsewhere = yard.parts.flatMap(({ contents }) => contents.filter(({ id }) => hanging.has(id))).length
  const without = (part: Part): Part =>
    part.contents.some(({ id }) => hanging.has(id))
      ? { ...part, contents: part.contents.filter(({ id }) => !hanging.has(id)) }
      : part
  const known = new Set([...here.patterns, ...here.hanging].map(({ id }) => id))
  let next = here.parts.length
  const placed = new Set<string>()
  const hives: Edit[] = yard.hives.map((hive, i) => {
    const own = new Set([...hive.stack, ...hive.attachments].map(({ partId }) => partId))
    for (const id of own) placed.add(id)
    const parts = yard.parts.filter(({ id }) => own.has(id)).map((part) => ({ at: next++, part: without(part) }))
    return { kind: 'add-hive', at: here.hives.length + i, hive, parts }
  })
  const edits: Edit[] = [
    ...yard.patterns
      .filter(({ id }) => !known.has(id))
      .map((pattern) => ({ kind: 'set-pattern' as const, patternId: pattern.id, pattern })),
    ...yard.hanging
      .filter(({ id }) => !known.has(id))
      .map((pattern) => ({ kind: 'set-hanging' as const, patternId: pattern.id, pattern })),
    ...hives,
    ...yard.parts
      .filter(({ id }) => !placed.has(id))
      .map((part) => ({ kind: 'stock-part' as const, at: next++, part: without(part) })),
  ]
  if (edits.length > 0) {
    const entry = { id: randomUUID(), madeAt: now, kind: 'do' as const, edit: { kind: 'batch' as const, edits } }
    const outcome = await commitWithin(
      tx,
      here.id,
      { baseRevision: revision, device, edits: [entry], by: keeper?.name ?? null },
      now,
    )
    if (outcome.outcome === 'refused') throw new ImportRefused(outcome.sentence)
  }
  return { yardId: here.id, yardName: here.name, how: 'into', hives: yard.hives.length, framesElsewhere: elsewhere }
}
