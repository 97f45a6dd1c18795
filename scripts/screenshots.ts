import type { Page } from 'playwright-core'
import { randomUUID } from 'node:crypto'
import { mkdirSync } from 'node:fs'
import { choose, launchBrowser, openPage, chooseYard } from './lib/browser'
import { startServer } from './lib/server'

const FOLDER = 'docs/screenshots'

/** Weighings of a year with a flow and a crop in it, as a scale would have given them. */
async function weighCalico(url: string): Promise<void> {
  const gains: readonly (readonly [days: number, kgPerDay: number])[] = [
    [120, -0.07],
    [45, 0.15],
    [62, 0.75],
    [1, -28],
    [62, 0.12],
    [40, -0.05],
  ]
  let day = Date.parse('2025-12-01T06:00:00Z')
  let kg = 46
  const readings = gains.flatMap(([days, perDay]) =>
    Array.from({ length: days }, () => ({
      at: new Date((day += 86_400_000)).toISOString(),
      kg: Math.round((kg += perDay) * 10) / 10,
      method: 'scale',
    })),
  )
  await fetch(`${url}/api/yards/sallow-quay/hives/${encodeURIComponent('calico/0')}/readings`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ kind: 'weight', batchId: randomUUID(), readings }),
  })
}

interface Studio {
  readonly url: string
  readonly desk: Page
  readonly phone: Page
  /** A phone that keeps the app. */
  readonly away: Page
  readonly shot: (page: Page, name: string) => Promise<void>
  /** Opens a hive of the demo on the bench. */
  readonly bench: (page: Page, hive: string) => Promise<void>
}

/** One current picture of each main view, from the demo data. */
async function takePictures(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true })
  const server = await startServer({ seed: 'demo/demo-plan.json' })
  const browser = await launchBrowser()
  const studio: Studio = {
    url: server.url,
    desk: (await openPage(browser)).page,
    phone: (await openPage(browser, { width: 390, height: 844, touch: true })).page,
    away: (await openPage(browser, { width: 390, height: 844, touch: true, app: true })).page,
    shot: async (page, name) => {
      await page.waitForTimeout(500)
      await page.screenshot({ path: `${FOLDER}/${name}.png` })
    },
    bench: async (page, hive) => {
      await page.goto(`${server.url}/hives/${encodeURIComponent(`${hive}/0`)}`)
      await page.waitForSelector('[data-part]')
    },
  }
  const all = [
    benchPictures,
    awayPicture,
    tablePictures,
    framePictures,
    weightPictures,
    winterPictures,
    yearPictures,
    bookPictures,
    logPictures,
    keeperPictures,
  ]
  for (const take of all) await take(studio)
  await browser.close()
  await server.stop()
}

async function benchPictures({ url, desk, shot, bench }: Studio): Promise<void> {
  await desk.goto(url)
  await desk.waitForSelector('[data-hive="Flannel"]')
  await desk.getByTestId('close-hints').click()
  await shot(desk, 'row')
  await bench(desk, 'calico')
  await desk.locator('[data-mm="15.875"] .press').click()
  await shot(desk, 'bench-along')
}

async function tablePictures({ url, desk, shot }: Studio): Promise<void> {
  await desk.goto(`${url}/fit`)
  await chooseYard(desk, 'Kiln Bank')
  await desk.locator('[data-cell="frame-langstroth-medium|box-langstroth-deep"]').click()
  await shot(desk, 'fit')
  await desk.goto(`${url}/yards/sallow-quay/shed`)
  await desk.getByTestId('shed-borrow').click()
  await desk.locator('[data-borrow]').first().getByRole('spinbutton').fill('1')
  await desk.keyboard.press('Tab')
  await desk.getByTestId('borrow-go').click()
  await desk.goto(`${url}/yards/kiln-bank/shed`)
  await desk.getByTestId('loans').waitFor()
  await shot(desk, 'shed')
  await desk.getByTestId('loan-home').click()
  await desk.waitForTimeout(1500)
}

async function framePictures({ url, desk, shot }: Studio): Promise<void> {
  const box = async (page: Page, yard: string, name: string) => {
    await page.goto(`${url}/frames`)
    await chooseYard(page, yard)
    await page.locator('.box', { hasText: name }).first().click()
    await page.waitForSelector('[data-frame]')
  }
  await box(desk, 'Sallow Quay', 'Brood box of Twill')
  await desk.locator('[data-frame]').nth(4).click()
  await shot(desk, 'frames')
  await desk.goto(`${url}/build`)
  await choose(desk, 'build-what', 'Langstroth deep')
  await choose(desk, 'build-corner', /finger/i)
  await shot(desk, 'build')
}

