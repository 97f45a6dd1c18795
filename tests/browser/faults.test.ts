import { describe, expect, it } from 'vitest'
import { startServer } from '../../scripts/lib/server'
import { DEMO, storedYards } from '../helpers/wire'
import { drawn, figures, hivePath, layers, saved, useSession } from './session'

const session = useSession({ seed: DEMO })

async function addFramed(page: Awaited<ReturnType<typeof session.open>>, pattern: string) {
  await page.locator(`[data-pattern="${pattern}"]`).click()
}

describe('two tabs on one hive', () => {
  it('refuses the stale write, draws both versions side by side, and keeps the one that is chosen', async () => {
    for (const choice of ['theirs', 'mine'] as const) {
      const one = await session.open(hivePath('twill/0'))
      const two = await session.open(hivePath('twill/0'))
      await drawn(one)
      await drawn(two)
      await addFramed(one, 'box-national-super')
      await saved(one)
      const theirs = await figures(one)
      await addFramed(two, 'eke-national')
      const mine = await figures(two)
      await two.getByText('Twill was changed in two places').waitFor()
      const versions = await two.$$eval('[data-version]', (all) =>
        all.map((version) =>
          [...version.querySelectorAll('[data-gap]')].map((gap) => Number(gap.getAttribute('data-mm'))),
        ),
      )
      expect(versions).toEqual([mine, theirs])
      expect((await storedYards(session.server.url))[0]!.yard.hives[0]!.stack).toHaveLength(
        choice === 'theirs' ? 9 : 10,
      )
      await two.getByTestId(`keep-${choice}`).click()
      await saved(two)
      await expect.poll(() => figures(two)).toEqual(choice === 'theirs' ? theirs : mine)
      const log = (await (await fetch(`${session.server.url}/api/yards/sallow-quay/log`)).json()) as {
        edit: { kind: string }
      }[]
      expect(log.some(({ edit }) => edit.kind === 'add-part')).toBe(true)
      if (choice === 'mine') {
        await two.keyboard.press('Control+z')
        await expect.poll(() => figures(two)).toEqual(theirs)
        await saved(two)
      }
    }
  })

  it('lets changes to different hives of one yard stand together', async () => {
    const one = await session.open(hivePath('hessian/0'))
    const two = await session.open(hivePath('poplin/0'))
    await drawn(one)
    await drawn(two)
    await addFramed(one, 'box-national-super')
    await saved(one)
    await addFramed(two, 'box-national-super')
    await saved(two)
    const { yard } = (await storedYards(session.server.url))[0]!
    expect(yard.hives.find(({ id }) => id === 'hessian/0')!.stack).toHaveLength(9)
    expect(yard.hives.find(({ id }) => id === 'poplin/0')!.stack).toHaveLength(7)
  })
})

describe('the server away', () => {
  it('is told, edits are kept, and they are sent when it is back, also after the page was closed', async () => {
    const first = await startServer({ databasePath: `${session.server.databasePath}-away`, seed: DEMO })
    const page = await session.open()
    await page.goto(first.url + hivePath('muslin/0'))
    await drawn(page)
    const before = await layers(page)
    await first.stop('SIGKILL')
    await addFramed(page, 'excluder-sheet-langstroth')
    await page.getByTestId('away').waitFor()
    await expect.poll(() => page.getByTestId('away').innerText()).toContain('One change is kept here')
    await page.locator(`[data-part="${before[0]!}"]`).click()
    await page.keyboard.press('t')
    const held = await layers(page)
    const second = await startServer({ databasePath: first.databasePath, port: first.port })
    await saved(page)
    await page.getByTestId('away').waitFor({ state: 'detached' })
    expect((await storedYards(second.url))[1]!.yard.hives[1]!.stack.map(({ partId }) => partId)).toEqual(held)

    await second.stop('SIGKILL')
    await page.keyboard.press('Alt+ArrowUp')
    await page.getByTestId('away').waitFor()
    await page.goto('about:blank')
    const third = await startServer({ databasePath: first.databasePath, port: first.port })
    await page.goto(third.url + hivePath('muslin/0'))
    await drawn(page)
    await saved(page)
    const now = (await storedYards(third.url))[1]!.yard.hives[1]!.stack.map(({ partId }) => partId)
    expect(now).toEqual([held[1], held[0], ...held.slice(2)])
    await expect.poll(() => layers(page)).toEqual(now)
    await third.stop()
  })

  it('starts without the server and goes on when it comes', async () => {
    const late = await startServer({ seed: DEMO })
    const page = await session.open()
    await page.route('**/api/yards', (route) => route.abort())
    await page.goto(late.url)
    await page.getByTestId('away').waitFor()
    await page.unroute('**/api/yards')
    await page.waitForSelector('[data-hive="Twill"]')
    await late.stop()
  })
})
