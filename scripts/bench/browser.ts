import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import type { Page } from 'playwright-core'
import { planOf } from '#core/hive'
import { launchBrowser, openPage } from '../lib/browser'
import { median, quantile, spread, tell } from '../lib/measure'
import { startServer } from '../lib/server'
import { benchDragFrame, benchPrint } from './frames'
import { benchImport, benchYardDay } from './weights'
import { manyHives } from './many-hives'
import { benchViews } from './views'
import { benchPlannedYear, benchStageStrip } from './year'

export async function benchBrowser(): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'duvet-bench-'))
  const browser = await launchBrowser()
  try {
    await startUp(home)
    const demo = await startServer({ seed: 'demo/demo-plan.json' })
    const { page, context } = await openPage(browser)
    await firstView(page, demo.url)
    await keyToPaint(page, demo.url)
    await openFit(page, demo.url)
    await benchStageStrip(page, demo.url)
    await benchDragFrame(page, demo.url)
    await benchPrint(demo.url)
    await benchImport(page, demo.url)
    await context.close()
    await demo.stop()
    for (const count of [200, 1000]) {
      const file = join(home, `${count}.json`)
      writeFileSync(file, JSON.stringify(planOf([manyHives(count)])))
      const server = await startServer({ seed: file })
      const opened = await openPage(browser)
      await opened.page.goto(server.url)
      await opened.page.waitForSelector('[data-hive="Hive 1"]', { timeout: 60_000 })
      if (count === 200) {
        await scrollRow(opened.page)
        await benchPlannedYear(opened.page, server.url)
      } else {
        await yardInWorker(opened.page)
        await benchYardDay(opened.page, server.url)
      }
      await opened.context.close()
      await benchViews(browser, server.url, count)
      await server.stop()
    }
  } finally {
    await browser.close()
    rmSync(home, { recursive: true, force: true })
  }
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

async function firstView(page: Page, url: string): Promise<void> {
  const scripts: Promise<Buffer>[] = []
  page.on('response', (response) => {
    if (/\.js($|\?)/.test(response.url())) scripts.push(response.body().catch(() => Buffer.alloc(0)))
  })
  await page.goto(url)
  await page.waitForSelector('[data-hive="Flannel"]')
  await page.waitForTimeout(400)
  const sizes = (await Promise.all(scripts)).map((body) => gzipSync(body, { level: 9 }).length / 1000)
  const total = sizes.reduce((sum, size) => sum + size, 0)
  tell(
    'JavaScript of the first view, gzipped',
    `${total.toFixed(0)} kB in ${sizes.length} files`,
    total <= 300,
    '300 kB',
  )
}

async function keyToPaint(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/hives/${encodeURIComponent('corduroy/0')}`)
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
    median(times) < 50 && Math.max(...times) < 100,
    'median 50, worst 100 ms',
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
        ;[...document.querySelectorAll<HTMLAnchorElement>('.views a')]
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
    '200 hives in the row, scrolled',
    `${(within * 100).toFixed(0)} % of frames within 17 ms, 95 % within ` +
      `${quantile(frames, 0.95).toFixed(1)} ms, longest task ` +
      `${longest === 0 ? 'under 50' : longest.toFixed(0)} ms`,
    within >= 0.95 && longest < 50,
    '95 %, no task over 50 ms',
  )
}

async function yardInWorker(page: Page): Promise<void> {
  const times: number[] = []
  for (let i = 0; i < 5; i++) {
    await page.waitForFunction(() => performance.getEntriesByName('yard-grades').length > 0, undefined, {
      timeout: 60_000,
    })
    times.push(await page.evaluate(() => performance.getEntriesByName('yard-grades').at(-1)!.duration))
    await page.reload()
  }
  tell(
    '1 000 hives with measured boxes in the worker, copying included',
    spread(times),
    median(times) < 1000,
    '1000 ms',
  )
}
