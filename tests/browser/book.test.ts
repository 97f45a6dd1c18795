import { readFileSync } from 'node:fs'
import ICAL from 'ical.js'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import type { Entry } from '#core/book'
import type { StoredYard } from '#wire/answers'
import { DEMO } from '../helpers/wire'
import { axeFinds } from './axe'
import { saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const YARD = '/yards/sallow-quay'
const hive = (id: string, view: string) => `${YARD}/hives/${id}%2F0/${view}`
const PHONE = { width: 375, height: 760, touch: true }
const get = async <T>(path: string): Promise<T> => (await (await fetch(session.server.url + path)).json()) as T
const entries = (id: string) => get<Entry[]>(`/api/yards/sallow-quay/hives/${id}%2F0/book`)
const look = async (id: string, options = {}): Promise<Page> => {
  const page = await session.open(hive(id, 'look'), options)
  await page.locator('[data-comb]').first().waitFor()
  return page
}
const step = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Step' }).locator(`[data-mode="${name}"]`).click()
const comb = (page: Page, n: number) => page.locator(`[data-comb="${n}"]`).first()
const keep = async (page: Page) => {
  await step(page, 'next')
  await page.getByTestId('look-keep').click()
  await page.getByTestId('look-kept').waitFor()
}

describe('a look', () => {
  it('is written on a phone by pressing combs, says what follows, and stands in the book', async () => {
    const page = await look('calico', PHONE)
    for (const n of [3, 4, 5]) await comb(page, n).tap()
    await comb(page, 6).tap()
    await comb(page, 6).tap()
    expect(await comb(page, 6).getAttribute('aria-label')).toBe('Comb 6 · half covered')
    await page.locator('[data-pick="quiet"]').tap()
    await step(page, 'brood')
    for (const n of [4, 5]) await comb(page, n).tap()
    await step(page, 'queen')
    await page.locator('[data-pick="eggs"]').tap()
    await step(page, 'next')
    expect(await page.locator('[data-follows="bees"]').innerText()).toMatch(/3\.5 seams/)
    expect(await page.locator('[data-follows="to-come"]').innerText()).toMatch(/within 12 days/)
    // Nobody said anything of open brood or stores: nothing is told of them.
    expect(await page.locator('[data-follows="open-brood"]').count()).toBe(0)
    const sideways = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    )
    expect(sideways).toBeLessThanOrEqual(0)
    await page.getByTestId('look-keep').tap()
    await page.getByTestId('look-kept').waitFor()
    const [kept] = await entries('calico')
    expect(kept).toMatchObject({ sort: 'look', body: { temper: 'quiet', queen: 'eggs' } })
    expect(Object.keys(kept!.body)).not.toContain('foodFrames')
    await page.getByRole('link', { name: 'To the book of Calico' }).tap()
    expect(await page.locator('[data-entry="look"]').innerText()).toMatch(
      /3\.5 seams of bees; quiet; eggs seen; sealed on 2/,
    )
  })

  it('is there again after the page was closed in the middle, and is gone from there once it is kept', async () => {
    const page = await look('poplin')
    await comb(page, 2).click()
    await page.locator('[data-pick="lively"]').click()
    await page.reload()
    await page.locator('[data-comb]').first().waitFor()
    expect(await comb(page, 2).getAttribute('aria-label')).toBe('Comb 2 · full of bees')
    expect(await page.locator('[data-pick="lively"]').getAttribute('aria-pressed')).toBe('true')
    await keep(page)
    await page.reload()
    await page.locator('[data-comb]').first().waitFor()
    expect(await comb(page, 2).getAttribute('aria-label')).toBe('Comb 2 · nothing said')
  })

  it('writes what combs hold onto the frames where the keeper says so, and that can be undone', async () => {
    const page = await look('hessian')
    await step(page, 'food')
    await comb(page, 1).click()
    const held = async () => {
      const { yard } = (await get<StoredYard[]>('/api/yards')).find(({ yard: { id } }) => id === 'sallow-quay')!
      const own = yard.hives.find(({ id }) => id === 'hessian/0')!
      const box = own.stack.find(({ role }) => role === 'brood')!
      return yard.parts.find(({ id }) => id === box.partId)!.contents[0]?.holds
    }
    const before = await held()
    await keep(page)
    await saved(page)
    await expect.poll(held).toBe('capped-honey')
    await page.getByRole('button', { name: /^Undo/ }).first().click()
    await expect.poll(held).toBe(before)
    expect((await entries('hessian')).some(({ sort }) => sort === 'look')).toBe(true)
  })

  it('never names a disease: a sign says to close up and have it looked at', async () => {
    const page = await look('twill')
    await step(page, 'health')
    await page.locator('[data-pick="sunken-caps"]').click()
    expect(await page.getByTestId('sign-caution').innerText()).toMatch(/must be reported/)
    expect(await page.locator('main').innerText()).not.toMatch(/foulbrood|varroosis|nosem/i)
  })

  it('waits on this device while the server is away, and goes in once when it is back', async () => {
    const page = await look('gingham')
    await comb(page, 1).click()
    await page.route('**/api/yards/*/book', (route) => route.abort())
    await keep(page)
    expect(await page.getByTestId('look-kept').innerText()).toMatch(/waits on this device/)
    expect(await entries('gingham')).toEqual([])
    await page.unroute('**/api/yards/*/book')
    session.opened.forEach(({ complaints }) => complaints.splice(0))
    await page.goto(session.server.url + hive('gingham', 'book'))
    await page.locator('[data-entry="look"]').waitFor()
    await page.reload()
    await page.locator('[data-entry="look"]').waitFor()
    expect(await entries('gingham')).toHaveLength(1)
  })

  it('that the server would not take later is set aside with the reason, and can be sent again', async () => {
    const page = await look('gingham')
    const before = (await entries('gingham')).length
    await comb(page, 2).click()
    await page.route('**/api/yards/*/book', (route) => route.abort())
    await keep(page)
    await page.unroute('**/api/yards/*/book')
    await page.route('**/api/yards/*/book', (route) =>
      route.fulfill({ status: 422, json: { field: 'entries', sentence: 'The book is shut today.' } }),
    )
    await page.goto(session.server.url + hive('gingham', 'book'))
    await expect.poll(() => page.getByTestId('set-aside').innerText()).toMatch(/shut today[\s\S]*1 seam of bees/)
    await page.reload()
    await page.getByTestId('set-aside').waitFor()
    await page.unroute('**/api/yards/*/book')
    await page.getByRole('button', { name: 'Send it again' }).click()
    await expect.poll(() => page.getByTestId('set-aside').count()).toBe(0)
    await expect.poll(async () => (await entries('gingham')).length).toBe(before + 1)
    session.opened.forEach(({ complaints }) => complaints.splice(0))
  })

  it('that an older Duvet had set aside is found where all of it lies now, and only with its own hive', async () => {
    const page = await session.open(hive('poplin', 'book'))
    await page.getByRole('heading', { name: 'The book of Poplin' }).waitFor()
    const left = {
      yardId: 'sallow-quay',
      sentence: 'The book is shut today.',
      entries: [
        {
          id: 'left-behind',
          hiveId: 'poplin/0',
          sort: 'look',
          at: '2026-05-01T10:00',
          madeAt: '2026-05-01T10:00:00.000Z',
          device: 'phone',
          body: { temper: 'quiet' },
        },
      ],
    }
    await page.evaluate(
      (text) => localStorage.setItem('duvet.book.set-aside', text),
      JSON.stringify([left, { yardId: 7 }]),
    )
    await page.goto(session.server.url + hive('hessian', 'book'))
    await page.getByRole('heading', { name: 'The book of Hessian' }).waitFor()
    expect(await page.getByTestId('set-aside').count()).toBe(0)
    await page.goto(session.server.url + hive('poplin', 'book'))
    await expect.poll(() => page.getByTestId('set-aside').innerText()).toMatch(/shut today[\s\S]*quiet/i)
    await page.getByRole('button', { name: 'Send it again' }).click()
    await expect.poll(async () => (await entries('poplin')).map(({ id }) => id)).toContain('left-behind')
    await expect.poll(() => page.getByTestId('set-aside').count()).toBe(0)
    expect(await page.evaluate(() => localStorage.getItem('duvet.book.set-aside'))).toBeNull()
  })

  it('is reached by keyboard, and axe finds nothing', async () => {
    const page = await look('damask')
    await comb(page, 1).focus()
    await page.keyboard.press('Enter')
    expect(await comb(page, 1).getAttribute('aria-label')).toBe('Comb 1 · full of bees')
    await page.keyboard.press('Space')
    expect(await comb(page, 1).getAttribute('aria-label')).toBe('Comb 1 · half covered')
    expect(await axeFinds(page, (impact) => impact !== 'minor')).toEqual([])
  })
})

