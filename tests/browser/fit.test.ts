import { describe, expect, it } from 'vitest'
import { DEMO, storedYards } from '../helpers/wire'
import { chooseYard, choose, drawn, figures, hivePath, saved, useSession } from './session'

const session = useSession({ seed: DEMO })

describe('Fit', () => {
  it('tells what goes into what the yard owns, and overlays a pair with its clearances', async () => {
    const page = await session.open('/fit')
    await chooseYard(page, 'Kiln Bank')
    const cell = page.locator('[data-cell="frame-langstroth-medium|box-langstroth-deep"]')
    await expect.poll(() => cell.innerText()).toMatch(/void below\s*79\.38 mm/)
    await cell.click()
    const overlay = page.locator('.overlay')
    await expect.poll(() => overlay.innerText()).toContain('Bees fill the void with wild comb')
    await expect
      .poll(() => overlay.locator('svg text').allTextContents())
      .toEqual(
        expect.arrayContaining([
          '79.38 mm bar to the edge',
          '6.35 mm rim to bar',
          '9.53 mm end bar to wall',
          '7.94 mm lug on its rest',
        ]),
      )
    await page.getByTestId('menu').click()
    await page.getByTestId('units-inches').click()
    await expect.poll(() => cell.innerText()).toContain('3 1/8 in')
    await page.getByTestId('menu').click()
    await page.getByTestId('units-mm').click()
  })

  it('puts any box on any other: 8 frames on 10, National on Langstroth', async () => {
    const page = await session.open('/fit')
    await page.locator('[data-mode="boxes"]').click()
    await choose(page, 'fit-filter', 'everything')
    await page.locator('[data-cell="box-langstroth-8-deep|box-langstroth-deep"]').click()
    await expect
      .poll(() => page.locator('.overlay').innerText())
      .toMatch(/clear hole of 9\.53 mm at the left when centred, or 38\.1 mm on one side/)
    await page.locator('[data-cell="box-national-super|box-langstroth-deep"]').click()
    await expect
      .poll(() => page.locator('.overlay').innerText())
      .toMatch(/Does not sit\..*An adapter board between the two closes it/s)
  })

  it('shows the rooms side by side, and what one size for all would mean', async () => {
    const page = await session.open('/fit')
    await chooseYard(page, 'Kiln Bank')
    await page.locator('[data-mode="rooms"]').click()
    const rooms = page.locator('.rooms')
    await expect.poll(() => rooms.innerText()).toMatch(/National single\s+57 715\s+72\.9 dm²\s+35\.2 litres/)
    await expect
      .poll(() => rooms.innerText())
      .toMatch(/One size for all, keeping the depth there is most of: \d+ of \d+ boxes/)
  })

  it('works on a phone without a wider page', async () => {
    const page = await session.open('/fit', { width: 390, height: 844, touch: true })
    await page.locator('[data-cell]').first().tap()
    await page.locator('.overlay').waitFor()
    for (const path of ['/fit', '/shed', '/sources']) {
      await page.goto(session.server.url + path)
      await page.locator('h1').waitFor()
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390)
    }
  })
})

