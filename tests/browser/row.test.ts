import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { DEMO, demoPlan, storedYards } from '../helpers/wire'
import { drawn, layers, saved, useSession } from './session'

const session = useSession({ seed: DEMO })

describe('the row', () => {
  it('shows both yards, every hive on one ground line with its worst finding in words', async () => {
    const page = await session.open()
    await page.waitForSelector('[data-hive="Flannel"]')
    await expect.poll(() => page.locator('[data-hive]').count()).toBe(11)
    await expect
      .poll(() => page.locator('[data-hive="Calico"]').innerText())
      .toMatch(/Mend: 15\.88 mm comb between, super 2 over super 1/)
    await expect.poll(() => page.locator('[data-hive="Twill"]').innerText()).toMatch(/Good: nothing to mend/)
    await expect.poll(() => page.locator('.yard').first().innerText()).toMatch(/6 hives\s+4 to mend\s+2 good/)
  })

  it('opens a hive, copies one, removes one, and undoes it all', async () => {
    const page = await session.open()
    await page.waitForSelector('[data-hive="Twill"]')
    const menu = async (hive: string, item: string) => {
      await page.getByRole('button', { name: `More for ${hive}`, exact: true }).click()
      await page.getByRole('menuitem', { name: item }).filter({ visible: true }).click()
    }
    await menu('Twill', 'Copy')
    await page.waitForSelector('[data-hive="Twill (2)"]')
    await menu('Twill', 'Remove')
    await page.waitForFunction(() => !document.querySelector('[data-hive="Twill"]'))
    await page.getByTestId('undo').click()
    await expect.poll(() => page.getByTestId('undone').innerText()).toMatch(/^Undone: .+, made .+ at \d\d:\d\d/)
    await page.waitForSelector('[data-hive="Twill"]')
    await page.getByTestId('undo').click()
    await page.waitForFunction(() => !document.querySelector('[data-hive="Twill (2)"]'))
    await saved(page)
    expect((await storedYards(session.server.url))[0]!.yard).toEqual(demoPlan().yards[0])
    await page
      .getByRole('link', { name: /Open Twill / })
      .first()
      .click()
    await drawn(page)
  })

  it('brings in a plan file and says what is wrong with one that is none', async () => {
    const page = await session.open()
    await page.waitForSelector('[data-hive="Twill"]')
    const bring = (name: string, text: string) =>
      page
        .getByTestId('import-file')
        .locator('input')
        .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
    await bring('no.json', '{"format":"duvet-plan","version":9,"yards":[]}')
    await page.getByText('version is 9: this Duvet reads version 8').waitFor()
    const plan = JSON.parse(readFileSync(DEMO, 'utf8')) as { yards: { name: string }[] }
    plan.yards[0]!.name = '<script>alert(1)</script>'
    await bring('yes.json', JSON.stringify({ ...plan, books: [], yards: [plan.yards[0]] }))
    await page.getByRole('heading', { name: '<script>alert(1)</script>' }).waitFor()
  })

  it('takes a yard away and brings it back', async () => {
    const page = await session.open()
    const yard = page.getByRole('heading', { name: 'Kiln Bank', exact: true })
    await yard.waitFor()
    await page.locator('.yard', { has: yard }).getByRole('button', { name: 'Yard…' }).click()
    await page.getByTestId('remove-yard').click()
    await yard.waitFor({ state: 'detached' })
    await page.reload()
    await page.getByRole('button', { name: 'Bring back Kiln Bank' }).click()
    await yard.waitFor()
    await page.waitForSelector('[data-hive="Corduroy"]')
  })

  it('works on a phone: scrolls sideways, and a hive is edited by touch alone', async () => {
    const page = await session.open('/', { width: 390, height: 844, touch: true })
    await page.waitForSelector('[data-hive="Twill"]')
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    await page
      .getByRole('link', { name: /Open Twill / })
      .first()
      .tap()
    await drawn(page)
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    const before = await layers(page)
    await page.getByTestId('open-tray').tap()
    await page.locator('[data-pattern="box-national-super"]').tap()
    await expect.poll(() => layers(page)).toHaveLength(before.length + 1)
    const small = await page.$$eval('button, a, select', (all) =>
      all
        .filter((one) => {
          const box = one.getBoundingClientRect()
          return box.width > 0 && box.height > 0 && box.height < 43.9
        })
        .map((one) => one.textContent),
    )
    expect(small).toEqual([])
    await page.getByTestId('undo').tap()
    await expect.poll(() => layers(page)).toEqual(before)
    await saved(page)
  })
})