describe('the book', () => {
  it('takes a count against the yard’s limit, and takes it away and brings it back', async () => {
    const page = await session.open(hive('damask', 'book'))
    await page.getByTestId('write-else').click()
    await page.getByRole('spinbutton', { name: 'Mites', exact: true }).fill('90')
    await page.keyboard.press('Tab')
    await expect.poll(() => page.getByTestId('write-means').innerText()).toMatch(/30\.0 a day; the limit .* over it/)
    await page.getByTestId('write-keep').click()
    await page.locator('[data-entry="mites"]').waitFor()
    await page.getByRole('button', { name: /^Take away: Mites counted/ }).click()
    await expect.poll(() => page.locator('[data-entry="mites"]').count()).toBe(0)
    await page.getByTestId('entry-back').click()
    await page.locator('[data-entry="mites"]').waitFor()
    expect(await entries('damask')).toHaveLength(3)
  })

  it('writes an entry again, so that a treatment gets its end and a look what was forgotten', async () => {
    const page = await session.open(hive('damask', 'book'))
    await page.getByTestId('write-else').click()
    await page.getByTestId('book-write').locator('[data-mode="treatment"]').click()
    await page.getByRole('textbox', { name: 'What, by its label' }).fill('gel')
    await page.getByTestId('write-keep').click()
    await page.getByRole('button', { name: /^Write again: Treated with gel/ }).click()
    await page.getByTestId('correcting').waitFor()
    await page.getByRole('spinbutton', { name: 'Days it stays on' }).fill('14')
    await page.keyboard.press('Tab')
    await page.getByTestId('write-keep').click()
    await expect.poll(async () => (await entries('damask')).filter(({ sort }) => sort === 'treatment').length).toBe(2)
    await expect.poll(() => page.locator('[data-entry="treatment"]').count()).toBe(1)
    const [first, again] = (await entries('damask')).filter(({ sort }) => sort === 'treatment')
    expect(again).toMatchObject({ corrects: first!.id, body: { product: 'gel', labelDays: 14 } })
    await page.goto(session.server.url + hive('calico', 'book'))
    await page
      .getByRole('button', { name: /^Write again: Inspected/ })
      .first()
      .click()
    await page.getByTestId('look-again').waitFor()
    expect(await page.locator('[data-pick="quiet"]').getAttribute('aria-pressed')).toBe('true')
    await page.locator('[data-pick="lively"]').click()
    await keep(page)
    const looks = (await entries('calico')).filter(({ sort }) => sort === 'look')
    expect(looks.at(-1)).toMatchObject({ corrects: looks[0]!.id, body: { temper: 'lively', queen: 'eggs' } })
  })

  it('warns of a treatment by its own label, with respirator and law beside it', async () => {
    const page = await session.open(hive('twill', 'book'))
    await page.getByTestId('write-else').click()
    await page.getByTestId('book-write').locator('[data-mode="treatment"]').click()
    await page.getByRole('textbox', { name: 'What, by its label' }).fill('strips')
    await expect.poll(() => page.getByTestId('write-means').innerText()).toMatch(/2 supers on[\s\S]*No end is known/)
    expect(await page.getByTestId('book-write').innerText()).toMatch(/respirator[\s\S]*vet or inspector/)
  })
})

