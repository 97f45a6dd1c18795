import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { storedYards } from '../helpers/wire'
import { axeFinds } from './axe'
import { drawn, hivePath, layers, saved, useSession } from './session'

const session = useSession({})

const seriousOn = (page: Page) => axeFinds(page, (impact) => impact === 'serious' || impact === 'critical')

describe('a first hive', () => {
  it('is built from empty by keyboard alone, with a visible focus and spoken names', async () => {
    const page = await session.open()
    await page.getByTestId('start-empty').waitFor()
    expect(await seriousOn(page)).toEqual([])
    const focused = () =>
      page.evaluate(() => {
        const element = document.activeElement!
        const style = getComputedStyle(element)
        return {
          text: element.getAttribute('aria-label') ?? element.textContent?.trim() ?? '',
          visible: style.outlineStyle !== 'none' || style.strokeWidth === '4px',
        }
      })
    const tabTo = async (name: RegExp) => {
      for (let i = 0; i < 80; i++) {
        await page.keyboard.press('Tab')
        const now = await focused()
        if (name.test(now.text)) return expect(now.visible).toBe(true)
      }
      throw new Error(`no ${name} to be reached`)
    }
    await tabTo(/^Start with nothing/)
    await page.keyboard.press('Enter')
    await page.waitForURL(/\/hives\//)
    await page.getByText('Nothing stands here yet').waitFor()
    const put = async (name: RegExp) => {
      const before = (await layers(page)).length
      await page.keyboard.press('Escape')
      await page.keyboard.press('a')
      await page.waitForFunction(() => document.activeElement?.classList.contains('item'))
      if (!name.test((await focused()).text)) await tabTo(name)
      await page.keyboard.press('Enter')
      await expect.poll(async () => (await layers(page)).length).toBe(before + 1)
      await expect.poll(() => page.getByTestId('spoken').innerText()).toMatch(/ stands, (above|on the ground)/)
      expect((await focused()).text).toMatch(name)
    }
    await put(/^Timber stand/)
    await put(/^Solid floor/)
    await put(/^Deep/)
    await put(/^Crown board/)
    await put(/^Deep roof/)
    await expect.poll(() => layers(page)).toHaveLength(5)
    await expect.poll(() => page.getByTestId('summary').innerText()).toContain('Nothing to mend')
    await page.keyboard.press('Escape')
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('ArrowUp')
    await expect.poll(async () => (await focused()).text).toMatch(/^Solid floor, layer 2 of 5 from the ground/)
    expect((await focused()).visible).toBe(true)
    await page.keyboard.press('Alt+ArrowUp')
    await expect.poll(() => page.locator('[data-rule="order.below-floor"]').count()).toBe(1)
    await page.keyboard.press('Control+z')
    await expect.poll(() => page.locator('[data-rule="order.below-floor"]').count()).toBe(0)
    await saved(page)
    const stored = (await storedYards(session.server.url))[0]!.yard
    expect(stored.hives[0]!.stack).toHaveLength(5)
    expect(await seriousOn(page)).toEqual([])
    await page.goto(session.server.url)
    await page.waitForSelector('[data-hive="First hive"]')
    expect(await seriousOn(page)).toEqual([])
  })

  it.each(['langstroth', 'national'])('starts with a %s that is right as it stands', async (start) => {
    const page = await session.open()
    await page.getByRole('button', { name: 'Add a hive' }).first().click()
    await page.getByTestId(`new-${start}`).click()
    await expect.poll(() => page.getByRole('alert').innerText()).toContain('The name is empty')
    await page.getByTestId('new-hive-name').fill(`Hive & ${start}`)
    await page.getByTestId(`new-${start}`).click()
    await drawn(page)
    await page.locator('[data-part]').nth(2).click()
    await page.keyboard.press('n')
    await page.keyboard.press('x')
    expect(await seriousOn(page)).toEqual([])
    await page.keyboard.press('Escape')
    await expect.poll(() => page.locator('.finding.stop, .finding.mend').count()).toBe(0)
    await expect.poll(() => page.title()).toBe(`Hive & ${start} – Duvet`)
    await saved(page)
  })

  it('finds nothing serious on the other views either', async () => {
    const page = await session.open('/fit')
    await page.goto(session.server.url)
    await page.locator('[data-hive]').first().waitFor()
    const box = (await storedYards(session.server.url))[0]!.yard.parts.find(({ contents }) => contents.length > 0)!
    for (const [path, sign] of [
      ['/fit', '[data-cell]'],
      ['/shed', 'main table'],
      ['/sources', 'main table'],
      ['/frames', '.box'],
      [`/frames/${encodeURIComponent(box.id)}`, '[data-frame]'],
      ['/build', '[data-testid="sheet"]'],
      ['/lift', '[data-testid="lift-summary"]'],
      ['/year', '[data-planned]'],
    ] as const) {
      await page.goto(session.server.url + path)
      await page.locator(sign).first().waitFor()
      expect(await seriousOn(page), path).toEqual([])
    }
  })

  it('says so where a hive is not', async () => {
    const page = await session.open(hivePath('nowhere'))
    await page.getByText('There is nothing at this address').waitFor()
  })
})
