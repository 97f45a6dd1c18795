import { execFile } from 'node:child_process'
import { readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { loansOf, type Edit, type LoggedEdit, type Yard } from '#core/yard'
import type { Part } from '#core/parts'
import * as deeds from '#core/yard/deeds'
import { mayPlay, PLAYED, type Played } from '#wire/keepers'
import { RULES, ruleOf, type RouteRule } from '../../server/keepers/rules'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { entry } from '../helpers/book'
import { DEMO, addSuper, nextId, submission } from '../helpers/wire'

const WORDS = 'straw skep in the orchard'
const YARD = 'sallow-quay'
const OTHER = 'kiln-bank'
let server: RunningServer

interface Answered {
  readonly status: number
  readonly body: Record<string, unknown>
  readonly cookie: string | null
  readonly setCookie: string
}

/** Asks as a browser with a cookie does. */
async function ask(
  method: string,
  path: string,
  { cookie, body, headers = {} }: { cookie?: string | null; body?: unknown; headers?: Record<string, string> } = {},
): Promise<Answered> {
  const answer = await fetch(server.url + path, {
    method,
    headers: { 'content-type': 'application/json', ...(cookie ? { cookie } : {}), ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  })
  const setCookie = answer.headers.get('set-cookie') ?? ''
  return {
    status: answer.status,
    body: (await answer.json().catch(() => ({}))) as Record<string, unknown>,
    cookie: setCookie ? setCookie.split(';')[0]! : null,
    setCookie,
  }
}

const cookies = {} as Record<Played | 'stranger', string>

/** Somebody who plays a part in a yard, by an invitation. */
async function joined(name: string, part: Played, yardId = YARD): Promise<string> {
  const invited = await ask('POST', `/api/yards/${yardId}/invitations`, { cookie: cookies.owner, body: { part } })
  const answer = await ask('POST', '/api/join', { body: { token: invited.body.token, name, passphrase: WORDS } })
  expect(answer.status).toBe(200)
  return answer.cookie!
}

beforeAll(async () => {
  server = await startServer({ seed: DEMO })
  expect((await ask('GET', '/api/me')).body).toMatchObject({ on: false, keeper: null, mayBegin: true })
  expect((await ask('GET', '/api/yards')).status).toBe(200)
  const first = await ask('POST', '/api/keepers', { body: { name: 'Ann Weaver', passphrase: WORDS } })
  expect(first.status).toBe(201)
  cookies.owner = first.cookie!
  for (const part of ['keeper', 'helper', 'reader'] as const) cookies[part] = await joined(`A ${part}`, part)
  cookies.stranger = await joined('A stranger', 'owner', OTHER)
}, 60_000)
afterAll(() => server.stop())

/** The routes as the files of the server have them. */
function routes(folder = 'server/api', at = '/api'): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) return routes(path, `${at}/${name.replace(/^\[(.+)\]$/, '{$1}')}`)
    const [, base, method] = /^(.+?)\.?(get|post|put|delete)?\.ts$/.exec(name)!
    if (base === '[...]') return []
    const end = base === 'index' ? '' : `/${base!.replace(/^\[(.+)\]$/, '{$1}')}`
    return [`${(method ?? 'get').toUpperCase()} ${at}${end}`]
  })
}

