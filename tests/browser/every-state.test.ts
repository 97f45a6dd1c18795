import { beforeAll, expect, it } from 'vitest'
import { READERS } from '../helpers/never-said'
import { STATES } from '../helpers/states'
import { useSession } from './session'
import { liveStates, statesFile, viewsOf, YARDS } from './states'
import { untidy } from './untidy'
import { readAs, settled, wronglySaid } from './views'

const session = useSession({ seed: statesFile() })
beforeAll(() => liveStates(session.server.url))

const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

it.each(STATES.map(({ name }, n) => ({ name, yard: YARDS[n]!, reader: READERS[n % READERS.length]! })))(
  'a hive that is $name is told in every view, in the words of its reader, with nothing cut at a desk or on a phone',
  async ({ yard, reader }) => {
    const page = await session.open('/sources')
    await readAs(page, reader)
    const wrong: string[] = []
    for (const view of viewsOf(yard)) {
      await page.setViewportSize(DESK)
      await page.goto(session.server.url + view)
      await settled(page)
      wrong.push(...(await wronglySaid(page, reader, view)))
      wrong.push(...(await untidy(page)).map((one) => `${view} at a desk: ${one}`))
      await page.setViewportSize(PHONE)
      await settled(page)
      wrong.push(...(await untidy(page)).map((one) => `${view} on a phone: ${one}`))
    }
    expect(wrong).toEqual([])
  },
  120_000,
)

it('a box that is lent lies in no shed', async () => {
  const page = await session.open('/sources')
  const lent = YARDS[STATES.findIndex(({ name }) => name.includes('lent a box'))]!
  await page.goto(session.server.url + viewsOf(lent).find((view) => view.endsWith('/boxes'))!)
  await expect.poll(() => page.locator('main').innerText()).toContain('Langstroth medium, lent to the club')
  expect(await page.locator('main').innerText()).not.toMatch(/in the shed/i)
})

it('a stand without a box asks nothing of its keeper, and says what it is', async () => {
  const page = await session.open('/sources')
  const bare = YARDS[STATES.findIndex(({ name }) => name.startsWith('bare'))]!
  const says = {
    due: 'No box stands here yet',
    weight: 'No box stands here',
    look: 'No box stands at Twill',
    winter: 'No box',
  }
  for (const [name, said] of Object.entries(says)) {
    await page.goto(session.server.url + viewsOf(bare).find((view) => view.endsWith(`/${name}`))!)
    await expect.poll(() => page.locator('main').innerText()).toContain(said)
  }
  await page.getByRole('button', { name: /Start a hive/ }).click()
  await page.locator('[data-hive="Twill"]').first().waitFor()
})

it('where no colony lives nobody is told to count mites, or to spare bees the cold', async () => {
  const page = await session.open('/sources')
  for (const name of ['dead of what may be a disease', 'absconded', 'sold']) {
    const views = viewsOf(YARDS[STATES.findIndex((one) => one.name === name)]!)
    await page.goto(session.server.url + views.find((view) => view.endsWith('/records'))!)
    await expect.poll(() => page.getByTestId('no-mites').innerText(), { message: name }).toMatch(/No colony lives/)
    await page.goto(session.server.url + views.find((view) => view.endsWith('/look'))!)
    await expect.poll(() => page.locator('main').innerText(), { message: name }).toMatch(/Press each comb/)
    await expect.poll(() => page.locator('main').innerText(), { message: name }).not.toMatch(/cold time of this yard/)
  }
})