describe('measuring', () => {
  it('starts from the drawing’s dimension, keeps every reading, and makes the verdict follow', async () => {
    const page = await session.open(hivePath('flannel/0'))
    await drawn(page)
    await page.locator('[data-mm="10.175"] .press').click()
    await expect
      .poll(() => page.locator('.joint').innerText())
      .toMatch(/At worst\s+9\.18 mm to 11\.18 mm[\s\S]*Measure the framed excluder.*settles the verdict/)
    const measure = async (text: string) => {
      if ((await page.locator('[data-measure="rimDepth"]').count()) === 0)
        await page.locator('[data-part]').nth(3).click()
      await page.locator('[data-measure="rimDepth"]').click()
      await expect.poll(() => page.evaluate(() => document.activeElement?.id)).toBe('size-rimDepth')
      await page.keyboard.type(text)
      await page.keyboard.press('Enter')
    }
    await measure('6.5 mm')
    await expect.poll(() => figures(page)).toContain(9.675)
    await measure('6.0')
    await expect.poll(() => figures(page)).toContain(9.175)
    await page.locator('[data-measure="rimDepth"]').click()
    await expect.poll(() => page.getByText(/Read 2 times, 6 mm to 6\.5 mm/).count()).toBe(1)
    await page.getByRole('button', { name: '6.5 ± 0.5 mm' }).click()
    await expect.poll(() => figures(page)).toContain(9.675)
    await saved(page)
    const stored = (await storedYards(session.server.url))[1]!.yard.parts.find(
      ({ patternId, readings }) => patternId === 'excluder-framed-langstroth' && readings,
    )!
    expect(stored.readings!.map(({ mm }) => mm)).toEqual([6.5, 6])
    expect(stored.measured!.rimDepth!.mm).toBe(6.5)
  })

  it('takes a box that is lower on one side, and says on which side what comes of it', async () => {
    const page = await session.open(hivePath('twill/0'))
    await drawn(page)
    await page.locator('[data-part]').nth(2).click()
    await page.getByRole('button', { name: 'Sizes…' }).click()
    await page.getByTestId('other-side-depth').click()
    await page.locator('#size-depth-other').fill('2 m')
    await page.getByTestId('save-sizes').click()
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/right or back side, is no size/)
    await page.locator('#size-depth-other').fill('236 mm')
    await page.getByTestId('save-sizes').click()
    await page.getByTestId('save-sizes').waitFor({ state: 'detached' })
    await expect.poll(() => page.locator('main').innerText()).toMatch(/on its right or back side/)
    await page.getByRole('button', { name: 'Sizes…' }).click()
    await expect.poll(() => page.locator('#size-depth-other').inputValue()).toBe('236 mm')
    await page.locator('#size-depth-other').fill('')
    await page.getByTestId('save-sizes').click()
    await page.getByTestId('save-sizes').waitFor({ state: 'detached' })
    await expect.poll(() => page.locator('main').innerText()).not.toMatch(/on its right or back side/)
  })

  it('refuses sizes that no part can have, with nothing typed lost', async () => {
    const page = await session.open(hivePath('flannel/0'))
    await drawn(page)
    await page.locator('[data-part]').nth(2).click()
    await page.getByRole('button', { name: 'Sizes…' }).click()
    for (const [field, text, sentence] of [
      ['insideLength', '510', /not smaller than the outside/],
      ['insideLength', '240', /walls thicker than half the box/],
      ['restToRest', '400', /does not lie between/],
    ] as const) {
      await page.getByTestId(`size-${field}`).fill(text)
      await page.getByTestId('save-sizes').click()
      await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(sentence)
      await expect.poll(() => page.getByTestId(`size-${field}`).inputValue()).toBe(text)
      await page.getByTestId(`size-${field}`).fill('')
      await page.getByRole('button', { name: 'Cancel' }).click()
      await page.getByRole('button', { name: 'Sizes…' }).click()
    }
  })
})

describe('the shed', () => {
  it('counts what is owned, takes more in, and does not go below what stands', async () => {
    const page = await session.open('/shed')
    await chooseYard(page, 'Kiln Bank')
    const row = page.locator('tr', { has: page.locator('[data-shed-row="box-langstroth-deep"]') })
    const alert = page.getByRole('alert')
    const own = row.getByRole('textbox')
    await own.fill('1')
    await row.getByRole('button', { name: 'Set' }).click()
    await expect.poll(() => alert.innerText()).toMatch(/but \d stand on hives/)
    const standing = Number(/but (\d) stand/.exec(await alert.innerText())![1])
    await page.getByRole('button', { name: /Count those/ }).click()
    await expect.poll(() => alert.count()).toBe(0)
    await own.fill(String(standing + 2))
    await row.getByRole('button', { name: 'Set' }).click()
    await expect.poll(() => row.locator('td').nth(3).innerText()).toBe('2')
    await own.fill('many')
    await row.getByRole('button', { name: 'Set' }).click()
    await expect.poll(() => alert.innerText()).toContain('not a whole number')
    await page.getByTestId('undo').click()
    await expect.poll(() => row.locator('td').nth(3).innerText()).toBe('0')
    await saved(page)
  })

  it('keeps condition and what a part has held', async () => {
    const page = await session.open('/shed')
    await chooseYard(page, 'Sallow Quay')
    await page.locator('[data-shed-row="box-national-super"]').click()
    const part1 = page.locator('.each li').first()
    await choose(page, part1.locator('.el-select'), /repair/i)
    await part1.getByText('has held honey').click()
    await saved(page)
    const part = (await storedYards(session.server.url))[0]!.yard.parts.find(({ condition }) => condition)!
    expect(part).toMatchObject({ condition: 'needs-repair', hasHeld: ['honey'] })
  })
})

