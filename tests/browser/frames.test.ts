import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { DEMO, storedYards } from '../helpers/wire'
import { chooseYard, choose, drawn, hivePath, saved, useSession } from './session'

const session = useSession({ seed: DEMO })

/** Opens a box by its name in the list. */
async function openBox(
  name: string,
  yard = 'Sallow Quay',
  options: Parameters<typeof session.open>[1] = {},
): Promise<Page> {
  const page = await session.open('/frames', options)
  await chooseYard(page, yard)
  await page.locator('.box', { hasText: name }).first().click()
  await page.waitForSelector('[data-frame]')
  return page
}

/** What hangs, in order across, with where its middle is. */
const hung = (page: Page) =>
  page.$$eval('[data-frame]', (all) =>
    all
      .map((one) => ({
        id: one.getAttribute('data-frame')!,
        mm: Number(one.getAttribute('data-centre')),
        label: one.getAttribute('aria-label')!,
      }))
      .sort((a, b) => a.mm - b.mm),
  )
const ids = async (page: Page) => (await hung(page)).map(({ id }) => id)
const verdicts = (page: Page) =>
  page.$$eval('[data-across]', (all) => all.map((one) => one.getAttribute('data-verdict')!))
async function middle(page: Page, id: string) {
  const box = (await page.locator(`[data-frame="${id}"] .taken`).boundingBox())!
  return { x: box.x + box.width * 0.4, y: box.y + box.height / 2, height: box.height }
}

describe('a box from above', () => {
  it('opens from the bench by key, and goes back with Escape', async () => {
    const page = await session.open(hivePath('twill/0'))
    await drawn(page)
    await page.locator('[data-part="twill/3"]').click()
    await page.keyboard.press('f')
    await page.waitForSelector('[data-frame]')
    await expect.poll(() => page.locator('h1').innerText()).toBe('Frames in brood box of Twill')
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(12)
    await expect
      .poll(() => page.getByTestId('figures').innerText())
      .toMatch(/11 frames and 1 more; the box is made for 11/)
    await page.keyboard.press('Escape')
    await drawn(page)
  })

  it('shows every gap across with what the bees will do', async () => {
    const page = await openBox('Brood box of Twill')
    await expect
      .poll(() => verdicts(page))
      .toEqual(['touches-wall', ...Array<string>(10).fill('passage'), 'board', 'board'])
    await expect.poll(() => page.locator('[data-across]').last().textContent()).toMatch(/17\.27 mm|17\.28 mm/)
  })

  it('drags a frame to another place, with the box as it would be in sight, and undoes it after a reload', async () => {
    const page = await openBox('Brood box of Twill')
    const before = await ids(page)
    const [from, to] = [await middle(page, before[0]!), await middle(page, before[3]!)]
    await page.mouse.move(from.x, from.y)
    await page.mouse.down()
    await page.mouse.move(from.x, from.y + 20, { steps: 3 })
    await page.mouse.move(to.x, to.y, { steps: 4 })
    const wanted = [before[1], before[2], before[3], before[0], ...before.slice(4)]
    await expect.poll(() => ids(page)).toEqual(wanted)
    expect(
      (await storedYards(session.server.url))[0]!.yard.parts.find(({ id }) =>
        page.url().includes(encodeURIComponent(id)),
      )!.contents[0]!.id,
    ).toBe(before[0])
    await page.mouse.up()
    await saved(page)
    await page.reload()
    await page.waitForSelector('[data-frame]')
    await expect.poll(() => ids(page)).toEqual(wanted)
    await page.getByTestId('undo').click()
    await expect.poll(() => ids(page)).toEqual(before)
    await saved(page)
  })

  it('takes a frame out by dragging it aside, tells of the empty place, and pushes the rest together', async () => {
    const page = await openBox('Super 1 of Calico')
    const before = await ids(page)
    const from = await middle(page, before[4]!)
    await page.mouse.move(from.x, from.y)
    await page.mouse.down()
    await page.mouse.move(from.x + 60, from.y, { steps: 2 })
    await page.mouse.move(from.x + 260, from.y + 5, { steps: 4 })
    await page.mouse.up()
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(10)
    await expect.poll(() => verdicts(page)).toContain('empty-place')
    const card = page.locator('[data-rule="frames.empty-place"]')
    await card.getByRole('button', { name: /Push the frames/ }).click()
    await page.getByText('Tried out, not done yet').waitFor()
    await expect.poll(() => verdicts(page)).not.toContain('empty-place')
    await card.getByRole('button', { name: 'Leave it' }).click()
    await expect.poll(() => verdicts(page)).toContain('empty-place')
    await page.locator('[data-empty]').click()
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(11)
    await expect.poll(() => verdicts(page)).not.toContain('empty-place')
    await page.getByTestId('undo').click()
    await page.getByTestId('undo').click()
    await expect.poll(() => ids(page)).toEqual(before)
    await saved(page)
  })

  it('does it all by keyboard: selects several, moves, turns round, takes out', async () => {
    const page = await openBox('Super 2 of Calico')
    const before = await ids(page)
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Alt+ArrowDown')
    await expect.poll(() => ids(page)).toEqual([before[1], before[0], ...before.slice(2)])
    await page.keyboard.press('t')
    await expect.poll(async () => (await hung(page))[1]!.label).toContain('turned round')
    await page.keyboard.press('Shift+ArrowDown')
    await expect.poll(() => page.locator('[data-frame][aria-selected="true"]').count()).toBe(2)
    await page.keyboard.press('Delete')
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(9)
    for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z')
    await expect.poll(() => ids(page)).toEqual(before)
    await saved(page)
  })

  it('spaces by hand where a frame is put', async () => {
    const page = await openBox('Super of Hessian')
    await choose(page, 'spacing-system', /by hand/i)
    const before = await hung(page)
    const from = await middle(page, before[0]!.id)
    const pxPerMm = from.height / 38
    await page.mouse.move(from.x, from.y)
    await page.mouse.down()
    await page.mouse.move(from.x, from.y - 10, { steps: 3 })
    await page.mouse.move(from.x, from.y - 6, { steps: 2 })
    await page.mouse.up()
    await expect.poll(async () => (await hung(page))[0]!.mm).toBeLessThan(before[0]!.mm - 2 / pxPerMm)
    await saved(page)
  })
})

