import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Page } from 'playwright-core'
import { startDatabaseServer } from '../lib/database-server'
import { launchBrowser, openPage } from '../lib/browser'
import { median, spread, tell } from '../lib/measure'
import { startServer, type RunningServer } from '../lib/server'

const SEED = 'demo/demo-plan.json'
const YARD = '/api/yards/sallow-quay'
const BENCH = '/yards/sallow-quay/hives/twill%2F0/bench'
const STORES = `document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$pinia._s`

interface Stored {
  readonly revision: number
  readonly yard: { readonly id: string }
}

const note = (id: string) => ({
  id,
  madeAt: '2026-05-01T09:30:00Z',
  kind: 'do',
  edit: { kind: 'set-hive', hiveId: 'twill/0', note: id },
})
const send = (url: string, baseRevision: number, edits: readonly object[], device = 'bench') =>
  fetch(`${url}${YARD}/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ baseRevision, device, edits }),
  })
const revisionOf = async (url: string) => {
  const stored = (await (await fetch(`${url}/api/yards`)).json()) as Stored[]
  return stored.find(({ yard }) => yard.id === 'sallow-quay')!.revision
}

/** Without the server, and a long log. */
export async function benchAway(): Promise<void> {
  const browser = await launchBrowser()
  try {
    await withoutServer(browser)
    await longLog(browser)
  } finally {
    await browser.close()
  }
}

async function withoutServer(browser: Browser): Promise<void> {
  const server = await startServer({ seed: SEED })
  const ready: number[] = []
  const opened: number[] = []
  const sent: number[] = []
  for (let i = 0; i < 5; i++) {
    const { page, context } = await openPage(browser, { app: true })
    const first = performance.now()
    await page.goto(server.url)
    await page.waitForFunction(`navigator.serviceWorker.ready.then(({ active }) => active.state === 'activated')`)
    ready.push(performance.now() - first)
    await page.waitForSelector('[data-hive="Twill"]')
    await page.waitForTimeout(2000)
    await context.setOffline(true)
    const again = performance.now()
    await page.reload()
    await page.waitForSelector('[data-hive="Twill"]')
    opened.push(performance.now() - again)
    sent.push(await sendWaiting(page, 200))
    await context.close()
  }
  tell('first visit, until it opens without the server', spread(ready), median(ready) < 3000, '3 s')
  tell('opened without the server, until the row is drawn', spread(opened), median(opened) < 1000, '1 s')
  tell('200 changes that waited go in', spread(sent), median(sent) < 2000, '2 s')
  await server.stop()
}

/** Makes so many changes without the server; how long they take to go in once it can be reached. */
async function sendWaiting(page: Page, count: number): Promise<number> {
  await page.evaluate(`(() => {
    for (let i = 0; i < ${count}; i++)
      ${STORES}.get('edits').perform('sallow-quay', { kind: 'set-hive', hiveId: 'twill/0', note: 'n' + i })
  })()`)
  await page.waitForTimeout(1500)
  await page.context().setOffline(false)
  return (await page.evaluate(`(async () => {
    const since = performance.now()
    void ${STORES}.get('sending').flushAll()
    while (${STORES}.get('held').waitingCount > 0) await new Promise((resolve) => setTimeout(resolve, 5))
    return performance.now() - since
  })()`)) as number
}

const LOGGED = 20_000
const AT_A_TIME = 400

async function longLog(browser: Browser): Promise<void> {
  const server = await startServer({ seed: SEED })
  for (let at = 0; at < LOGGED; at += AT_A_TIME)
    await send(
      server.url,
      at,
      Array.from({ length: AT_A_TIME }, (_, i) => note(`n${at + i}`)),
    )
  tell('changes in the log', String(await revisionOf(server.url)), (await revisionOf(server.url)) === LOGGED, 'all')
  const { page, context } = await openPage(browser)
  await page.goto(`${server.url}/build`)
  await page.waitForTimeout(2000)
  const times: number[] = []
  for (let i = 0; i < 6; i++) {
    const ms = (await page.evaluate(`(async () => {
      const router = document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$router
      const since = performance.now()
      await router.push('${BENCH}')
      while (!document.querySelector('[data-testid="drawing"] svg [data-part]'))
        await new Promise((resolve) => requestAnimationFrame(resolve))
      const ms = performance.now() - since
      await router.push('/build')
      await new Promise((resolve) => setTimeout(resolve, 800))
      return ms
    })()`)) as number
    // Once before, so that the code of the view is there.
    if (i > 0) times.push(ms)
  }
  tell('a hive opened with 20 000 changes in the log', spread(times), median(times) < 150, '150 ms')
  await context.close()
  await server.stop()
}

const DUVETS = 5
const CLIENTS = 50
const EACH = 4
const MOST_TRIES = 2000

/** Many clients at several servers on one database: nothing lost, nothing doubled, no revision left out. */
export async function benchServers(): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'duvet-servers-'))
  const database = await startDatabaseServer(join(home, 'one.db'))
  const duvets: RunningServer[] = await Promise.all(
    Array.from({ length: DUVETS }, () => startServer({ seed: SEED, env: { DUVET_DATABASE: database.url } })),
  )
  const since = performance.now()
  const triesOf: number[] = []
  const waits: number[] = []
  await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      const { url } = duvets[client % DUVETS]!
      for (let i = 0, base = 0; i < EACH; i++) {
        const began = performance.now()
        for (let n = 1; n < MOST_TRIES; n++) {
          const answer = await send(url, base, [note(`c${client}-${i}`)], `bench-${client}`)
          if (answer.ok) {
            triesOf.push(n)
            waits.push(performance.now() - began)
            break
          }
          if (answer.status === 409) base = ((await answer.json()) as { revision: number }).revision
        }
      }
    }),
  )
  const ms = performance.now() - since
  const log = (await (await fetch(`${duvets[0]!.url}${YARD}/log?since=0`)).json()) as {
    id: string
    revision: number
  }[]
  const wanted = CLIENTS * EACH
  const isWhole = log.length === wanted && log.every(({ revision }, i) => revision === i + 1)
  const isOnce = new Set(log.map(({ id }) => id)).size === wanted
  tell(
    `${DUVETS} servers, ${CLIENTS} clients, one database`,
    `${log.length} of ${wanted} changes`,
    isWhole && isOnce,
    'none lost or doubled',
  )
  const [middle, slowest] = [median(waits), Math.max(...waits)]
  tell('  all of them in', `${(ms / 1000).toFixed(1)} s`, ms < 6000, '6 s')
  tell('  tries a change, in the middle', `${median(triesOf)}, most ${Math.max(...triesOf)}`, median(triesOf) <= 2, '2')
  tell(
    '  waits',
    `${middle.toFixed(0)} ms, longest ${slowest.toFixed(0)}`,
    slowest < 10 * middle,
    '10 times the middle',
  )
  for (const duvet of duvets) await duvet.stop()
  await database.stop()
  rmSync(home, { recursive: true, force: true })
}