describe('many parts of the shed at once', () => {
  const parts = async (name: string) =>
    (await storedYards(session.server.url)).find(({ yard }) => yard.name === name)!.yard.parts

  it('puts parts in by their pictures, as one step, which is taken back as one', async () => {
    const page = await session.open('/yards/kiln-bank/shed')
    const before = (await parts('Kiln Bank')).length
    await page.getByTestId('shed-add').click()
    const [deep, medium] = [
      page.locator('[data-add="box-langstroth-deep"]'),
      page.locator('[data-add="box-langstroth-medium"]'),
    ]
    await expect.poll(() => deep.count()).toBe(1)
    expect(await page.getByTestId('add-parts').isDisabled()).toBe(true)
    // What few keepers own may be owned all the same.
    expect(await page.locator('[data-add="box-langstroth-jumbo"]').count()).toBe(1)
    await deep.click()
    await deep.click()
    await medium.click()
    await page.getByRole('spinbutton', { name: /Medium/i }).fill('4')
    await page.keyboard.press('Tab')
    await page.getByTestId('add-parts').filter({ hasText: 'Put 6 parts into the shed' }).click()
    await saved(page)
    expect((await parts('Kiln Bank')).length).toBe(before + 6)
    await page.getByTestId('undo').click()
    await saved(page)
    expect((await parts('Kiln Bank')).length).toBe(before)
  })

  it('counts frames that hang in no box, more and fewer in place, each step taken back', async () => {
    const page = await session.open('/')
    await chooseYard(page, 'Sallow Quay')
    await page.getByRole('link', { name: 'Shed', exact: true }).click()
    const loose = page.getByTestId('loose-frames')
    await loose.getByText('None: every frame hangs in a box.').waitFor()
    await page.getByTestId('add-frames').click()
    await page.getByTestId('loose-count').fill('0')
    await page.getByTestId('keep-frames').click()
    await page.locator('[data-wrong="count"]', { hasText: 'from 1 to 200' }).waitFor()
    await page.getByTestId('loose-count').fill('12')
    await page.getByTestId('keep-frames').click()
    const row = page.locator('[data-loose]')
    await expect.poll(() => row.innerText()).toMatch(/drawn comb/)
    await expect.poll(() => row.locator('b').innerText()).toBe('12')
    await row.getByRole('button', { name: /^One less/ }).click()
    await expect.poll(() => row.locator('b').innerText()).toBe('11')
    await row.getByRole('button', { name: /^One more/ }).click()
    await expect.poll(() => row.locator('b').innerText()).toBe('12')
    await saved(page)
    await page.reload()
    await expect.poll(() => row.locator('b').innerText()).toBe('12')
    for (let i = 0; i < 3; i++) {
      const undo = page.getByRole('button', { name: /^Undo/ }).first()
      await undo.click()
      await saved(page)
    }
    await loose.getByText('None: every frame hangs in a box.').waitFor()
  })

  it('says the condition of all that are picked, and drops those that lie there', async () => {
    const page = await session.open('/yards/kiln-bank/shed')
    await page.locator('[data-shed-row="box-langstroth-medium"]').click()
    await page.getByTestId('pick-all').click()
    await choose(page, 'picked-condition', 'worn')
    await saved(page)
    const mediums = async () =>
      (await parts('Kiln Bank')).filter(({ patternId }) => patternId === 'box-langstroth-medium')
    const worn = await mediums()
    expect(new Set(worn.map(({ condition }) => condition))).toEqual(new Set(['worn']))
    await page.getByTestId('picked-drop').click()
    await saved(page)
    const left = await mediums()
    expect(left.length).toBeLessThan(worn.length)
    expect(left.length).toBeGreaterThan(0)
  })

  it('draws what is owned against what the year needs, with the first day of a shortage', async () => {
    const page = await session.open('/yards/kiln-bank/shed')
    await expect
      .poll(() => page.getByTestId('shed-verdict').innerText(), { timeout: 20_000 })
      .toMatch(/^\d+ owned: (enough for every stage|too few from \d+ \w+)/)
    await choose(page, 'shed-year-part', /Langstroth deep/)
    await expect
      .poll(() => page.locator('[data-testid=shed-year] canvas').getAttribute('aria-label'))
      .toContain('Langstroth deep')
  })
})

