import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { applyEdit, goBack, type HiveChange, type LoggedEdit, type Yard } from '#core/yard'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { DEMO, addSuper, demoPlan, get, post, storedYards, submission } from '../helpers/wire'

const LOG = 'demo/demo-log.json'
const log = JSON.parse(readFileSync(LOG, 'utf8')) as { yardId: string; entries: LoggedEdit[] }[]

let server: RunningServer
beforeAll(async () => {
  server = await startServer({ seed: DEMO, env: { DUVET_SEED_LOG: LOG } })
})
afterAll(() => server.stop())

describe('the demo’s year of log', () => {
  it('goes back from the demo plan step by step, and forward again to it', () => {
    for (const { yardId, entries } of log) {
      const now = demoPlan().yards.find(({ id }) => id === yardId)!
      const steps = [...goBack(now, entries)]
      expect(steps).toHaveLength(entries.length)
      let yard = steps.at(-1)!.before
      for (const { edit } of entries.toReversed()) {
        const done = applyEdit(yard, edit)
        if (!done.ok) throw new Error(done.problem.reason)
        yard = done.yard
      }
      expect(yard).toEqual(now)
    }
    expect(log.flatMap(({ entries }) => entries).length).toBeGreaterThan(25)
  })

  it('is there from the first start: three hives have a past, and what is done next goes on from it', async () => {
    const { yard, revision } = (await storedYards(server.url)).find((one) => one.yard.name === 'Kiln Bank')!
    const past = await get<Yard>(`${server.url}/api/yards/${yard.id}/past?at=2026-05-01T00:00:00Z`)
    const supers = (one: Yard) =>
      one.hives.find(({ name }) => name === 'Corduroy')!.stack.filter(({ role }) => role === 'super').length
    expect([supers(past), supers(yard)]).toEqual([0, 4])
    const said = await post(
      `${server.url}/api/yards/${yard.id}/edits`,
      submission(revision, [{ ...addSuper(yard.hives[0]!.id, 2) }]),
    )
    expect(said.status).toBe(200)
    const changes = await get<HiveChange[]>(
      `${server.url}/api/yards/${yard.id}/changes?hive=${encodeURIComponent(yard.hives[0]!.id)}`,
    )
    expect(changes[0]!.edit.kind).toBe('add-part')
    expect(changes.map((change) => change.revision)).toEqual(
      [...changes.map((change) => change.revision)].sort((a, b) => b - a),
    )
  })
})
