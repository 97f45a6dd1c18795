import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { SENSOR } from '../../scripts/devices/air'
import { sendReport } from '../../scripts/devices/send'
import { simulated } from '../../scripts/devices/simulated'
import { DEMO } from '../helpers/wire'
import { axeFinds } from './axe'
import { choose, saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const SHEET = { name: 'logger.csv', mimeType: 'text/csv' }
type Size = { width?: number; height?: number; touch?: boolean }
const openOf = async (id: string, name: string, more = '', size: Size = {}): Promise<Page> => {
  const page = await session.open(`/yards/kiln-bank/hives/${id}%2F0/winter${more}`, size)
  await page.getByRole('heading', { name: `Winter of ${name}` }).waitFor()
  return page
}
const open = (more = '', size: Size = {}) => openOf('flannel', 'Flannel', more, size)
const row = (page: Page, word: string) => page.locator(`[data-row="${word}"]`).innerText()
const watts = async (page: Page, face: string, side = 0) =>
  Number(/[\d.]+/.exec((await page.locator(`[data-arrow="${face}"] + text`).nth(side).textContent()) ?? '')?.[0])

describe('where the heat goes', () => {
  it('is drawn on two hives beside each other, and follows cold, damp and bees', async () => {
    const page = await open()
    await expect.poll(() => page.getByTestId('winter-section').count()).toBe(2)
    expect(await row(page, 'Heat lost')).toMatch(/1\d W\s+1\d W/)
    const before = await watts(page, 'top')
    await page.locator('[data-month="10"]').click()
    await expect.poll(() => watts(page, 'top')).toBeLessThan(before)
    await page.getByRole('slider', { name: 'Outside' }).focus()
    for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft')
    await expect.poll(() => page.locator('h2.where').innerText()).toMatch(/at 5 °C outside/)
    const drops = await page.locator('.drop:not(.coming)').count()
    await page.getByRole('slider', { name: 'Damp inside' }).focus()
    await page.keyboard.press('End')
    await expect.poll(() => page.locator('.drop:not(.coming)').count()).toBeGreaterThan(drops)
    expect(await page.getByTestId('winter-answer').innerText()).toMatch(/walls lose most: \d\d %/)
  })

  it('shows each way chosen beside the hive, and keeps it with one press that can be undone', async () => {
    const page = await openOf('muslin', 'Muslin', '?beside=top:absorbing')
    await expect.poll(() => page.locator('.choose').innerText()).toMatch(/Gains:[\s\S]*Gives up:[\s\S]*Not known:/)
    await choose(page, 'way-group', 'Round the boxes')
    await choose(page, 'way', 'foam wrap')
    await expect.poll(() => page.getByTestId('winter-answer').innerText()).toMatch(/saves about [\d.]+ kg/)
    const lost = async () => (await row(page, 'Heat lost')).split(/\s{2,}|\t|\n/).slice(1)
    const [before, beside] = await lost()
    expect(before).not.toBe(beside)
    await page.getByTestId('keep-way').click()
    await expect.poll(lost).toEqual([beside, beside])
    await page.keyboard.press('Control+z')
    await expect.poll(lost).toEqual([before, beside])
    await saved(page)
  })

  it('burns in Winter what its year says that it burns: one form, whichever is opened first', async () => {
    const page = await openOf('corduroy', 'Corduroy')
    const inWinter = async () =>
      /heat of this form burns ([\d.]+ to [\d.]+ kg)/.exec(await page.locator('main').innerText())?.[1]
    await expect.poll(inWinter).toBeTruthy()
    await page.waitForLoadState('networkidle')
    const burns = await inWinter()
    await page.goto(session.server.url + '/yards/kiln-bank/year?stage=winter&hive=corduroy%2F0')
    await expect.poll(() => page.getByTestId('food').innerText()).toContain(`a winter burns ${burns}`)
  })

  it('has in Winter, on its bench, in its year and in every hive’s list the stores that its book has', async () => {
    const today = new Date().toISOString().slice(0, 10)
    const hive = '/yards/kiln-bank/hives/muslin%2F0'
    const page = await session.open(`${hive}/book?see=food`)
    const answer = await page.request.post(`${session.server.url}/api/yards/kiln-bank/book`, {
      data: {
        entries: [
          {
            id: 'hefted',
            hiveId: 'muslin/0',
            at: `${today}T00:00`,
            madeAt: new Date().toISOString(),
            device: 'phone',
            sort: 'look',
            body: { foodFrames: { sealed: 2 } },
          },
        ],
      },
    })
    expect(answer.ok()).toBe(true)
    await page.reload()
    const stores = /([\d.]+ to [\d.]+ kg): frames of stores counted/
    const inBook = async () => stores.exec(await page.getByTestId('book-food').innerText())?.[1]
    await expect.poll(inBook).toBeTruthy()
    const has = (await inBook())!
    await page.goto(`${session.server.url}/yards/kiln-bank/year?stage=winter&hive=muslin%2F0`)
    const food = () => page.getByTestId('food').innerText()
    await expect.poll(food).toContain(`${has}: frames of stores counted`)
    const inYear = /It has ([\d.]+) to ([\d.]+) kg/.exec(await food())!
    const [low, high] = inYear.slice(1).map((kg) => Math.round(Number(kg)))
    await page.goto(`${session.server.url}${hive}/winter`)
    await expect.poll(() => page.content()).toContain(`${low} to ${high} kg in the boxes by its book`)
    await page.goto(`${session.server.url}${hive}/winter?see=yard`)
    const said = () => page.locator('main').innerText()
    await expect.poll(said).toMatch(new RegExp(`Muslin[\\s\\S]*${low} to ${high} kg`))
  })

  it('never says that an open mesh saves: still air is all that its figure knows', async () => {
    const page = await open('?beside=floor:mesh')
    await expect
      .poll(() => page.getByTestId('winter-answer').innerText())
      .toMatch(/every wind through the open mesh takes more/)
    expect(await page.getByTestId('winter-answer').innerText()).not.toMatch(/saves/)
  })

  it('tells both schools of the inside, and whether so many bees can give it', async () => {
    const page = await open('?see=schools')
    await expect
      .poll(() => page.getByTestId('can-give').innerText())
      .toMatch(/takes \d+ W: more than so many bees can give/)
    await page.locator('[data-month="10"]').click()
    await expect.poll(() => page.getByTestId('can-give').innerText()).toMatch(/takes \d+ W/)
    expect(await page.getByTestId('winter-answer').innerText()).toMatch(
      /With the whole cavity warm a winter would take/,
    )
  })

  it('says bees as seams, frames or weight, and keeps what was counted', async () => {
    const page = await openOf('muslin', 'Muslin')
    await page.getByRole('slider', { name: 'Bees' }).focus()
    await page.keyboard.press('Home')
    await expect.poll(() => page.getByTestId('cluster').innerText()).toMatch(/take \d litres?|take 1 litres/)
    await saved(page)
    await page.reload()
    await expect.poll(() => page.locator('.sliders').innerText()).toMatch(/0\.1 kg/)
    await page.keyboard.press('Control+z')
    await expect.poll(() => row(page, 'Honey a day')).toMatch(/\d+ g/)
  })

  it('takes a slab of one’s own by R in either unit, and refuses R of 0 and 500 with a sentence', async () => {
    const page = await open()
    await page.getByTestId('type-insulation').click()
    await page.getByTestId('insulation-name').fill('Thin panel')
    await page.getByTestId('insulation-thick').fill('20 mm')
    for (const r of ['0', '500']) {
      await page.getByTestId('insulation-r').fill(r)
      await page.getByTestId('keep-insulation').click()
      await expect
        .poll(() => page.locator('[data-wrong="r"]').innerText())
        .toMatch(/R is no figure that insulation has/)
    }
    await page.locator('[data-mode="inches"]').click()
    await page.getByTestId('insulation-r').fill('32')
    expect(await page.getByTestId('insulation-comes-to').innerText()).toMatch(/R 5\.64 m²K\/W, US R 32/)
    await page.getByTestId('keep-insulation').click()
    await expect.poll(() => page.locator('.choose').innerText()).toMatch(/closed, Thin panel/)
    await saved(page)
  })

  it('prints one page', async () => {
    const page = await open()
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByTestId('print-winter').click()])
    expect(download.suggestedFilename()).toBe('Winter-of-Flannel.pdf')
  })
})

