import { readFileSync } from 'node:fs'
import type { Locator, Page } from 'playwright-core'
import { beforeAll, describe, expect, it } from 'vitest'
import { daysLater, type Entry } from '#core/book'
import { moveHives, setYear } from '#core/yard/deeds'
import { CALENDARS, shifted } from '#core/year'
import { daysFrom } from '#core/units'
import type { StoredYard } from '#wire/answers'
import { entry } from '../helpers/book'
import { DEMO, get, post, submission } from '../helpers/wire'
import { choose, saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const YARD = '/yards/sallow-quay'
const TODAY = new Date().toISOString().slice(0, 10)
const api = (path: string) => `${session.server.url}/api/yards/sallow-quay${path}`
const write = (...entries: Entry[]) => post(api('/book'), { entries })
const book = (id: string) => get<Entry[]>(api(`/hives/${id}%2F0/book`))
const yardNow = async () =>
  (await get<StoredYard[]>(`${session.server.url}/api/yards`)).find(({ yard }) => yard.id === 'sallow-quay')!.yard
const records = (see: string): Promise<Page> => session.open(`${YARD}/due/records?see=${see}`)
const on = (days: number) => `${daysLater(TODAY, -days)}T12:00`
const named = (id: string, hive: string) => ({ id, hiveId: `${hive}/0` })

const tickAll = async (within: Locator) => {
  for (const step of await within.locator('[data-tick]').all()) await step.click()
}

describe('food and crop', () => {
  it('is told super by super, and one that is used as food is no crop any more, with a way back', async () => {
    const page = await session.open(`${YARD}/hives/twill%2F0/book?see=food`)
    await page.clock.setFixedTime(new Date('2026-11-20T10:00:00'))
    await page.reload()
    await page.getByTestId('food-drawn').waitFor()
    expect(await page.getByTestId('book-food').innerText()).toMatch(/frames of stores counted on 4 Oct 2026/)
    const buttons = page.locator('[data-as-food]')
    expect(await buttons.count()).toBe(2)
    await buttons.first().click()
    await saved(page)
    await expect.poll(() => buttons.count()).toBe(1)
    expect(await page.getByTestId('left-as-food').innerText()).toMatch(/never cropped: food box/)
    expect((await yardNow()).hives[0]!.stack.filter(({ role }) => role === 'food')).toHaveLength(1)
    await page.getByRole('button', { name: /^Undo/ }).first().click()
    await expect.poll(() => buttons.count()).toBe(2)
  })

  it('is crossed by years, one over the other', async () => {
    const page = await session.open(`${YARD}/hives/twill%2F0/book?see=years`)
    await page.locator('[data-testid="book-years"] canvas').waitFor()
    await page.locator('[data-mode="brood"]').click()
    await page.locator('[data-mode="through"]').click()
    expect(await page.locator('[data-mode="through"]').getAttribute('aria-pressed')).toBe('true')
  })

  it('warns of a crop that is more than there was, and of one that leaves too little', async () => {
    const page = await session.open(`${YARD}/hives/twill%2F0/book?write=yes`)
    const form = page.getByTestId('book-write')
    await form.locator('[data-mode="crop"]').click()
    await form.getByRole('spinbutton', { name: 'Crop, kg' }).fill('90')
    await page.keyboard.press('Tab')
    await expect.poll(() => page.getByTestId('write-means').innerText()).toMatch(/more than there was: at most/)
    await form.getByRole('spinbutton', { name: 'Crop, kg' }).fill('20')
    await page.keyboard.press('Tab')
    await expect.poll(() => page.getByTestId('write-means').innerText()).toMatch(/less than its winter asks/)
  })
})

describe('a look of another time', () => {
  it('at a hive that did not stand here then is asked about before it is kept', async () => {
    const page = await session.open(`${YARD}/hives/calico%2F0/look`)
    await page.locator('[data-comb]').first().click()
    const far = daysLater(TODAY, -1000)
    await page.evaluate(
      ([key, at]) => {
        const draft = JSON.parse(localStorage.getItem(key!)!) as object
        localStorage.setItem(key!, JSON.stringify({ ...draft, at }))
      },
      ['duvet.look.sallow-quay/calico/0', `${far}T12:00`],
    )
    await page.reload()
    await page.getByRole('group', { name: 'Step' }).locator('[data-mode="next"]').click()
    await page.getByTestId('look-keep').click()
    await expect.poll(() => page.getByTestId('look-doubt').innerText()).toMatch(/more than 2 years back/)
    expect(await book('calico')).toEqual([])
    await page.getByTestId('look-keep').click()
    await page.getByTestId('look-kept').waitFor()
    expect((await book('calico'))[0]!.at).toBe(`${far}T12:00`)
  })
})

describe('records of a yard', () => {
  beforeAll(async () => {
    const strong = { queen: 'eggs', broodFrames: { sealed: 8 } } as const
    await write(
      entry('look', on(2), strong, named('strong-1', 'gingham')),
      entry('look', on(2), strong, named('strong-2', 'hessian')),
      entry('fate', on(3), { fate: 'dead' }, named('gone', 'poplin')),
      entry('mites', on(1), { way: 'wash', mites: 30, bees: 300 }, named('washed', 'gingham')),
    )
  })

  it('tell the mites of all hives, the worst first, and say which are over', async () => {
    const page = await records('mites')
    await page.getByTestId('yard-mites').locator('table').first().waitFor()
    expect(await page.getByTestId('yard-mites').innerText()).toMatch(/One hive is over its limit/)
    expect(await page.getByTestId('yard-mites').locator('tbody tr').first().innerText()).toMatch(
      /Gingham[\s\S]*over it/,
    )
  })

  it('hold winters against each other, and tell nothing of too few', async () => {
    const page = await records('winters')
    await page.getByTestId('winters').locator('table').first().waitFor()
    expect(await page.getByTestId('winters').innerText()).toMatch(/2 of 2|1 of 1/)
    await choose(page, 'school-field', 'strain')
    await expect.poll(() => page.getByTestId('winters').innerText()).toMatch(/usual/)
  })

  it('draw a trial by lot and keep it in the book of each hive', async () => {
    const page = await records('trials')
    await page.getByRole('textbox', { name: 'What is tried' }).fill('slab on the crown')
    await choose(page, 'trial-field', 'Winter top')
    await choose(page, 'trial-with', 'warm and closed')
    await page.getByTestId('trial-draw').click()
    expect(await page.getByTestId('trial-drawn').innerText()).toMatch(/^With it: .+\. Without it: .+\.$/)
    await page.getByTestId('trial-begin').click()
    await page.locator('[data-trial="slab on the crown"]').waitFor()
    const sides = await Promise.all(['twill', 'calico', 'gingham', 'hessian', 'damask', 'poplin'].map(book))
    const drawn = sides.flatMap((own) => own.filter(({ sort }) => sort === 'trial').map(({ body }) => body))
    // Poplin is dead: there is nobody to try it on.
    expect(drawn).toHaveLength(5)
    expect((await book('poplin')).filter(({ sort }) => sort === 'trial')).toEqual([])
    const withIt = drawn.filter((body) => 'side' in body && body.side === 'with').length
    expect([2, 3]).toContain(withIt)
    // What is tried is in the plans, so in the van and in what is due.
    await saved(page)
    const tops = (await yardNow()).hives.map(({ season }) => season?.way?.winterTop)
    expect([
      tops.filter((top) => top === 'condensing').length,
      tops.filter((top) => top === 'absorbing').length,
    ]).toEqual([withIt, 5 - withIt])
  })

  it('count frames, say what wider spacing frees, and plan nuclei into what is due', async () => {
    const page = await records('frames')
    await expect.poll(() => page.getByTestId('nuclei').innerText()).toMatch(/^1 nucleus/)
    for (const [name, value] of [
      ['Boxes', '100'],
      ['Frames in each then', '8'],
    ] as const) {
      await page.getByRole('spinbutton', { name, exact: true }).fill(value)
      await page.keyboard.press('Tab')
    }
    await expect.poll(() => page.getByTestId('freed').innerText()).toMatch(/200 frames freed: they fill 25 boxes of 8/)
    await page.getByTestId('nuclei-plan').click()
    await page.getByRole('link', { name: 'To what is due' }).click()
    await expect.poll(() => page.locator('[data-due^="task:"]').count()).toBeGreaterThanOrEqual(2)
    expect(await page.locator('main').innerText()).toMatch(/see the queen first/i)
  })

  it('make a nucleus of combs that are named, as one change that is undone as one', async () => {
    const twoLooks = await Promise.all(
      (['calico', 'gingham'] as const).map(async (name) => {
        const yard = await yardNow()
        const box = yard.hives.find(({ id }) => id === `${name}/0`)!.stack.find(({ role }) => role === 'brood')!.partId
        const contentId = yard.parts.find(({ id }) => id === box)!.contents[4]!.id
        const body = {
          queen: 'seen',
          broodFrames: { sealed: 9 },
          combs: [{ boxId: box, contentId, brood: ['sealed'] }],
        } as const
        return entry('look', on(1), body, named(`combs-${name}`, name))
      }),
    )
    await write(...twoLooks)
    const page = await records('frames')
    await expect.poll(() => page.locator('[data-nucleus="0"]').innerText()).toMatch(/see the queen first/)
    const hives = async () => (await yardNow()).hives.map(({ name }) => name)
    const before = await hives()
    const button = page.locator('[data-nucleus="0"]').getByTestId('nucleus-made')
    expect(await button.isDisabled()).toBe(true)
    await tickAll(page.locator('[data-nucleus="0"]'))
    await button.click()
    await page.getByRole('button', { name: 'Yes' }).click()
    await saved(page)
    await expect.poll(hives).toEqual([...before, 'Nucleus of Calico and Gingham'])
    await page.getByRole('button', { name: /^Undo/ }).first().click()
    await expect.poll(hives).toEqual(before)
  })

  it('let no comb of a dead colony go before its cause is said, and none ever where it may be a disease', async () => {
    const page = await records('frames')
    await page.getByTestId('cause-first').waitFor()
    expect(await page.getByTestId('share-combs').count()).toBe(0)
    await write(entry('fate', on(1), { fate: 'dead', of: 'disease' }, named('why', 'poplin')))
    await page.reload()
    await expect.poll(() => page.getByTestId('frames-stock').innerText()).toMatch(/Nothing of it goes to another hive/)
    expect(await page.getByTestId('share-combs').count()).toBe(0)
  })

  it('merge a weak colony with the strongest, its treatments along, and that can be undone', async () => {
    const seams = (count: number) => ({ seams: [{ boxId: 'b', seams: count }], queen: 'eggs' }) as const
    await write(
      entry('look', on(1), seams(2), named('weak', 'damask')),
      entry('look', on(1), seams(9), named('strong', 'hessian')),
      entry('treatment', on(1), { product: 'gel' }, named('gel', 'damask')),
    )
    // Colonies are united in autumn: the year of this yard is laid so that it is that now.
    const { yard, revision } = (await get<StoredYard[]>(`${session.server.url}/api/yards`)).find(
      ({ yard: { id } }) => id === 'sallow-quay',
    )!
    const toNow = daysFrom('09-25', TODAY.slice(5))
    const calendar = shifted(CALENDARS['cool-maritime'], toNow)
    await post(api('/edits'), submission(revision, [setYear({ ...yard.season, calendar })]))
    const page = await records('frames')
    const pair = page.locator('[data-merge="damask/0"]')
    expect(await pair.innerText()).toMatch(/2 seams of bees[\s\S]*newspaper[\s\S]*only a box without bees comes off/)
    const boxesOf = async (hive: string) =>
      (await yardNow()).hives
        .find(({ id }) => id === hive)!
        .stack.flatMap(({ role, partId }) => (role ? [`${role} ${partId}`] : []))
    const boxes = () => boxesOf('hessian/0')
    const [before, comes] = [await boxes(), await boxesOf('damask/0')]
    expect(await pair.getByTestId('merge-done').isDisabled()).toBe(true)
    await tickAll(pair)
    await page.reload()
    await expect.poll(() => pair.getByTestId('merge-done').isDisabled()).toBe(false)
    await pair.getByTestId('merge-done').click()
    await page.getByRole('button', { name: 'Yes' }).click()
    await saved(page)
    // Its super went first; the weak colony stands over the brood with all that it lives in.
    await expect
      .poll(boxes)
      .toEqual([...before.filter((one) => one.startsWith('brood')), ...comes.filter((one) => !one.startsWith('super'))])
    await expect.poll(async () => (await book('hessian')).some(({ sort }) => sort === 'treatment')).toBe(true)
    expect((await book('damask')).at(-1)).toMatchObject({ sort: 'fate', body: { fate: 'merged' } })
    await page.getByRole('button', { name: /^Undo/ }).first().click()
    await expect.poll(boxes).toEqual(before)
  })

  it('give the combs of a colony that starved to the hive that is short, and keep their past', async () => {
    await write(entry('fate', on(0), { fate: 'dead', of: 'starved' }, named('starved', 'calico')))
    const page = await records('frames')
    await expect.poll(() => page.getByTestId('frames-stock').innerText()).toMatch(/Calico \(starved\)/)
  })

  it('move with a hive to another yard: what was written of it stands in its book there', async () => {
    const page = await session.open('/')
    await page.locator('[data-hive="Gingham"]').waitFor()
    const before = (await book('gingham')).length
    expect(before).toBeGreaterThan(0)
    const [from, to] = [await yardNow(), (await get<StoredYard[]>(`${session.server.url}/api/yards`))[1]!]
    const { into, out } = moveHives(from, to.yard, [from.hives.find(({ id }) => id === 'gingham/0')!], () =>
      crypto.randomUUID(),
    )
    const edits = (yardId: string) => `${session.server.url}/api/yards/${yardId}/edits`
    const stored = await get<StoredYard[]>(`${session.server.url}/api/yards`)
    await post(edits('kiln-bank'), submission(to.revision, [into]))
    await post(edits('sallow-quay'), submission(stored[0]!.revision, [out]))
    await page.goto(`${session.server.url}/yards/kiln-bank/hives/gingham%2F0/book`)
    await page.locator('[data-entry="look"]').first().waitFor()
    const there = await get<Entry[]>(`${session.server.url}/api/yards/kiln-bank/hives/gingham%2F0/book`)
    expect(there).toHaveLength(before)
  })

  it('go out as CSV and come in again as they were, and onto paper', async () => {
    const page = await records('files')
    await choose(page, 'csv-sort', 'Counts of mites')
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByTestId('csv-save').click()])
    const text = readFileSync(await file.path(), 'utf8')
    expect(text).toMatch(/^sort,hive,id,hive_id,at/)
    const more =
      text.replace(/\r\n$/, '') +
      '\r\nmites,Calico,by-hand,,2026-05-01,,,,,,,,tray,8,4,\r\nmites,Tweed,x,,2026-05-01,,,,,,,,tray,8,4,\r\n'
    const [input] = [page.getByTestId('book-csv').locator('input[type="file"]')]
    await input.setInputFiles({ name: 'mites.csv', mimeType: 'text/csv', buffer: Buffer.from(more) })
    await expect.poll(() => page.getByTestId('records-files').innerText()).toMatch(/there is no hive “Tweed”/)
    await page.getByTestId('book-csv-keep').click()
    await expect.poll(() => page.getByTestId('book-csv-kept').innerText()).toMatch(/^1 entry was new/)
    expect((await book('calico')).find(({ id }) => id === 'by-hand')).toMatchObject({ body: { mites: 8, days: 4 } })
    const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByTestId('record-print').click()])
    expect(pdf.suggestedFilename()).toBe('Record-of-Sallow-Quay.pdf')
    expect(
      readFileSync(await pdf.path())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
  })
})
