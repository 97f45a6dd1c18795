import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openDatabase } from '../../server/database/client'
import { startServer } from '../lib/server'
import { tell } from '../lib/measure'

/** Kills a writing server many times, and looks for every edit that it had acknowledged. */
export async function benchKill(rounds: number): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'duvet-kill-'))
  const path = join(home, 'killed.db')
  const names = new Map<string, number>()
  let acknowledged = 0
  let lost = 0
  for (let round = 0; round < rounds; round++) {
    const server = await startServer({ databasePath: path, seed: 'demo/demo-plan.json' })
    const stored = await (await fetch(`${server.url}/api/yards`)).json() as { revision: number; yard: { hives: { id: string; name: string }[] } }[]
    const { revision, yard } = stored[0]!
    for (const [id, n] of names) if (Number(yard.hives.find((hive) => hive.id === id)?.name ?? -1) < n) lost++
    let base = revision
    const killed = new Promise((resolve) => setTimeout(() => resolve(server.stop('SIGKILL')), 20 + ((round * 37) % 60)))
    for (;;) {
      const edit = { kind: 'set-hive', hiveId: 'twill/0', name: String(base + 1), stage: 'flow', note: '' }
      const body = JSON.stringify({ baseRevision: base, device: 'bench', edits: [{ id: `k${round}-${base}`, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit }] })
      const answer = await fetch(`${server.url}/api/yards/sallow-quay/edits`, { method: 'POST', body }).catch(() => undefined)
      if (answer?.status !== 200) break
      base++
      acknowledged++
      names.set('twill/0', base)
    }
    await killed
  }
  const { client } = await openDatabase(`file:${path}`, '2026-05-01')
  const sound = Object.values((await client.execute('PRAGMA integrity_check')).rows[0]!)[0] === 'ok'
  client.close()
  rmSync(home, { recursive: true, force: true })
  tell(`killed ${rounds} times while writing`, `${acknowledged} edits acknowledged, ${lost} lost, file ${sound ? 'sound' : 'damaged'}`, lost === 0 && sound, 'none lost')
}
