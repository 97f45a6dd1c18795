import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import type { Entry } from '#core/book'
import { emptyYard } from '#core/yard'
import { entry } from '../helpers/book'
import { DEMO, get, post, storedYards } from '../helpers/wire'
import { saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const YARD = 'kiln-bank'
const path = (id: string, view: string) => `/yards/${YARD}/hives/${id}%2F0/${view}`
const write = async (...entries: Entry[]) => {
  const answer = await post(`${session.server.url}/api/yards/${YARD}/book`, { entries })
  expect(answer.status).toBe(200)
}
const now = () => new Date(Date.now() - 3_600_000).toISOString().slice(0, 16)
const fate = (id: string, hive: string, body: object) =>
  entry('fate', now(), body as never, { id, hiveId: `${hive}/0` })
const colony = (page: Page) => page.getByTestId('colony')

describe('a hive whose colony is dead of what may be a disease', () => {
  it('is known to every view, and to a tab that was open before, and holds what stands there', async () => {
    const before = await session.open('/')
    await before.locator('[data-hive="Muslin"]').first().waitFor()
    await write(fate('dead', 'muslin', { fate: 'dead', of: 'disease' }))
    const page = await session.open(path('muslin', 'bench'))
    await page.getByText('The colony is dead').waitFor()
    // It ends by what is written, not by an acceptance; and nothing that is held is offered to be moved.
    const finding = page.locator('.part', { hasText: 'The colony is dead' })
    expect(await finding.getByRole('button', { name: 'Accept…' }).count()).toBe(0)
    expect(await page.getByRole('button', { name: /Swap the super/ }).count()).toBe(0)
    for (const view of ['weight', 'book', 'look', 'winter']) {
      await page.goto(session.server.url + path('muslin', view))
      await expect
        .poll(() => colony(page).innerText(), { timeout: 10_000 })
        .toMatch(/Nothing is taken from Muslin: dead since .*disease/s)
    }
    await page.goto(`${session.server.url}/`)
    const card = page.locator('[data-hive="Muslin"]').first()
    await expect.poll(() => card.innerText()).toMatch(/dead/i)
    expect(await card.innerText()).not.toMatch(/good/i)
    await page.goto(`${session.server.url}/yards/${YARD}/due`)
    await expect.poll(() => page.getByRole('main').innerText()).toMatch(/Muslin[\s\S]*looked at/)
    // The other tab asks again when it is looked at.
    await before.reload()
    await expect.poll(() => before.locator('[data-hive="Muslin"]').first().innerText()).toMatch(/dead/i)
  })

  it('is never drawn as one that lives, also where its book is slower than its yard', async () => {
    const page = await session.open('/sources')
    await page.route('**/api/yards/colonies*', async (route) => {
      await new Promise((later) => setTimeout(later, 600))
      await route.continue()
    })
    await page.goto(session.server.url + path('muslin', 'bench'))
    await page.locator('[data-testid="drawing"] [data-part]').first().waitFor()
    expect((await page.getByTestId('drawing').allTextContents()).join()).toMatch(/dead/i)
  })

  it('is held until somebody says that it was looked at, from the line itself', async () => {
    await write(fate('gone', 'serge', { fate: 'dead' }))
    const page = await session.open(path('serge', 'weight'))
    await page.getByTestId('write-cleared').click()
    await page.waitForURL(/write=cleared/)
    await page.getByText('Looked at, and nothing found').click()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await saved(page)
    await page.goto(session.server.url + path('serge', 'weight'))
    await colony(page).waitFor()
    await expect.poll(() => page.getByTestId('write-cleared').count()).toBe(0)
    const book = await get<Entry[]>(`${session.server.url}/api/yards/${YARD}/hives/serge%2F0/book`)
    expect(book.map(({ sort }) => sort)).toContain('cleared')
  })
})

describe('a crop of whole boxes', () => {
  it('asks whether they came off, and takes them to the shed where they did', async () => {
    const hive = async () =>
      (await storedYards(session.server.url)).flatMap(({ yard }) => yard.hives).find(({ id }) => id === 'corduroy/0')!
    const supers = (await hive()).stack.filter(({ role }) => role === 'super').length
    const page = await session.open(`${path('corduroy', 'book')}?write=crop`)
    await page.getByRole('group', { name: 'Boxes that were taken' }).locator('label').first().click()
    await page.getByRole('button', { name: 'Write it down' }).click()
    // Nothing is written before it is said.
    await page
      .getByText(/came off|stand on it/)
      .first()
      .waitFor()
    expect((await hive()).stack.filter(({ role }) => role === 'super')).toHaveLength(supers)
    await page.getByTestId('crop-came-off').getByText('They came off').click()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await saved(page)
    await expect.poll(async () => (await hive()).stack.filter(({ role }) => role === 'super').length).toBe(supers - 1)
  })
})

describe('the climate', () => {
  it('is asked by four pictures where the first figure of a winter is looked at, and by a line where it was not said', async () => {
    const made = await post(`${session.server.url}/api/yards`, emptyYard('unsaid', 'Unsaid'))
    expect(made.status).toBeLessThan(300)
    const page = await session.open('/')
    await page.getByTestId('add-hive-unsaid').click()
    await page.getByTestId('new-hive-name').fill('Tweed')
    await page.getByTestId('new-langstroth').click()
    await page.waitForURL(/bench/)
    await saved(page)
    await page.goto(page.url().replace('/bench', '/winter'))
    const asked = page.getByRole('dialog', { name: 'The climate of Unsaid' })
    await asked.waitFor()
    expect(await asked.locator('[data-climate]').count()).toBe(4)
    expect(await asked.innerText()).toMatch(/°C|°F/)
    await page.keyboard.press('Escape')
    expect(await page.getByTestId('climate-unsaid').innerText()).toMatch(/Climate not said/)
    await page.getByTestId('say-climate').click()
    await page.locator('[data-climate="cold-continental"]').click()
    await expect.poll(() => page.getByTestId('climate-unsaid').count()).toBe(0)
  })
})
