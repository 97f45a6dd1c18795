import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO } from '../helpers/wire'
import { look } from '../helpers/never-said'
import type { Reader } from '#core/wording'
import { useSession } from './session'
import { everyFace, lines, live } from './views'

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
      await page.addInitScript((said) => {
        localStorage.setItem('duvet.words', said.vocabulary)
        localStorage.setItem('duvet.units', said.units)
      }, reader)
      const wrong: string[] = []
      for await (const face of everyFace(page, session.server.url))
        // What a keeper wrote of a trial stays in the keeper's own words.
        for (const line of (await lines(page)).filter((one) => one !== 'slab on the crown'))
          try {
            look([line], reader, face)
          } catch (error) {
            wrong.push((error as Error).message)
          }
      expect([...new Set(wrong)]).toEqual([])
    },
    300_000,
  )
})
