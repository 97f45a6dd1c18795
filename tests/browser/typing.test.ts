import type { Locator, Page } from 'playwright-core'
import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO } from '../helpers/wire'
import { typeDay, useSession } from './session'
import type { Reader } from '#core/words'
import { look } from '../helpers/never-said'
import { everyFace, live, readAs } from './views'

const session = useSession({ seed: DEMO })
const TYPED = ['20/12/2026', '12,5', '2 1/2', '5 lb', '3/8 in', 'soon', '−1', '999999']

const AMERICAN: Reader = { units: 'inches', vocabulary: 'northAmerican' }

/** Whether what is told of something typed is in its reader’s words, beside what was typed and what might have been. */
function isWronglyTold(alert: string, typed: string): string[] {
  const told = alert.replaceAll(typed, '…').replace(/“[^”]*”|such as [^.]*/g, '…')
  try {
    look([told], AMERICAN, 'what is told of something typed')
    return []
  } catch (error) {
    return [(error as Error).message]
  }
}

/** Fields of text that are seen and can be typed into, those that search left out. */
async function fields(page: Page): Promise<Locator[]> {
  const over = page.locator('.el-dialog:visible, .el-drawer:visible')
  const room = (await over.count()) > 0 ? over.last() : page.locator('main')
  const all = await room.locator('input:visible:not([readonly]):not([disabled]):not([role="combobox"])').all()
  const kinds = await Promise.all(
    all.map((one) =>
      one.evaluate(
        (input: HTMLInputElement) => /^(text|number|)$/.test(input.type) && !/search/i.test(input.placeholder),
      ),
    ),
  )
  return all.filter((_, i) => kinds[i])
}

const said = (page: Page) => page.locator('[role="alert"]:visible').allInnerTexts()

describe('every field there is', () => {
  beforeAll(() => live(session.server.url))

  it('keeps what is typed into it, or says what is wrong with it in its reader’s words: nothing vanishes unsaid', async () => {
    const page = await session.open('/')
    await readAs(page, AMERICAN)
    const vanished: string[] = []
    const wronglyTold = new Set<string>()
    const known = new Set<string>()
    for await (const face of everyFace(page, session.server.url))
      for (const field of await fields(page)) {
        const name = await field.evaluate(
          (input: HTMLInputElement) =>
            input.ariaLabel || input.labels?.[0]?.textContent.trim() || input.id || input.name,
        )
        if (known.has(name) || !(await field.isVisible())) continue
        known.add(name)
        for (const typed of TYPED) {
          await field.fill(typed).catch(() => undefined)
          await field.press('Tab').catch(() => undefined)
          if (!(await field.isVisible())) break
          const after = await field.inputValue()
          const alerts = await said(page)
          const told = alerts.some((one) => one.includes(typed) || one.includes(name))
          for (const one of alerts.flatMap((alert) => isWronglyTold(alert, typed))) wronglyTold.add(one)
          if (after === '' && !told) vanished.push(`${name} in ${face}: ${typed}`)
        }
      }
    expect(known.size).toBeGreaterThan(30)
    expect(vanished).toEqual([])
    expect([...wronglyTold]).toEqual([])
  }, 600_000)

  it('takes a day as it is typed in the forms of its reader, and says what is no day', async () => {
    const page = await session.open('/yards/kiln-bank/hives/corduroy%2F0/look')
    const field = page.getByTestId('look-at').locator('input')
    await typeDay(page, 'look-at', '20/9/2026 14:05')
    await expect.poll(() => field.inputValue()).toBe('20 Sep 2026 14:05')
    await typeDay(page, 'look-at', '31/2/2026')
    await expect
      .poll(() => said(page).then((all) => all.join()))
      .toMatch(/“31\/2\/2026” is no day: type one such as 20 Dec 2026/)
    await typeDay(page, 'look-at', '3 Aug 2026')
    await expect.poll(() => field.inputValue()).toBe('3 Aug 2026 14:05')
    expect(await said(page)).toEqual([])
  })
})
