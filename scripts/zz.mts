import { launchBrowser, openPage } from './lib/browser'
import { startServer } from './lib/server'
const s = await startServer({ seed: 'demo/demo-plan.json' })
const b = await launchBrowser()
const { page } = await openPage(b)
page.on('pageerror', (e) => console.log('ERR', e.message)); page.on('console', (m) => { if (m.type() === 'error') console.log('CON', m.text()) })
const phone = (await openPage(b, { width: 390, height: 844, touch: true })).page
const shot = async (p: typeof page, n: string, full = false) => { await p.waitForTimeout(500); await p.screenshot({ path: `/tmp/look/${n}.png`, fullPage: full }) }
await page.goto(`${s.url}/year`)
await page.getByTestId('yard-choice').selectOption({ label: 'Kiln Bank' })
await page.locator('[data-planned]').first().waitFor()
await page.locator('[data-stage="winter"]').click()
await shot(page, 'year-winter')
await page.locator('[data-stage="flow"]').click(); await page.getByTestId('from-before').click()
await shot(page, 'year-flow')
await page.locator('[data-mode="keeping"]').click(); await shot(page, 'year-keeping')
await page.locator('[data-mode="dates"]').click(); await shot(page, 'year-dates')
await page.locator('[data-mode="compare"]').click(); await page.waitForTimeout(800); await shot(page, 'year-compare')
await page.locator('[data-mode="stages"]').click(); await page.locator('[data-stage="winter"]').click(); await page.getByTestId('from-now').click(); await page.locator('[data-planned="Corduroy"]').click(); await page.getByTestId('begin-visit').click(); await page.getByTestId('tick').waitFor()
await phone.goto(page.url()); await phone.getByTestId('tick').tap(); await phone.getByTestId('tick').tap(); await shot(phone, 'visit-phone')
await phone.goto(`${s.url}/year`); await phone.locator('[data-planned]').first().waitFor(); await shot(phone, 'year-phone')
console.log(await phone.evaluate('document.documentElement.scrollWidth'))
await b.close(); await s.stop()
