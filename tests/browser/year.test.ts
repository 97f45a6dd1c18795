import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { DEMO, post, storedYards, submission } from '../helpers/wire'
import { chooseYard, choose, drawn, hivePath, layers, saved, typeDay, useSession } from './session'

const session = useSession({ seed: DEMO })
const year = async (yard = 'Kiln Bank', options: Parameters<typeof session.open>[1] = {}): Promise<Page> => {
  const page = await session.open('/year', options)
  await chooseYard(page, yard)
  await page.locator('[data-planned]').first().waitFor()
  return page
}
/** In June nobody knows yet what the supers will hold: a plan takes them off, whatever the day of the test. */
const inJune = async (page: Page): Promise<void> => {
  await page.clock.setFixedTime(new Date('2026-06-15T10:00:00'))
  await page.reload()
  await page.locator('[data-planned]').first().waitFor()
}
const hiveNamed = async (name: string) =>
  (await storedYards(session.server.url)).flatMap(({ yard }) => yard.hives).find((hive) => hive.name === name)!
const seasonOf = async (name: string) =>
  (await storedYards(session.server.url)).find(({ yard }) => yard.name === name)!.yard.season
const planned = (page: Page, name: string) => page.locator(`[data-planned="${name}"]`)

describe('the year', () => {
  it('shows every hive as each stage has it, what changes and what goes in the van', async () => {
    const page = await year()
    await inJune(page)
    await page.locator('[data-stage="flow"]').click()
    const height = async () => Number(/(\d+(?:\.\d+)?) mm/.exec(await planned(page, 'Corduroy').innerText())![1])
    await expect.poll(height).toBeGreaterThan(1000)
    const inFlow = await height()
    await page.locator('[data-stage="winter"]').click()
    await expect.poll(height).toBeLessThan(inFlow - 400)
    await planned(page, 'Corduroy').click()
    await expect
      .poll(() => page.getByTestId('changes').innerText())
      .toMatch(/Corduroy: to winter[\s\S]*the least there is[\s\S]*Super 4 off the hive, to the van/)
    expect(await page.getByTestId('van').innerText()).toMatch(
      /mouse guard, \d to get[\s\S]*Comes home[\s\S]*framed excluder/,
    )
    await page.getByTestId('from-before').click()
    await expect.poll(() => page.getByTestId('changes').innerText()).toMatch(/Nothing to do/)
    await expect.poll(() => page.getByTestId('as-they-stand').innerText()).toMatch(/Stay as they are: .*Corduroy/)
    const [, touched, all] = /(\d+) of (\d+) hives/.exec(await page.getByTestId('van').innerText())!
    const named =
      (await page.getByTestId('as-they-stand').innerText()).split(', ').length +
      (await page.getByTestId('not-in-plan').allInnerTexts()).flatMap((text) => text.split(', ')).length
    expect(Number(touched) + named).toBe(Number(all))
  })

  it('follows how bees are kept, by yard and by hive, and undo takes it back', async () => {
    const before = await seasonOf('Kiln Bank')
    const page = await year()
    await page.locator('[data-mode="keeping"]').click()
    await page.locator('[data-mode="winter"]').click()
    await page.locator('[data-choice="winterTop:absorbing"]').click()
    await saved(page)
    await choose(page, 'way-scope', 'Corduroy only')
    await page.locator('[data-choice="winterSize:one"]').click()
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

  it(
    'refuses dates that cannot be in a sentence, keeps what was typed, and turns for the ' + 'other hemisphere',
    async () => {
      const page = await year('Sallow Quay')
      await page.locator('[data-mode="dates"]').click()
      await typeDay(page, 'year-flowEnd', '1 May')
      await expect
        .poll(() => page.getByRole('alert').first().innerText())
        .toMatch(/End of the flow comes before its start/)
      expect(await page.getByTestId('year-flowEnd').locator('input').inputValue()).toBe('1 May')
      expect((await seasonOf('Sallow Quay'))?.calendar?.flowEnd).toBe('07-31')
      await choose(page, 'climate', /tropical/i)
      await typeDay(page, 'year-firstFrost', '1 Nov')
      await expect.poll(() => page.getByRole('alert').first().innerText()).toMatch(/this climate has no winter/)
      await choose(page, 'climate', /by the sea/i)
      await page.getByTestId('other-hemisphere').click()
      await page.locator('[data-mode="stages"]').click()
      await expect.poll(() => page.locator('[data-stage="flow"]').innerText()).toMatch(/18 Nov/)
    },
  )

  it('has its borders dragged, moved by keys, and put back by their rule', async () => {
    const page = await year('Kiln Bank')
    const flow = page.locator('[data-border="flow"]')
    const says = () => flow.getAttribute('aria-valuetext')
    expect(await says()).toBe('10 Jun')
    const box = (await flow.boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + 30)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width / 2 + 40, box.y + 30, { steps: 4 })
    await page.mouse.up()
    await expect.poll(says).toMatch(/^2[0-4] Jun$/)
    const dragged = await says()
    await flow.press('ArrowRight')
    await expect.poll(says).not.toBe(dragged)
    await flow.press('Home')
    await expect.poll(says).toBe('10 Jun')
    await saved(page)
    // No further than the stage before begins.
    for (let i = 0; i < 30; i++) await flow.press('PageDown')
    await expect.poll(() => page.locator('[data-stage="supering"]').textContent()).toMatch(/, 1 day$/)
    await flow.press('Home')
    await expect.poll(says).toBe('10 Jun')
    await saved(page)
  })

  it('asks for the climate where nobody has said what year it is', async () => {
    const page = await session.open()
    await page.getByRole('button', { name: 'New yard' }).click()
    await page.getByTestId('name-input').fill('Lambswool Lane')
    await page.getByTestId('name-input').press('Enter')
    // A new yard asks at once; who puts it off is asked again where it matters.
    await page.getByRole('dialog', { name: 'The climate of Lambswool Lane' }).waitFor()
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'detached' })
    await page.getByTestId(/^add-hive-(?!sallow|kiln)/).click()
    await page.getByTestId('new-hive-name').fill('Tweed')
    await page.getByTestId('new-langstroth').click()
    await page.getByRole('link', { name: 'Year', exact: true }).first().click()
    await page.getByRole('heading', { name: 'Choose your climate' }).waitFor()
    await page.getByText('South of the equator').click()
    await page.locator('[data-climate="cold-continental"]').click()
    await page.getByRole('heading', { name: 'Choose your climate' }).waitFor({ state: 'detached' })
    await expect.poll(() => page.locator('[data-border="flow"]').getAttribute('aria-valuetext')).toBe('9 Dec')
    await saved(page)
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
    await choose(page, 'compare-field', /super/i)
    await choose(page, 'compare-choice', /^(1|one)/i)
    const boxes = async () =>
      (await page.getByTestId('compare-ways').locator('tbody tr').first().innerText())
        .split(/\s+/)
        .slice(-2)
        .map(Number)
    await expect
      .poll(async () => {
        const [now, other] = await boxes()
        return now! > other! && other! > 0
      })
      .toBe(true)
  })
})