describe('every route', () => {
  const isOfAPackage = (route: string) => route.includes('/api/_auth/')
  it('has a rule, and every rule has a route', () => {
    expect(
      Object.keys(RULES)
        .filter((route) => !isOfAPackage(route))
        .sort(),
    ).toEqual(routes().sort())
  })

  it('without a rule is closed', async () => {
    expect(ruleOf('GET', '/api/nothing')).toBeUndefined()
    expect((await ask('GET', '/api/nothing', { cookie: cookies.owner })).status).toBe(404)
    expect((await ask('GET', '/api/_auth/session', { cookie: cookies.owner })).status).toBe(404)
  })

  const guarded = Object.entries(RULES).filter(
    ([, rule]) => rule !== 'anyone' && rule !== 'nobody' && rule !== 'device',
  )
  const addressOf = (route: string) =>
    route
      .split(' ')[1]!
      .replace('{id}', YARD)
      .replace('{hiveId}', 'twill%2F0')
      .replace(/\{\w+\}/g, 'none')
  const isLetIn = ({ status, body }: Answered, part: Played | undefined, needs: RouteRule) => {
    if (needs === 'signed-in') return status !== 401
    const isRefused = status === 403 || (status === 404 && body.sentence === 'There is no such yard here.')
    return part === undefined ? !isRefused : !(status === 403)
  }
  it.each(guarded)('%s is for whom its rule says (%s)', async (route, rule) => {
    const [method] = route.split(' ') as [string]
    const address = addressOf(route)
    const nobody = await ask(method, address, { body: method === 'GET' ? undefined : {} })
    expect([nobody.status, nobody.body.field]).toEqual([401, 'session'])
    if (rule === 'signed-in') return
    const stranger = await ask(method, address, { cookie: cookies.stranger, body: method === 'GET' ? undefined : {} })
    expect([stranger.status, stranger.body.sentence]).toEqual([404, 'There is no such yard here.'])
    for (const part of PLAYED) {
      const answer = await ask(method, address, { cookie: cookies[part], body: method === 'GET' ? undefined : {} })
      expect([part, isLetIn(answer, part, rule)]).toEqual([part, mayPlay(part, rule as Played)])
    }
  })
})

