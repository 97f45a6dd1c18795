import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { CATALOGUE } from '#core/parts'
import { buildHive, emptyYard, planOf, type Hive, type Visit, type Yard } from '#core/yard'
import { openDatabase } from '../../server/database/client'
import { startServer, type RunningServer } from '../lib/server'
import { tell } from '../lib/measure'

type Stored = readonly { readonly revision: number; readonly yard: Yard }[]

const yardsOf = async ({ url }: RunningServer) => (await (await fetch(`${url}/api/yards`)).json()) as Stored
const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))
const send = (server: RunningServer, yardId: string, base: number, id: string, edit: unknown) =>
  fetch(`${server.url}/api/yards/${yardId}/edits`, {
    method: 'POST',
    body: JSON.stringify({
      baseRevision: base,
      device: 'bench',
      edits: [{ id, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit }],
    }),
  }).catch(() => undefined)

async function isSound(path: string): Promise<boolean> {
  const { client } = await openDatabase(`file:${path}`, '2026-05-01')
  const sound = Object.values((await client.execute('PRAGMA integrity_check')).rows[0]!)[0] === 'ok'
  client.close()
  return sound
}

/**
 * Kills a writing server many times, and looks for every edit that it had acknowledged; then while it ticks a visit,
 * and while it brings files in.
 */
export async function benchKill(rounds: number): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'duvet-kill-'))
  try {
    await killWrites(join(home, 'writes.db'), rounds)
    await killTicks(join(home, 'ticks.db'), Math.ceil(rounds / 4))
    await killImports(join(home, 'imports.db'), Math.ceil(rounds / 4))
  } finally {
    rmSync(home, { recursive: true, force: true })
  }
}

async function killWrites(path: string, rounds: number): Promise<void> {
  let newest = 0
  let acknowledged = 0
  let lost = 0
  for (let round = 0; round < rounds; round++) {
    const server = await startServer({ databasePath: path, seed: 'demo/demo-plan.json' })
    const { revision, yard } = (await yardsOf(server))[0]!
    if (newest > 0 && Number(yard.hives.find(({ id }) => id === 'twill/0')?.name ?? -1) < newest) lost++
    let base = revision
    const killed = later(20 + ((round * 37) % 60)).then(() => server.stop('SIGKILL'))
    for (;;) {
      const answer = await send(server, yard.id, base, `k${round}-${base}`, {
        kind: 'set-hive',
        hiveId: 'twill/0',
        name: String(base + 1),
      })
      if (answer?.status !== 200) break
      base++
      acknowledged++
      newest = base
    }
    await killed
  }
  const sound = await isSound(path)
  tell(
    `killed ${rounds} times while writing`,
    `${acknowledged} edits acknowledged, ${lost} lost, file ${sound ? 'sound' : 'damaged'}`,
    lost === 0 && sound,
    'none lost',
  )
}

/** Steps of a visit that is ticked while the server is killed. */
const STEPS = 200

/** A visit of many steps, ticked one by one: a step that was acknowledged stays ticked, and none is ticked twice. */
async function killTicks(path: string, rounds: number): Promise<void> {
  const visit = (done: number): Visit => ({
    id: 'v',
    toStage: 'winter',
    startedOn: '2026-10-01',
    done,
    steps: Array.from({ length: STEPS }, () => ({
      partId: 'x',
      patternId: 'eke-national',
      from: 'hive',
      to: 'van',
      kg: 1,
      turned: false,
    })),
  })
  let ticked = 0
  let wrong = 0
  for (let round = 0; round < rounds; round++) {
    const server = await startServer({ databasePath: path, seed: 'demo/demo-plan.json' })
    const { revision, yard } = (await yardsOf(server))[0]!
    const hive: Hive = yard.hives[0]!
    // The last tick may have gone in without its answer; after the last step the visit begins again.
    if (![ticked, (ticked + 1) % STEPS].includes(hive.visit?.done ?? 0)) wrong++
    let [base, done] = [revision, hive.visit?.done ?? null]
    const killed = later(20 + ((round * 29) % 60)).then(() => server.stop('SIGKILL'))
    for (;;) {
      const next = done === null ? 0 : (done + 1) % STEPS
      const answer = await send(server, yard.id, base, `t${round}-${base}`, {
        kind: 'set-visit',
        hiveId: hive.id,
        visit: visit(next),
        doneBefore: done,
      })
      if (answer?.status !== 200) break
      base++
      done = next
      ticked = next
    }
    await killed
  }
  const sound = await isSound(path)
  tell(
    `killed ${rounds} times while ticking`,
    `${wrong} visits with a tick lost or doubled, file ${sound ? 'sound' : 'damaged'}`,
    wrong === 0 && sound,
    'none lost or doubled',
  )
}

/** A file of several yards: all of it is there or nothing, and sent again under its identity it makes no twin. */
async function killImports(path: string, rounds: number): Promise<void> {
  const yard = (id: string): Yard => {
    const built = Array.from({ length: 30 }, (_, i) => {
      let n = 0
      return buildHive(
        {
          name: `Hive ${i}`,
          stage: 'flow',
          stack: [['stand-timber-200'], ['floor-mesh-national'], ['box-national-brood', 'brood']],
        },
        CATALOGUE,
        () => `${id}-${i}-${n++}`,
      )
    })
    return { ...emptyYard(id, id), hives: built.map(({ hive }) => hive), parts: built.flatMap(({ parts }) => parts) }
  }
  let torn = 0
  let twins = 0
  let killedBefore = 0
  for (let round = 0; round < rounds; round++) {
    const ids = Array.from({ length: 5 }, (_, i) => `r${round}-${i}`)
    const body = JSON.stringify(planOf(ids.map(yard)))
    const bring = (server: RunningServer) =>
      fetch(`${server.url}/api/plans/import`, {
        method: 'POST',
        body,
        headers: { 'x-import': `round-${round}` },
      }).catch(() => undefined)
    const server = await startServer({ databasePath: path })
    const sent = bring(server)
    await later(120 + ((round * 61) % 700))
    await server.stop('SIGKILL')
    await sent
    const again = await startServer({ databasePath: path })
    const here = async () => (await yardsOf(again)).filter(({ yard: one }) => one.name.startsWith(`r${round}-`))
    const found = (await here()).length
    if (found !== 0 && found !== 5) torn++
    if (found === 0) killedBefore++
    await bring(again)
    if ((await here()).length !== 5) twins++
    for (const id of ids)
      await fetch(`${again.url}/api/yards/${id}/removed`, { method: 'PUT', body: '{"removed":true}' })
    await again.stop()
  }
  const sound = await isSound(path)
  tell(
    `killed ${rounds} times while bringing a file in`,
    `${torn} torn, ${twins} with a twin after a second try, ${killedBefore} killed before it ` +
      `was kept, file ${sound ? 'sound' : 'damaged'}`,
    torn === 0 && twins === 0 && sound,
    'none torn',
  )
}
