import { expect } from 'vitest'
import type { Locator, Page } from 'playwright-core'
import type { Reader } from '#core/words'
import { look } from '../helpers/never-said'

const hive = (id: string, view: string) => `/yards/kiln-bank/hives/${id}%2F0/${view}`
const yard = (view: string) => `/yards/kiln-bank/${view}`
const HIVE_VIEWS = ['bench', 'book', 'look', 'weight', 'winter']
/** Every view, of hives in more than one state. */
export const VIEWS = [
  '/',
  '/fit',
  '/build',
  '/sources',
  ...['year', 'shed', 'due', 'due/records', 'boxes', 'keepers'].map(yard),
  ...HIVE_VIEWS.map((view) => hive('corduroy', view)),
  ...HIVE_VIEWS.map((view) => hive('muslin', view)),
  ...['bench', 'book', 'weight'].map((view) => hive('ticking', view)),
  ...['book', 'winter'].map((view) => hive('serge', view)),
]

/** What happened to the hives of the yard: dead of what may be a disease, closed for a sign, two crops. */
export async function live(url: string): Promise<void> {
  const at = (daysAgo: number) => new Date(Date.now() - daysAgo * 86_400_000).toISOString().slice(0, 16)
  const entry = (hiveId: string, sort: string, body: object, daysAgo: number, n: number) => ({
    id: `said-${n}`,
    hiveId: `${hiveId}/0`,
    at: at(daysAgo),
    madeAt: new Date().toISOString(),
    device: 'phone',
    sort,
    body,
  })
  const entries = [
    entry('muslin', 'fate', { fate: 'dead', of: 'disease' }, 1, 1),
    entry('ticking', 'look', { signs: ['ropy-cell'] }, 1, 2),
    entry('serge', 'crop', { kg: 12 }, 120, 3),
    entry('serge', 'crop', { kg: 9 }, 90, 4),
  ]
  const answer = await fetch(`${url}/api/yards/kiln-bank/book`, {
    method: 'POST',
    body: JSON.stringify({ entries }),
    headers: { 'content-type': 'application/json' },
  })
  expect(answer.ok).toBe(true)
}

/** Every line that can be read or heard on the page as it stands: the text of one block, or of one button. */
export const lines = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const rooms = [...document.querySelectorAll<HTMLElement>('main, .el-dialog, .el-drawer, .el-popper')]
    const seen = rooms.filter((room) => room.checkVisibility())
    const blockOf = (element: Element): Element =>
      !element.parentElement ||
      ['BUTTON', 'text'].includes(element.tagName) ||
      !getComputedStyle(element).display.startsWith('inline')
        ? element
        : blockOf(element.parentElement)
    const blocks = new Map<Element, string>()
    for (const room of seen) {
      const walker = document.createTreeWalker(room, NodeFilter.SHOW_TEXT)
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const parent = node.parentElement!
        if (!parent.checkVisibility() || ['STYLE', 'TITLE', 'title', 'desc'].includes(parent.tagName)) continue
        const block = blockOf(parent)
        blocks.set(block, (blocks.get(block) ?? '') + node.textContent)
      }
    }
    const heard = seen.flatMap((room) =>
      [...room.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((one) =>
        ['aria-label', 'title', 'placeholder'].map((name) => one.getAttribute(name) ?? ''),
      ),
    )
    return [...blocks.values(), ...heard].map((line) => line.replace(/\s+/g, ' ').trim()).filter(Boolean)
  })

/** Has the pages of this tab said in the words and figures of a reader. */
export async function readAs(page: Page, reader: Reader): Promise<void> {
  await page.addInitScript((said) => {
    localStorage.setItem('duvet.words', said.vocabulary)
    localStorage.setItem('duvet.units', said.units)
  }, reader)
}

/** What a reader is never to read of the page as it stands; a keeper's own words of a trial stay as they are. */
export async function wronglySaid(page: Page, reader: Reader, where: string): Promise<string[]> {
  return (await lines(page))
    .filter((one) => one !== 'slab on the crown')
    .flatMap((line) => {
      try {
        look([line], reader, where)
        return []
      } catch (error) {
        return [(error as Error).message]
      }
    })
}

export async function settled(page: Page): Promise<void> {
  let before = ''
  await expect
    .poll(
      async () => {
        const now = (await lines(page)).join()
        const same = now === before && now.length > 0 && !/Working it out|Setting the sheet/.test(now)
        before = now
        return same
      },
      { timeout: 20_000, interval: 250 },
    )
    .toBe(true)
}

/** Closes what a view asks by itself, such as the climate of its yard. */
async function closed(page: Page): Promise<void> {
  const asking = page.locator('.el-dialog:visible')
  if ((await asking.count()) === 0) return
  await page.keyboard.press('Escape')
  await asking.first().waitFor({ state: 'hidden' })
}

const OPENERS = ['write-else', 'new-pattern', 'own-insulation', 'choose-spring', 'open-climate', 'source-change']
/** What opens something over the view: buttons that end in dots, and some that are known by name. */
async function opening(page: Page): Promise<{ word: string; locate: () => Locator }[]> {
  const words = await page
    .locator('main button:visible')
    .evaluateAll((all) => all.map((one) => one.textContent.trim()).filter((word) => /[\p{L}]+…$/u.test(word)))
  const dotted = [...new Set(words)].map((word) => ({
    word,
    locate: () => page.locator('main button:visible', { hasText: word }).first(),
  }))
  const named = OPENERS.map((word) => ({ word, locate: () => page.getByTestId(word).first() }))
  const there = await Promise.all(named.map(({ locate }) => locate().isVisible()))
  return [...dotted, ...named.filter((_, i) => there[i])]
}

/** Shows views, each of their faces, and what opens over them, one after the other; yields what is shown. */
export async function* everyFace(page: Page, url: string, views: readonly string[] = VIEWS): AsyncGenerator<string> {
  for (const view of views) {
    await page.goto(url + view)
    await settled(page)
    yield view
    await closed(page)
    const modes = await page.locator('main [data-mode]').evaluateAll((all) => all.map((one) => one.dataset.mode))
    for (const mode of new Set(modes)) {
      const face = page.locator(`main [data-mode="${mode}"]`).first()
      if (!(await face.isVisible())) continue
      await face.click()
      await settled(page)
      yield `${view} ${mode}`
    }
    for (const opens of await opening(page)) {
      await page.goto(url + view)
      await settled(page)
      await closed(page)
      await opens.locate().click()
      await settled(page)
      yield `${view}, ${opens.word}`
    }
  }
}