describe('what a part lets one do', () => {
  const edits = `/api/yards/${YARD}/edits`
  const send = async (cookie: string, edit: Edit) => {
    const yards = (await ask('GET', '/api/yards', { cookie })).body as unknown as {
      revision: number
      yard: { id: string }
    }[]
    const { revision } = yards.find(({ yard }) => yard.id === YARD)!
    return ask('POST', edits, { cookie, body: submission(revision, [edit]) })
  }
  const visit = { toStage: 'winter', date: '2026-05-01', steps: [], done: [] }

  it('a stranger sees other yards only, in the list and in the plan file', async () => {
    const list = (await ask('GET', '/api/yards', { cookie: cookies.stranger })).body as unknown as {
      yard: { id: string }
    }[]
    expect(list.map(({ yard }) => yard.id)).toEqual([OTHER])
    const plan = (await ask('GET', '/api/plans/export', { cookie: cookies.stranger })).body as {
      yards: { id: string }[]
      books?: { yardId: string }[]
    }
    expect([plan.yards.map(({ id }) => id), (plan.books ?? []).map(({ yardId }) => yardId)]).toEqual([[OTHER], [OTHER]])
  })

  it('a helper ticks and looks, and is told where more is asked; the log says who did it', async () => {
    expect((await send(cookies.helper, addSuper('twill/0', 1))).body).toMatchObject({
      field: 'edits',
      sentence: expect.stringContaining('In this yard you help'),
    })
    // A visit that does not run is no door to anything else.
    const nothing: Edit = { kind: 'set-visit', hiveId: 'twill/0', visit: null, doneBefore: null }
    expect((await send(cookies.helper, nothing)).status).toBe(422)
    const beside: Edit = { kind: 'batch', edits: [nothing, { kind: 'set-hive', hiveId: 'damask/0', note: 'mine' }] }
    expect((await send(cookies.helper, beside)).status).toBe(422)
    const { yard } = (
      (await ask('GET', '/api/yards', { cookie: cookies.helper })).body as unknown as { yard: Yard }[]
    ).find((one) => one.yard.id === YARD)!
    const seen = yard.parts.find(({ contents }) => contents.length > 0)!
    const step: Edit = { kind: 'change-part', partId: seen.id, change: { contents: [...seen.contents] } }
    expect((await send(cookies.helper, step)).status).toBe(200)
    expect((await send(cookies.keeper, addSuper('twill/0', 1))).status).toBe(200)
    const log = (await ask('GET', `/api/yards/${YARD}/log`, { cookie: cookies.reader })).body as unknown as {
      by: string
      device: string
    }[]
    expect(log.slice(-2).map(({ by, device }) => [by, device])).toEqual([
      ['A helper', 'test'],
      ['A keeper', 'test'],
    ])
    expect(visit.toStage).toBe('winter')
  })

  it('nobody takes the book of a yard along that is not theirs', async () => {
    const hive = {
      id: nextId(),
      name: 'Thief',
      stage: 'building-up',
      note: '',
      accepted: [],
      stack: [],
      attachments: [],
    }
    const edit = {
      kind: 'add-hive',
      at: 0,
      hive,
      parts: [],
      book: { yardId: OTHER, hiveId: 'flannel/0' },
    } as unknown as Edit
    expect(await send(cookies.keeper, edit)).toMatchObject({
      status: 404,
      body: { sentence: 'There is no such yard here.' },
    })
  })

  it('a helper’s counts go into the book under the helper’s own name, a reader’s do not', async () => {
    const found = { way: 'wash', mites: 3, bees: 300 } as const
    const count = { ...entry('mites', '2026-04-30T10:00', found), id: 'counted', hiveId: 'twill/0' }
    const forged = { ...count, by: 'Somebody else', byId: 'forged' }
    const to = `/api/yards/${YARD}/book`
    expect((await ask('POST', to, { cookie: cookies.reader, body: { entries: [forged] } })).status).toBe(403)
    expect((await ask('POST', to, { cookie: cookies.helper, body: { entries: [forged] } })).status).toBe(200)
    const book = (await ask('GET', `/api/yards/${YARD}/hives/twill%2F0/book`, { cookie: cookies.reader }))
      .body as unknown as { id: string; by?: string; byId?: string }[]
    const { by, byId } = book.find(({ id }) => id === 'counted')!
    expect(by).toBe('A helper')
    expect(byId).not.toBe('forged')
  })

  it('a helper writes no treatment, and takes away nothing of somebody else’s', async () => {
    const to = `/api/yards/${YARD}/book`
    const write = (cookie: string, entries: unknown[]) => ask('POST', to, { cookie, body: { entries } })
    const treated = { ...entry('treatment', '2026-04-30T10:00', { product: 'thymol' }), hiveId: 'twill/0' }
    expect(await write(cookies.helper, [treated])).toMatchObject({ status: 422, body: { field: 'entries[0].sort' } })
    const found = { way: 'wash', mites: 3, bees: 300 } as const
    const owners = { ...entry('mites', '2026-04-30T10:00', found), id: 'owners', hiveId: 'twill/0' }
    expect((await write(cookies.owner, [owners])).status).toBe(200)
    const away = { ...owners, id: 'taken-away', corrects: 'owners', withdrawn: true }
    expect(await write(cookies.helper, [away])).toMatchObject({ status: 422 })
    const own = { ...owners, id: 'mine-now', corrects: 'counted' }
    expect((await write(cookies.helper, [own])).status).toBe(200)
  })

  it('an invitation never lowers a part that is played already', async () => {
    const made = await ask('POST', `/api/yards/${YARD}/invitations`, {
      cookie: cookies.owner,
      body: { part: 'reader' },
    })
    const { token } = made.body as { token: string }
    await ask('POST', '/api/join', { cookie: cookies.owner, body: { token } })
    const { plays } = (await ask('GET', '/api/me', { cookie: cookies.owner })).body as { plays: Record<string, string> }
    expect(plays[YARD]).toBe('owner')
  })

  it('HEAD is answered as GET is, without its body', async () => {
    expect((await ask('HEAD', '/api/me', { cookie: cookies.reader })).status).toBe(200)
  })

  it('a plan file is not put into a yard that one only helps in, and is its own yard then', async () => {
    const yards = (await ask('GET', '/api/yards', { cookie: cookies.helper })).body as unknown as {
      yard: { id: string }
    }[]
    const yard = { ...yards.find((one) => one.yard.id === YARD)!.yard, hives: [], parts: [] }
    const plan = { format: 'duvet-plan', version: 7, yards: [yard] }
    const brought = await ask('POST', '/api/plans/import', { cookie: cookies.helper, body: plan })
    expect(brought.body).toMatchObject({ imported: [{ how: 'beside' }] })
    expect((await ask('GET', '/api/me', { cookie: cookies.helper })).body.plays as object).toMatchObject({
      [YARD]: 'helper',
      [(brought.body.imported as { yardId: string }[])[0]!.yardId]: 'owner',
    })
  })
})