describe('kit over the year', () => {
  it('says what is short and from when, with the keeper’s own prices, kept through a reload', async () => {
    const page = await year()
    await page.locator('[data-mode="kit"]').click()
    const slab = page.locator('tr', { has: page.locator('[data-to-get="slab-langstroth"]') })
    await expect
      .poll(() => slab.innerText())
      .toMatch(/Insulation slab[\s\S]*Packing down, 7 Sep|Insulation slab[\s\S]*check/i)
    await slab.locator('input').fill('12,50')
    await slab.locator('input').blur()
    const total = await page.getByTestId('kit-total').innerText()
    expect(Number(total)).toBe(
      12.5 *
        Number(
          /\t(\d+)\t|\n(\d+)\n/
            .exec(await slab.innerText())
            ?.slice(1)
            .find(Boolean) ?? 'NaN',
        ),
    )
    await page.reload()
    await page.locator('[data-mode="kit"]').click()
    await expect.poll(() => page.getByTestId('kit-total').innerText()).toBe(total)
  })
})

describe('tick sheets', () => {
  it('are printed for the change to every stage, by the row or the hive that needs it first', async () => {
    const page = await year()
    await inJune(page)
    const print = page.getByTestId('print-visit')
    const printed = async () => {
      const [asked, file] = await Promise.all([
        page.waitForRequest('**/api/print/visit'),
        page.waitForEvent('download'),
        print.click(),
      ])
      expect(file.suggestedFilename()).toMatch(/\.pdf$/)
      return (asked.postDataJSON() as { hives: { name: string; steps: unknown[] }[] }).hives
    }
    let crops = 0
    for (const stage of ['late-winter-check', 'supering', 'crop', 'after-crop', 'pack-down', 'winter']) {
      await page.goto(`${session.server.url}/yards/kiln-bank/year?stage=${stage}`)
      await page.getByTestId('print-cards').waitFor()
      await expect.poll(() => page.locator('[data-planned]').count()).toBe(5)
      await page.waitForLoadState('networkidle')
      if (!(await print.isEnabled())) continue
      crops += /the crop comes off/.test(JSON.stringify(await printed())) ? 1 : 0
    }
    // The step that once kept a whole print from being taken.
    expect(crops).toBeGreaterThan(0)
    const byRow = (await printed()).map(({ name }) => name)
    await page.getByTestId('need-first').click()
    const byNeed = (await printed()).map(({ name }) => name)
    expect(byNeed.toSorted()).toEqual(byRow.toSorted())
    const worst = await page.evaluate(() => localStorage.getItem('duvet.print-order'))
    expect(worst).toBe('need')
    await page.getByTestId('need-first').click()
    expect((await printed()).map(({ name }) => name)).toEqual(byRow)
  })
})