/** Opens every line that is told of several hives. */
async function openDue(page: Page): Promise<void> {
  await page.locator('[data-due], [data-gathered]').first().waitFor()
  const closed = page.locator('[data-gathered] > [aria-expanded="false"]')
  while ((await closed.count()) > 0) await closed.first().click()
}

describe('what is due', () => {
  it('starts a visit from its line', async () => {
    const page = await session.open(`${YARD}/due`)
    await openDue(page)
    await page.locator('[data-due^="visit:twill"] a').click()
    await page.getByTestId('begin-visit').waitFor()
    expect(page.url()).toMatch(/year\?.*hive=twill/)
  })

  it('asks whether a change that is said to be done stands so, and draws it', async () => {
    const page = await session.open(`${YARD}/due`)
    await openDue(page)
    const line = page.locator('[data-due^="visit:gingham"]')
    await line.getByRole('button', { name: /^Done/ }).click()
    await page.getByTestId('changed-not').click()
    await line.getByRole('button', { name: /^Done/ }).click()
    const stage = async () =>
      (await get<StoredYard[]>('/api/yards'))
        .find(({ yard }) => yard.id === 'sallow-quay')!
        .yard.hives.find(({ name }) => name === 'Gingham')!.stage
    const before = await stage()
    await page.getByTestId('changed-as-planned').click()
    await saved(page)
    await expect.poll(stage).not.toBe(before)
  })

  it('is done, put off to a day or dropped with why, taken back, and saved as a calendar', async () => {
    const page = await session.open(`${YARD}/due`)
    await openDue(page)
    const line = page.locator('[data-due^="visit:twill"]')
    await line.waitFor()
    // Of all yards: what another has to do stands in the same list.
    await page.locator('[data-mode="all"]').click()
    const task = page.locator('[data-due^="task:"]', { hasText: 'Kiln Bank' }).first()
    await task.getByRole('button', { name: /^Done/ }).click()
    await page.getByTestId('due-answered').waitFor()
    await expect.poll(() => task.count()).toBe(0)
    await page.getByRole('button', { name: 'Take it back' }).click()
    await task.waitFor()
    await page.locator('[data-mode="here"]').click()
    await line.waitFor()
    await line.getByRole('button', { name: /^Put off/ }).click()
    await page.getByTestId('due-put-off').click()
    await expect.poll(() => line.innerText()).toMatch(/put off from/)
    const other = page.locator('[data-due^="visit:poplin"]')
    await other.getByRole('button', { name: /^Drop/ }).click()
    expect(await page.getByTestId('due-drop').isDisabled()).toBe(true)
    await page.getByLabel('Why', { exact: true }).fill('it is sold')
    await page.getByTestId('due-drop').click()
    await expect.poll(() => other.count()).toBe(0)
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByTestId('due-calendar').click()])
    const calendar = new ICAL.Component(ICAL.parse(readFileSync(await file.path(), 'utf8')))
    const summaries = calendar
      .getAllSubcomponents('vevent')
      .map((event) => String(event.getFirstPropertyValue('summary')))
    expect(summaries.some((summary) => summary.startsWith('Twill: '))).toBe(true)
    expect(summaries.some((summary) => summary.startsWith('Poplin: Change'))).toBe(false)
    expect(await axeFinds(page, (impact) => impact !== 'minor')).toEqual([])
  })
})
