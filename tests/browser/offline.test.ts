import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { DEMO, storedYards } from '../helpers/wire'
import { drawn, saved, useSession } from './session'

// Each test has a server of its own, which it kills.

const session = useSession({ seed: DEMO })
const QUAY = '/yards/sallow-quay'
const hive = (id: string, view: string) => `${QUAY}/hives/${encodeURIComponent(id)}/${view}`
const revisionOf = async (url: string) =>
  (await storedYards(url)).find(({ yard }) => yard.id === 'sallow-quay')!.revision
const logOf = async (url: string) =>
  (await (await fetch(`${url}${'/api'}${QUAY}/log`)).json()) as { id: string; edit: { note?: string } }[]

/** A server of its own that can be killed and started again on the same database. */
async function ownServer(name: string) {
  const databasePath = `${session.server.databasePath}-${name}`
  let server: RunningServer = await startServer({ databasePath, seed: DEMO })
  return {
    url: server.url,
    kill: () => server.stop('SIGKILL'),
    async again(output = '.output') {
      server = await startServer({ databasePath, port: server.port, output })
    },
    stop: () => server.stop(),
  }
}

/** The app is kept by the browser: from now on it opens without the server. */
async function kept(page: Page): Promise<void> {
  await page.waitForFunction(() => navigator.serviceWorker?.ready.then(() => true))
  await page.waitForFunction(() => caches.keys().then((keys) => keys.length > 0))
}
async function takeAlong(page: Page, yard: string): Promise<void> {
  await page.getByTestId('menu').click()
  await page.getByTestId('open-device').click()
  const row = page.locator(`[data-along="${yard}"]`)
  await row.getByRole('switch').locator('..').click()
  await expect.poll(() => row.innerText()).toMatch(/6 hives as of/)
  await page.keyboard.press('Escape')
}
async function turnTop(page: Page): Promise<void> {
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('t')
}

