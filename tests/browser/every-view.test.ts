import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO } from '../helpers/wire'
import type { Reader } from '#core/words'
import { useSession } from './session'
import { everyFace, live, readAs, wronglySaid } from './views'

const session = useSession({ seed: DEMO })

describe('every sentence of every view and of every face of it', () => {
  beforeAll(() => live(session.server.url))
  const readers: Reader[] = [
    { units: 'mm', vocabulary: 'british' },
    { units: 'inches', vocabulary: 'northAmerican' },
  ]
  it.each(readers)(
    'is said in the words and figures of its reader: $vocabulary, $units',
    async (reader) => {
      const page = await session.open('/')
      await readAs(page, reader)
      const wrong: string[] = []
      for await (const face of everyFace(page, session.server.url))
        wrong.push(...(await wronglySaid(page, reader, face)))
      expect([...new Set(wrong)]).toEqual([])
    },
    300_000,
  )
})
