import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { stagesOf } from '#core/year'
import { DEMO, storedYards } from '../helpers/wire'
import { choose, drawn, hivePath, layers, saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const lift = async (hive: string, options: Parameters<typeof session.open>[1] = {}): Promise<Page> => {
  const page = await session.open(`/lift/${encodeURIComponent(`${hive}/0`)}`, options)
  await page.getByTestId('lift-summary').waitFor()
  return page
}

describe('weights', () => {
  it('stand on the drawing by key, with what they are made of, and follow state, timber and fill', async () => {
    const page = await session.open(hivePath('corduroy/0'))
    await drawn(page)
    await page.keyboard.press('w')
    await expect.poll(() => page.locator('[data-weight]').count()).toBeGreaterThan(5)
    const total = async () =>
      Number(/(\d+\.\d) kg/.exec(await page.getByTestId('weight-card').locator('.total').innerText())![1])
    const asSaid = await total()
    await choose(page, 'fullness', 'Full')
    await expect.poll(total).toBeGreaterThan(asSaid + 10)
    expect(await page.getByTestId('weighed-as').innerText()).toBe('Weighed as: full')
    const full = await total()
    await choose(page, 'timber', /redcedar/i)
    await expect.poll(total).toBeLessThan(full)
    await page.getByTestId('fill').fill('140')
    await page.getByTestId('fill').press('Tab')
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/Fill is not a share from 0 to 100/)
    await page.getByTestId('fill').fill('50')
    await page.getByTestId('fill').press('Tab')
    await expect.poll(total).toBeLessThan(full - 20)
    await page.reload()
    await drawn(page)
    // What it is weighed as ends with the view; timber and fill are how it is here.
    await expect.poll(() => page.locator('.choices .el-select').first().innerText()).toContain('As its frames say')
    expect(await page.getByTestId('weighed-as').count()).toBe(0)
    await page.keyboard.press('u')
    await expect.poll(() => page.getByTestId('weight-card').locator('.total').innerText()).toMatch(/lb/)
    await page.keyboard.press('u')
  })

  it('stand in the row, with the heaviest lift', async () => {
    const page = await session.open('/')
    await expect
      .poll(() => page.locator('[data-hive="Twill"]').innerText())
      .toMatch(/\d+\.\d kg, heaviest lift \d+\.\d kg/)
  })
})