describe('a shed that several share', () => {
  const plays = async (cookie: string) =>
    (await ask('GET', '/api/me', { cookie })).body.plays as Readonly<Record<string, Played>>
  const yardsOf = async (cookie: string) =>
    (await ask('GET', '/api/yards', { cookie })).body as unknown as { revision: number; yard: Yard }[]
  const edits = async (cookie: string, yardId: string, edit: Edit) => {
    const { revision } = (await yardsOf(cookie)).find(({ yard }) => yard.id === yardId)!
    return ask('POST', `/api/yards/${yardId}/edits`, { cookie, body: submission(revision, [edit]) })
  }

  it('hands out to yards of who helps in it, to no yard of others, and takes back from whoever has it', async () => {
    const box: Part = { id: nextId(), patternId: 'box-national-super', contents: [], hasHeld: [] }
    const { yard } = (await yardsOf(cookies.owner)).find((one) => one.yard.id === YARD)!
    expect((await edits(cookies.owner, YARD, deeds.stock(yard, [box]))).status).toBe(200)
    const own = Object.entries(await plays(cookies.helper)).find(([, part]) => part === 'owner')![0]
    const loan = (yardId: string) => deeds.lend([box], { yardId, name: 'Mine', since: '2026-05-01' })
    for (const [cookie, to] of [
      [cookies.helper, OTHER],
      [cookies.keeper, own],
      [cookies.helper, 'no-such-yard'],
    ] as const)
      expect(await edits(cookie, YARD, loan(to))).toMatchObject({
        status: 422,
        body: { sentence: expect.stringMatching(/between yards of yours/) },
      })
    expect((await edits(cookies.reader, YARD, loan(own))).status).toBe(403)
    expect((await edits(cookies.helper, YARD, loan(own))).body).toMatchObject({ also: [own] })
    const log = (await ask('GET', `/api/yards/${own}/log`, { cookie: cookies.helper })).body as unknown as LoggedEdit[]
    expect(log.at(-1)).toMatchObject({ by: 'A helper', edit: { kind: 'borrow-part' } })
    expect((await edits(cookies.helper, own, deeds.giveBack([box]))).body).toMatchObject({ also: [YARD] })
    const home = (await yardsOf(cookies.owner)).find((one) => one.yard.id === YARD)!.yard
    expect(loansOf(home).lent).toEqual([])
  })
})

