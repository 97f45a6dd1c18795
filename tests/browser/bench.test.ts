import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readPlan } from '#wire/read'
import { DEMO, storedYards } from '../helpers/wire'
import {
  choose,
  chosenIn,
  drawn,
  figures,
  gaps,
  hivePath,
  layers,
  middleOf,
  saved,
  typeDay,
  useSession,
} from './session'

const session = useSession({ seed: DEMO })

describe('the bench', () => {
  it('draws the section with every part named and every gap explained', async () => {
    const page = await session.open(hivePath('calico/0'))
    await drawn(page)
    const drawing = page.getByTestId('drawing')
    for (const name of [
      'Timber stand',
      'Mesh floor',
      'Brood box',
      'Framed excluder',
      'Super 1',
      'Super 2',
      'Crown board',
      'Deep roof',
    ])
      await expect.poll(() => drawing.getByText(name, { exact: true }).count()).toBe(1)
    await expect.poll(() => drawing.getByText('top space 6.35 + bottom space 9.53').count()).toBe(1)
    await expect.poll(() => figures(page)).toEqual([31.525, 8, 3.175, 15.875, 8, 0])
    await page.locator('[data-mm="15.875"]').click()
    const joint = page.locator('.joint')
    await expect.poll(() => joint.innerText()).toMatch(/6\.35 mm over the limit of 9\.53 mm/)
    await expect.poll(() => joint.innerText()).toMatch(/Comb is built between the boxes/)
  })

  it('shows the section across the frames with one key', async () => {
    const page = await session.open(hivePath('calico/0'))
    await drawn(page)
    await page.keyboard.press('x')
    await expect.poll(() => page.getByTestId('across').getAttribute('aria-pressed')).toBe('true')
    await expect
      .poll(() => page.locator('[data-testid="drawing"] svg').getAttribute('aria-label'))
      .toContain('across the frames')
  })

  it('says that a way which was only shown was not done, once another one is shown', async () => {
    const page = await session.open('/yards/kiln-bank/hives/serge%2F0/bench')
    await drawn(page)
    await page.getByRole('button', { name: /^Put a dummy board/ }).click()
    expect(await page.getByTestId('only-shown').count()).toBe(0)
    await page.getByRole('button', { name: /^Share the room/ }).click()
    await expect.poll(() => page.getByTestId('only-shown').innerText()).toMatch(/^“Put a dummy board.*only shown/)
  })

  it('previews a remedy before it is made, makes it, and undoes it after a reload', async () => {
    const page = await session.open(hivePath('gingham/0'))
    await drawn(page)
    const before = await figures(page)
    await page.getByRole('button', { name: 'Turn the crown board over: 7 mm' }).click()
    await expect.poll(() => figures(page)).toContain(7)
    await expect.poll(() => page.getByText('Tried out, not done yet').count()).toBe(1)
    await page.getByRole('button', { name: 'Leave it' }).click()
    await expect.poll(() => figures(page)).toEqual(before)
    await page.getByRole('button', { name: 'Turn the crown board over: 7 mm' }).click()
    await page.getByRole('button', { name: 'Do it' }).click()
    const after = await figures(page)
    expect(after).toContain(7)
    await saved(page)
    await page.reload()
    await drawn(page)
    await expect.poll(() => figures(page)).toEqual(after)
    await page.keyboard.press('Control+z')
    await expect.poll(() => figures(page)).toEqual(before)
    await saved(page)
    await page.reload()
    await drawn(page)
    await expect.poll(() => figures(page)).toEqual(before)
    await page.keyboard.press('Control+Shift+z')
    await expect.poll(() => figures(page)).toEqual(after)
    await page.getByTestId('undo').click()
    await saved(page)
  })

  it('accepts a finding with a reason, keeps it in sight, and takes it back', async () => {
    const page = await session.open(hivePath('poplin/0'))
    await drawn(page)
    const card = page.locator('[data-rule="open-space"]')
    await card.getByRole('button', { name: 'Accept…' }).click()
    await card.getByRole('button', { name: 'Accept', exact: true }).click()
    await expect.poll(() => card.getByRole('alert').innerText()).toContain('The reason is empty')
    await card.getByRole('textbox').fill('Comes off on <Sunday>')
    await card.getByRole('button', { name: 'Accept', exact: true }).click()
    await expect.poll(() => card.innerText()).toContain('“Comes off on <Sunday>”')
    await expect.poll(() => page.getByTestId('summary').innerText()).toContain('Watch: 1 finding')
    await card.getByRole('button', { name: 'Take back' }).click()
    await expect.poll(() => page.getByTestId('summary').innerText()).toContain('Mend: 2 findings')
    await saved(page)
  })

  it('filters the docket by the part selected', async () => {
    const page = await session.open(hivePath('calico/0'))
    await drawn(page)
    await page.locator('.finding').first().waitFor()
    const all = await page.locator('.finding').count()
    await page.locator('[data-part="calico/2"]').click()
    await expect.poll(() => page.locator('.finding').count()).toBeLessThan(all)
    await page.getByRole('button', { name: /Show all/ }).click()
    await expect.poll(() => page.locator('.finding').count()).toBe(all)
  })

  it('says at which edge a guard opens and by when headspace comes off, and keeps both', async () => {
    const page = await session.open(hivePath('damask/0'))
    await drawn(page)
    const guard = async () =>
      (await storedYards(session.server.url)).flatMap(({ yard }) => yard.hives).find(({ name }) => name === 'Damask')!
    await page.locator('.fittings').getByText('Mouse guard').click()
    await page.getByTestId('edge').click()
    await page.locator('[data-rule="season.lower-opening"]').waitFor()
    await saved(page)
    expect((await guard()).attachments.every(({ edge }) => edge === undefined)).toBe(true)
    await page.getByTestId('undo').click()
    await page.locator('[data-pattern="eke-national"]').click()
    await typeDay(page, 'off-by', '31 Jan 2020')
    await page.getByTestId('off-by').blur()
    await page.locator('[data-rule="season.headspace-overdue"]').waitFor()
    await saved(page)
    expect((await guard()).stack.map(({ offBy }) => offBy).filter(Boolean)).toEqual(['2020-01-31'])
    await page.getByTestId('undo').click()
    await page.getByTestId('undo').click()
    await saved(page)
  })

  it('does not ask a winter hive for its excluder', async () => {
    const page = await session.open(hivePath('damask/0'))
    await drawn(page)
    await expect.poll(() => page.locator('[data-rule="order.no-excluder"]').count()).toBe(0)
    await choose(page, 'stands-as', 'flow')
    await expect
      .poll(() => page.locator('[data-rule="season.no-room"], [data-rule="season.narrow-entrance"]').count())
      .toBeGreaterThan(0)
    await page.getByTestId('undo').click()
    await expect.poll(() => chosenIn(page, 'stands-as')).toBe('winter')
    await saved(page)
  })
})