describe('a changeover as piles', () => {
  it('moves one part a step, by press, by bead and by the step in the list, and ends with the hive as planned', async () => {
    const page = await year()
    await inJune(page)
    await page.goto(`${session.server.url}/yards/sallow-quay/year?stage=winter&hive=twill%2F0`)
    const layers = () =>
      page.$$eval('[data-testid=piles] [data-layer]', (all) =>
        all.map((one) => `${one.getAttribute('data-layer')} ${(one as SVGElement).style.transform.split(',')[0]}`),
      )
    await expect.poll(async () => (await layers()).length).toBeGreaterThan(5)
    const first = await layers()
    const said = () => page.getByTestId('piles').getByRole('status').innerText()
    const steps = await page.locator('[data-step]').count()
    // The first thing that is lifted leaves the hive's pile.
    for (let i = 0; i < 2; i++) await page.getByTestId('step-on').click()
    await expect.poll(said).toMatch(/^2 of \d+: /)
    expect((await layers()).filter((one, i) => one !== first[i]).length).toBeGreaterThan(0)
    await page.getByTestId('step-back').click()
    await page.getByTestId('step-back').click()
    await expect.poll(layers).toEqual(first)
    await page.locator('[data-step] button').last().click()
    await expect.poll(said).toMatch(new RegExp(`^${steps} of ${steps}: `))
    expect(await page.getByTestId('step-on').isDisabled()).toBe(true)
    await page.getByTestId('step-slider').getByRole('slider').press('Home')
    await expect.poll(layers).toEqual(first)
  })
})

describe('what if, as two rows', () => {
  it('draws every hive as now and as it would be, and marks what differs', async () => {
    const page = await year()
    await page.goto(`${session.server.url}/yards/kiln-bank/year?see=compare`)
    await choose(page, 'compare-field', /^Brood in/)
    const differs = () =>
      page.$$eval('[data-pair]', (all) => all.map((one) => Number(one.getAttribute('data-differs'))))
    const totals: number[] = []
    for (const choice of [/one brood box/i, /two/i]) {
      await choose(page, 'compare-choice', choice)
      await expect.poll(() => page.locator('[data-pair] svg').count(), { timeout: 20_000 }).toBeGreaterThan(5)
      await expect.poll(async () => (await page.locator('[data-pair] svg').count()) / (await differs()).length).toBe(2)
      totals.push((await differs()).reduce((sum, n) => sum + n, 0))
    }
    // Not every hive is kept in one brood box and in two at once.
    expect(Math.max(...totals)).toBeGreaterThan(0)
    expect(totals[0]).not.toBe(totals[1])
  })
})