describe('signing in', () => {
  it('takes at least a tenth of a second of hashing, and as long for a name that is not here', async () => {
    const time = async (name: string) => {
      const since = performance.now()
      const answer = await ask('POST', '/api/sign-in', { body: { name, passphrase: 'some other words' } })
      expect(answer.body).toMatchObject({ sentence: 'The name or the passphrase is not right.' })
      return performance.now() - since
    }
    // The quickest of three: what else the machine does only makes an answer slower.
    const quickest = async (name: string) => Math.min(await time(name), await time(name), await time(name))
    const [known, unknown] = [await quickest('ann weaver'), await quickest('nobody at all')]
    expect(Math.min(known, unknown)).toBeGreaterThan(100)
    expect(unknown / known).toBeGreaterThan(0.4)
    expect(unknown / known).toBeLessThan(2.5)
  })

  it('seals what it keeps into a cookie that no script and no other site can use', async () => {
    const answer = await ask('POST', '/api/sign-in', { body: { name: ' ANN  Weaver ', passphrase: WORDS } })
    expect(answer.status).toBe(200)
    expect(answer.setCookie).toMatch(/^duvet-session=Fe26[^;]+; Path=\/; Expires=[^;]+; HttpOnly; SameSite=Strict$/)
    expect(answer.setCookie).not.toContain('Weaver')
  })

  it('is not tried without end, whether or not there is such a name', async () => {
    for (const name of ['A reader', 'no such keeper']) {
      const said: Answered[] = []
      for (let i = 0; i < 10; i++)
        said.push(await ask('POST', '/api/sign-in', { body: { name, passphrase: `wrong words ${i}` } }))
      expect(said.map(({ status }) => status)).toEqual([...Array<number>(8).fill(422), 429, 429])
      expect(said.at(-1)!.body.sentence).toMatch(/^Too many tries: wait \d+ minutes/)
    }
    expect((await ask('GET', '/api/yards', { cookie: cookies.reader })).status).toBe(200)
  })

  it('counts a name in other letters and with spaces as the same name', async () => {
    const written = [
      'A Keeper',
      'a keeper',
      ' A  KEEPER ',
      'a  Keeper',
      'A KEEPER',
      'a keeper ',
      ' a keeper',
      'A keepeR',
    ]
    const said: number[] = []
    for (const name of [...written, 'a KEEPER'])
      said.push((await ask('POST', '/api/sign-in', { body: { name, passphrase: 'wrong words now' } })).status)
    expect(said).toEqual([...written.map(() => 422), 429])
  })
})

describe('a session', () => {
  const signIn = async () =>
    (await ask('POST', '/api/sign-in', { body: { name: 'Ann Weaver', passphrase: WORDS } })).cookie!
  const isIn = async (cookie: string, headers: Record<string, string> = {}) =>
    (await ask('GET', '/api/yards', { cookie, headers })).status === 200

  it('that somebody else set before is not the one that is signed in', async () => {
    const fixed = cookies.stranger
    const answer = await ask('POST', '/api/sign-in', { cookie: fixed, body: { name: 'Ann Weaver', passphrase: WORDS } })
    expect(answer.cookie).not.toBe(fixed)
    const whose = await ask('GET', '/api/me', { cookie: fixed })
    expect(whose.body).toMatchObject({ keeper: { name: 'A stranger' } })
  })

  it('is worth nothing under another name of the server, changed, or made up', async () => {
    const cookie = await signIn()
    expect(await isIn(cookie)).toBe(true)
    const elsewhere = await fetch(server.url.replace('127.0.0.1', 'localhost') + '/api/yards', { headers: { cookie } })
    expect(elsewhere.status).toBe(401)
    expect(await isIn(`${cookie.slice(0, -4)}AAAA`)).toBe(false)
    expect(await isIn('duvet-session=made-up')).toBe(false)
  })

  it('is worth nothing after signing out, although its cookie was kept', async () => {
    const [kept, other] = [await signIn(), await signIn()]
    expect((await ask('POST', '/api/sign-out', { cookie: kept })).status).toBe(200)
    expect([await isIn(kept), await isIn(other)]).toEqual([false, true])
  })

  it('on other devices ends with another passphrase', async () => {
    const [here, there] = [await signIn(), await signIn()]
    const changed = await ask('PUT', '/api/me/passphrase', {
      cookie: here,
      body: { before: WORDS, passphrase: 'another set of words' },
    })
    expect(changed.status).toBe(200)
    expect([await isIn(here), await isIn(there)]).toEqual([true, false])
    expect(
      (
        await ask('PUT', '/api/me/passphrase', {
          cookie: here,
          body: { before: 'another set of words', passphrase: WORDS },
        })
      ).status,
    ).toBe(200)
    cookies.owner = here
  })

  it('is not sent for by another site', async () => {
    const cookie = await signIn()
    const foreign = await ask('POST', '/api/sign-out', { cookie, headers: { origin: 'https://evil.example' } })
    expect(foreign.status).toBe(403)
    expect(await isIn(cookie)).toBe(true)
  })
})

