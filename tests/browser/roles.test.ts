import { beforeAll, describe, expect, it } from 'vitest'
import type { Played } from '#wire/keepers'
import type { Reader } from '#core/words'
import { DEMO } from '../helpers/wire'
import { useSession } from './session'
import { lines, live, settled, VIEWS, wronglySaid } from './views'

const session = useSession({ seed: DEMO })
const WORDS = 'straw skep in the orchard'
const READER: Reader = { units: 'mm', vocabulary: 'british' }
const cookies = {} as Record<'reader' | 'helper', string>

describe('every view, for who only looks and for who helps', () => {
  beforeAll(async () => {
    await live(session.server.url)
    const send = (path: string, body: object, cookie = '') =>
      fetch(session.server.url + path, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json', cookie },
      })
    const cookieOf = (answer: Response) => answer.headers.get('set-cookie')!.split(';')[0]!
    const owner = cookieOf(await send('/api/keepers', { name: 'Ann', passphrase: WORDS }))
    for (const part of ['reader', 'helper'] as const) {
      const made = await send('/api/yards/kiln-bank/invitations', { part, also: ['sallow-quay'] }, owner)
      const { token } = (await made.json()) as { token: string }
      cookies[part] = cookieOf(await send('/api/join', { token, name: `A ${part}`, passphrase: WORDS }))
    }
  })

  it.each<Played>(['reader', 'helper'])(
    'opens for a %s and says nothing that nobody is to read',
    async (part) => {
      const page = await session.open('/sources')
      const [name, value] = cookies[part as 'reader'].split('=') as [string, string]
      await page.context().addCookies([{ name, value, url: session.server.url }])
      const wrong: string[] = []
      for (const view of VIEWS) {
        await page.goto(session.server.url + view)
        await settled(page)
        expect((await lines(page)).length, view).toBeGreaterThan(3)
        wrong.push(...(await wronglySaid(page, READER, view)))
      }
      expect([...new Set(wrong)]).toEqual([])
    },
    300_000,
  )
})