describe('a stage on the bench', () => {
  const bar = (page: Page) => page.getByTestId('plan-bar')
  const bench = async (name: string): Promise<Page> => {
    const page = await session.open(hivePath((await hiveNamed(name)).id))
    await drawn(page)
    return page
  }

  it('is looked at by pressing, by key and by arrow, changes nothing, and goes back', async () => {
    const page = await bench('Flannel')
    const now = await layers(page)
    await page.locator('[data-stage="flow"]').click()
    await expect.poll(() => layers(page)).not.toEqual(now)
    expect(await bar(page).innerText()).toMatch(/Flow, as it is planned[\s\S]*heaviest lift/)
    await page.locator('[data-stage="flow"]').press('ArrowLeft')
    await expect.poll(() => bar(page).innerText()).toMatch(/Supering, as it is planned/)
    await page.keyboard.press('0')
    await expect.poll(() => layers(page)).toEqual(now)
    // Pressed faster than addresses follow: the last key counts.
    for (const key of ['3', '4', '5', '0']) await page.keyboard.press(key)
    await expect.poll(() => layers(page)).toEqual(now)
    expect(new URL(page.url()).search).toBe('')
    await saved(page)
    expect((await hiveNamed('Flannel')).season?.byHand).toBeUndefined()
  })

  it(
    'changed there it is a plan by hand, which survives a reload; both are shown when the ' +
      'writing changes, and undo gives the other back',
    async () => {
      const page = await bench('Flannel')
      const standing = (await hiveNamed('Flannel')).stack
      await page.locator('[data-stage="winter"]').click()
      await page.locator('[data-pattern="eke-langstroth"]').click()
      await expect.poll(() => bar(page).innerText()).toMatch(/Your plan, made by hand/)
      await saved(page)
      const kept = await hiveNamed('Flannel')
      expect(kept.stack).toEqual(standing)
      expect(kept.season!.byHand!.winter!.layers.map(({ patternId }) => patternId)).toContain('eke-langstroth')
      await page.goto(`${session.server.url}/year`)
      await chooseYard(page, 'Kiln Bank')
      await page.locator('[data-mode="keeping"]').click()
      await choose(page, 'way-scope', 'Flannel only')
      await page.locator('[data-mode="winter"]').click()
      await page.locator('[data-choice="winterTop:absorbing"]').click()
      await saved(page)
      await page.goto(session.server.url + hivePath(kept.id))
      await drawn(page)
      await page.locator('[data-stage="winter"]').click()
      await page.getByTestId('see-both').click()
      await expect.poll(() => page.locator('[data-plan="mine"]').innerText()).toMatch(/Only here: .*eke/)
      await expect.poll(() => page.locator('[data-plan="written"]').innerText()).toMatch(/Only here: quilt/)
      await page.getByTestId('plan-written').click()
      await expect.poll(() => bar(page).innerText()).toMatch(/Written from what stands there/)
      await page.getByTestId('undo').click()
      await expect.poll(() => bar(page).innerText()).toMatch(/what would be written has changed/)
      await saved(page)
    },
  )

  it('refuses in a sentence what a plan cannot keep', async () => {
    const page = await bench('Serge')
    await page.locator('[data-stage="flow"]').click()
    await page.locator('[data-finding-accept], .finding button:has-text("Accept…")').first().click()
    await page
      .locator('.el-dialog:visible textarea, .el-dialog:visible input, .finding textarea, .finding input')
      .first()
      .fill('known')
    await page.keyboard.press('Enter')
    await page.getByText('belong to the hive as it stands').waitFor()
  })

  it('the whole row grows and shrinks with the year', async () => {
    const page = await session.open('/')
    const heights = async () =>
      (await page.locator('[data-hive] .stage').allInnerTexts())
        .flatMap((text) => /, (\d+(?:\.\d+)?) mm/.exec(text)?.[1] ?? [])
        .map(Number)
    // Hives are drawn one by one: all that will stand in sight are there before they are compared.
    const inSight = async () => {
      const count = await page.locator('[data-hive]').count()
      await page.waitForTimeout(400)
      return count > 0 && count === (await page.locator('[data-hive]').count())
    }
    await expect.poll(inSight).toBe(true)
    await page.locator('[data-row-stage="flow"]').click()
    // Two of the demo, and what the tests before have added.
    await expect.poll(() => page.locator('[data-testid^="row-planned-"]').count()).toBeGreaterThan(1)
    await expect.poll(inSight).toBe(true)
    const flow = await heights()
    await page.locator('[data-row-stage="winter"]').click()
    await expect
      .poll(
        async () =>
          (await heights()).every((mm, i) => mm <= flow[i]! + 100) &&
          (await heights()).some((mm, i) => mm < flow[i]! - 200),
      )
      .toBe(true)
    await page.locator('[data-row-stage="now"]').click()
    await expect.poll(() => page.locator('[data-testid^="row-planned-"]').count()).toBe(0)
  })
})

