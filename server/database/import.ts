import { randomUUID } from 'node:crypto'
import { freeName, withOwnIdentities, type Edit, type Plan, type Yard } from '#core/hive'
import type { Database } from './client'
import { commitEdits } from './commit'
import { identitiesInUse, insertYard, readYard, readYards } from './yards'

export interface Imported {
  readonly yardId: string
  readonly yardName: string
  /** new: as it is in the file; beside: with identities of its own, since they are in use here; into: hives added to a yard that is here. */
  readonly how: 'new' | 'beside' | 'into'
  readonly hives: number
}

/** Brings a plan in; nothing that is here already is overwritten. */
export async function importPlan(database: Database, plan: Plan, device: string, now: string): Promise<Imported[]> {
  const done: Imported[] = []
  for (const yard of plan.yards) {
    const used = await identitiesInUse(database, yard)
    if (used.yard && !used.inside && (await readYard(database, yard.id))) done.push(await into(database, yard, device, now))
    else done.push(await asYard(database, yard, used.yard || used.inside))
  }
  return done
}

async function asYard(database: Database, yard: Yard, beside: boolean): Promise<Imported> {
  return database.transaction(async (tx) => {
    const names = new Set((await readYards(tx)).map((stored) => stored.yard.name))
    const named = beside ? withOwnIdentities(yard, freeName(yard.name, names), randomUUID) : yard
    await insertYard(tx, named)
    return { yardId: named.id, yardName: named.name, how: beside ? 'beside' as const : 'new' as const, hives: named.hives.length }
  })
}

async function into(database: Database, yard: Yard, device: string, now: string): Promise<Imported> {
  const stored = (await readYard(database, yard.id))!
  const at = stored.yard.hives.length
  let next = stored.yard.parts.length
  const known = new Set([...stored.yard.patterns, ...stored.yard.hanging].map(({ id }) => id))
  const patterns: Edit[] = [
    ...yard.patterns.filter(({ id }) => !known.has(id)).map((pattern) => ({ kind: 'set-pattern' as const, patternId: pattern.id, pattern })),
    ...yard.hanging.filter(({ id }) => !known.has(id)).map((pattern) => ({ kind: 'set-hanging' as const, patternId: pattern.id, pattern })),
  ]
  const hives: Edit[] = yard.hives.map((hive, i) => {
    const own = new Set([...hive.stack, ...hive.attachments].map(({ partId }) => partId))
    const parts = yard.parts.filter(({ id }) => own.has(id)).map((part) => ({ at: next++, part }))
    return { kind: 'add-hive', at: at + i, hive, parts }
  })
  const edits = [...patterns, ...hives]
  if (edits.length > 0) {
    const entry = { id: randomUUID(), madeAt: now, kind: 'do' as const, edit: { kind: 'batch' as const, edits } }
    const outcome = await commitEdits(database, yard.id, { baseRevision: stored.revision, device, edits: [entry] }, now)
    if (outcome.outcome === 'refused') throw new RangeError(outcome.sentence)
  }
  return { yardId: yard.id, yardName: stored.yard.name, how: 'into', hives: yard.hives.length }
}
