import type { Browser } from 'playwright-core'
import { daysLater, type Entry, type Look } from '#core/book'
import { openPage } from '../lib/browser'
import { median, spread, tell } from '../lib/measure'
import { manyHives } from './many-hives'

const HIVES = 400
const YEARS = 5
const LOOKS_A_YEAR = 30
const COUNTS_A_YEAR = 7
const AT_A_TIME = 500

/** Five years of looks, counts and treatments of a yard of many hives. */
function entriesOf(hiveId: string, boxId: string, today: string): Entry[] {
  const made: Entry[] = []
  const add = (entry: object, days: number, hour: string) =>
    made.push({
      id: `${hiveId}-${made.length}`,
      hiveId,
      at: `${daysLater(today, -days)}T${hour}`,
      madeAt: `${daysLater(today, -days)}T20:00:00.000Z`,
      device: 'bench',
      ...entry,
    } as Entry)
  const between = 365 / LOOKS_A_YEAR
  for (let i = 0; i < YEARS * LOOKS_A_YEAR; i++) {
    const body: Look = {
      seams: [{ boxId, seams: 5 + (i % 5) }],
      broodFrames: { eggs: i % 3, larvae: i % 4, sealed: i % 7 },
      foodFrames: { sealed: 3 + (i % 4) },
      queen: 'eggs',
      temper: 'quiet',
    }
    add({ sort: 'look', body }, 2 + i * between, '14:00')
  }
  for (let i = 0; i < YEARS * COUNTS_A_YEAR; i++)
    add({ sort: 'mites', body: { way: 'tray', mites: (i * 7) % 60, days: 4 } }, 3 + (i * 365) / COUNTS_A_YEAR, '13:00')
  for (let i = 0; i < YEARS; i++)
    add({ sort: 'treatment', body: { product: 'gel', labelDays: 28 } }, 90 + i * 365, '18:00')
  return made
}

/** Goes from view to view as a press does. */
const ROUTER = `document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$router`
/** Something is drawn on the chart, not only its place laid out. */
const DRAWN = `(() => {
  const canvas = document.querySelector('[data-testid=yard-mites] canvas')
  if (!canvas || !canvas.width) return false
  const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height)
  for (let i = 3; i < data.length; i += 404) if (data[i]) return true
  return false
})()`
const paint = `new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)))`

/** Due, a book, the mites of a yard and a look that is saved, where 400 hives have 60 000 looks. */
export async function benchBook(browser: Browser, url: string): Promise<void> {
  const yard = { ...manyHives(HIVES), id: 'bench-book', name: 'Bench' }
  const send = (path: string, body: unknown) =>
    fetch(`${url}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  await send('/api/yards', yard)
  const today = new Date().toISOString().slice(0, 10)
  const all = yard.hives.flatMap(({ id, stack }) => entriesOf(id, stack[2]!.partId, today))
  const began = performance.now()
  for (let at = 0; at < all.length; at += AT_A_TIME)
    await send(`/api/yards/${yard.id}/book`, { entries: all.slice(at, at + AT_A_TIME) })
  const kept = performance.now() - began
  tell(`${all.length} entries kept`, `${(kept / 1000).toFixed(1)} s`, kept < 60_000, '60 s')
  const saved: number[] = []
  for (let i = 0; i < 9; i++) {
    const since = performance.now()
    const entry = { ...entriesOf(yard.hives[i]!.id, 'x', today)[0]!, id: `saved-${i}` }
    await send(`/api/yards/${yard.id}/book`, { entries: [entry] })
    saved.push(performance.now() - since)
  }
  const middle = saved.sort((a, b) => a - b)[4]!
  tell('a look saved', `${middle.toFixed(0)} ms`, middle < 100, '100 ms')
  const { page, context } = await openPage(browser)
  await page.goto(`${url}/yards/${yard.id}/year`)
  await page.waitForTimeout(2000)
  const hive = `/yards/${yard.id}/hives/${encodeURIComponent(yard.hives[0]!.id)}/book`
  const views = [
    ['Due of 400 hives', `/yards/${yard.id}/due`, `document.querySelector('[data-due]')`, 200],
    ['the book of a hive', hive, `document.querySelector('[data-entry]')`, 150],
    ['mites of the yard', `/yards/${yard.id}/due/records`, DRAWN, 300],
  ] as const
  for (const [name, path, done, limitMs] of views) {
    const times: number[] = []
    for (let i = 0; i < 6; i++) {
      await page.evaluate(`${ROUTER}.push('/build')`)
      await page.waitForTimeout(1500)
      const ms = (await page.evaluate(`(async () => {
        const since = performance.now()
        ${ROUTER}.push(${JSON.stringify(path)})
        while (!(${done})) await new Promise((resolve) => requestAnimationFrame(resolve))
        await ${paint}
        return performance.now() - since
      })()`)) as number
      // Once before, so that the code of the view is there: what is measured is the view, not its way here.
      if (i > 0) times.push(ms)
    }
    tell(name, spread(times), median(times) < limitMs, `${limitMs} ms`)
  }
  await context.close()
}
