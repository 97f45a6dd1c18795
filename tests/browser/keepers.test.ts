import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { DEMO } from '../helpers/wire'
import { axeFinds } from './axe'
import { drawn, saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const WORDS = 'straw skep in the orchard'
const KEEPERS = '/yards/sallow-quay/keepers'
const BENCH = '/yards/sallow-quay/hives/twill%2F0/bench'

async function signIn(page: Page, name: string): Promise<void> {
  await page.getByTestId('sign-in-name').fill(name)
  await page.getByTestId('sign-in-words').fill(WORDS)
  await page.getByTestId('sign-in-go').click()
}

describe('several keepers', () => {
  it('one makes herself the first, invites a helper by a link, and who is not signed in sees nothing', async () => {
    const ann = await session.open(KEEPERS)
    await ann.getByText('Nobody has to sign in').waitFor()
    await ann.getByTestId('keeper-name').fill('Ann')
    await ann.getByTestId('keeper-words').fill('short')
    await ann.getByTestId('keeper-go').click()
    await ann.getByText('fewer than 10 characters').waitFor()
    await ann.getByTestId('keeper-words').fill(WORDS)
    await ann.getByTestId('keeper-go').click()
    await ann.getByTestId('keepers').getByText('Ann').waitFor()
    expect(await axeFinds(ann, (impact) => impact !== 'minor')).toEqual([])
    await ann.getByTestId('invite').click()
    const link = await ann.getByTestId('invite-link').innerText()

    const ben = await session.open('/', { width: 390, height: 844, touch: true })
    await ben.getByTestId('sign-in').waitFor()
    expect(await ben.locator('[data-hive]').count()).toBe(0)
    expect(await axeFinds(ben, (impact) => impact !== 'minor')).toEqual([])
    await ben.goto(link)
    await ben.getByTestId('keeper-name').fill('Ben')
    await ben.getByTestId('keeper-words').fill(WORDS)
    await ben.getByTestId('keeper-go').tap()
    await ben.waitForSelector('[data-hive="Twill"]')
    expect(await ben.locator('[data-hive="Flannel"]').count()).toBe(0)

    // A helper turns a part over: it is told, set aside and not lost.
    await ben.goto(session.server.url + BENCH)
    await drawn(ben)
    await ben.keyboard.press('ArrowUp')
    await ben.keyboard.press('t')
    await ben.getByTestId('open-aside').tap()
    await expect.poll(() => ben.locator('[data-set-aside]').innerText()).toContain('In this yard you help')
    session.opened.forEach(({ complaints }) => complaints.splice(0))
  })

  it('one who is taken out while away keeps what waits, and is told', async () => {
    const ann = await session.open('/')
    await signIn(ann, 'Ann')
    await ann.waitForSelector('[data-hive="Twill"]')
    await ann.goto(session.server.url + KEEPERS)
    await ann.getByTestId('invite-part').click()
    await ann
      .locator('.el-select-dropdown')
      .getByRole('option', { name: /^keeper/ })
      .click()
    // One link for both yards of hers.
    await ann.locator('[data-also]').getByText('Kiln Bank').click()
    await ann.getByTestId('invite').click()
    const link = await ann.getByTestId('invite-link').innerText()
    const cleo = await session.open('/sources')
    await cleo.goto(link)
    await expect.poll(() => cleo.getByTestId('invited').innerText()).toMatch(/yards Sallow Quay, Kiln Bank/)
    await cleo.getByTestId('keeper-name').fill('Cleo')
    await cleo.getByTestId('keeper-words').fill(WORDS)
    await cleo.getByTestId('keeper-go').click()
    await cleo.waitForSelector('[data-hive="Twill"]')
    await cleo.goto(session.server.url + BENCH)
    await drawn(cleo)
    await cleo.route('**/api/**', (route) => route.abort())
    await cleo.keyboard.press('ArrowUp')
    await cleo.keyboard.press('t')
    await cleo.getByTestId('waiting').waitFor()
    await ann.reload()
    await ann.getByRole('button', { name: 'Take Cleo out of this yard' }).click()
    await ann.getByRole('button', { name: 'Take out', exact: true }).last().click()
    await expect.poll(() => ann.getByTestId('keepers').innerText()).not.toContain('Cleo')
    await cleo.unroute('**/api/**')
    await cleo.getByTestId('sign-in').waitFor()
    expect(await cleo.getByTestId('sign-in').innerText()).toMatch(/1 thing that was done on this device is kept/)
    await signIn(cleo, 'Ann')
    await cleo.getByText('What waits here was done by Cleo').waitFor()
    await signIn(cleo, 'Cleo')
    await cleo.getByTestId('open-aside').click()
    await expect.poll(() => cleo.locator('[data-set-aside]').innerText()).toMatch(/Sallow Quay[\s\S]*taken away/)
    session.opened.forEach(({ complaints }) => complaints.splice(0))
  })

  it('signing out forgets what the device has', async () => {
    const ann = await session.open('/')
    await signIn(ann, 'Ann')
    await ann.waitForSelector('[data-hive="Twill"]')
    await saved(ann)
    await ann.goto(session.server.url + KEEPERS)
    await ann.getByTestId('sign-out').click()
    await ann.getByTestId('sign-in').waitFor()
    await ann.route('**/api/yards', (route) => route.abort())
    await ann.reload()
    await ann.getByTestId('sign-in').waitFor()
    expect(await ann.locator('[data-hive]').count()).toBe(0)
    session.opened.forEach(({ complaints }) => complaints.splice(0))
  })

  it('signs in with a key of the device, and not with one that was forgotten', async () => {
    // A key is for a name: the address of this machine has one.
    const at = (path: string) => session.server.url.replace('127.0.0.1', 'localhost') + path
    const ann = await session.open('/')
    const devtools = await ann.context().newCDPSession(ann)
    await devtools.send('WebAuthn.enable')
    await devtools.send('WebAuthn.addVirtualAuthenticator', {
      options: {
        protocol: 'ctap2',
        transport: 'internal',
        hasResidentKey: true,
        hasUserVerification: true,
        isUserVerified: true,
      },
    })
    expect(await ann.getByTestId('sign-in-key').count()).toBe(0)
    await ann.goto(at(KEEPERS))
    await signIn(ann, 'Ann')
    await ann.getByTestId('make-key').click()
    await ann.getByTestId('passkeys').waitFor()
    await ann.getByTestId('make-key').click()
    await ann.getByText('No key was used').waitFor()
    await ann.getByTestId('sign-out').click()
    await ann.getByTestId('sign-in-key').click()
    await ann.waitForSelector('[data-hive="Twill"]')
    const sent = ann.waitForRequest('**/api/passkeys/sign-in')
    await ann.goto(at(KEEPERS))
    await ann.getByTestId('sign-out').click()
    await ann.getByTestId('sign-in-key').click()
    const body = (await sent).postData()!
    await ann.waitForSelector('[data-hive="Twill"]')
    const again = await ann.evaluate(
      async (text) =>
        (
          await fetch('/api/passkeys/sign-in', {
            method: 'POST',
            body: text,
            headers: { 'content-type': 'application/json' },
          })
        ).status,
      body,
    )
    expect(again).toBe(422)
    await ann.goto(at(KEEPERS))
    await ann.getByRole('button', { name: /^Forget the key of/ }).click()
    await ann.getByTestId('passkeys').waitFor({ state: 'detached' })
    await ann.getByTestId('sign-out').click()
    await ann.getByTestId('sign-in-key').click()
    await ann.getByText('This key is not known here').waitFor()
    session.opened.forEach(({ complaints }) => complaints.splice(0))
  })
})
