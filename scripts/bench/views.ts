import type { Browser, Page } from 'playwright-core'
import { openPage } from '../lib/browser'
import { median, taskText, tell } from '../lib/measure'

const MOST_MS = 1000
const MOST_TASK_MS = 100
const MOST_ELEMENTS = 3000
const TIMES = 3

/** Every view by its address, and what is there once it is drawn. */
const viewsOf = (
  yardId: string,
  hiveId: string,
  partId: string,
): readonly (readonly [name: string, path: string, ready: string])[] => {
  const yard = `/yards/${encodeURIComponent(yardId)}`
  const hive = `${yard}/hives/${encodeURIComponent(hiveId)}`
  return [
    ['Row', '/', '[data-hive]'],
    ['Bench', `${hive}/bench`, '[data-part]'],
    ['Frames', `${yard}/boxes`, '[data-box]'],
    ['one box', `${yard}/boxes/${encodeURIComponent(partId)}`, 'svg'],
    ['Weight', `${hive}/weight`, 'svg [data-part], [data-lift], main svg'],
    ['Year', `${yard}/year`, '[data-planned]'],
    ['Visit', `${hive}/visit`, '[data-testid="visit-done"], [data-testid="visit-step"]'],
    ['Shed', `${yard}/shed`, '[data-shed-row]'],
    ['Book', `${hive}/book`, '[data-testid="log-title"]'],
    ['Fit', '/fit', '[data-cell]'],
    ['Build', '/build', '[data-testid="build-what"]'],
    ['Sources', '/sources', '[data-figure]'],
  ]
}

interface Opened {
  readonly ms: number
  readonly longestMs: number
  readonly elements: number
}

const WATCH =
  'globalThis.__tasks = []; new PerformanceObserver((list) => { for (const entry of ' +
  'list.getEntries()) globalThis.__tasks.push([entry.startTime, entry.duration]) ' +
  `}).observe({ type: 'longtask', buffered: true })`

/**
 * From the press on a link to the painted view, in an application that is open and has its yard; with the longest task
 * until all is drawn.
 */
async function open(page: Page, path: string, ready: string): Promise<Opened> {
  const started = await page.evaluate((to) => {
    const app = document.querySelector<
      HTMLElement & { __vue_app__: { config: { globalProperties: { $router: { push: (path: string) => void } } } } }
    >('#__nuxt')!
    const now = performance.now()
    app.__vue_app__.config.globalProperties.$router.push(to)
    return now
  }, path)
  const painted = await page
    .waitForFunction((selector) => (document.querySelector(selector) ? performance.now() : 0), ready, {
      timeout: 60_000,
      polling: 'raf',
    })
    .then((handle) => handle.jsonValue() as Promise<number>)
  await page.waitForTimeout(2500)
  const { longestMs, elements } = await page.evaluate(
    (since) => ({
      longestMs: Math.max(
        0,
        ...(globalThis as unknown as { __tasks: [number, number][] }).__tasks
          .filter(([at]) => at >= since)
          .map(([, ms]) => ms),
      ),
      elements: document.querySelectorAll('*').length,
    }),
    started,
  )
  return { ms: painted - started, longestMs, elements }
}

/** Opens every view of a large yard, each for the first time in a fresh page that shows a page without hives. */
export async function benchViews(browser: Browser, url: string, count: number, only?: string): Promise<void> {
  const [{ yard }] = (await (await fetch(`${url}/api/yards`)).json()) as [
    { yard: { id: string; hives: { id: string }[]; parts: { id: string; contents: unknown[] }[] } },
  ]
  for (const [name, path, ready] of viewsOf(
    yard.id,
    yard.hives[0]!.id,
    yard.parts.find(({ contents }) => contents.length > 0)!.id,
  )) {
    if (only && only !== name) continue
    const opened: Opened[] = []
    for (let i = 0; i < TIMES; i++) {
      const { page, context } = await openPage(browser)
      await page.addInitScript(WATCH)
      await page.goto(`${url}/no-view`)
      await page.waitForSelector('h1')
      await page.waitForTimeout(1500)
      opened.push(await open(page, path, ready))
      await context.close()
    }
    const [ms, longestMs, elements] = [
      median(opened.map((one) => one.ms)),
      median(opened.map((one) => one.longestMs)),
      Math.max(...opened.map((one) => one.elements)),
    ]
    tell(
      `${name} with ${count} hives, first painted`,
      `${ms.toFixed(0)} ms, longest task ${taskText(longestMs)}, ${elements} elements`,
      ms < MOST_MS && longestMs < MOST_TASK_MS && elements < MOST_ELEMENTS,
      `${MOST_MS} ms, no task over ${MOST_TASK_MS} ms, ${MOST_ELEMENTS} elements`,
    )
  }
}