describe('the log', () => {
  it('shows a hive as it stood on a day, what was changed and on which device, and where a box has been', async () => {
    const serge = await hiveNamed('Serge')
    const page = await session.open(hivePath(serge.id))
    await drawn(page)
    const before = await layers(page)
    await page.locator(`[data-testid="drawing"] [data-part="${before.at(-1)}"]`).click()
    await page.keyboard.press('Delete')
    await saved(page)
    await page.goto(`${session.server.url}/log/${encodeURIComponent(serge.id)}`)
    const first = page.getByTestId('log-changes').locator('button').first()
    await expect.poll(() => first.innerText()).toMatch(/Taking a part off \(.*roof.*\)[\s\S]*, on .+/)
    await typeDay(page, 'log-day', '1 Jan 2020')
    await expect.poll(() => page.getByTestId('log-title').innerText()).toMatch(/1 Jan 2020/)
    await expect.poll(() => page.locator('.stood [data-part]').count()).toBe(before.length)
    await expect.poll(() => page.getByTestId('log-unknown').innerText()).toMatch(/not known/)
    await first.click()
    await expect.poll(() => page.locator('.stood [data-part]').count()).toBe(before.length - 1)
    expect(await page.getByTestId('log-unknown').count()).toBe(0)
    await page.goto(`${session.server.url}/shed`)
    await chooseYard(page, 'Kiln Bank')
    await page.locator('[data-shed-row="roof-telescoping-langstroth"]').click()
    await page
      .locator('.each li', { hasText: 'in the shed' })
      .getByRole('button', { name: 'Where it has been' })
      .click()
    await expect.poll(() => page.getByTestId('places').innerText()).toMatch(/In the shed[\s\S]*On Serge/)
  })
})