describe('an invitation', () => {
  const invite = async (part: Played = 'helper') =>
    (await ask('POST', `/api/yards/${YARD}/invitations`, { cookie: cookies.owner, body: { part } })).body
      .token as string

  it('is used once; by who is signed in as well; a second time a sentence says so', async () => {
    const token = await invite()
    expect((await ask('POST', '/api/join', { cookie: cookies.stranger, body: { token } })).body).toEqual({
      yardId: YARD,
      part: 'helper',
    })
    const again = await ask('POST', '/api/join', { body: { token, name: 'Late', passphrase: WORDS } })
    expect(again).toMatchObject({
      status: 422,
      body: { sentence: expect.stringContaining('was used, or its day is over') },
    })
    expect(
      (await ask('POST', '/api/join', { body: { token: 'never', name: 'Late', passphrase: WORDS } })).body.sentence,
    ).toBe(again.body.sentence)
  })

  it('says who invites to which yard before it is taken up, and nothing once it is over', async () => {
    const token = await invite('reader')
    const look = () => ask('POST', '/api/join/look', { body: { token } })
    expect((await look()).body).toMatchObject({ yards: ['Sallow Quay'], inviter: 'Ann Weaver', part: 'reader' })
    await ask('POST', '/api/join', { cookie: cookies.stranger, body: { token } })
    expect(await look()).toMatchObject({ status: 422, body: { field: 'token' } })
  })

  it('is for several yards of one owner at once; never for one that is not the owner’s', async () => {
    const made = (cookie: string, also: readonly string[]) =>
      ask('POST', `/api/yards/${YARD}/invitations`, { cookie, body: { part: 'helper', also } })
    expect(await made(cookies.owner, ['nowhere'])).toMatchObject({ status: 422, body: { field: 'also' } })
    const { token } = (await made(cookies.owner, ['kiln-bank', YARD])).body
    const look = await ask('POST', '/api/join/look', { body: { token } })
    expect(look.body).toMatchObject({ yards: ['Sallow Quay', 'Kiln Bank'] })
    const { cookie } = await ask('POST', '/api/join', { body: { token, name: 'Both', passphrase: WORDS } })
    const own = (await ask('GET', '/api/yards', { cookie })).body as unknown as { yard: { id: string } }[]
    expect(own.map(({ yard }) => yard.id).sort()).toEqual(['kiln-bank', 'sallow-quay'])
  })

  it('ends with the part of whoever made it', async () => {
    const second = await joined('Second owner', 'owner')
    const made = await ask('POST', `/api/yards/${YARD}/invitations`, { cookie: second, body: { part: 'owner' } })
    const look = () => ask('POST', '/api/join/look', { body: { token: made.body.token } })
    expect((await look()).status).toBe(200)
    const list = (await ask('GET', `/api/yards/${YARD}/keepers`, { cookie: cookies.owner })).body as unknown as {
      id: string
      name: string
    }[]
    const { id } = list.find(({ name }) => name === 'Second owner')!
    await ask('DELETE', `/api/yards/${YARD}/keepers/${id}`, { cookie: cookies.owner })
    expect(await look()).toMatchObject({ status: 422, body: { field: 'token' } })
    const back = { token: made.body.token, name: 'Back again', passphrase: WORDS }
    expect((await ask('POST', '/api/join', { body: back })).status).toBe(422)
  })

  it('is still good where the name is taken or the passphrase too short', async () => {
    const token = await invite('reader')
    const tries = [
      [{ token, name: 'ann weaver', passphrase: WORDS }, /Take another name/],
      [{ token, name: 'Short', passphrase: 'short' }, /fewer than 10 characters/],
      [{ token, name: '   ', passphrase: WORDS }, /name is empty/],
    ] as const
    for (const [body, sentence] of tries) {
      const answer = await ask('POST', '/api/join', { body })
      expect([answer.status, answer.body.sentence]).toEqual([422, expect.stringMatching(sentence)])
    }
    expect((await ask('POST', '/api/join', { body: { token, name: 'Now', passphrase: WORDS } })).status).toBe(200)
  })
})