describe('lifting', () => {
  it('shows every box from where it is taken to where it is put down, judged by three schools', async () => {
    const page = await lift('corduroy')
    await expect.poll(() => page.locator('[data-lift]').count()).toBe(5)
    await expect.poll(() => page.getByTestId('lift-summary').innerText()).toMatch(/full inspection: 10 lifts/)
    expect(await page.getByTestId('verdict').innerText()).toMatch(
      /is too heavy alone: 30\.\d kg, about 12 kg by the lifting equation/,
    )
    await page.getByRole('button', { name: 'Why' }).click()
    await expect.poll(() => page.getByTestId('factors').innerText()).toMatch(/HM 0\.62[\s\S]*Recommended weight/)
    await page.locator('[data-school="zones"]').click()
    await expect.poll(() => page.getByTestId('factors').innerText()).toMatch(/Guideline weight/)
    await page.locator('[data-school="own-limit"]').click()
    await page.getByTestId('profile-limit').fill('15')
    await page.getByTestId('profile-limit').press('Tab')
    await expect.poll(() => page.getByTestId('factors').innerText()).toMatch(/About 15\.0 kg by my own limit/)
    await page.locator('[data-lift]').first().press('Enter')
    await expect.poll(() => page.getByTestId('factors').innerText()).toMatch(/^Super 4/)
    await page.reload()
    await expect.poll(() => page.getByTestId('profile-limit').inputValue()).toBe('15.0')
    expect(JSON.stringify(await storedYards(session.server.url))).not.toContain('limitKg')
  })

  it('refuses heights that no body has, and what is no figure', async () => {
    const page = await lift('twill')
    for (const [field, text, sentence] of [
      ['profile-elbowMm', '160', /does not lie between/],
      ['profile-statureMm', '90', /Body height is not between 100 cm and 230 cm/],
      ['profile-knuckleMm', 'low', /Knuckle is not a height: type one such as 163 cm/],
      ['profile-limit', 'a lot', /Own limit is not a mass/],
    ] as const) {
      await page.getByTestId(field).fill(text)
      await page.getByTestId(field).press('Tab')
      await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(sentence)
    }
  })

  it('opens a profile from a file, and says what is wrong with one that is none', async () => {
    const page = await lift('twill')
    const saved = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Save as file' }).click()
    const text = readFileSync(await (await saved).path(), 'utf8')
    const profile = (change: object) => ({
      name: 'mine.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ ...JSON.parse(text), ...change })),
    })
    await page
      .getByTestId('profile-file')
      .locator('input')
      .setInputFiles(profile({ statureMm: 1850 }))
    await expect.poll(() => page.getByTestId('profile-statureMm').inputValue()).toBe('185 cm')
    await page
      .getByTestId('profile-file')
      .locator('input')
      .setInputFiles(profile({ people: 9 }))
    await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(/no profile/)
    expect(await page.getByTestId('profile-statureMm').inputValue()).toBe('185 cm')
  })

  it('offers something lighter, makes it, and undo puts everything back', async () => {
    const page = await lift('corduroy')
    await page.locator('[data-mode="lighter"]').click()
    await expect.poll(() => page.locator('.wide p').first().innerText()).toMatch(/^\d{3} ways tried/)
    const before = (await storedYards(session.server.url))[1]!.yard.hives[0]!.stack.length
    await page.getByTestId('all-ways').click()
    const way = page.locator('[data-way="shallower-supers"], [data-way="shallower-brood"]').first()
    await way.press('Enter')
    await expect.poll(() => page.getByTestId('beside').innerText()).toMatch(/a size lower[\s\S]*To get\s+\d+ ×/)
    await page.getByTestId('take-way').click()
    await page.getByTestId('lift-summary').waitFor()
    await saved(page)
    await expect
      .poll(async () => (await storedYards(session.server.url))[1]!.yard.hives[0]!.stack.length)
      .toBeGreaterThan(before)
    await page.getByTestId('undo').click()
    await saved(page)
    await expect.poll(async () => (await storedYards(session.server.url))[1]!.yard.hives[0]!.stack.length).toBe(before)
    await page.getByRole('link', { name: 'Bench', exact: true }).click()
    await drawn(page)
    await expect.poll(() => layers(page)).toHaveLength(before)
  })

  it('says whether it stands, and what out of level means', async () => {
    const page = await lift('damask')
    await page.locator('[data-mode="standing"]').click()
    await expect
      .poll(() => page.getByTestId('standing').innerText())
      .toMatch(/Tips it as it stands\s+\d+ km\/h[\s\S]*An exposed yard ties down/)
    expect(await page.getByTestId('tipping').getAttribute('data-tips')).toBe('false')
    await page.getByTestId('wind').getByRole('slider').press('End')
    await expect.poll(() => page.getByTestId('tipping').getAttribute('data-tips')).toBe('true')
    await page.getByTestId('tilt-across').fill('5')
    await expect.poll(() => page.getByTestId('standing').innerText()).toMatch(/sideways: comb hangs crooked/)
    await page.locator('.tick').first().click()
    await page.reload()
    await page.locator('[data-mode="standing"]').click()
    await expect.poll(() => page.locator('.tick input').first().isChecked()).toBe(true)
  })

  it('charts the year, with the same figures in a table, and a day’s work for the yard', async () => {
    const page = await lift('twill')
    await page.locator('[data-mode="year"]').click()
    await page.getByTestId('year-chart').locator('canvas').waitFor()
    const { yard } = (await storedYards(session.server.url)).find(({ yard: { hives } }) =>
      hives.some(({ id }) => id === 'twill/0'),
    )!
    await expect
      .poll(() => page.locator('[data-load]').evaluateAll((rows) => rows.map((row) => row.getAttribute('data-load'))))
      .toEqual(stagesOf(yard))
    const load = (stage: string) => page.locator('tr', { has: page.locator(`[data-load="${stage}"]`) })
    const [, inCrop] = /([\d.]+) kg/.exec(await load('crop').innerText())!
    const [, inWinter] = /([\d.]+) kg/.exec(await load('winter').innerText())!
    expect(Number(inCrop)).toBeGreaterThan(Number(inWinter))
    await expect
      .poll(() => page.getByTestId('day').innerText())
      .toMatch(
        /\d+ lifts, [\d.]+ kg moved, \d+ frames lifted and turned over[\s\S]*worst time of the year, as planned \((flow|crop)\)/,
      )
  })

  it('works on a phone at the hive', async () => {
    const page = await lift('twill', { width: 390, height: 844, touch: true })
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    await page.locator('[data-mode="standing"]').tap()
    await page.getByTestId('standing').waitFor()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  })
})