describe('Sources', () => {
  it('shows a figure with its mark, overwrites it with what changes in sight, and takes it back', async () => {
    const page = await session.open('/sources')
    await chooseYard(page, 'Sallow Quay')
    await page.getByTestId('source-search').fill('crown (national) rim depth')
    const row = page.locator('tr', { has: page.locator('[data-figure="crown-national.rimDepth"]') })
    await expect.poll(() => row.innerText()).toMatch(/7 ± 1 mm\s+M\s+from memory/)
    await row.getByRole('button', { name: 'Change' }).click()
    await page.getByTestId('own-figure').fill('wide')
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect.poll(() => page.getByRole('alert').innerText()).toContain('is not a length')
    await page.getByTestId('own-figure').fill('5.5 mm')
    await expect
      .poll(() => page.getByTestId('effect').innerText())
      .toContain('Gingham: flush roof over crown board, 7 mm becomes 5.5 mm')
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect.poll(() => row.innerText()).toMatch(/5\.5 mm\s+own/)
    await row.getByRole('button', { name: 'Take back' }).click()
    await expect.poll(() => row.innerText()).toMatch(/7 ± 1 mm\s+M/)
    await saved(page)
    expect((await storedYards(session.server.url))[0]!.yard.overrides).toEqual([])
  })

  it('takes no least over its most, and says how many hives would change before anything is kept', async () => {
    const page = await session.open('/sources')
    await chooseYard(page, 'Sallow Quay')
    await page.getByTestId('source-search').fill('bee space at least')
    const row = page.locator('tr', { has: page.locator('[data-figure="beeSpaceMinMm"]') })
    await row.getByRole('button', { name: 'Change' }).click()
    await page.getByTestId('own-figure').fill('20 mm')
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/would be over .*change that one first/)
    await page.getByTestId('own-figure').fill('9.4 mm')
    await expect
      .poll(() => page.getByTestId('verdict-effect').first().innerText())
      .toMatch(/\d of 6 hives would go from \w+ to (watch|mend)/)
    await page.getByRole('button', { name: 'Cancel' }).click()
    expect((await storedYards(session.server.url))[0]!.yard.figures).toEqual([])
  })

  it('keeps a pattern of one’s own, uses it like any other, and does not let it go while it is in use', async () => {
    const page = await session.open('/sources')
    await chooseYard(page, 'Sallow Quay')
    await page.getByTestId('new-pattern').click()
    await page.getByTestId('keep-pattern').click()
    await expect.poll(() => page.getByRole('alert').innerText()).toContain('The name is empty')
    await page.getByTestId('own-name').fill('National super, bottom space')
    await choose(page, 'own-like', 'National super, bottom space')
    await page.getByTestId('keep-pattern').click()
    await expect.poll(() => page.getByRole('alert').innerText()).toContain('is there already')
    await page.getByTestId('own-name').fill('Uncle’s <super>')
    await page.getByTestId('own-count').fill('0')
    await page.getByTestId('own-depth').fill('wide')
    await page.getByTestId('keep-pattern').click()
    await page.locator('[data-wrong="count"]', { hasText: 'from 1 to 40' }).waitFor()
    await page.locator('[data-wrong="sizes.depth"]', { hasText: 'Depth' }).waitFor()
    await page.getByTestId('own-count').fill('10')
    await page.getByTestId('own-depth').fill('6 1/8 in')
    await page.getByTestId('keep-pattern').click()
    await page.getByText('Uncle’s <super>').first().waitFor()
    await saved(page)
    await page.goto(session.server.url + hivePath('twill/0'))
    await drawn(page)
    await page.locator('.tray .item', { hasText: 'Uncle’s <super>' }).click()
    await expect.poll(() => page.getByTestId('drawing').innerText()).toContain('155.6 mm')
    await saved(page)
    await page.goto(`${session.server.url}/sources`)
    await page.locator('.own').getByRole('button', { name: 'Remove' }).click()
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/is in use: Twill/)
  })
})
