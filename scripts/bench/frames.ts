import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, resolvePart, type Part } from '#core/parts'
import { boxBill, cutList, panelOutlines } from '#core/parts/making'
import { type Context, assessBox } from '#core/rules'
import { boxOfPattern } from '#core/stack'
import { compareSpacings } from '#core/ask'
import { newPart, newPlacement } from '#core/yard'
import { boxSheet } from '#core/words'
import type { Page } from 'playwright-core'
import { boxDrawings } from '~/drawing/build'
import { panelsDxf } from '../../app/export/panels-dxf'
import { median, quantile, spread, taskText, tell, timed } from '../lib/measure'

const context: Context = {
  catalogue: CATALOGUE,
  stage: 'flow',
  band: { minMm: 6.35, maxMm: 9.525 },
  figures: SHIPPED_FIGURES,
  climate: 'cool-maritime',
  prolific: false,
}
const SHEET_STOCK = { lengthMm: 2440, widthMm: 260, kerfMm: 3 }
const LISTED_BOXES = 10

function boxOf(patternId: string, n: number): Part {
  let i = 0
  return newPart(CATALOGUE.patterns.get(patternId)!, CATALOGUE, () => `b${n}/${i++}`)
}

/** A box of twelve across, comparing many supers, and files of a cut list of forty boards. */
export function benchFrames(): void {
  const fresh = Array.from({ length: 1500 }, (_, n) => boxOf('box-national-brood', n))
  let at = 0
  const across = timed(
    () => {
      const part = fresh[at++ % fresh.length]!
      return assessBox(part, newPlacement(part.id, undefined, 'brood'), context)
    },
    { rounds: 700, warmUp: 700 },
  )
  tell('a box of 12 assessed across, never seen before', spread(across), median(across) < 0.1, '0.1 ms')
  let round = 0
  const compared = timed(
    () =>
      compareSpacings(
        Array.from({ length: 500 }, (_, n) =>
          resolvePart(boxOf(n % 2 ? 'box-langstroth-medium' : 'box-national-super', round * 1000 + n), CATALOGUE),
        ),
        CATALOGUE,
      ),
    { rounds: 10, warmUp: 2 },
  )
  round++
  tell('comparing spacings of 500 supers', spread(compared), median(compared) < 300, '300 ms')
  const deep = boxOfPattern(CATALOGUE.patterns.get('box-langstroth-deep')!, CATALOGUE).resolved
  const dxf = timed(
    () => {
      const { panels } = boxBill(deep, LISTED_BOXES, 'finger')
      cutList(panels, SHEET_STOCK)
      return panelsDxf(panels.flatMap((panel) => Array(panel.count).fill(panelOutlines([panel])[0]!)))
    },
    { rounds: 20, warmUp: 5 },
  )
  tell('cut list of 40 boards, and every board as DXF', spread(dxf), median(dxf) < 1000, '1000 ms')
}

export async function benchPrint(url: string): Promise<void> {
  const deep = boxOfPattern(CATALOGUE.patterns.get('box-langstroth-deep')!, CATALOGUE).resolved
  const { apart, steps } = boxDrawings(deep, LISTED_BOXES, 'finger', SHEET_STOCK, (mm) => `${mm} mm`)
  const body = JSON.stringify({
    ...boxSheet(deep, LISTED_BOXES, 'finger', SHEET_STOCK, CATALOGUE, { units: 'mm', vocabulary: 'british' }),
    paper: 'A4',
    drawings: [{ caption: 'Taken apart', drawing: apart }],
    stepDrawings: steps,
  })
  const times: number[] = []
  for (let i = 0; i < 8; i++) {
    const start = performance.now()
    const answer = await fetch(`${url}/api/print/sheet`, {
      method: 'POST',
      body,
      headers: { 'content-type': 'application/json' },
    })
    if (!answer.ok) throw new Error(`the sheet was not printed: ${answer.status}`)
    await answer.arrayBuffer()
    times.push(performance.now() - start)
  }
  tell(
    'the sheet of 40 boards as PDF, over HTTP',
    `${spread(times.slice(1))}, the first ${times[0]!.toFixed(0)} ms`,
    Math.max(...times) < 1000,
    '1000 ms',
  )
}

interface TraceEvent {
  readonly name: string
  readonly dur?: number
  readonly tid: number
  readonly pid: number
  readonly args?: { readonly name?: string }
}

/** Drags a frame up and down the demo's fullest box, and reads frames and tasks from a trace of the browser. */
export async function benchDragFrame(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/yards/sallow-quay/boxes`)
  await page.locator('.box', { hasText: 'Brood box of Twill' }).click()
  await page.waitForSelector('[data-frame]')
  await page.waitForTimeout(800)
  const box = (await page.locator('[data-frame]').nth(1).locator('.taken').boundingBox())!
  const cdp = await page.context().newCDPSession(page)
  const events: TraceEvent[] = []
  cdp.on('Tracing.dataCollected', ({ value }) => {
    events.push(...(value as unknown as TraceEvent[]))
  })
  await cdp.send('Tracing.start', {
    traceConfig: { includedCategories: ['toplevel', '__metadata'] },
    transferMode: 'ReportEvents',
  })
  await page.mouse.move(box.x + 150, box.y + box.height / 2)
  await page.mouse.down()
  await page.evaluate(() => {
    const gaps: number[] = []
    Object.assign(window, { frameGaps: gaps })
    let last = performance.now()
    const tick = (now: number) => {
      gaps.push(now - last)
      last = now
      requestAnimationFrame(tick)
    }
    requestAnimationFrame(tick)
  })
  for (let i = 0; i < 240; i++)
    await page.mouse.move(box.x + 150, box.y + box.height / 2 + 160 * (1 - Math.cos(i / 18)))
  const gaps = await page.evaluate(() => (window as unknown as { frameGaps: number[] }).frameGaps.slice(2))
  await page.mouse.up()
  const ended = new Promise<void>((resolve) => cdp.once('Tracing.tracingComplete', () => resolve()))
  await cdp.send('Tracing.end')
  await ended
  const main = new Set(
    events
      .filter(({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain')
      .map(({ pid, tid }) => `${pid}/${tid}`),
  )
  const tasks = events
    .filter(({ name, pid, tid, dur }) => name.endsWith('RunTask') && dur !== undefined && main.has(`${pid}/${tid}`))
    .map(({ dur }) => dur! / 1000)
  const longest = Math.max(0, ...tasks)
  const within = gaps.filter((ms) => ms <= 17.2).length / gaps.length
  tell(
    'dragging a frame in the fullest demo box (trace)',
    `${(within * 100).toFixed(0)} % of ${gaps.length} frames within 17 ms, 95 % within ` +
      `${quantile(gaps, 0.95).toFixed(1)} ms; ${tasks.length} tasks, longest ` +
      `${taskText(longest)}`,
    within >= 0.95 && longest < 50,
    '95 %, no task over 50 ms',
  )
}