describe('without the server', () => {
  it('a yard that was taken along works in every view, after a reload too, and what is done goes in afterwards', async () => {
    const home = await ownServer('along')
    const page = await session.open('/sources', { app: true })
    await page.goto(home.url)
    await page.waitForSelector('[data-hive="Twill"]')
    await kept(page)
    await takeAlong(page, 'Sallow Quay')
    const before = await revisionOf(home.url)
    await home.kill()
    for (const path of ['/', `${QUAY}/year`, `${QUAY}/shed`, `${QUAY}/due`, hive('calico/0', 'winter')]) {
      await page.goto(home.url + path)
      await page.getByTestId('away').waitFor()
      await page.getByRole('heading', { level: 1 }).first().waitFor()
    }
    await page.goto(home.url + hive('twill/0', 'book'))
    await expect.poll(() => page.locator('[data-entry]').count()).toBeGreaterThan(3)
    await page.goto(home.url + hive('twill/0', 'bench'))
    await drawn(page)
    await turnTop(page)
    await expect.poll(() => page.getByTestId('waiting').innerText()).toContain('1')
    await page.reload()
    await drawn(page)
    await expect.poll(() => page.getByTestId('waiting').innerText()).toContain('1')
    await home.again()
    await saved(page)
    await page.getByTestId('waiting').waitFor({ state: 'detached' })
    expect(await revisionOf(home.url)).toBe(before + 1)
    await home.stop()
  })

  it('what is written in the book waits with the changes around it, and goes in between them', async () => {
    const home = await ownServer('book')
    const page = await session.open('/sources', { app: true })
    await page.goto(home.url + hive('twill/0', 'bench'))
    await drawn(page)
    await kept(page)
    await page.goto(home.url + hive('twill/0', 'book'))
    await page.locator('[data-entry]').first().waitFor()
    await home.kill()
    await page.goto(home.url + hive('twill/0', 'bench'))
    await drawn(page)
    await turnTop(page)
    await page.goto(home.url + hive('twill/0', 'book'))
    await page.getByTestId('write-else').click()
    await page.getByRole('spinbutton', { name: 'Mites', exact: true }).fill('90')
    await page.keyboard.press('Tab')
    await page.getByTestId('write-keep').click()
    await expect.poll(() => page.locator('[data-entry="mites"]').first().innerText()).toContain('30.0 a day')
    await expect.poll(() => page.getByTestId('waiting').innerText()).toContain('2')
    await page.goto(home.url + hive('twill/0', 'bench'))
    await drawn(page)
    await turnTop(page)
    await expect.poll(() => page.getByTestId('waiting').innerText()).toContain('3')
    const sent: string[] = []
    page.on('request', (request) => {
      if (request.method() === 'POST') sent.push(request.url().split('/').at(-1)!)
    })
    await home.again()
    await page.getByTestId('waiting').waitFor({ state: 'detached' })
    const tried = sent.slice(-3)
    expect(tried).toEqual(['edits', 'book', 'edits'])
    await home.stop()
  })

  it('what is written of a hive whose book this device has never read is there, and goes in', async () => {
    const home = await ownServer('unread')
    const page = await session.open('/sources', { app: true })
    await page.goto(home.url + hive('twill/0', 'bench'))
    await drawn(page)
    await kept(page)
    await home.kill()
    await page.goto(home.url + hive('calico/0', 'book'))
    await page.getByTestId('book-silent').waitFor()
    await page.getByTestId('write-else').click()
    await page.getByRole('spinbutton', { name: 'Mites', exact: true }).fill('90')
    await page.keyboard.press('Tab')
    await page.getByTestId('write-keep').click()
    await expect.poll(() => page.locator('[data-entry="mites"]').innerText()).toContain('30.0 a day')
    expect(await page.getByTestId('book-silent').innerText()).toContain('only what waits on this device')
    await home.again()
    await page.getByTestId('waiting').waitFor({ state: 'detached' })
    await page.reload()
    await expect.poll(() => page.locator('[data-entry="mites"]').first().innerText()).toContain('30.0 a day')
    expect(await page.getByTestId('book-silent').count()).toBe(0)
    await home.stop()
  })

  it('a look is written and a step of a visit ticked out there, and both go in', async () => {
    const home = await ownServer('visit')
    const page = await session.open('/sources', { app: true, width: 390, height: 844, touch: true })
    await page.goto(home.url)
    await page.waitForSelector('[data-hive="Twill"]')
    await kept(page)
    const before = await revisionOf(home.url)
    await home.kill()
    await page.goto(home.url + `${QUAY}/year`)
    await page.locator('[data-stage="winter"]').tap()
    await page.locator('[data-planned="Twill"]').tap()
    await page.getByTestId('begin-visit').tap()
    await page.getByTestId('tick').tap()
    await expect.poll(() => page.getByTestId('waiting').innerText()).toMatch(/^2 wait/)
    await page.goto(home.url + hive('calico/0', 'look'))
    await page.locator('[data-comb="4"]').first().tap()
    await page.getByRole('group', { name: 'Step' }).locator('[data-mode="next"]').click()
    await page.getByTestId('look-keep').tap()
    await page.getByTestId('look-kept').waitFor()
    await expect.poll(() => page.getByTestId('waiting').innerText()).toMatch(/^3 wait/)
    await home.again()
    await saved(page)
    expect(await revisionOf(home.url)).toBe(before + 2)
    const book = (await (await fetch(`${home.url}/api${QUAY}/hives/calico%2F0/book`)).json()) as { sort: string }[]
    expect(book.filter(({ sort }) => sort === 'look').length).toBeGreaterThan(0)
    const { yard } = (await storedYards(home.url)).find((one) => one.yard.id === 'sallow-quay')!
    expect(yard.hives.find(({ id }) => id === 'twill/0')!.visit?.done).toBe(1)
    await home.stop()
  })

  it('a tab that is closed in the middle of an edit has kept it', async () => {
    const home = await ownServer('closed')
    const page = await session.open('/sources', { app: true })
    await page.goto(home.url + hive('gingham/0', 'bench'))
    await drawn(page)
    await kept(page)
    const before = await revisionOf(home.url)
    await home.kill()
    const context = page.context()
    await turnTop(page)
    await page.close({ runBeforeUnload: false })
    const next = await context.newPage()
    await next.goto(home.url + hive('gingham/0', 'bench'))
    await drawn(next)
    await expect.poll(() => next.getByTestId('waiting').innerText()).toContain('1')
    await home.again()
    await saved(next)
    await expect.poll(() => revisionOf(home.url)).toBe(before + 1)
    await home.stop()
  })
})

