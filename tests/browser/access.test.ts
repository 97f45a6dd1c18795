import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { DEMO } from '../helpers/wire'
import { axeFinds } from './axe'
import { useSession } from './session'

const session = useSession({ seed: DEMO })

/** What axe finds that is more than minor. */
const foundOn = (page: Page) => axeFinds(page, (impact) => impact !== 'minor')

const YARD = '/yards/kiln-bank'
const HIVE = `${YARD}/hives/corduroy%2F0`
const VIEWS: readonly (readonly [path: string, sign: string])[] = [
  ['/', '[data-hive]'],
  ['/?as=grid', '[data-hive]'],
  [`${YARD}/year`, '[data-planned]'],
  [`${YARD}/year?see=keeping`, '[data-choice]'],
  [`${YARD}/year?see=dates`, '[data-testid="climate"]'],
  [`${YARD}/year?see=kit`, '[data-to-get]'],
  [`${YARD}/shed`, 'main table'],
  [`${YARD}/boxes`, '.box'],
  [`${HIVE}/bench`, '[data-testid="drawing"] [data-part]'],
  [`${HIVE}/weight`, '[data-lift]'],
  [`${HIVE}/weight?see=lighter`, '[data-way]'],
  [`${HIVE}/weight?see=standing`, '[data-testid="tipping"]'],
  [`${HIVE}/weight?see=weigh`, 'main .wide'],
  [`${HIVE}/winter`, '[data-arrow]'],
  [`${HIVE}/winter?see=all`, '[data-way-row]'],
  [`${HIVE}/winter?see=sensors`, '[data-testid="no-air"]'],
  [`${HIVE}/winter?see=yard`, '[data-winter-hive]'],
  [`${HIVE}/book`, 'main'],
  [`${HIVE}/look`, '[data-comb]'],
  [`${HIVE}/book?see=food`, '[data-testid="food-drawn"]'],
  [`${HIVE}/book?see=years`, '[data-testid="book-years"] canvas'],
  [`${YARD}/due`, '[data-due], [data-gathered]'],
  [`${YARD}/due/records`, '[data-testid="yard-mites"] canvas'],
  [`${YARD}/due/records?see=winters`, '[data-testid="winters"] table'],
  [`${YARD}/due/records?see=trials`, '[data-testid="trial-draw"]'],
  [`${YARD}/due/records?see=frames`, '[data-testid="nuclei"]'],
  [`${YARD}/due/records?see=files`, '[data-testid="record-print"]'],
  ['/fit', '[data-cell]'],
  ['/build', '[data-testid="sheet"]'],
  ['/sources', 'main table'],
  [`${YARD}/hives/nobody/bench`, 'h1'],
]

describe.each([
  ['at a desk', {}],
  ['on a phone', { width: 390, height: 844, touch: true }],
] as const)('every view %s', (_where, size) => {
  it('has nothing that axe calls moderate or worse, and never scrolls sideways', async () => {
    const page = await session.open('/', size)
    for (const [path, sign] of VIEWS) {
      await page.goto(session.server.url + path)
      await page.locator(sign).first().waitFor()
      expect(await foundOn(page), path).toEqual([])
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(over, path).toBeLessThanOrEqual(0)
    }
  })

  it('opens dialogs and drawers that hold to the same, and gives the focus back', async () => {
    const page = await session.open(`${HIVE}/bench`, size)
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await page.locator('[data-testid="drawing"] [data-part]').first().waitFor()
    await page.keyboard.press('?')
    await page.getByRole('dialog').waitFor()
    expect(await foundOn(page)).toEqual([])
    const picture = page.getByTestId('parts-picture')
    expect(await picture.textContent()).toMatch(/Crown board *Inner cover/)
    await page.evaluate(() => localStorage.setItem('duvet.words', 'northAmerican'))
    await page.reload()
    await page.locator('[data-testid="drawing"] [data-part]').first().waitFor()
    await page.keyboard.press('?')
    await expect.poll(() => picture.textContent()).toMatch(/Inner cover *Crown board/)
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'detached' })
    await page.keyboard.press('/')
    await page.getByTestId('finder').waitFor()
    expect(await foundOn(page)).toEqual([])
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'detached' })
    await page.getByTestId('menu').click()
    await page.getByTestId('open-help').click()
    await page.getByRole('dialog').waitFor()
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'detached' })
    const heldBy = () =>
      page.evaluate(() => document.activeElement?.closest('[data-testid]')?.getAttribute('data-testid'))
    await expect.poll(heldBy, { timeout: 5000 }).toBe('menu')
  })
})

describe('a narrow window', () => {
  it.each([320, 640])('of %i px holds every view without scrolling sideways', async (width) => {
    const page = await session.open('/', { width, height: 700 })
    for (const [path, sign] of VIEWS) {
      await page.goto(session.server.url + path)
      await page.locator(sign).first().waitFor({ state: 'attached' })
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(over, path).toBeLessThanOrEqual(0)
    }
  })
})

describe('the focus', () => {
  it('shows a ring at every stop of Tab, frames and thin parts included', async () => {
    const page = await session.open(`${HIVE}/bench`)
    await page.locator('[data-testid="drawing"] [data-part]').first().waitFor()
    await page.emulateMedia({ reducedMotion: 'reduce' })
    const bare = new Set<string>()
    for (const path of [`${HIVE}/bench`, `${YARD}/year`, `${HIVE}/weight`]) {
      await page.goto(session.server.url + path)
      await page.locator('main').waitFor()
      await page.waitForTimeout(800)
      for (let i = 0; i < 60; i++) {
        await page.keyboard.press('Tab')
        const seen = await page.evaluate(async () => {
          const element = document.activeElement!
          if (element === document.body) return null
          const around: Element[] = []
          for (let one: Element | null = element; one && around.length < 5; one = one.parentElement) around.push(one)
          const inner = element.querySelector('.edge')
          for (let frame = 0; frame < 20; frame++) {
            await new Promise((done) => requestAnimationFrame(done))
            const ring = around.some((one, up) => {
              const style = getComputedStyle(one)
              return (
                (up < 2 && style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2) ||
                (up < 2 && style.strokeWidth === '4px') ||
                /0px 0px 0px 3px/.test(style.boxShadow)
              )
            })
            if (ring || (inner && getComputedStyle(inner).stroke !== 'none')) return null
          }
          return element.outerHTML.slice(0, 120)
        })
        if (seen) bare.add(seen)
      }
    }
    expect([...bare]).toEqual([])
  })
})
