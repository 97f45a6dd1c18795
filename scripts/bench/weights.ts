import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from 'playwright-core'
import { CATALOGUE, type Role } from '#core/parts'
import { assembleHive, layOut, partsById } from '#core/stack'
import { buildHive, emptyYard } from '#core/yard'
import { USUAL_PROFILE, liftsOf, massOfHive, usualWeighing } from '#core/loads'
import { lighterWays } from '#core/ask'
import { choose } from '../lib/browser'
import { median, spread, taskText, tell, timed } from '../lib/measure'

const TWELVE: readonly (readonly [string, Role?])[] = [
  ['stand-timber-200'],
  ['floor-solid-langstroth'],
  ['box-langstroth-deep', 'brood'],
  ['box-langstroth-deep', 'brood'],
  ['excluder-framed-langstroth'],
  ['box-langstroth-medium', 'super'],
  ['box-langstroth-medium', 'super'],
  ['box-langstroth-medium', 'super'],
  ['box-langstroth-shallow', 'super'],
  ['box-langstroth-shallow', 'super'],
  ['crown-langstroth'],
  ['roof-telescoping-langstroth'],
]

/** Masses and lifts of a stack, and every lighter way for it. */
export function benchWeights(): void {
  let n = 0
  const { hive, parts } = buildHive({ name: 'Corduroy', stage: 'flow', stack: TWELVE }, CATALOGUE, () => `w${n++}`)
  const yard = { ...emptyYard('y', 'y'), hives: [hive], parts }
  const assembled = assembleHive(hive, partsById(yard), CATALOGUE)
  const layout = layOut(assembled)
  const weighing = usualWeighing('flow')
  const added = timed(() => liftsOf(layout, massOfHive(assembled, weighing), USUAL_PROFILE), {
    rounds: 400,
    warmUp: 400,
  })
  tell('masses and lifts of 12 parts, besides assessing them', spread(added), median(added) < 0.2, '0.2 ms')
  let tried = 0
  const lighter = timed(
    () => {
      tried = lighterWays(assembled, CATALOGUE, weighing, USUAL_PROFILE, () => `new:${n++}`).tried
    },
    { rounds: 20, warmUp: 5 },
  )
  tell(
    `lighter ways for one hive, ${tried} tried`,
    spread(lighter),
    tried >= 200 && median(lighter) < 250,
    '250 ms for at least 200',
  )
}

/** A day's lifting of a yard of many hives, in the worker, copying included. */
export async function benchYardDay(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/lift`)
  const times: number[] = []
  for (let i = 0; i < 4; i++) {
    await page.locator('[data-mode="lifts"]').click()
    await page.locator('[data-mode="year"]').click()
    await page.waitForFunction((count) => performance.getEntriesByName('yard-day').length > count, i, {
      timeout: 60_000,
    })
    times.push(await page.evaluate(() => performance.getEntriesByName('yard-day').at(-1)!.duration))
  }
  tell(
    '1 000 hives, a day’s lifts now and at nine stages, in the worker',
    spread(times),
    median(times) < 1500,
    '1500 ms',
  )
}

/** A year of quarter hours from a file: read, kept and charted. */
export async function benchImport(page: Page, url: string): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'duvet-readings-'))
  const file = join(home, 'year.csv')
  const start = Date.parse('2025-01-01T00:00:00Z')
  writeFileSync(
    file,
    [
      'time,kg',
      ...Array.from({ length: 35_040 }, (_, i) => {
        const at = new Date(start + i * 900_000).toISOString().slice(0, 16).replace('T', ' ')
        return `${at},${(60 + 20 * Math.sin(i / 5000)).toFixed(2)}`
      }),
    ].join('\n'),
  )
  await page.goto(`${url}/yards/sallow-quay/hives/${encodeURIComponent('calico/0')}/weight?see=weigh`)
  await page.locator('[data-mode="weigh"]').click()
  await page.getByTestId('open-import').click()
  await page.getByTestId('csv-file').locator('input').setInputFiles(file)
  await choose(page, 'csv-zone', 'UTC')
  await page.evaluate(() => {
    const tasks: number[] = []
    Object.assign(window, { longTasks: tasks })
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) tasks.push(entry.duration)
    }).observe({ entryTypes: ['longtask'] })
  })
  const began = performance.now()
  await page.getByTestId('csv-look').click()
  await page.getByTestId('csv-said').waitFor()
  const read = performance.now() - began
  await page.getByTestId('csv-keep').click()
  await page.waitForFunction(
    () => /35040 readings,/.test(document.querySelector('[data-testid="weigh-count"]')?.textContent ?? ''),
    undefined,
    { timeout: 60_000 },
  )
  await page.locator('[data-testid="weigh-chart"] canvas').waitFor()
  const all = performance.now() - began
  await page.waitForTimeout(400)
  const longest = Math.max(0, ...(await page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks)))
  rmSync(home, { recursive: true, force: true })
  tell(
    '35 040 readings from a file, read, kept and charted',
    `read ${read.toFixed(0)} ms, all ${all.toFixed(0)} ms, longest task ` + `${taskText(longest)}`,
    all < 3000 && longest < 50,
    '3000 ms, no task over 50 ms',
  )
}
