import type { Browser, Page } from 'playwright-core'
import { openPage } from '../lib/browser'
import { taskText, tell } from '../lib/measure'

/** Everything that shifts counts, also what comes within half a second of a press. */
const WATCH = `globalThis.__seen = [];
for (const type of ['longtask', 'layout-shift'])
  new PerformanceObserver((list) => { for (const entry of list.getEntries()) __seen.push(entry) }).observe({ type, buffered: true })`

interface Seen {
  readonly ms: number
  readonly longestMs: number
  readonly shift: number
}

/** What an action does, run in the page, and what is there once what it asks for is painted. */
interface Action {
  readonly name: string
  readonly act: string
  readonly done: string
  readonly limitMs: number
}

async function seenOf(page: Page, { act, done }: Action): Promise<Seen> {
  const { ms, since } = (await page.evaluate(`(async () => {
    const since = performance.now()
    ${act}
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
    do await frame()
    while (!(${done}))
    // Asked in the frame that shows it: what is posted there comes once that frame is painted.
    await new Promise((resolve) => {
      const { port1, port2 } = new MessageChannel()
      port1.onmessage = resolve
      port2.postMessage(0)
    })
    return { since, ms: performance.now() - since }
  })()`)) as { ms: number; since: number }
  await page.waitForTimeout(1200)
  return page.evaluate(
    ({ ms, since }) => {
      const seen = (globalThis as unknown as { __seen: (PerformanceEntry & { value?: number })[] }).__seen
      const after = seen.filter(({ startTime }) => startTime >= since)
      const tasks = after.filter(({ entryType }) => entryType === 'longtask').map(({ duration }) => duration)
      return { ms, longestMs: Math.max(0, ...tasks), shift: after.reduce((sum, { value }) => sum + (value ?? 0), 0) }
    },
    { ms, since },
  )
}

async function measured(page: Page, actions: readonly Action[]): Promise<void> {
  for (const action of actions) {
    const { ms, longestMs, shift } = await seenOf(page, action)
    tell(
      action.name,
      `${ms.toFixed(0)} ms, longest task ${taskText(longestMs)}, shift ${shift.toFixed(3)}`,
      ms < action.limitMs && longestMs <= 50 && shift < 0.1,
      `${action.limitMs} ms, no task over 50 ms, shift under 0.1`,
    )
  }
}

const stageIs = (stage: string) =>
  `document.querySelector('[data-testid^="row-planned-"]')?.textContent.includes('planned: ${stage}')`
const press = (selector: string) => `document.querySelector('${selector}').click()`

/** Moves along the strip of stages under the row: once to write the year, then from stage to stage. */
export async function benchRowStages(browser: Browser, url: string, count: number): Promise<void> {
  const { page, context } = await openPage(browser)
  await page.addInitScript(WATCH)
  await page.goto(url)
  await page.waitForSelector('[data-hive]')
  await page.waitForTimeout(2500)
  await page.locator('[data-row-stage="winter"]').click()
  await page.locator('[data-testid^="row-planned-"]', { hasText: 'planned: winter' }).waitFor({ timeout: 60_000 })
  await page.waitForTimeout(2500)
  const limitMs = count > 40 ? 250 : 100
  await measured(
    page,
    (['flow', 'winter'] as const).map((stage) => ({
      name: `stage of a row of ${count} hives to ${stage}`,
      act: press(`[data-row-stage="${stage}"]`),
      done: stageIs(stage),
      limitMs,
    })),
  )
  await context.close()
}

/** Typing in a search, with what is left painted. */
const typing = (selector: string, text: string) => `
  const field = document.querySelector('${selector}');
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, '${text}');
  field.dispatchEvent(new Event('input', { bubbles: true }))`

/** The tables that are looked up: the pairs of Fit, and the search through the sources. */
export async function benchLookUps(browser: Browser, url: string): Promise<void> {
  const { page, context } = await openPage(browser)
  await page.addInitScript(WATCH)
  await page.goto(`${url}/fit`)
  await page.waitForSelector('[data-cell]')
  await page.waitForTimeout(2500)
  await measured(page, [
    {
      name: 'Fit, the next table',
      act: `globalThis.__was = document.querySelector('[data-cell]').dataset.cell; document.querySelector('[data-mode]:not([aria-pressed="true"])').click()`,
      done: `document.querySelector('[data-cell]') && document.querySelector('[data-cell]').dataset.cell !== globalThis.__was`,
      limitMs: 100,
    },
  ])
  await page.goto(`${url}/sources`)
  await page.waitForSelector('[data-figure]')
  await page.waitForTimeout(2500)
  await measured(
    page,
    ['brood', 'bee space', ''].map((text) => ({
      name: `Sources, searched for “${text}”`,
      act: `globalThis.__was = document.querySelector('main').textContent.length; ${typing('[data-testid="source-search"]', text)}`,
      done: `document.querySelector('main').textContent.length !== globalThis.__was`,
      limitMs: 100,
    })),
  )
  await context.close()
}