describe('what is in the frames', () => {
  it('paints several at once, and warns of undrawn frames spread wide', async () => {
    const page = await openBox('Super 3 of Corduroy', 'Kiln Bank')
    await page.getByTestId('select-all').click()
    await page.locator('[data-paint="wax-foundation"]').click()
    await expect.poll(async () => (await hung(page)).every(({ label }) => label.includes('wax foundation'))).toBe(true)
    await choose(page, 'spacing-system', /spacer for 9/i)
    await page.locator('[data-rule="frames.too-many"]').waitFor()
    await page.locator('[data-frame]').last().click()
    await page.getByTestId('take-out').click()
    const card = page.locator('[data-rule="frames.undrawn-wide"]')
    await card.waitFor()
    await expect.poll(() => card.innerText()).toMatch(/9 frames still to be drawn hang 41\.3 mm/)
    await page.getByTestId('select-all').click()
    await page.locator('[data-paint="nectar"]').click()
    await card.waitFor({ state: 'detached' })
    await saved(page)
  })

  it('alternates frames without foundation in one action, and says which comb each will follow', async () => {
    const page = await openBox('Brood box of Hessian')
    await page.locator('[data-rule="frames.foundationless-pair"]').waitFor()
    await page.getByTestId('alternate').click()
    await page.locator('[data-rule="frames.foundationless-pair"]').waitFor({ state: 'detached' })
    await expect.poll(() => page.locator('.followed li').count()).toBe(3)
    await expect.poll(() => page.locator('.followed').innerText()).toMatch(/follows the drawn comb of frame/)
    await page.getByTestId('undo').click()
    await page.locator('[data-rule="frames.foundationless-pair"]').waitFor()
    await saved(page)
  })
})

