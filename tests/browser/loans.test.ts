import { describe, expect, it } from 'vitest'
import { loansOf, shedOf } from '#core/yard'
import { DEMO, storedYards } from '../helpers/wire'
import { axeFinds } from './axe'
import { saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const shedPath = (yardId: string) => `/yards/${yardId}/shed`
const stored = async (yardId: string) =>
  (await storedYards(session.server.url)).find(({ yard }) => yard.id === yardId)!.yard

describe('kit that several yards share', () => {
  it('is borrowed out of another shed, and given back when it is done with', async () => {
    const before = shedOf(await stored('kiln-bank'))
    const page = await session.open(shedPath('sallow-quay'))
    await page.getByTestId('shed-borrow').click()
    await page.getByTestId('borrow-go').waitFor()
    const first = page.locator('[data-borrow]').first()
    await first.getByRole('spinbutton').fill('1')
    await page.keyboard.press('Tab')
    expect(await axeFinds(page, (impact) => impact !== 'minor')).toEqual([])
    await page.getByTestId('borrow-go').click()
    await saved(page)
    const loan = page.locator('[data-loan="borrowed"]')
    await expect.poll(() => loan.innerText()).toContain('Borrowed from Kiln Bank')
    expect(loansOf(await stored('sallow-quay')).borrowed).toHaveLength(1)
    expect(loansOf(await stored('kiln-bank')).lent.map(({ lent }) => lent.name)).toEqual(['Sallow Quay'])
    await page.goto(session.server.url + shedPath('kiln-bank'))
    await expect.poll(() => page.locator('[data-loan="lent"]').innerText()).toContain('Lent to Sallow Quay')
    await page.goto(session.server.url + shedPath('sallow-quay'))
    await page.getByTestId('loan-home').click()
    await saved(page)
    await page.getByTestId('loans').waitFor({ state: 'detached' })
    expect(shedOf(await stored('kiln-bank')).map(({ id }) => id)).toEqual(before.map(({ id }) => id))
  })

  it('is lent to somebody by name on a phone, which is undone again', async () => {
    const page = await session.open(shedPath('kiln-bank'), { width: 390, height: 800, touch: true })
    await page.getByTestId('shelves').locator('[data-shelf]').first().click()
    await page.getByTestId('lend').first().click()
    await page.locator('[data-lend-to="else"]').click()
    await page.getByTestId('lend-go').click()
    await expect.poll(() => page.getByRole('alert').first().innerText()).toContain('To whom is empty')
    await page.getByTestId('lend-name').fill('the school')
    await page.getByTestId('lend-go').click()
    await expect.poll(() => page.locator('[data-loan="lent"]').innerText()).toContain('Lent to the school')
    await saved(page)
    expect(loansOf(await stored('kiln-bank')).lent).toHaveLength(1)
    await page.keyboard.press('Control+z')
    await page.getByTestId('loans').waitFor({ state: 'detached' })
    await saved(page)
    expect(loansOf(await stored('kiln-bank')).lent).toHaveLength(0)
  })
})
