import { randomUUID } from 'node:crypto'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect } from 'vitest'
import { planOf, type Yard } from '#core/yard'
import { HIVE, HOME, STATES, TODAY } from '../helpers/states'

const DAY_MS = 86_400_000
/** The states were thought out for a day; here that day is today. */
const LATER_DAYS = Math.floor((Date.now() - Date.parse(TODAY)) / DAY_MS)
const shifted = (at: string) => new Date(Date.parse(`${at}Z`) + LATER_DAYS * DAY_MS).toISOString().slice(0, 16)

/** A yard for each state. */
export const YARDS: readonly Yard[] = STATES.map(({ yard = HOME }, n) => ({
  ...yard,
  id: `state-${n}`,
  name: `Yard ${n}`,
}))

/** The yards as a plan file, to begin with. */
export function statesFile(): string {
  const path = join(mkdtempSync(join(tmpdir(), 'duvet-states-')), 'plan.json')
  writeFileSync(path, JSON.stringify(planOf(YARDS)))
  return path
}

/** Writes into the books what makes each state. */
export async function liveStates(url: string): Promise<void> {
  const post = async (path: string, body: unknown) => {
    const answer = await fetch(`${url}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    expect(answer.ok, `${path}: ${await answer.text()}`).toBe(true)
  }
  for (const [n, { entries = [], weighed }] of STATES.entries()) {
    const at = `/api/yards/state-${n}`
    const told = entries.map((one) => ({ ...one, id: `${one.id}-${n}`, at: shifted(one.at) }))
    if (told.length > 0) await post(`${at}/book`, { entries: told })
    if (!weighed) continue
    const readings = [{ at: new Date(Date.now() - 3_600_000).toISOString(), kg: weighed[1], method: 'scale' }]
    await post(`${at}/hives/${encodeURIComponent(HIVE.id)}/readings`, {
      kind: 'weight',
      source: 'hand',
      batchId: randomUUID(),
      readings,
    })
  }
}

const HIVE_VIEWS = ['bench', 'book', 'look', 'visit', 'weight', 'winter']
const YARD_VIEWS = ['year', 'shed', 'due', 'due/records', 'boxes']
/** Every view of one of those yards. */
export const viewsOf = (yard: Yard): readonly string[] => [
  ...YARD_VIEWS.map((view) => `/yards/${yard.id}/${view}`),
  ...HIVE_VIEWS.map((view) => `/yards/${yard.id}/hives/${encodeURIComponent(HIVE.id)}/${view}`),
]