describe('what may hang there', () => {
  it('refuses a frame of another format, one too many, and to lose the only brood, in a sentence each', async () => {
    const page = await openBox('Brood box of Twill')
    await choose(page, 'hang-what', 'Deep frame')
    await page.getByTestId('hang').click()
    await expect
      .poll(() => page.getByRole('alert').innerText())
      .toMatch(/does not go into brood box of Twill.*Choose a frame made for this box/)
    await choose(page, 'hang-what', /^National deep frame, self/)
    await page.getByTestId('hang').click()
    await expect
      .poll(() => page.getByRole('alert').innerText())
      .toMatch(/no room for one more.*17\.73 mm is missing, and 12 fit/)
    const brood = (await hung(page)).filter(({ label }) => label.includes('brood')).map(({ id }) => id)
    for (const [i, id] of brood.entries())
      await page
        .locator(`[data-frame="${id}"]`)
        .click({ position: { x: 60, y: 14 }, ...(i > 0 ? { modifiers: ['Shift' as const] } : {}) })
    await choose(page, 'hang-what', /dummy/i)
    await page.getByTestId('replace').click()
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/only frame of brood/)
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(12)
  })

  it('moves a frame with its state into another box, and back with one undo', async () => {
    const page = await openBox('Super 1 of Twill')
    await page.locator('[data-frame]').last().click()
    await page.getByTestId('take-out').click()
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(10)
    await page.getByRole('link', { name: 'Super 2' }).click()
    await expect.poll(() => page.locator('h1').innerText()).toBe('Frames in super 2 of Twill')
    await page.locator('[data-frame]').nth(10).waitFor()
    const moving = (await hung(page))[2]!
    await page.locator(`[data-frame="${moving.id}"]`).click()
    await choose(page, 'put-into', 'Super 1 of Twill')
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(10)
    await page.getByRole('link', { name: 'Super 1' }).click()
    await expect.poll(async () => (await hung(page)).find(({ id }) => id === moving.id)?.label).toContain('nectar')
    await page.getByTestId('undo').click()
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(10)
    await saved(page)
  })
})

describe('comparing spacings', () => {
  it('side by side for a box, with the way there, and takes one', async () => {
    const page = await openBox('Super 4 of Corduroy', 'Kiln Bank')
    await page.locator('[data-mode="compare"]').click()
    await expect
      .poll(() => page.locator('[data-option]').evaluateAll((all) => all.map((one) => one.getAttribute('data-option'))))
      .toEqual(['10', '9', '8'])
    await page.locator('[data-option="9"]').click()
    await page.getByText('When every comb is drawn, take 1 out').waitFor()
    const both = page.getByTestId('both-boxes')
    await expect.poll(() => both.innerText()).toMatch(/As it hangs now: 10 frames[\s\S]*Spaced for 9 frames/)
    expect(await both.locator('svg path').count()).toBeGreaterThan(40)
    await page.getByTestId('take-spacing').click()
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(9)
    await page.getByTestId('undo').click()
    await expect.poll(() => page.locator('[data-frame]').count()).toBe(10)
    await saved(page)
  })

  it('for all supers of a yard', async () => {
    const page = await session.open('/frames')
    await chooseYard(page, 'Kiln Bank')
    await page.locator('[data-mode="compare"]').click()
    const freed = await page.locator('[data-figure="freed"]').allInnerTexts()
    const supers = Number(/All (\d+) supers/.exec(await page.locator('.lead').innerText())![1])
    expect(freed.map(Number)).toEqual([0, supers, 2 * supers])
  })
})