async function weightPictures({ url, desk, shot }: Studio): Promise<void> {
  await weighCalico(url)
  await desk.goto(`${url}/lift/${encodeURIComponent('corduroy/0')}`)
  await desk.locator('[data-lift]').last().click()
  await shot(desk, 'lift')
  await desk.locator('[data-mode="standing"]').click()
  await desk.getByTestId('tipping').waitFor()
  await shot(desk, 'standing')
  await desk.goto(`${url}/lift/${encodeURIComponent('calico/0')}`)
  await desk.locator('[data-mode="weigh"]').click()
  await desk.locator('[data-testid="weigh-chart"] canvas').waitFor()
  await shot(desk, 'weigh')
}

async function winterPictures({ url, desk, shot }: Studio): Promise<void> {
  await desk.goto(`${url}/yards/kiln-bank/hives/${encodeURIComponent('flannel/0')}/winter`)
  await desk.getByTestId('winter-food').locator('canvas').waitFor()
  await shot(desk, 'winter')
}

async function bookPictures({ url, desk, phone, shot }: Studio): Promise<void> {
  await phone.goto(`${url}/yards/sallow-quay/hives/${encodeURIComponent('twill/0')}/look`)
  await phone.locator('[data-comb]').first().waitFor()
  for (const n of [2, 3, 4, 5, 6]) await phone.locator(`[data-comb="${n}"]`).first().tap()
  await phone.locator('[data-comb="2"]').first().tap()
  await phone.locator('[data-mode="brood"]').tap()
  for (const n of [3, 4, 5]) await phone.locator(`[data-comb="${n}"]`).first().tap()
  await shot(phone, 'phone-look')
  await phone.locator('[data-mode="next"]').tap()
  await phone.getByTestId('look-keep').tap()
  await phone.getByTestId('look-kept').waitFor()
  await desk.goto(`${url}/yards/sallow-quay/due`)
  await desk.locator('[data-due]').first().waitFor()
  await shot(desk, 'due')
}

async function yearPictures({ url, desk, phone, shot }: Studio): Promise<void> {
  await desk.goto(`${url}/year`)
  await chooseYard(desk, 'Kiln Bank')
  await desk.locator('[data-stage="winter"]').click()
  await desk.locator('[data-planned="Corduroy"]').click()
  await shot(desk, 'year')
  await desk.locator('[data-mode="stages"]').click()
  await desk.locator('[data-planned="Corduroy"]').click()
  await desk.getByTestId('begin-visit').click()
  await desk.getByTestId('tick').click()
  await desk.getByTestId('tick').click()
  await desk.waitForTimeout(600)
  await phone.goto(desk.url())
  await phone.getByTestId('tick').waitFor()
  await shot(phone, 'phone-visit')
}

async function logPictures({ url, desk, shot }: Studio): Promise<void> {
  await desk.goto(`${url}/yards/sallow-quay/hives/${encodeURIComponent('twill/0')}/book`)
  await desk.locator('[data-entry]').first().waitFor()
  await shot(desk, 'log')
  await desk.locator('[data-mode="food"]').click()
  await desk.getByTestId('food-drawn').waitFor()
  await shot(desk, 'food')
  await desk.goto(`${url}/yards/kiln-bank/due/records`)
  await desk.locator('[data-testid="yard-mites"] canvas').waitFor()
  await shot(desk, 'records')
}

/** The row on a phone with work that waits. */
async function awayPicture({ url, away, shot }: Studio): Promise<void> {
  await away.goto(url)
  await away.waitForSelector('[data-hive="Twill"]')
  await away.waitForFunction(`navigator.serviceWorker.ready.then(({ active }) => active.state === 'activated')`)
  await away.getByTestId('close-hints').tap()
  await away.context().setOffline(true)
  await away.goto(`${url}/yards/sallow-quay/hives/${encodeURIComponent('calico/0')}/bench`)
  await away.waitForSelector('[data-part]')
  await away.keyboard.press('ArrowUp')
  await away.keyboard.press('t')
  await away.getByTestId('waiting').waitFor()
  await away.goto(url)
  await away.waitForSelector('[data-hive="Twill"]')
  await shot(away, 'phone-row')
}

async function keeperPictures({ url, desk, shot }: Studio): Promise<void> {
  await desk.goto(`${url}/yards/sallow-quay/keepers`)
  await desk.getByTestId('keeper-name').fill('Ann')
  await desk.getByTestId('keeper-words').fill('straw skep in the orchard')
  await desk.getByTestId('keeper-go').click()
  await desk.getByTestId('invite').click()
  await desk.getByTestId('invite-link').waitFor()
  await shot(desk, 'keepers')
}

void takePictures()
