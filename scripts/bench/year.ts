import type { Page } from 'playwright-core'
import { CATALOGUE, type Role } from '#core/parts'
import { partsById } from '#core/stack'
import { buildHive, emptyYard } from '#core/yard'
import { changeoverMoves, changeoverOf, compareWork, workOf, writeHive, type Handling } from '#core/year'
import { median, spread, tell, timed } from '../lib/measure'

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

/**
 * A changeover of 12 parts, and how the work grows to 20; the plan against unstacking everything and stacking it anew.
 */
export function benchChangeover(): void {
  let n = 0
  const { hive, parts } = buildHive({ name: 'Corduroy', stage: 'flow', stack: TWELVE }, CATALOGUE, () => `y${n++}`)
  const yard = { ...emptyYard('y', 'y'), hives: [hive], parts }
  const known = partsById(yard)
  const winter = writeHive(yard, hive, ['winter']).stages.get('winter')!
  const all = new Map([...known, ...winter.parts.map((part) => [part.id, part] as const)])
  const times = timed(() => changeoverOf({ hive, parts: known }, { hive: winter.hive, parts: all }, CATALOGUE), {
    rounds: 60,
    warmUp: 30,
  })
  tell('changeover of 12 parts from flow to winter', spread(times), median(times) < 20, '20 ms')
  const growth = [8, 12, 16, 20].map((size) => {
    const runs: number[] = []
    let proved = 0
    let worse = 0
    for (let seed = 1; seed <= 12; seed++) {
      const [before, after] = shuffledPair(size, seed)
      const start = performance.now()
      const { work, provedLeast } = changeoverMoves(before, after)
      runs.push(performance.now() - start)
      proved += Number(provedLeast)
      worse += Number(compareWork(work, allDownAndUp(before, after)) > 0)
    }
    return { size, ms: median(runs), most: Math.max(...runs), proved, worse }
  })
  const twelve = growth.find(({ size }) => size === 12)!
  tell(
    'changeover of 12 parts in any order',
    `${twelve.ms.toFixed(1)} ms, worst ${twelve.most.toFixed(1)} ms`,
    twelve.ms < 20,
    '20 ms',
  )
  tell(
    'growth of any changeover, parts shuffled',
    growth.map(({ size, ms, proved }) => `${size} parts ${ms.toFixed(1)} ms, ${proved} of 12 proved least`).join('; '),
    growth.every(({ worse }) => worse === 0),
    'never more lifts than everything down and up again',
  )
}

/** Two stacks of the same parts in another order, the same for the same seed. */
function shuffledPair(size: number, seed: number): [Handling[], Handling[]] {
  let state = seed * 2654435761
  const chance = () => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296
  const parts = Array.from({ length: size }, (_, i): Handling => ({
    partId: `p${i}`,
    kg: [1.2, 3.5, 12, 25][i % 4]!,
    isLift: i % 4 > 0,
    standing: '',
  }))
  return [parts, [...parts].sort(() => chance() - 0.5)]
}

/** Everything off but what leaves once, everything on: each part that stays is moved twice at the least. */
function allDownAndUp(before: readonly Handling[], after: readonly Handling[]) {
  const shuffles = before.map(({ partId }, i) => ({ partId, i, to: after.findIndex((one) => one.partId === partId) }))
  // Three places, last on, first off: what lies under another that goes on later is moved once more for each that lies
  // over it.
  const extra = shuffles.flatMap(({ i, to }) =>
    shuffles.filter((other) => other.i < i && other.to < to).map(() => before[i]!),
  )
  return workOf([...before, ...after, ...extra])
}

/** 200 hives written and assessed for every stage, in the worker, copying included. */
export async function benchPlannedYear(page: Page, url: string): Promise<void> {
  const times: number[] = []
  for (let i = 0; i < 4; i++) {
    await page.goto(`${url}/year`)
    await page.waitForFunction(() => performance.getEntriesByName('planned-year').length > 0, undefined, {
      timeout: 60_000,
    })
    times.push(await page.evaluate(() => performance.getEntriesByName('planned-year').at(-1)!.duration))
  }
  tell('every stage of 200 hives written and assessed, in the worker', spread(times), median(times) < 2000, '2000 ms')
}

/** From the press on a stage to the painted hive, the largest of the demo. */
export async function benchStageStrip(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/yards/kiln-bank/hives/${encodeURIComponent('corduroy/0')}/bench`)
  await page.waitForSelector('[data-stage="winter"]')
  const times = await page.evaluate(async () => {
    const painted = () =>
      new Promise<number>((resolve) =>
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel()
          port1.onmessage = () => resolve(performance.now())
          port2.postMessage(0)
        }),
      )
    const list: number[] = []
    const stages = [...document.querySelectorAll<HTMLButtonElement>('[data-stage]')]
    for (let round = 0; round < 5; round++)
      for (const stage of stages) {
        await new Promise((resolve) => setTimeout(resolve, 60))
        const start = performance.now()
        stage.click()
        const took = (await painted()) - start
        if (round > 0) list.push(took)
      }
    return list
  })
  tell(
    'a stage of the strip to the painted drawing, tallest demo hive',
    `${spread(times)}, worst ${Math.max(...times).toFixed(0)} ms`,
    median(times) < 50,
    '50 ms',
  )
}
