import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Page } from 'playwright-core'
import { planOf } from '#core/yard'
import { launchBrowser, openPage } from '../lib/browser'
import { median, quantile, spread, taskText, tell } from '../lib/measure'
import { startServer } from '../lib/server'
import { benchDragFrame, benchPrint } from './frames'
import { benchImport, benchYardDay } from './weights'
import { benchLookUps, benchRowStages } from './actions'
import { benchBook } from './book'
import { benchFirstView } from './first-view'
import { manyHives } from './many-hives'
import { benchViews } from './views'
import { benchWinterView } from './winter'
import { benchPlannedYear, benchStageStrip } from './year'

/** From the start of the server to the row of hives, and what has been read by then. */
export async function benchStart(): Promise<void> {
  await inHome(async (home) => {
    await startUp(home)
    await inDemo(async (_page, url, browser) => {
      await benchFirstView(browser, url)
    })
  })
}

/** The views of the demo, one after the other. */
export async function benchDemo(): Promise<void> {
  await inDemo(async (page, url, browser) => {
    await keyToPaint(page, url)
    await openFit(page, url)
    await benchLookUps(browser, url)
    await benchWinterView(browser, url)
    await benchStageStrip(page, url)
    await benchDragFrame(page, url)
    await benchBook(browser, url)
    await benchPrint(url)
    await benchImport(page, url)
  })
}

/** Yards of 40 to 1 000 hives. */
export async function benchLargeYards(): Promise<void> {
  await inHome(async (home) => {
    await inBrowser(async (browser) => {
      for (const count of [40, 200, 400, 1000]) await benchYardOf(count, home, browser)
    })
  })
}

async function benchYardOf(count: number, home: string, browser: Browser): Promise<void> {
  const file = join(home, `${count}.json`)
  writeFileSync(file, JSON.stringify(planOf([manyHives(count)])))
  const server = await startServer({ seed: file })
  const opened = await openPage(browser)
  await opened.page.goto(server.url)
  await opened.page.waitForSelector('[data-hive="Hive 1"]', { timeout: 60_000 })
  if (count === 400) await scrollRow(opened.page)
  if (count === 200) await benchPlannedYear(opened.page, server.url)
  if (count === 1000) {
    await yardInWorker(opened.page)
    await benchYardDay(opened.page, server.url)
  }
  await opened.context.close()
  if (count === 40 || count === 400) await benchRowStages(browser, server.url, count)
  else await benchViews(browser, server.url, count)
  await server.stop()
}

async function inHome(run: (home: string) => Promise<void>): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'duvet-bench-'))
  await run(home).finally(() => rmSync(home, { recursive: true, force: true }))
}

async function inBrowser(run: (browser: Browser) => Promise<void>): Promise<void> {
  const browser = await launchBrowser()
  await run(browser).finally(() => browser.close())
}

async function inDemo(run: (page: Page, url: string, browser: Browser) => Promise<void>): Promise<void> {
  await inBrowser(async (browser) => {
    const demo = await startServer({ seed: 'demo/demo-plan.json' })
    const { page, context } = await openPage(browser)
    await run(page, demo.url, browser)
    await context.close()
    await demo.stop()
  })
}

async function startUp(home: string): Promise<void> {
  const runs: number[] = []
  for (let i = 0; i < 7; i++) {
    const start = performance.now()
    const server = await startServer({ databasePath: join(home, 'start.db') })
    runs.push(performance.now() - start)
    await server.stop()
  }
  tell('server, from start to the first answer', spread(runs), median(runs) < 1500, '1500 ms')
}

async function keyToPaint(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/yards/kiln-bank/hives/${encodeURIComponent('corduroy/0')}/bench`)
  await page.waitForSelector('[data-part]')
  const times = await page.evaluate(async () => {
    const painted = () =>
      new Promise<number>((resolve) =>
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel()
          port1.onmessage = () => resolve(performance.now())
          port2.postMessage(0)
        }),
      )
    const press = async (key: string, altKey = false) => {
      await new Promise((resolve) => setTimeout(resolve, 40))
      const start = performance.now()
      window.dispatchEvent(new KeyboardEvent('keydown', { key, altKey, bubbles: true, cancelable: true }))
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, altKey, bubbles: true, cancelable: true }))
      return (await painted()) - start
    }
    const list: number[] = []
    for (let i = 0; i < 5; i++) await press('ArrowUp')
    for (let i = 0; i < 20; i++)
      for (const [key, alt] of [
        ['t', false],
        ['ArrowUp', false],
        ['u', false],
        ['ArrowDown', false],
      ] as const)
        list.push(await press(key, alt))
    return list
  })
  tell(
    'key press to painted drawing, tallest demo hive',
    `${spread(times)}, worst ${Math.max(...times).toFixed(0)} ms`,
    median(times) < 33 && Math.max(...times) < 100,
    'median 33, worst 100 ms',
  )
}

/** From the press on the link to the painted table, the view's code loaded before. */
async function openFit(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/fit`)
  await page.waitForSelector('[data-cell]')
  const times: number[] = []
  for (let i = 0; i < 12; i++) {
    await page.getByRole('link', { name: 'Shed', exact: true }).click()
    await page.waitForSelector('[data-shed-row]')
    times.push(
      await page.evaluate(async () => {
        const start = performance.now()
        ;[...document.querySelectorAll<HTMLAnchorElement>('header nav a')]
          .find((link) => link.textContent === 'Fit')!
          .click()
        while (!document.querySelector('[data-cell]')) await new Promise((resolve) => requestAnimationFrame(resolve))
        await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)))
        return performance.now() - start
      }),
    )
  }
  tell('opening Fit', spread(times), median(times) < 100, '100 ms')
}

async function scrollRow(page: Page): Promise<void> {
  await page.waitForTimeout(1500)
  const { frames, longest } = await page.evaluate(async () => {
    const tasks: number[] = []
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) tasks.push(entry.duration)
    }).observe({ entryTypes: ['longtask'] })
    const strip = document.querySelector('.strip')!
    const gaps: number[] = []
    let last = await new Promise<number>((resolve) => requestAnimationFrame(resolve))
    for (let i = 0; i < 240; i++) {
      strip.scrollLeft = i * 40
      const now = await new Promise<number>((resolve) => requestAnimationFrame(resolve))
      gaps.push(now - last)
      last = now
    }
    return { frames: gaps, longest: Math.max(0, ...tasks) }
  })
  const within = frames.filter((ms) => ms <= 17).length / frames.length
  tell(
    '400 hives in the row, scrolled',
    `${(within * 100).toFixed(0)} % of frames within 17 ms, 95 % within ` +
      `${quantile(frames, 0.95).toFixed(1)} ms, longest task ` +
      `${taskText(longest)}`,
    within >= 0.95 && longest < 50,
    '95 %, no task over 50 ms',
  )
}

async function yardInWorker(page: Page): Promise<void> {
  const times: number[] = []
  for (let i = 0; i < 5; i++) {
    await page.waitForFunction(() => performance.getEntriesByName('yard-verdicts').length > 0, undefined, {
      timeout: 60_000,
    })
    times.push(await page.evaluate(() => performance.getEntriesByName('yard-verdicts').at(-1)!.duration))
    await page.reload()
  }
  tell(
    '1 000 hives with measured boxes in the worker, copying included',
    spread(times),
    median(times) < 1000,
    '1000 ms',
  )
}
