import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { tmpdir } from 'node:os'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { sendReport } from '../../scripts/devices/send'
import { simulated } from '../../scripts/devices/simulated'
import { SCALE } from '../../scripts/devices/weight'
import { DEMO } from '../helpers/wire'
import { choose, chosenIn, typeDay, useSession } from './session'

const session = useSession({ seed: DEMO })
const weigh = async (hive: string): Promise<Page> => {
  const page = await session.open(`/lift/${encodeURIComponent(`${hive}/0`)}`)
  await page.locator('[data-mode="weigh"]').click()
  await page.getByTestId('weigh-count').waitFor()
  return page
}
const rows = (page: Page) => page.locator('[data-weigh-row]').count()

describe('weighing a hive', () => {
  it('takes one reading, or two halves, and says what is in store and what is short', async () => {
    const page = await weigh('damask')
    await page.getByTestId('weigh-kg').fill('41 kg')
    await page.getByTestId('weigh-add').click()
    await expect
      .poll(() => page.getByTestId('stores').innerText())
      .toMatch(/Weighed, predicted\s+41\.0 kg[\s\S]*Stores\s+\d+\.\d kg[\s\S]*(short|enough)/)
    await page.locator('[data-mode="heft"]').click()
    await page.getByTestId('weigh-left').fill('22,5')
    await page.getByTestId('weigh-right').fill('21.5 kg')
    await typeDay(page, 'weigh-at', '1 Oct 2026 09:30')
    await page.getByTestId('weigh-add').click()
    await expect.poll(() => page.locator('.list').innerText()).toMatch(/44\.0 kg \(22\.5 \+ 21\.5\)/)
    await page.getByTestId('weigh-chart').locator('canvas').waitFor()
    await page.reload()
    await page.locator('[data-mode="weigh"]').click()
    await expect.poll(() => rows(page)).toBe(2)
  })

  it(
    'refuses what this stack cannot weigh, two readings of one minute, and what is no mass, ' +
      'with nothing typed lost',
    async () => {
      const page = await weigh('twill')
      for (const [typed, sentence] of [
        ['4', /weighs at least [\d.]+ kg empty/],
        ['400', /with every comb full this hive weighs about [\d.]+ kg: kg or lb/],
        ['a lot', /Reading is not a mass/],
        ['20 kg 4 lb', /has two units/],
      ] as const) {
        await page.getByTestId('weigh-kg').fill(typed)
        await page.getByTestId('weigh-add').click()
        await expect.poll(() => page.getByRole('alert').innerText()).toMatch(sentence)
        expect(await page.getByTestId('weigh-kg').inputValue()).toBe(typed)
      }
      for (const [kg, count] of [
        ['60', 1],
        ['61', 1],
      ] as const) {
        await page.getByTestId('weigh-kg').fill(kg)
        await typeDay(page, 'weigh-at', '1 Jun 2026 09:30')
        await page.getByTestId('weigh-add').click()
        await expect.poll(() => rows(page)).toBe(count)
      }
      await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/a reading of this minute already/)
    },
  )

  it('corrects the fill when asked, shown before and after, and takes a reading back and brings it back', async () => {
    const page = await weigh('flannel')
    await page.getByTestId('weigh-kg').fill('50')
    await page.getByTestId('weigh-add').click()
    await expect
      .poll(() => page.locator('.enter').innerText())
      .toMatch(/Fill of a full comb: 88 % before, [\d.]+ % after/)
    await page.getByTestId('use-fill').click()
    await expect.poll(() => page.locator('.enter').innerText()).not.toMatch(/88 % before/)
    await page.getByRole('button', { name: 'As it came' }).click()
    await page.getByRole('button', { name: 'Take back' }).click()
    await expect.poll(() => rows(page)).toBe(0)
    await page.getByTestId('bring-back').click()
    await expect.poll(() => rows(page)).toBe(1)
  })
})

describe('readings from a file', () => {
  it(
    'are looked at before they are kept, with clock, unit and decimal sign, and taken back ' + 'with one press',
    async () => {
      const file = join(tmpdir(), 'duvet-readings.csv')
      writeFileSync(
        file,
        [
          'Time;Weight kg',
          '29.03.2026 00:30;45,1',
          '29.03.2026 01:30;45,2',
          '25.10.2026 01:30;50,0',
          '26.10.2026 12:00;fifty',
          '27.10.2026 12:00;51,5 kg',
          '',
        ].join('\n'),
      )
      const page = await weigh('calico')
      await page.getByTestId('open-import').click()
      await page.getByTestId('csv-file').locator('input').setInputFiles(file)
      await expect.poll(() => chosenIn(page, 'csv-decimal')).toBe('comma')
      await choose(page, 'csv-zone', 'Europe/London')
      await page.getByTestId('csv-look').click()
      await expect
        .poll(() => page.getByTestId('csv-said').innerText())
        .toMatch(/3 readings can be kept.*2 rows are left out.*1 lie in the hour that comes twice/)
      await expect
        .poll(() => page.getByTestId('import-csv').innerText())
        .toMatch(/Row 3: .* an hour that the clock skips[\s\S]*Row 5: “fifty” is no mass/)
      await page.getByTestId('csv-keep').click()
      await expect.poll(() => rows(page)).toBe(3)
      await page.getByRole('button', { name: 'Take back' }).first().click()
      await expect.poll(() => rows(page)).toBe(0)
    },
  )

  it('say what is wrong with a file that has none, or is far too large', async () => {
    const page = await weigh('calico')
    await page.getByTestId('open-import').click()
    await page
      .getByTestId('csv-file')
      .locator('input')
      .setInputFiles({ name: 'none.csv', mimeType: 'text/csv', buffer: Buffer.from('nothing here') })
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/no rows with a time and a mass/)
    await page
      .getByTestId('csv-file')
      .locator('input')
      .setInputFiles({ name: 'huge.csv', mimeType: 'text/csv', buffer: Buffer.alloc(21_000_000, 'a') })
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/21 MB: at most 20 MB are read/)
  })
})

describe('a scale under the hive', () => {
  it('is set up here, and what the simulated one sends is charted', async () => {
    const page = await weigh('muslin')
    await page.getByTestId('add-scale').click()
    await expect.poll(() => page.getByRole('alert').innerText()).toMatch(/Name of the scale is empty/)
    await page.getByTestId('scale-name').fill('Left stand')
    await page.getByTestId('add-scale').click()
    const [, id, key] = /--id (\S+) --key (\S+)/.exec(await page.getByTestId('scale-key').innerText())!
    for (const report of simulated(SCALE, { days: 10, from: '2026-05-01', start: 50, seed: 2 }))
      await sendReport(session.server.url, id!, key!, report)
    await page.reload()
    await page.locator('[data-mode="weigh"]').click()
    await expect
      .poll(() => page.getByTestId('weigh-count').innerText())
      .toMatch(/^\d{3} readings, 800 drawn \(thinned: largest triangle three buckets\)/)
    await expect
      .poll(() => page.locator('section.history').innerText())
      .toMatch(/Left stand: last heard of .*battery \d+ %/)
    await page.getByTestId('weigh-chart').locator('canvas').waitFor()
    expect(await page.locator('section.history').innerText()).not.toContain(key!)
  })
})
