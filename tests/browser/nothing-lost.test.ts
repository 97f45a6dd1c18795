import { describe, expect, it } from 'vitest'
import { startServer } from '../../scripts/lib/server'
import { DEMO, post, storedYards, submission } from '../helpers/wire'
import { drawn, hivePath, saved, useSession } from './session'

const session = useSession({ seed: DEMO })
const quay = async () => (await storedYards(session.server.url)).find(({ yard }) => yard.id === 'sallow-quay')!
const waiting = (entries: readonly unknown[], yardId = 'sallow-quay') =>
  JSON.stringify([{ yardId, baseRevision: 0, entries }])
const entry = (id: string, edit: unknown) => ({ id, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit })

describe('what a browser holds that is not saved', () => {
  it('of a tab that was duplicated: both show all of it, and all of it arrives', async () => {
    const first = await startServer({ databasePath: `${session.server.databasePath}-twin`, seed: DEMO })
    const one = await session.open()
    await one.goto(first.url + hivePath('twill/0'))
    await drawn(one)
    const two = await one.context().newPage()
    await two.addInitScript(
      `sessionStorage.setItem('duvet.tab', ` +
        `${JSON.stringify(await one.evaluate(() => sessionStorage.getItem('duvet.tab')))})`,
    )
    await two.goto(first.url + hivePath('calico/0'))
    await drawn(two)
    await first.stop('SIGKILL')
    for (const [page, n] of [
      [one, 3],
      [two, 3],
    ] as const)
      for (let i = 0; i < n; i++) {
        await page.keyboard.press('ArrowUp')
        await page.keyboard.press('t')
      }
    await expect.poll(() => one.getByTestId('away').innerText()).toContain('6 changes are kept here')
    await expect.poll(() => two.getByTestId('away').innerText()).toContain('6 changes are kept here')
    await two.close()
    await one.goto('about:blank')
    const second = await startServer({ databasePath: first.databasePath, port: first.port })
    await one.goto(second.url)
    await one.waitForSelector('[data-hive="Twill"]')
    await saved(one)
    const log = (await (await fetch(`${second.url}/api/yards/sallow-quay/log`)).json()) as unknown[]
    expect(log).toHaveLength(6)
    await second.stop()
  })

  it(
    'that the server refuses is set aside, looked at, tried again, saved as a file and ' + 'dropped; the rest goes in',
    async () => {
      const page = await session.open()
      await page.waitForSelector('[data-hive="Twill"]')
      const { yard } = await quay()
      const part = yard.parts[0]!
      await page.evaluate(
        ([key, text]) => localStorage.setItem(key!, text!),
        [
          'duvet.waiting.gone',
          waiting([
            entry('good-1', { kind: 'set-hive', hiveId: 'twill/0', note: 'first' }),
            entry('refused', {
              kind: 'add-part',
              hiveId: 'twill/0',
              at: 0,
              part,
              placement: { partId: part.id, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 } },
            }),
            entry('good-2', { kind: 'set-hive', hiveId: 'calico/0', note: 'second' }),
          ]),
        ],
      )
      await page.reload()
      await page.getByTestId('aside').waitFor()
      await expect
        .poll(async () => (await quay()).yard.hives.slice(0, 2).map(({ note }) => note))
        .toEqual(['first', 'second'])
      await page.getByTestId('open-aside').click()
      const kept = page.locator('[data-set-aside]')
      await expect.poll(() => kept.innerText()).toContain('Sallow Quay')
      expect(await kept.innerText()).toContain('Adding a part')
      const [file] = await Promise.all([page.waitForEvent('download'), kept.getByTestId('save-aside').click()])
      expect(file.suggestedFilename()).toMatch(/^set-aside-.*\.json$/)
      await kept.getByTestId('try-again').click()
      await page.getByTestId('aside').waitFor()
      await kept.getByTestId('drop-aside').click()
      await page.getByTestId('aside').waitFor({ state: 'detached' })
      await page.getByTestId('dropped').getByRole('button', { name: 'Bring it back' }).click()
      await page.getByTestId('aside').waitFor()
      await page.reload()
      await page.getByTestId('aside').waitFor()
    },
  )

  it('of a yard that was taken away meanwhile is told, and goes in when the yard is back', async () => {
    const page = await session.open()
    await page.waitForSelector('[data-hive="Muslin"]')
    await fetch(`${session.server.url}/api/yards/kiln-bank/removed`, { method: 'PUT', body: '{"removed":true}' })
    await page.evaluate(
      ([key, text]) => localStorage.setItem(key!, text!),
      ['duvet.waiting.gone', waiting([entry('bank-1', { kind: 'set-yard', note: 'made offline' })], 'kiln-bank')],
    )
    await page.reload()
    await page.getByTestId('open-aside').click()
    const kept = page.locator('[data-set-aside]')
    await expect.poll(() => kept.innerText()).toContain('taken away')
    expect(await kept.getByTestId('try-again').isDisabled()).toBe(true)
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Bring back Kiln Bank' }).click()
    await page.waitForSelector('[data-hive="Muslin"]')
    await page.getByTestId('open-aside').click()
    await kept.getByTestId('try-again').click()
    await expect
      .poll(async () => (await storedYards(session.server.url)).find(({ yard }) => yard.id === 'kiln-bank')!.yard.note)
      .toBe('made offline')
  })

  it.each(['[null]', '{', '[{"yardId":"sallow-quay","baseRevision":0}]', waiting([entry('x', { kind: 'fly' })])])(
    'that is damaged (%s) keeps no yard from being shown, and can be looked at',
    async (text) => {
      const page = await session.open('/sources')
      await page.evaluate(([key, value]) => localStorage.setItem(key!, value!), ['duvet.waiting.old', text])
      await page.goto(session.server.url)
      await page.waitForSelector('[data-hive="Twill"]')
      await page.getByTestId('open-aside').click()
      await expect.poll(() => page.locator('[data-set-aside]').innerText()).toContain('As it was found')
    },
  )
})