describe('every way, and the whole yard', () => {
  it('is a table that leads back to two hives', async () => {
    const page = await open('?see=all')
    await page.locator('[data-way-row="top:vented"]').click()
    await expect.poll(() => page.locator('.choose').innerText()).toMatch(/vented/)
    expect(page.url()).toContain('beside=top')
  })

  it('shows what each hive has, what the rule asks and what its heat burns; means can be typed', async () => {
    const page = await open('?see=yard')
    await expect.poll(() => page.locator('[data-winter-hive]').count()).toBe(5)
    const told = await page.locator('[data-winter-hive="Flannel"]').innerText()
    expect(told).toMatch(/rule asks\s+27 to 41 kg/)
    const mean = page.getByTestId('mean-3').locator('input')
    await mean.fill('-30')
    await mean.press('Enter')
    await saved(page)
    await expect.poll(() => page.locator('[data-winter-hive="Flannel"]').innerText()).not.toBe(told)
    await page.getByRole('button', { name: 'As usual in this climate' }).click()
    await expect.poll(() => page.locator('[data-winter-hive="Flannel"]').innerText()).toBe(told)
    await saved(page)
  })
})

describe('sensors of the air', () => {
  it('reads a file, asks about °F, and says what the newest reading means', async () => {
    const page = await open('?see=sensors')
    await page.getByTestId('no-air').waitFor()
    const lines = Array.from(
      { length: 40 },
      (_, i) =>
        `2025-11-${String(10 + (i % 10)).padStart(2, '0')} ${String(Math.floor(i / 10)).padStart(2, '0')}:00;${60 + (i % 9)};75`,
    )
    const text = ['time;temp;RH', ...lines, '2025-11-25 06:00;61;140'].join('\n')
    await page
      .getByTestId('air-file')
      .locator('input')
      .setInputFiles({ ...SHEET, buffer: Buffer.from(text) })
    await page.getByTestId('air-look').click()
    await expect
      .poll(() => page.getByTestId('import-air').innerText())
      .toMatch(/are they °F\?[\s\S]*Row 42: “140” is no humidity/)
    await page.getByTestId('air-fahrenheit').click()
    await expect
      .poll(() => page.getByTestId('air-said').innerText())
      .toMatch(/40 readings can be kept, from 1[56] °C to 20 °C; 1 row is/)
    await page.getByTestId('air-keep').click()
    await expect
      .poll(() => page.getByTestId('air-told').innerText())
      .toMatch(/Dew point [\d.]+ °C[\s\S]*the cluster gives about \d+/)
    await page.locator('[data-mode="ways"]').click()
    // A reading of last year says nothing of this one, until the keeper asks for it.
    await expect.poll(() => page.locator('.pair').innerText()).toMatch(/As it stands/)
    await page.locator('.by-sensor .el-switch').click()
    await expect.poll(() => page.locator('.pair').innerText()).toMatch(/As measured/)
    await page.locator('.by-sensor .el-switch').click()
    await expect.poll(() => page.locator('.pair').innerText()).toMatch(/As it stands/)
  })

  it('sets a sensor up, and charts what the simulated one sends', async () => {
    const page = await open('?see=sensors')
    await page.getByTestId('sensor-name').fill('By the door')
    await choose(page, 'sensor-place', 'outside')
    await page.getByTestId('add-sensor').click()
    const [, id, key] = /--id (\S+) --key (\S+)/.exec(await page.getByTestId('sensor-key').innerText())!
    for (const report of simulated(SENSOR, { days: 12, from: '2025-11-10', start: -2, place: 'outside', seed: 2 }))
      await sendReport(session.server.url, id!, key!, report)
    await page.reload()
    await page.getByTestId('air-chart').locator('canvas').waitFor()
    await expect
      .poll(() => page.locator('.sensors').innerText())
      .toMatch(/By the door, outside: last heard of .*battery \d+ %/)
    expect(await page.locator('.sensors').innerText()).not.toContain(key!)
  })
})

describe('on a phone and by ear', () => {
  it('fits its width, and the axe finds nothing', async () => {
    const page = await open('', { width: 390, height: 844, touch: true })
    await expect.poll(() => page.getByTestId('winter-section').count()).toBe(2)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    expect(await axeFinds(page, (impact) => impact === 'critical' || impact === 'serious')).toEqual([])
    expect(await page.getByTestId('winter-section').first().getAttribute('aria-label')).toMatch(
      /top: [\d.]+ W, R [\d.]+/,
    )
  })
})