describe('who is taken out of a yard', () => {
  it('is signed out wherever that was, and sees the yard no more; the last owner stays', async () => {
    const cookie = await joined('Soon gone', 'keeper')
    const list = (await ask('GET', `/api/yards/${YARD}/keepers`, { cookie: cookies.owner })).body as unknown as {
      id: string
      name: string
    }[]
    const idOf = (name: string) => list.find((one) => one.name === name)!.id
    const gone = await ask('DELETE', `/api/yards/${YARD}/keepers/${idOf('Soon gone')}`, { cookie: cookies.owner })
    expect(gone.status).toBe(200)
    expect((await ask('GET', '/api/yards', { cookie })).status).toBe(401)
    const back = await ask('POST', '/api/sign-in', { body: { name: 'Soon gone', passphrase: WORDS } })
    expect((await ask('GET', '/api/yards', { cookie: back.cookie })).body).toEqual([])
    for (const [method, body] of [
      ['DELETE', undefined],
      ['PUT', { part: 'keeper' }],
    ] as const) {
      const self = await ask(method, `/api/yards/${YARD}/keepers/${idOf('Ann Weaver')}`, {
        cookie: cookies.owner,
        body,
      })
      expect([self.status, self.body.sentence]).toEqual([422, expect.stringContaining('A yard has an owner')])
    }
  })
})

describe('a keeper who forgot the passphrase', () => {
  it('gets another one on the server’s own machine, is signed out everywhere, and keeps the yards', async () => {
    const reset = (name: string) =>
      promisify(execFile)(
        'node_modules/.bin/tsx',
        ['--tsconfig', 'tsconfig.tools.json', 'scripts/keeper.ts', 'reset', name],
        { env: { ...process.env, DUVET_DATABASE: `file:${server.databasePath}` } },
      )
    const lost = await joined('Lone Owner', 'owner')
    await expect(reset('Somebody Else')).rejects.toMatchObject({
      code: 1,
      stderr: expect.stringContaining('Nothing was changed'),
    })
    expect((await ask('GET', '/api/yards', { cookie: lost })).status).toBe(200)
    const done = await reset('lone  owner')
    const passphrase = /now: (\S+)/.exec(done.stdout)?.[1]
    expect(passphrase).toHaveLength(16)
    expect((await ask('GET', '/api/yards', { cookie: lost })).status).toBe(401)
    const old = await ask('POST', '/api/sign-in', { body: { name: 'Lone Owner', passphrase: WORDS } })
    expect(old.status).toBe(422)
    const again = await ask('POST', '/api/sign-in', { body: { name: 'Lone Owner', passphrase } })
    expect((await ask('GET', '/api/yards', { cookie: again.cookie })).body).toMatchObject([{ yard: { id: YARD } }])
  })
})

describe('an honest invitation', () => {
  it('is not shut out by who tries others that are none', async () => {
    const invited = { cookie: cookies.owner, body: { part: 'reader' } }
    const { token } = (await ask('POST', `/api/yards/${YARD}/invitations`, invited)).body
    const bogus = await Promise.all(
      Array.from({ length: 80 }, (_, i) =>
        ask('POST', '/api/join', { body: { token: `bogus-${i}`, name: 'Honest', passphrase: WORDS } }),
      ),
    )
    // Of those that there never were, no more than some are looked at from one place.
    expect(bogus.map(({ status }) => status).sort()).toEqual(expect.arrayContaining([422, 429]))
    expect((await ask('POST', '/api/join', { body: { token, name: 'Honest', passphrase: WORDS } })).status).toBe(200)
  })
})
