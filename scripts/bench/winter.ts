import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Page } from 'playwright-core'
import { hiveIn, winterForm, winterOf, topsOfYard, winterOfYard } from '#core/ask'
import type { Yard } from '#core/yard'
import { stateOf } from '#core/heat'
import { openPage } from '../lib/browser'
import { median, spread, taskText, tell, timed } from '../lib/measure'
import { manyHives } from './many-hives'

/** One hive at one time, and every top of 200 hives through a winter in both schools. */
export async function benchWinter(): Promise<void> {
  const yard = unlike(200)
  const hive = winterForm(yard, yard.hives[0]!)
  const { shell } = winterOf(hive)
  const { figures } = hiveIn(yard, yard.hives[0]!).context
  let n = 0
  const one = timed(
    () => stateOf(shell, { outsideCelsius: -20 + (n++ % 30), beesKg: 1.6, inside: { warm: 'cluster' } }, figures),
    { rounds: 200, warmUp: 200, perRound: 20 },
  )
  tell(`winter: one hive, ${shell.enclosure.faces.length} faces, one state`, spread(one), median(one) < 0.05, '0.05 ms')
  const silent = () => undefined
  const sweeps: number[] = []
  let tops = 0
  for (let i = 0; i < 3; i++) {
    const one = unlike(200)
    // As the view asks for it: the yard as it stands first.
    await winterOfYard(one, 5, silent, () => false)
    const start = performance.now()
    tops = (await topsOfYard(one, silent, () => false))?.length ?? 0
    sweeps.push(performance.now() - start)
  }
  tell(
    `winter: ${tops} tops, 200 hives that all differ, both schools, three bounds`,
    spread(sweeps),
    Math.max(...sweeps) < 1000,
    '1000 ms',
  )
}

/** So many hives, no two of which are alike: each is deeper by a little, and its bees have been counted. */
function unlike(count: number): Yard {
  const many = manyHives(count)
  return {
    ...many,
    hives: many.hives.map((hive, i) => ({ ...hive, season: { ...hive.season, winterBeesKg: 1 + i / count } })),
    parts: many.parts.map((part, i) => {
      const depth = part.measured?.depth
      return depth ? { ...part, measured: { depth: { ...depth, mm: depth.mm + i / 1e4 } } } : part
    }),
  }
}

/** A slider under the drawing, and a year of half-hourly readings, brought in and charted. */
export async function benchWinterView(browser: Browser, url: string): Promise<void> {
  const { page, context } = await openPage(browser)
  await page.goto(`${url}/yards/kiln-bank/hives/flannel%2F0/winter`)
  await page.locator('[data-arrow]').first().waitFor()
  await page.waitForTimeout(1500)
  const paints = await slide(page)
  tell('winter: a slider, key to paint', spread(paints), median(paints) <= 33, '33 ms')
  await context.close()
  await bringIn(browser, url)
}

/** Key presses on a slider, each to the frame after the drawing has changed. */
async function slide(page: Page): Promise<number[]> {
  await page.getByRole('slider', { name: 'Outside' }).focus()
  const found: number[] = []
  for (let i = 0; i < 20; i++) {
    await page.evaluate(() => {
      addEventListener(
        'keydown',
        ({ timeStamp }) =>
          requestAnimationFrame(() => setTimeout(() => performance.measure('slid', { start: timeStamp }))),
        { once: true, capture: true },
      )
    })
    await page.keyboard.press(i % 2 === 0 ? 'ArrowRight' : 'ArrowLeft')
    await page.waitForTimeout(60)
    found.push(await page.evaluate(() => performance.getEntriesByName('slid').at(-1)?.duration ?? 0))
  }
  return found
}

async function bringIn(browser: Browser, url: string): Promise<void> {
  const { page, context } = await openPage(browser)
  await page.goto(`${url}/yards/kiln-bank/hives/muslin%2F0/winter?see=sensors`)
  await page.getByTestId('no-air').waitFor()
  await page.evaluate(() => {
    const tasks: number[] = []
    Object.assign(globalThis, { tasks })
    new PerformanceObserver((list) => tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
      type: 'longtask',
    })
  })
  const from = Date.UTC(2025, 0, 1)
  const lines = Array.from({ length: 17_520 }, (_, i) => {
    const at = new Date(from + i * 1_800_000).toISOString().slice(0, 16)
    return `${at},${(8 + 9 * Math.sin(i / 2800) + 3 * Math.sin(i / 7.6)).toFixed(2)},${(70 + 8 * Math.cos(i / 7.6)).toFixed(1)}`
  })
  const file = join(mkdtempSync(join(tmpdir(), 'duvet-air-')), 'year.csv')
  writeFileSync(file, ['time,temperature,humidity', ...lines].join('\n'))
  const start = performance.now()
  await page.getByTestId('air-file').locator('input').setInputFiles(file)
  await page.getByTestId('air-look').click()
  await page.getByTestId('air-keep').click()
  await page.getByTestId('air-chart').locator('canvas').waitFor()
  const all = performance.now() - start
  await page.waitForTimeout(500)
  const longest = await page.evaluate(() => Math.max(0, ...(globalThis as unknown as { tasks: number[] }).tasks))
  tell('winter: 17 520 readings in and charted', `${Math.round(all)} ms`, all < 2000, '2000 ms')
  tell('winter: longest task meanwhile', taskText(longest), longest <= 50, '50 ms')
  await context.close()
}
