import { randomUUID } from 'node:crypto'
import { mkdirSync } from 'node:fs'
import { launchBrowser, openPage } from './lib/browser'
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
  await fetch(`${url}/api/yards/sallow-quay/hives/${encodeURIComponent('calico/0')}/weigh-ins`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ source: 'csv', batchId: randomUUID(), readings }),
  })
}

/** One current picture of each main view, from the demo data. */
async function takePictures(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true })
  const server = await startServer({ seed: 'demo/demo-plan.json' })
  const empty = await startServer()
  const browser = await launchBrowser()
  const desk = await openPage(browser)
  const phone = await openPage(browser, { width: 390, height: 844, touch: true })
  const shot = async (page: typeof desk.page, name: string) => {
    await page.waitForTimeout(500)
    await page.screenshot({ path: `${FOLDER}/${name}.png` })
  }
  const bench = async (page: typeof desk.page, hive: string) => {
    await page.goto(`${server.url}/hives/${encodeURIComponent(`${hive}/0`)}`)
    await page.waitForSelector('[data-part]')
  }
  await desk.page.goto(server.url)
  await desk.page.waitForSelector('[data-hive="Flannel"]')
  await shot(desk.page, 'row')
  await bench(desk.page, 'calico')
  await desk.page.locator('[data-mm="15.875"] .press').click()
  await shot(desk.page, 'bench-along')
  await bench(desk.page, 'twill')
  await desk.page.keyboard.press('x')
  await shot(desk.page, 'bench-across')

  await bench(desk.page, 'corduroy')
  await desk.page.locator('[data-stage="winter"]').click()
  await shot(desk.page, 'plan')

  await desk.page.goto(`${server.url}/fit`)
  await desk.page.getByTestId('yard-choice').selectOption({ label: 'Kiln Bank' })
  await desk.page.locator('[data-cell="frame-langstroth-medium|box-langstroth-deep"]').click()
  await shot(desk.page, 'fit')
  await desk.page.locator('[data-mode="rooms"]').click()
  await shot(desk.page, 'rooms')
  await desk.page.goto(`${server.url}/sources`)
  await desk.page.getByTestId('source-search').fill('rim depth')
  await desk.page.locator('[data-figure="crown-langstroth.rimDepth"]').getByRole('button', { name: 'Change' }).click()
  await desk.page.getByTestId('own-figure').fill('6 mm')
  await shot(desk.page, 'sources')
  await desk.page.goto(`${server.url}/shed`)
  await desk.page.locator('[data-shed-row="box-langstroth-medium"]').getByRole('button', { name: 'Each part' }).click()
  await shot(desk.page, 'shed')

  const box = async (page: typeof desk.page, yard: string, name: string) => {
    await page.goto(`${server.url}/frames`)
    await page.getByTestId('yard-choice').selectOption({ label: yard })
    await page.locator('.box', { hasText: name }).first().click()
    await page.waitForSelector('[data-frame]')
  }
  await box(desk.page, 'Sallow Quay', 'Brood box of Twill')
  await desk.page.locator('[data-frame]').nth(4).click()
  await shot(desk.page, 'frames')
  await desk.page.goto(`${server.url}/build`)
  await desk.page.getByTestId('build-what').selectOption('box-langstroth-deep')
  await desk.page.getByTestId('build-corner').selectOption('finger')
  await shot(desk.page, 'build')

  await weighCalico(server.url)
  await desk.page.goto(`${server.url}/lift/${encodeURIComponent('corduroy/0')}`)
  await desk.page.locator('[data-lift]').last().click()
  await shot(desk.page, 'lift')
  await desk.page.goto(`${server.url}/lift/${encodeURIComponent('calico/0')}`)
  await desk.page.locator('[data-mode="weigh"]').click()
  await desk.page.locator('[data-testid="weigh-chart"] canvas').waitFor()
  await shot(desk.page, 'weigh')
  await bench(desk.page, 'corduroy')
  await desk.page.keyboard.press('w')
  await shot(desk.page, 'bench-weights')
  await desk.page.keyboard.press('w')

  await desk.page.goto(`${server.url}/year`)
  await desk.page.getByTestId('yard-choice').selectOption({ label: 'Kiln Bank' })
  await desk.page.locator('[data-stage="winter"]').click()
  await desk.page.locator('[data-planned="Corduroy"]').click()
  await shot(desk.page, 'year')
  await desk.page.getByTestId('begin-visit').click()
  await desk.page.getByTestId('tick').click()
  await desk.page.getByTestId('tick').click()
  await desk.page.waitForTimeout(600)
  await phone.page.goto(desk.page.url())
  await phone.page.getByTestId('tick').waitFor()
  await shot(phone.page, 'phone-visit')

  await bench(desk.page, 'flannel')
  await desk.page.locator('[data-part="flannel/3"]').click()
  await desk.page.keyboard.press('Delete')
  await desk.page.waitForTimeout(600)
  await desk.page.goto(`${server.url}/log/${encodeURIComponent('flannel/0')}`)
  await desk.page.getByTestId('log-changes').locator('button').first().waitFor()
  await shot(desk.page, 'log')

  await desk.page.goto(empty.url)
  await desk.page.getByTestId('start-empty').waitFor()
  await shot(desk.page, 'empty')
  await phone.page.goto(server.url)
  await phone.page.waitForSelector('[data-hive="Twill"]')
  await shot(phone.page, 'phone-row')
  await bench(phone.page, 'gingham')
  await shot(phone.page, 'phone-bench')
  await browser.close()
  await server.stop()
  await empty.stop()
}

void takePictures()
