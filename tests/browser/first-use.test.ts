import { describe, expect, it } from 'vitest'
import { storedYards } from '../helpers/wire'
import { drawn, useSession } from './session'

const session = useSession({})

describe('the first time', () => {
  it('offers examples to look round in, and throws them away again, without the command line', async () => {
    const page = await session.open()
    await page.getByTestId('bring-examples').click()
    await page.waitForSelector('[data-hive="Twill"]')
    expect((await storedYards(session.server.url)).map(({ yard }) => yard.name)).toEqual(['Sallow Quay', 'Kiln Bank'])
    await page.getByTestId('examples').getByText('Sallow Quay and Kiln Bank: examples').waitFor()
    await page.reload()
    await page.getByTestId('throw-examples').click()
    await page.getByTestId('start-langstroth').waitFor()
    expect(await storedYards(session.server.url)).toEqual([])
  })

  it('shows three hints until they are closed, and never again', async () => {
    const page = await session.open()
    await page.getByTestId('start-national').click()
    await drawn(page)
    await page.goto(session.server.url)
    await expect.poll(() => page.getByTestId('hints').locator('li').count()).toBe(3)
    await page.getByTestId('close-hints').click()
    await page.reload()
    await page.waitForSelector('[data-hive]')
    expect(await page.getByTestId('hints').count()).toBe(0)
  })

  it('speaks to an American in inches and American words, to a Canadian in theirs', async () => {
    const page = await session.open('/', { locale: 'en-US' })
    await expect.poll(() => page.locator('[data-hive] .stage').first().innerText()).toMatch(/\d in$/)
    await page.getByTestId('menu').click()
    await expect.poll(() => page.getByTestId('words-northAmerican').innerText()).toContain('chosen')
    const other = await session.open('/', { locale: 'en-CA' })
    await expect.poll(() => other.locator('[data-hive] .stage').first().innerText()).toMatch(/\d mm$/)
  })
})