describe('two tabs of one browser', () => {
  it('share what waits: each shows what the other did, and one of them sends it, once', async () => {
    const home = await ownServer('tabs')
    const one = await session.open('/sources')
    await one.goto(home.url + hive('twill/0', 'bench'))
    await drawn(one)
    const two = await one.context().newPage()
    await two.goto(home.url + hive('calico/0', 'bench'))
    await drawn(two)
    const before = await revisionOf(home.url)
    await home.kill()
    await turnTop(one)
    await turnTop(two)
    await turnTop(one)
    for (const page of [one, two]) await expect.poll(() => page.getByTestId('waiting').innerText()).toContain('3')
    await two.close()
    await home.again()
    await saved(one)
    expect(await revisionOf(home.url)).toBe(before + 3)
    const log = await logOf(home.url)
    expect(new Set(log.map(({ id }) => id)).size).toBe(log.length)
    await home.stop()
  })
})

describe('two devices that were away for a day', () => {
  it('lay what they did on each other, entry by entry, and ask only what clashes', async () => {
    const home = await ownServer('devices')
    const phone = await session.open('/sources', { app: true, width: 390, height: 800, touch: true })
    const tablet = await session.open('/sources', { app: true })
    for (const page of [phone, tablet]) {
      await page.goto(home.url + hive('twill/0', 'bench'))
      await drawn(page)
      await kept(page)
    }
    const before = await revisionOf(home.url)
    await home.kill()
    // Both turn the same part over; one of them works on another hive besides.
    for (const page of [phone, tablet]) {
      await page.goto(home.url + hive('twill/0', 'bench'))
      await drawn(page)
      await turnTop(page)
    }
    await phone.goto(home.url + hive('calico/0', 'bench'))
    await drawn(phone)
    await turnTop(phone)
    await expect.poll(() => phone.getByTestId('waiting').innerText()).toContain('2')
    await phone.context().setOffline(true)
    await home.again()
    await saved(tablet)
    await expect.poll(() => revisionOf(home.url)).toBe(before + 1)
    await phone.context().setOffline(false)
    const asked = phone.locator('[data-version="mine"]')
    await asked.waitFor()
    expect(await phone.locator('[data-version="theirs"]').innerText()).toContain('Saved meanwhile')
    await phone.getByTestId('keep-theirs').tap()
    await phone.getByTestId('waiting').waitFor({ state: 'detached' })
    const log = await logOf(home.url)
    expect(await revisionOf(home.url)).toBe(before + 2)
    expect(JSON.stringify(log.at(-1)!.edit)).toContain('calico/0')
    await home.stop()
  })
})

describe('what waits as a file', () => {
  it('is saved on one device and sent by another, once, although the first sends it too', async () => {
    const home = await ownServer('file')
    const page = await session.open('/sources', { app: true })
    await page.goto(home.url + hive('twill/0', 'bench'))
    await drawn(page)
    await kept(page)
    const before = await revisionOf(home.url)
    await page.context().setOffline(true)
    await turnTop(page)
    await page.getByTestId('waiting').click()
    expect(await page.getByTestId('waiting-list').innerText()).toMatch(/turn/i)
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByTestId('save-waiting').click()])
    expect(file.suggestedFilename()).toMatch(/^duvet-waiting-.*\.json$/)
    const text = readFileSync((await file.path())!, 'utf8')
    const other = await session.open('/sources')
    await other.goto(home.url)
    await other.waitForSelector('[data-hive="Twill"]')
    await other.getByTestId('menu').click()
    await other.getByTestId('open-device').click()
    const brought = { name: 'w.json', mimeType: 'application/json', buffer: Buffer.from(text) }
    await other.getByTestId('open-waiting').locator('input').setInputFiles(brought)
    await expect.poll(() => other.getByTestId('waiting-told').innerText()).toContain('1 thing that waited taken up')
    await expect.poll(() => revisionOf(home.url)).toBe(before + 1)
    await page.context().setOffline(false)
    await page.getByTestId('waiting').waitFor({ state: 'detached' })
    expect(await revisionOf(home.url)).toBe(before + 1)
    const wrong = { ...brought, buffer: Buffer.from('{"format":"duvet-plan"}') }
    await other.getByTestId('open-waiting').locator('input').setInputFiles(wrong)
    await expect.poll(() => other.getByTestId('waiting-told').innerText()).toContain('It is no file of what waited')
    await home.stop()
  })
})