describe('the hand', () => {
  it(
    'shows the gaps that dropping would make, and they are the gaps after the drop (mouse, ' + 'from the tray)',
    async () => {
      const page = await session.open(hivePath('twill/0'))
      await drawn(page)
      const before = await layers(page)
      // The other bee space is folded away.
      await page.locator('[data-more="Boxes"]').click()
      const from = (await page.locator('[data-pattern="box-national-super-top-space"]').boundingBox())!
      const to = await middleOf(page, before[4]!)
      await page.mouse.move(from.x + 20, from.y + 20)
      await page.mouse.down()
      await page.mouse.move(to.x - 60, to.y + 30, { steps: 6 })
      await page.mouse.move(to.x, to.y + 8, { steps: 6 })
      const held = await gaps(page)
      expect(held.filter(({ ghost }) => ghost).length).toBe(2)
      await expect.poll(() => page.locator('[data-ghost]').count()).toBe(1)
      await page.mouse.up()
      await expect.poll(() => page.locator('[data-ghost]').count()).toBe(0)
      expect((await gaps(page)).map(({ mm }) => mm)).toEqual(held.map(({ mm }) => mm))
      await expect.poll(() => layers(page)).toHaveLength(before.length + 1)
      await page.getByTestId('undo').click()
      await expect.poll(() => layers(page)).toEqual(before)
      await saved(page)
    },
  )

  it('moves a part of the stack by dragging, and lets go of it beside the hive', async () => {
    const page = await session.open(hivePath('calico/0'))
    await drawn(page)
    const before = await layers(page)
    const from = await middleOf(page, before[5]!)
    const to = await middleOf(page, before[4]!)
    await page.mouse.move(from.x, from.y)
    await page.mouse.down()
    await page.mouse.move(to.x, to.y + 25, { steps: 8 })
    const held = await figures(page)
    await page.mouse.up()
    await expect.poll(() => figures(page)).toEqual(held)
    await expect.poll(() => layers(page)).toEqual([...before.slice(0, 4), before[5], before[4], ...before.slice(6)])
    await page.getByTestId('undo').click()
    await page.mouse.move(from.x, from.y)
    await page.mouse.down()
    await page.mouse.move(40, 400, { steps: 8 })
    await page.mouse.up()
    await expect.poll(() => layers(page)).toEqual(before)
    await saved(page)
  })

  it('does the same by keyboard: at its usual place, then moved and turned, each taken back by itself', async () => {
    const page = await session.open(hivePath('ticking/0'))
    await drawn(page)
    const before = await layers(page)
    for (const [ups, turned] of [
      [0, false],
      [1, true],
      [2, false],
    ] as const) {
      await page.keyboard.press('a')
      await page.locator('[data-pattern="excluder-framed-langstroth-8"]').focus()
      await page.keyboard.press('Enter')
      await expect.poll(() => layers(page)).toHaveLength(before.length + 1)
      const usual = await layers(page)
      const put = usual.findIndex((id) => !before.includes(id))
      for (let i = 0; i < ups; i++) await page.keyboard.press('Alt+ArrowDown')
      if (turned) await page.keyboard.press('t')
      await expect.poll(async () => (await layers(page)).indexOf(usual[put]!)).toBe(put - ups)
      for (let i = 0; i < ups + Number(turned); i++) await page.getByTestId('undo').click()
      await expect.poll(() => layers(page)).toEqual(usual)
      await page.getByTestId('undo').click()
      await expect.poll(() => layers(page)).toEqual(before)
    }
    await saved(page)
  })

  it('lets go with Escape', async () => {
    const page = await session.open(hivePath('ticking/0'))
    await drawn(page)
    const before = await figures(page)
    const eke = page.locator('[data-pattern="eke-langstroth-8"]')
    await eke.scrollIntoViewIfNeeded()
    const from = (await eke.boundingBox())!
    const to = await middleOf(page, (await layers(page))[3]!)
    await page.mouse.move(from.x + 20, from.y + 20)
    await page.mouse.down()
    await page.mouse.move(to.x, to.y, { steps: 6 })
    await expect.poll(() => figures(page)).not.toEqual(before)
    await page.keyboard.press('Escape')
    await expect.poll(() => figures(page)).toEqual(before)
    await page.mouse.up()
    await expect.poll(() => figures(page)).toEqual(before)
  })

  it('puts one part after another by a press each, every one at its usual place, and over a part where that is asked', async () => {
    const page = await session.open(hivePath('ticking/0'))
    await drawn(page)
    const before = await layers(page)
    await page.locator('[data-pattern="box-langstroth-8-medium"]').click()
    await page.locator('[data-pattern="eke-langstroth-8"]').click()
    await expect.poll(() => layers(page)).toHaveLength(before.length + 2)
    const roof = before.at(-1)
    expect((await layers(page)).at(-1)).toBe(roof)
    await page.getByTestId('undo').click()
    await page.getByTestId('undo').click()
    await expect.poll(() => layers(page)).toEqual(before)
    await page.locator(`[data-part="${before[1]!}"]`).click()
    await page.getByRole('button', { name: 'Add…' }).click()
    await page.getByText(/The next part goes over/).waitFor()
    await page.locator('[data-pattern="eke-langstroth-8"]').click()
    await expect.poll(async () => (await layers(page)).indexOf(before[2]!)).toBe(3)
    await page.getByTestId('undo').click()
    await expect.poll(() => layers(page)).toEqual(before)
    await saved(page)
  })

  it('swaps a part with a look beforehand, and puts back from the shed what was taken off', async () => {
    const page = await session.open(hivePath('calico/0'))
    await drawn(page)
    const before = await layers(page)
    await page.locator(`[data-part="${before[4]!}"]`).click()
    await page.keyboard.press('s')
    const choice = page.getByRole('button', { name: 'National super, bottom space', exact: true })
    await choice.hover()
    const tried = await figures(page)
    expect(tried).not.toContain(15.875)
    await choice.click()
    await expect.poll(() => figures(page)).toEqual(tried)
    await expect.poll(() => page.locator('[data-shed]').count()).toBe(1)
    await page.getByTestId('undo').click()
    await page.locator(`[data-part="${before[6]!}"]`).click()
    await page.keyboard.press('Delete')
    await expect.poll(() => layers(page)).toHaveLength(before.length - 1)
    await page.keyboard.press('Escape')
    await page.locator('[data-shed]').click()
    await expect.poll(() => layers(page)).toEqual(before)
    await saved(page)
  })
})

