import { readFileSync } from 'node:fs'
import { readPlan } from '#wire/read'
import type { Database } from './client'
import { importPlan } from './import'
import { readYards } from './yards'

/** Brings a plan file into a database that has no yard yet. */
export async function seedFrom(database: Database, path: string): Promise<void> {
  if ((await readYards(database)).length > 0) return
  const plan = readPlan(readFileSync(path, 'utf8'))
  if (!plan.ok) throw new Error(plan.problem.sentence)
  await importPlan(database, plan.value, 'demo', new Date().toISOString())
}