describe('a device that is not as it should be', () => {
  it('has a clock that is wrong: what is written waits until it is said which is right, and keeps its order', async () => {
    const page = await session.open('/sources')
    const threeDaysAgo = new Date(Date.now() - 3 * 86_400_000)
    await page.clock.setSystemTime(threeDaysAgo)
    await page.goto(session.server.url + hive('gingham/0', 'book'))
    await page.getByTestId('write-else').click()
    await page.getByRole('spinbutton', { name: 'Mites', exact: true }).fill('60')
    await page.keyboard.press('Tab')
    await page.getByTestId('write-keep').click()
    await expect.poll(() => page.getByTestId('clock-asks').innerText()).toContain('3 days behind the server’s')
    await page.getByTestId('clock-server').click()
    await saved(page)
    const book = (await (await fetch(`${session.server.url}/api/yards/sallow-quay/hives/gingham%2F0/book`)).json()) as {
      sort: string
      at: string
    }[]
    const today = new Date().toISOString().slice(0, 10)
    expect(book.filter(({ sort }) => sort === 'mites').map(({ at }) => at.slice(0, 10))).toContain(today)
  })

  it('is short of room: it is told before there is none', async () => {
    const page = await session.open('/sources')
    await page
      .context()
      .addInitScript('navigator.storage.estimate = async () => ({ quota: 50_000_000, usage: 44_000_000 })')
    await page.goto(session.server.url)
    await expect.poll(() => page.getByTestId('room-short').innerText()).toContain('room for only 6 MB more')
  })
})

/** The same Duvet with another icon: its service worker is as long as before, as the server has its length written down. */
function newerBuild(): string {
  const folder = mkdtempSync(join(tmpdir(), 'duvet-newer-'))
  cpSync('.output', folder, { recursive: true })
  const path = join(folder, 'public/sw.js')
  const worker = readFileSync(path, 'utf8')
  const newer = worker.replace(/[0-9a-f]{32}(?=","url":"icon\.svg")/, '0'.repeat(32))
  expect(newer).not.toBe(worker)
  writeFileSync(path, newer)
  return folder
}

describe('a newer Duvet', () => {
  it('is announced and taken when the keeper says so, not in the middle of a visit', async () => {
    const home = await ownServer('newer')
    const folder = newerBuild()
    const page = await session.open('/sources', { app: true })
    await page.goto(home.url)
    await page.waitForSelector('[data-hive="Twill"]')
    await kept(page)
    await home.kill()
    await home.again(folder)
    await page.goto(home.url + hive('twill/0', 'visit'))
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.evaluate(async () => {
      await (await navigator.serviceWorker.ready).update()
    })
    await page.waitForFunction(async () => (await navigator.serviceWorker.ready).waiting !== null)
    expect(await page.getByTestId('newer').count()).toBe(0)
    await page.goto(home.url)
    await page.getByTestId('newer').waitFor()
    await page.waitForSelector('[data-hive="Twill"]')
    await Promise.all([page.waitForEvent('load'), page.getByTestId('take-newer').click()])
    await page.waitForSelector('[data-hive="Twill"]')
    await page.waitForFunction(async () => (await navigator.serviceWorker.ready).waiting === null)
    await home.stop()
    rmSync(folder, { recursive: true, force: true })
  })
})