describe('a visit', () => {
  it(
    'is ticked off on a phone, changes the hive as it stands, survives a reload, and one step ' + 'back works',
    async () => {
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
    },
  )

  it(
    'is not ticked twice by one press, pauses with the hive told as open wherever one looks, ' +
      'and is ended only when asked',
    async () => {
      const page = await year('Kiln Bank', { width: 390, height: 844, touch: true })
      await page.locator('[data-stage="flow"]').tap()
      await planned(page, 'Muslin').tap()
      await page.getByTestId('begin-visit').tap()
      await page.getByTestId('tick').waitFor()
      await page.getByTestId('tick').dispatchEvent('click')
      await page.getByTestId('tick').dispatchEvent('click')
      await expect.poll(() => page.getByRole('status').first().innerText()).toMatch(/^1 of /)
      for (let n = 0; n < 20 && !(await page.getByTestId('visit-open').isVisible()); n++) {
        await page.getByTestId('tick').tap()
        await page.waitForTimeout(100)
      }
      await page.getByTestId('give-up').tap()
      await expect.poll(() => page.getByRole('dialog').innerText()).toMatch(/open, without its roof/)
      await page.getByTestId('go-on').tap()
      await page.getByTestId('pause').tap()
      await page.waitForURL('**/year')
      expect((await hiveNamed('Muslin')).visit?.done).toBeGreaterThan(0)
      await page.getByTestId('stands-open').getByRole('link').tap()
      await page.getByTestId('tick').waitFor()
      expect((await page.getByTestId('tick').boundingBox())!.height).toBeGreaterThanOrEqual(80)
      await page.getByTestId('give-up').tap()
      await page.getByTestId('end-here').tap()
      await page.getByTestId('visit-done').waitFor()
    },
  )

  it('is begun by the plan that knows what the food lets go, however soon it is asked for', async () => {
    const toWinter = async (page: Page) => {
      await page.locator('[data-stage="winter"]').click()
      await planned(page, 'Hessian').click()
      await page.getByTestId('begin-visit').waitFor()
    }
    const { revision } = (await storedYards(session.server.url)).find(({ yard }) => yard.id === 'sallow-quay')!
    const afterCrop = { kind: 'set-hive', hiveId: 'hessian/0', stage: 'after-crop' } as const
    await post(`${session.server.url}/api/yards/sallow-quay/edits`, submission(revision, [afterCrop]))
    await post(`${session.server.url}/api/yards/sallow-quay/hives/hessian%2F0/readings`, {
      kind: 'weight',
      source: 'hand',
      batchId: crypto.randomUUID(),
      readings: [{ at: new Date().toISOString(), kg: 36, method: 'scale' }],
    })
    const slow = await session.open('/')
    await slow.route(/\/hives\/.*\/(book|readings)/, async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 700))
      await route.continue()
    })
    await slow.getByRole('link', { name: 'Year', exact: true }).first().click()
    await chooseYard(slow, 'Sallow Quay')
    await slow.locator('[data-planned]').first().waitFor()
    await toWinter(slow)
    await slow.getByTestId('begin-visit').click()
    await slow.getByTestId('visit-step').waitFor()
    await saved(slow)
    const begun = (await hiveNamed('Hessian')).visit!.steps
    const asked = begun.filter(({ from, to }) => from === 'hive' && to === 'van').map(({ partId }) => partId)
    const supers = (await hiveNamed('Hessian')).stack.flatMap(({ role, partId }) => (role === 'super' ? [partId] : []))
    expect(supers.length).toBeGreaterThan(0)
    // 36 kg, wood and bees and all, lets nothing go.
    expect(asked.filter((partId) => supers.includes(partId))).toEqual([])
    await slow.getByTestId('give-up').click()
    await slow.getByTestId('end-here').click()
    await saved(slow)
  })

  it('keeps its buttons where they are, however long a step is', async () => {
    const page = await year('Sallow Quay', { width: 390, height: 844, touch: true })
    await page.locator('[data-stage="winter"]').tap()
    await planned(page, 'Gingham').tap()
    await page.getByTestId('begin-visit').tap()
    await page.getByTestId('tick').waitFor()
    const tops = new Set<number>()
    const lengths = new Set<number>()
    for (let n = 0; n < 8 && (await page.getByTestId('tick').isVisible()); n++) {
      const bar = (await page.getByTestId('tick').boundingBox())!
      tops.add(Math.round(bar.y))
      expect(bar.y + bar.height).toBeLessThanOrEqual(844)
      lengths.add((await page.getByTestId('visit-step').innerText()).length)
      await page.getByTestId('tick').tap()
      await page.waitForTimeout(700)
    }
    expect([tops.size, lengths.size > 1]).toEqual([1, true])
  })

  it('goes on without a step that cannot be done, and says which hive is next', async () => {
    const page = await year('Sallow Quay')
    await page.locator('[data-stage="winter"]').click()
    await planned(page, 'Calico').click()
    await page.getByTestId('begin-visit').click()
    await page.getByTestId('tick').waitFor()
    const before = await page.getByTestId('visit-step').innerText()
    await page.getByTestId('cannot').click()
    await page.getByText('It is not here').click()
    await page.getByRole('textbox', { name: 'In your own words' }).fill('left at home')
    await page.getByTestId('plan-again').click()
    await expect
      .poll(
        async () =>
          (await page.getByTestId('visit-step').count()) === 0 ||
          (await page.getByTestId('visit-step').innerText()) !== before,
      )
      .toBe(true)
    await saved(page)
    expect((await hiveNamed('Calico')).note).toContain('left at home')
    for (let n = 0; n < 40 && (await page.getByTestId('tick').isVisible()); n++) {
      await page.getByTestId('tick').click()
      await page.waitForTimeout(50)
    }
    await page.getByTestId('visit-next').waitFor()
    expect(await page.getByTestId('visit-next').innerText()).toMatch(/^Next: \w+, \d of \d$|^That was the last/)
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
    await two
      .getByText(/was changed in two places|ticked already/)
      .first()
      .waitFor()
    expect((await hiveNamed('Twill')).visit?.done).toBe(1)
  })

  it('ends in a sentence where its hive has been taken away', async () => {
    const page = await session.open('/yards/sallow-quay/hives/nobody/visit')
    await page.getByText('There is nothing at this address').waitFor()
  })
})
