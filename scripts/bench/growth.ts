import { planOf, type Yard } from '#core/yard'
import { launchBrowser } from '../lib/browser'
import { growthExponent, heldMb, median, milliseconds, tell } from '../lib/measure'
import { assessAll, manyHives } from './many-hives'

const SIZES = [10, 100, 1000, 10_000] as const
const MOST_EXPONENT = 1.1
/** So many hives are gone through at each size at least, so that a small yard is timed as surely as a large one. */
const LEAST_HIVES = 3000

/** How one figure grows with the number of hives. */
interface Growth {
  readonly name: string
  readonly unit: 'ms' | 'MB'
  readonly values: readonly number[]
}

/** Time and memory against the size of a yard, drawn in docs/growth.png. */
export async function benchGrowth(): Promise<void> {
  const [assessed, written, read, held]: [number[], number[], number[], number[]] = [[], [], [], []]
  for (const count of SIZES) {
    const times = { assessed: [] as number[], written: [] as number[], read: [] as number[] }
    let mostMb = 0
    for (let round = 0; round < Math.max(3, LEAST_HIVES / count); round++) {
      const before = round === 0 ? heldMb() : 0
      const yard: Yard = manyHives(count)
      times.assessed.push(await milliseconds(() => assessAll(yard)))
      if (round === 0) mostMb = heldMb() - before
      let text = ''
      times.written.push(await milliseconds(() => (text = JSON.stringify(planOf([yard])))))
      times.read.push(await milliseconds(() => JSON.parse(text)))
    }
    assessed.push(median(times.assessed))
    written.push(median(times.written))
    read.push(median(times.read))
    held.push(mostMb)
  }
  const all: Growth[] = [
    { name: 'every hive assessed, with its words', unit: 'ms', values: assessed },
    { name: 'its plan file written', unit: 'ms', values: written },
    { name: 'the bytes of it parsed', unit: 'ms', values: read },
    { name: 'held in memory', unit: 'MB', values: held },
  ]
  for (const one of all) tellGrowth(one, one.values !== read)
  await draw(all)
}

/** Its exponent over the two largest steps: in a small yard it is the first use that takes the time. */
function tellGrowth({ name, unit, values }: Growth, isOurs: boolean): void {
  const points = SIZES.map((size, i) => ({ size, ms: values[i] ?? 0 })).slice(1)
  const exponent = growthExponent(points)
  const figures = SIZES.map((size, i) => `${size}: ${(values[i] ?? 0).toPrecision(3)} ${unit}`).join(', ')
  // What the platform alone does is told beside it, and judged by nobody.
  const isWithin = isOurs ? exponent <= MOST_EXPONENT : undefined
  tell(`growth, ${name}`, `exponent ${exponent.toFixed(2)}; ${figures}`, isWithin, `${MOST_EXPONENT}`)
}

const COLOURS = ['#27408b', '#b4532a', '#7d6233', '#4a7a4a'] as const

/** One chart of it all, both ways in tens. */
async function draw(all: readonly Growth[]): Promise<void> {
  const browser = await launchBrowser()
  const page = await browser.newPage({ viewport: { width: 900, height: 520 } })
  await page.setContent('<canvas width="900" height="520"></canvas>')
  await page.addScriptTag({ path: 'node_modules/chart.js/dist/chart.umd.js' })
  const config = {
    type: 'line',
    data: {
      datasets: all.map(({ name, unit, values }, i) => ({
        label: `${name}, ${unit}`,
        borderColor: COLOURS[i],
        backgroundColor: COLOURS[i],
        borderDash: unit === 'MB' ? [6, 4] : [],
        data: SIZES.map((x, at) => ({ x, y: values[at] })),
      })),
    },
    options: {
      animation: false,
      responsive: false,
      scales: {
        x: { type: 'logarithmic', title: { display: true, text: 'hives in the yard' } },
        y: { type: 'logarithmic', title: { display: true, text: 'ms, MB' } },
      },
    },
  }
  await page.evaluate(`new Chart(document.querySelector('canvas'), ${JSON.stringify(config)})`)
  await page.locator('canvas').screenshot({ path: 'docs/growth.png' })
  await browser.close()
}