describe('units and words', () => {
  it('switch everywhere at once, and stay', async () => {
    const page = await session.open(hivePath('calico/0'))
    await drawn(page)
    await page.keyboard.press('u')
    await page.getByTestId('menu').click()
    await page.getByTestId('words-northAmerican').click()
    const text = await page.locator('.bench').innerText()
    const svg = await page.getByTestId('drawing').innerText()
    expect(text).toMatch(/5\/8 in here; accepted is 1\/4 in to 3\/8 in/)
    expect(svg).toContain('Inner cover')
    expect(text + svg).not.toMatch(/\d mm\b|crown board/i)
    await page.reload()
    await drawn(page)
    await expect.poll(() => page.getByTestId('drawing').innerText()).toContain('Hive body')
    await page.goto(session.server.url)
    await page.waitForSelector('[data-hive="Calico"]')
    await expect.poll(() => page.locator('[data-hive="Calico"]').innerText()).toMatch(/5\/8 in/)
  })

  it('finds a part of the tray by a few letters of its name', async () => {
    const page = await session.open(hivePath('serge/0'))
    await drawn(page)
    const items = page.locator('.tray [data-pattern]')
    const all = await items.count()
    await page.getByTestId('tray-search').fill('medium')
    await expect.poll(() => items.count()).toBeLessThan(all)
    expect(await items.first().innerText()).toMatch(/medium/i)
    await page.getByTestId('tray-search').fill('no such part')
    await page.getByText(/No part of .* is called that/).waitFor()
    await page.getByTestId('tray-search').fill('')
    await expect.poll(() => items.count()).toBe(all)
    await page.getByTestId('tray-search').fill('vent rim')
    await expect.poll(() => items.first().innerText()).toMatch(/vent rim/i)
    await page.getByTestId('tray-search').fill('')
  })

  it('takes sizes in any unit and refuses what is none, with nothing typed lost', async () => {
    const page = await session.open(hivePath('serge/0'))
    await drawn(page)
    await page.locator('[data-part="serge/2"]').click()
    await page.getByRole('button', { name: 'Sizes…' }).click()
    const depth = page.getByTestId('size-depth')
    for (const [typed, sentence] of [
      ['3 m', /no size a hive part has/],
      ['-4', /below zero/],
      ['9 in 5 mm', /two units/],
      ['1,234', /two ways: is it 1\.234 or 1234/],
      ['wide', /is not a length/],
    ] as const) {
      await depth.fill('x')
      await depth.fill(typed)
      await page.getByTestId('save-sizes').click()
      await expect.poll(() => page.getByRole('alert').innerText()).toMatch(sentence)
      await expect.poll(() => depth.inputValue()).toBe(typed)
    }
    for (const [typed, shown] of [
      ['9-5/8"', '244.5 mm'],
      ['24,4 cm', '244 mm'],
      ['250mm', '250 mm'],
      ['9 1/2 in', '241.3 mm'],
    ] as const) {
      await depth.fill(typed)
      await page.getByTestId('save-sizes').click()
      await expect.poll(() => page.getByTestId('drawing').innerText()).toContain(shown)
      await page.getByRole('button', { name: 'Sizes…' }).click()
    }
    await page.getByTestId('size-restToRest').focus()
    await page.locator('[data-lit="restToRest"]').waitFor()
    await depth.focus()
    await page.locator('[data-lit="depth"]').waitFor()
    await depth.fill('6 5/8 in')
    await page.getByTestId('save-sizes').click()
    await page.getByText(/is the depth of .*medium.*: was that meant\?/i).waitFor()
    await depth.fill('')
    await page.getByTestId('save-sizes').click()
    await expect.poll(() => page.getByTestId('drawing').innerText()).toContain('244.5 mm')
    await page.getByRole('button', { name: 'Sizes…' }).click()
    expect(await depth.inputValue()).toBe('')
    await depth.fill('9 1/2 in')
    await page.getByTestId('save-sizes').click()
    await saved(page)
    const serge = (await storedYards(session.server.url))[1]!.yard.parts.find(({ id }) => id === 'serge/2')!
    expect(serge.measured?.depth).toMatchObject({ mm: 241.3, inches: '9 1/2', plusMinusMm: 0.5 })
  })
})

describe('files', () => {
  it('saves a hive as a plan file and the drawing as SVG with its dimensions', async () => {
    const page = await session.open(hivePath('flannel/0'))
    await drawn(page)
    const save = async (item: string) => {
      const downloading = page.waitForEvent('download')
      await page.getByTestId('hive-menu').click()
      await page.getByTestId(item).click()
      const download = await downloading
      return { name: download.suggestedFilename(), text: readFileSync(await download.path(), 'utf8') }
    }
    const plan = await save('export-plan')
    expect(plan.name).toBe('Flannel.json')
    const read = readPlan(plan.text)
    expect(read.ok && read.value.yards[0]!.hives[0]!.name).toBe('Flannel')
    const svg = await save('export-svg')
    expect(svg.name).toBe('Flannel-along.svg')
    expect(svg.text).toMatch(/^<\?xml[\s\S]*<svg[^>]+xmlns="http:\/\/www.w3.org\/2000\/svg"/)
    expect(svg.text).toContain('Insulation slab')
    expect(svg.text).toContain('10.18 mm')
    const sound = await page.evaluate(
      (text) => new DOMParser().parseFromString(text, 'image/svg+xml').querySelector('parsererror') === null,
      svg.text,
    )
    expect(sound).toBe(true)
  })
})
