import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { planOf, type Yard } from '#core/yard'
import type { Reader } from '#core/words'
import { anyYard } from '../helpers/any-yard'
import { useSession } from './session'
import { everyFace, readAs, settled, wronglySaid } from './views'
import { runs } from '../helpers/runs'

/** Yards that nobody would think of, under names of their own. */
const yards = fc
  .sample(anyYard, { seed: 31, numRuns: runs(40) })
  .filter(({ hives }) => hives.every(({ stack }) => stack.length > 0))
  .slice(0, 4)
  .map((yard, n): Yard => ({ ...yard, id: `any-${n}`, name: `Any ${n}` }))
const seed = join(mkdtempSync(join(tmpdir(), 'duvet-any-')), 'plan.json')
writeFileSync(seed, JSON.stringify(planOf(yards)))
const session = useSession({ seed })

const VIEWS = [
  'year',
  'shed',
  'due',
  'boxes',
  'hives/h0/bench',
  'hives/h0/weight',
  'hives/h0/winter',
  'hives/h0/book',
  'hives/h0/look',
  'hives/h1/bench',
]
const pathsOf = ({ id }: Yard) => VIEWS.map((one) => `/yards/${id}/${one}`)
const READERS: readonly Reader[] = [
  { units: 'mm', vocabulary: 'british' },
  { units: 'inches', vocabulary: 'northAmerican' },
]

it.each(READERS)(
  'any yard is told in the words and figures of its reader, in every view and its forms: $vocabulary, $units',
  async (reader) => {
    const page = await session.open('/')
    await readAs(page, reader)
    const wrong: string[] = []
    const faces = ['/', '/fit', ...yards.slice(0, 1).flatMap(pathsOf)]
    for await (const face of everyFace(page, session.server.url, faces))
      wrong.push(...(await wronglySaid(page, reader, face)))
    for (const view of yards.slice(1).flatMap(pathsOf)) {
      await page.goto(session.server.url + view)
      await settled(page)
      wrong.push(...(await wronglySaid(page, reader, view)))
    }
    expect([...new Set(wrong)]).toEqual([])
  },
  600_000,
)