describe('a browser that keeps nothing', () => {
  it('because its storage is full: edits go in all the same, and it is told while they wait', async () => {
    const page = await session.open('/sources')
    await page
      .context()
      .addInitScript(`IDBObjectStore.prototype.add = () => { throw new DOMException('full', 'QuotaExceededError') }`)
    await page.goto(session.server.url + hivePath('gingham/0'))
    await drawn(page)
    const { revision } = await quay()
    await page.route('**/edits', (route) => route.abort())
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('t')
    await expect.poll(() => page.getByTestId('unkept').innerText()).toContain('storage is full')
    await page.unroute('**/edits')
    await expect.poll(async () => (await quay()).revision).toBe(revision + 1)
    await page.getByTestId('unkept').waitFor({ state: 'detached' })
  })

  it('because it is forbidden to: every view works from memory', async () => {
    const page = await session.open('/sources')
    await page
      .context()
      .addInitScript(
        `for (const name of ['localStorage', 'sessionStorage', 'indexedDB']) Object.defineProperty(window, ` +
          `name, { get() { throw new DOMException('no', 'SecurityError') } })`,
      )
    await page.goto(session.server.url)
    await page.waitForSelector('[data-hive="Twill"]')
    await page.goto(session.server.url + hivePath('gingham/0'))
    await drawn(page)
    const { revision } = await quay()
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('t')
    await expect.poll(async () => (await quay()).revision).toBe(revision + 1)
    expect(await page.locator('body').innerText()).not.toMatch(/could not be shown|could not be worked out/)
  })
})

describe('faults of the server', () => {
  it('are told as what they are, and what waits goes in afterwards', async () => {
    const page = await session.open(hivePath('hessian/0'))
    await drawn(page)
    await page.route('**/edits', (route) =>
      route.fulfill({
        status: 507,
        contentType: 'application/json',
        body: JSON.stringify({
          field: 'database',
          sentence: 'The disk is full: this was not saved. Make room on it; what waits is kept and sent again.',
        }),
      }),
    )
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('t')
    await expect.poll(() => page.getByTestId('away').innerText()).toMatch(/The disk is full.*One change is kept here/s)
    await page.unroute('**/edits')
    await page.getByTestId('away').waitFor({ state: 'detached' })
    await saved(page)
    session.opened[0]!.complaints.splice(0)
  })

  it('an address that leads nowhere has a page of ours with ways on', async () => {
    const page = await session.open('/hive/twill')
    await page.getByRole('heading', { name: 'There is nothing at this address' }).waitFor()
    await page.getByRole('link', { name: 'To the row of hives' }).click()
    await page.waitForSelector('[data-hive="Twill"]')
    session.opened[0]!.complaints.splice(0)
  })

  it('a clock that is wrong is told beside the server’s in the log', async () => {
    const { revision } = await quay()
    await post(`${session.server.url}/api/yards/sallow-quay/edits`, {
      ...submission(revision, [{ kind: 'set-hive', hiveId: 'poplin/0', note: 'x' }]),
      device: 'old phone',
    })
    const page = await session.open(`/log/${encodeURIComponent('poplin/0')}`)
    await expect
      .poll(() => page.getByTestId('log-changes').innerText())
      .toMatch(/on old phone.*Its clock said .* it came in/s)
  })
})

describe('bringing a file in', () => {
  it('says how far it is, can be stopped, and makes no twin when it is tried again', async () => {
    const page = await session.open()
    await page.waitForSelector('[data-hive="Twill"]')
    let held: (() => void) | undefined
    await page.route(
      '**/api/plans/import',
      async (route) => {
        const answer = await route.fetch()
        await new Promise<void>((resolve) => {
          held = resolve
        })
        if (held) await route.abort()
        void answer
      },
      { times: 1 },
    )
    const plan = JSON.stringify({
      format: 'duvet-plan',
      version: 5,
      yards: [
        {
          id: 'brought',
          name: 'Brought',
          note: '',
          band: 'range',
          prolific: false,
          overrides: [],
          patterns: [],
          hanging: [],
          hives: [],
          parts: [],
        },
      ],
    })
    const file = { name: 'brought.json', mimeType: 'application/json', buffer: Buffer.from(plan) }
    await page.getByTestId('import-file').locator('input').setInputFiles(file)
    await expect.poll(() => page.getByTestId('importing').innerText()).toMatch(/Bringing the file in/)
    await expect.poll(() => held !== undefined).toBe(true)
    held!()
    await expect
      .poll(() => page.locator('.wrong').innerText())
      .toContain('Try the same file again: it is brought in once')
    await page.getByTestId('import-file').locator('input').setInputFiles(file)
    await page.getByText('Brought brought in with 0 hives').waitFor()
    expect((await storedYards(session.server.url)).filter(({ yard }) => yard.name.startsWith('Brought'))).toHaveLength(
      1,
    )
  })
})
