import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { DEMO, storedYards } from '../helpers/wire'
import { saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const year = async (yard = 'Kiln Bank', options: Parameters<typeof session.open>[1] = {}): Promise<Page> => {
  const page = await session.open('/year', options)
  await page.getByTestId('yard-choice').selectOption({ label: yard })
  await page.locator('[data-planned]').first().waitFor()
  return page
}
const hiveNamed = async (name: string) => (await storedYards(session.server.url)).flatMap(({ yard }) => yard.hives).find((hive) => hive.name === name)!
const seasonOf = async (name: string) => (await storedYards(session.server.url)).find(({ yard }) => yard.name === name)!.yard.season
const planned = (page: Page, name: string) => page.locator(`[data-planned="${name}"]`)

describe('the year', () => {
  it('shows every hive as each stage has it, what changes and what goes in the van', async () => {
    const page = await year()
    await page.locator('[data-stage="flow"]').click()
    const height = async () => Number(/(\d+(?:\.\d+)?) mm/.exec(await planned(page, 'Corduroy').innerText())![1])
    const inFlow = await height()
    await page.locator('[data-stage="winter"]').click()
    await expect.poll(height).toBeLessThan(inFlow - 400)
    await planned(page, 'Corduroy').click()
    await expect.poll(() => page.getByTestId('changes').innerText()).toMatch(/Corduroy: to winter[\s\S]*the least there is[\s\S]*Super 4 off the hive, to the van/)
    expect(await page.getByTestId('van').innerText()).toMatch(/mouse guard, \d to get[\s\S]*Comes home[\s\S]*framed excluder/)
    await page.getByTestId('from-before').click()
    await expect.poll(() => page.getByTestId('changes').innerText()).toMatch(/Nothing to do/)
  })

  it('follows how bees are kept, by yard and by hive, and undo takes it back', async () => {
    const before = await seasonOf('Kiln Bank')
    const page = await year()
    await page.locator('[data-mode="keeping"]').click()
    await page.locator('[data-way-field="winterTop"]').selectOption('absorbing')
    await saved(page)
    await page.getByTestId('way-scope').selectOption({ label: 'Corduroy only' })
    await page.locator('[data-way-field="winterSize"]').selectOption('one')
    await page.locator('[data-mode="stages"]').click()
    await page.locator('[data-stage="winter"]').click()
    await planned(page, 'Corduroy').click()
    await expect.poll(() => page.getByTestId('changes').innerText()).toMatch(/quilt[\s\S]*keeps the top warmer/i)
    await expect.poll(() => page.getByTestId('van').innerText()).toMatch(/Langstroth deep/)
    await page.reload()
    await page.locator('[data-planned]').first().waitFor()
    expect((await hiveNamed('Corduroy')).season?.way).toEqual({ winterSize: 'one' })
    await page.getByTestId('undo').click()
    await page.getByTestId('undo').click()
    await saved(page)
    await expect.poll(async () => (await hiveNamed('Corduroy')).season).toBeUndefined()
    expect(await seasonOf('Kiln Bank')).toEqual(before)
  })

  it('refuses dates that cannot be in a sentence, keeps what was typed, and turns for the other hemisphere', async () => {
    const page = await year('Sallow Quay')
    await page.locator('[data-mode="dates"]').click()
    await page.getByTestId('year-flowEnd').fill('2025-05-01')
    await page.getByTestId('year-flowEnd').blur()
    await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(/End of the flow comes before its start/)
    expect(await page.getByTestId('year-flowEnd').inputValue()).toBe('2025-05-01')
    expect((await seasonOf('Sallow Quay'))?.calendar?.flowEnd).toBe('07-31')
    await page.getByTestId('climate').selectOption('tropical-highland')
    await page.getByTestId('year-firstFrost').fill('2025-11-01')
    await page.getByTestId('year-firstFrost').blur()
    await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(/this climate has no winter/)
    await page.getByTestId('climate').selectOption('cool-maritime')
    await page.getByTestId('other-hemisphere').click()
    await page.locator('[data-mode="stages"]').click()
    await expect.poll(() => page.locator('[data-stage="flow"]').innerText()).toMatch(/18 Nov/)
  })

  it('goes into a calendar file', async () => {
    const page = await year('Kiln Bank')
    await page.locator('[data-mode="dates"]').click()
    const saving = page.waitForEvent('download')
    await page.getByTestId('save-calendar').click()
    const text = readFileSync(await (await saving).path(), 'utf8')
    expect(text).toMatch(/^BEGIN:VCALENDAR[\s\S]*SUMMARY:Kiln Bank: winter/)
  })

  it('says what another way of keeping would mean', async () => {
    const page = await year()
    await page.locator('[data-mode="compare"]').click()
    await page.getByTestId('compare-field').selectOption('supers')
    await page.getByTestId('compare-choice').selectOption('1')
    const boxes = async () => (await page.getByTestId('compare-ways').locator('tbody tr').first().innerText()).split(/\s+/).slice(-2).map(Number)
    await expect.poll(async () => { const [now, other] = await boxes(); return now! > other! && other! > 0 }).toBe(true)
  })
})

describe('a visit', () => {
  it('is ticked off on a phone, changes the hive as it stands, survives a reload, and one step back works', async () => {
    const page = await year('Kiln Bank', { width: 390, height: 844, touch: true })
    await page.locator('[data-stage="winter"]').tap()
    await planned(page, 'Corduroy').tap()
    await page.getByTestId('begin-visit').tap()
    await page.getByTestId('tick').waitFor()
    const steps = await page.locator('.all li').count()
    await page.getByTestId('tick').tap()
    await saved(page)
    const before = (await hiveNamed('Corduroy')).stack.length
    await page.getByTestId('tick').tap()
    await saved(page)
    await expect.poll(async () => (await hiveNamed('Corduroy')).stack.length).toBe(before - 1)
    await page.reload()
    await expect.poll(() => page.getByRole('status').first().innerText()).toMatch(new RegExp(`^2 of ${steps} done`))
    await page.getByTestId('untick').tap()
    await expect.poll(() => page.getByRole('status').first().innerText()).toMatch(new RegExp(`^1 of ${steps} done`))
    for (let i = 1; i < steps; i++) await page.getByTestId('tick').tap()
    await page.getByTestId('visit-done').waitFor()
    await saved(page)
    const hive = await hiveNamed('Corduroy')
    expect(hive.stage).toBe('winter')
    expect(hive.stack.some(({ role }) => role === 'super')).toBe(false)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  })

  it('a step ticked by two people at once is done once', async () => {
    const one = await year('Sallow Quay')
    await one.locator('[data-stage="winter"]').click()
    await planned(one, 'Twill').click()
    await one.getByTestId('begin-visit').click()
    await one.getByTestId('tick').waitFor()
    await saved(one)
    const two = await session.open(new URL(one.url()).pathname)
    await two.getByTestId('tick').waitFor()
    await one.getByTestId('tick').click()
    await saved(one)
    await two.getByTestId('tick').click()
    await two.getByText(/was changed in two places|ticked already/).first().waitFor()
    expect((await hiveNamed('Twill')).visit?.done).toBe(1)
  })

  it('ends in a sentence where its hive has been taken away', async () => {
    const page = await session.open('/visit/nobody')
    await page.getByText('This hive is no longer here').waitFor()
  })
})
