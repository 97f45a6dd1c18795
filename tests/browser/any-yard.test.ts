import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { planOf, type Yard } from '#core/hive'
import type { Reader } from '#core/wording'
import { anyYard } from '../helpers/any-yard'
import { useSession } from './session'
import { readAs, settled, wronglySaid } from './views'

/** Yards that nobody would think of, under names of their own. */
const yards = fc
  .sample(anyYard, { seed: 31, numRuns: 40 })
  .filter(({ hives }) => hives.every(({ stack }) => stack.length > 0))
  .slice(0, 4)
  .map((yard, n): Yard => ({ ...yard, id: `any-${n}`, name: `Any ${n}` }))
const seed = join(mkdtempSync(join(tmpdir(), 'duvet-any-')), 'plan.json')
writeFileSync(seed, JSON.stringify(planOf(yards)))
const session = useSession({ seed })

const VIEWS = ['year', 'shed', 'due', 'boxes', 'hives/h0/bench', 'hives/h0/weight', 'hives/h0/winter', 'hives/h1/bench']
const READERS: readonly Reader[] = [
  { units: 'mm', vocabulary: 'british' },
  { units: 'inches', vocabulary: 'northAmerican' },
]

it.each(READERS)(
  'any yard is told in the words and figures of its reader, in every view: $vocabulary, $units',
  async (reader) => {
    const page = await session.open('/')
    await readAs(page, reader)
    const wrong: string[] = []
    for (const view of ['/', '/fit', ...yards.flatMap(({ id }) => VIEWS.map((one) => `/yards/${id}/${one}`))]) {
      await page.goto(session.server.url + view)
      await settled(page)
      wrong.push(...(await wronglySaid(page, reader, view)))
    }
    expect([...new Set(wrong)]).toEqual([])
  },
  300_000,
)