describe('building', () => {
  it('prints a sheet, and gives cut list and boards as files', async () => {
    const page = await session.open('/build')
    await choose(page, 'build-what', 'Langstroth medium')
    await page.getByTestId('build-count').fill('4')
    const sheet = page.getByTestId('sheet')
    await expect.poll(() => sheet.innerText()).toMatch(/4 × Langstroth medium[\s\S]*no cutting needs fewer/)
    await expect.poll(() => page.getByTestId('build-apart').textContent()).toMatch(/485\.8 mm[\s\S]*412\.8 mm/)
    await page.locator('[data-mode="steps"]').click()
    await expect.poll(() => sheet.innerText()).toContain('Hand-holds go outside')
    const steps = await page.getByTestId('build-step').count()
    expect(await page.locator('[data-testid="build-step"] svg').count()).toBe(steps)
    await page.locator('[data-mode="boards"]').click()
    const boards = page.getByTestId('build-board')
    await expect.poll(() => boards.count()).toBeGreaterThan(0)
    const pieces = (await boards.allInnerTexts()).map((text) => {
      const times = Number(/(\d+) boards? cut so/.exec(text)?.[1] ?? 1)
      return times * (text.match(/(Side|End) \d/g)?.length ?? 0)
    })
    expect(pieces.reduce((sum, n) => sum + n, 0)).toBe(16)
    await page.goBack()
    await expect.poll(() => sheet.innerText()).toContain('Hand-holds go outside')
    const file = async (testId: string) => {
      const [saving] = await Promise.all([page.waitForEvent('download'), page.getByTestId(testId).click()])
      return readFileSync(await saving.path())
    }
    expect((await file('print')).subarray(0, 5).toString()).toBe('%PDF-')
    expect((await file('save-csv')).toString()).toMatch(/^board,strip,piece,length_mm/)
    expect((await file('save-dxf')).toString()).toContain('LWPOLYLINE')
    expect((await file('save-svg')).toString()).toContain('<svg')
  })

  it('draws a list of hundreds of rows only where it is in sight, with its head, to the last one', async () => {
    const page = await session.open('/build')
    await choose(page, 'build-what', 'Langstroth deep')
    await page.getByTestId('build-count').fill('200')
    await page.getByTestId('length-board-length').fill('1100 mm')
    await page.getByTestId('length-board-length').press('Tab')
    await page.locator('[data-mode="lists"]').click()
    const list = page.getByTestId('long-table')
    await expect.poll(() => list.count()).toBe(1)
    await list.scrollIntoViewIfNeeded()
    const rows = list.locator('.el-table-v2__row')
    await expect.poll(() => rows.count()).toBeGreaterThan(5)
    expect(await rows.count()).toBeLessThan(60)
    expect(await list.innerText()).toMatch(/Board[\s\S]*Strip[\s\S]*Pieces/)
    const boards = Number(/(\d+) boards/.exec(await page.getByTestId('sheet').innerText())![1])
    expect(boards).toBeGreaterThan(200)
    await list.hover()
    for (let i = 0; i < 12; i++) await page.mouse.wheel(0, 4000)
    await expect.poll(() => list.innerText()).toContain(`${boards}, `)
  })

  it('refuses a kerf, a board and a count that cannot be, naming each, with nothing typed lost', async () => {
    const page = await session.open('/build')
    await choose(page, 'build-what', 'Langstroth deep')
    const cases = [
      ['length-kerf', '300 mm', /Kerf is 300 mm, as wide as the smallest piece/],
      ['length-board-length', '40 cm', /Board length is 400 mm, but the longest piece is 485\.8 mm/],
      ['length-board-width', '100 mm', /Board width is 100 mm, but the widest piece is 244\.5 mm/],
      ['build-count', 'many', /How many is not a whole number/],
      ['length-kerf', 'thin', /Kerf of the saw is not a length/],
    ] as const
    for (const [field, text, sentence] of cases) {
      const before = await page.getByTestId(field).inputValue()
      await page.getByTestId(field).fill(text)
      await page.getByTestId(field).press('Tab')
      await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(sentence)
      expect(await page.getByTestId(field).inputValue()).toBe(text)
      await page.getByTestId(field).fill(before)
      await page.getByTestId(field).press('Tab')
    }
  })

  it('says how far two diagonals are out of square, and refuses those that no box has', async () => {
    const page = await session.open('/build')
    await choose(page, 'build-what', 'Langstroth deep')
    const say = async (first: string, second: string) => {
      await page.getByTestId('length-first').fill(first)
      await page.getByTestId('length-second').fill(second)
      await page.getByTestId('length-second').press('Tab')
      return page.getByTestId('square-answer')
    }
    await expect
      .poll(async () => (await say('655 mm', '649 mm')).innerText())
      .toMatch(/Out of square by 0\.54°.*Push the longer diagonal in by 3 mm.*A frame still clears/)
    await expect
      .poll(async () => (await say('600 mm', '300 mm')).innerText())
      .toMatch(/belongs to no box with these sides/)
  })
})

describe('on a phone', () => {
  it('hits frames in gloves, drags by touch, and keeps the page narrow', async () => {
    const page = await openBox('Brood box of Damask', 'Sallow Quay', { width: 390, height: 844, touch: true })
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    for (const { height } of await page.$$eval('[data-frame] .taken', (all) =>
      all.slice(0, 11).map((one) => ({ height: one.getBoundingClientRect().height })),
    ))
      expect(height).toBeGreaterThanOrEqual(44)
    const before = await ids(page)
    await page.locator(`[data-frame="${before[1]!}"]`).tap({ position: { x: 60, y: 20 } })
    await expect.poll(() => page.locator(`[data-frame="${before[1]!}"]`).getAttribute('aria-selected')).toBe('true')
    await page.getByTestId('frame-down').tap()
    await expect.poll(() => ids(page)).toEqual([before[0], before[2], before[1], ...before.slice(3)])
    const [from, to] = [await middle(page, before[0]!), await middle(page, before[2]!)]
    const cdp = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', y: number) =>
      cdp.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x: from.x, y }] })
    await touch('touchStart', from.y)
    for (let step = 1; step <= 6; step++) await touch('touchMove', from.y + ((to.y - from.y) * step) / 6)
    await touch('touchEnd', to.y)
    await expect.poll(() => ids(page)).toEqual([before[2], before[0], before[1], ...before.slice(3)])
    await saved(page)
  })
})
