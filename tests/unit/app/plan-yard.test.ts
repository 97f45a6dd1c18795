import { describe, expect, it } from 'vitest'
import type { Yard } from '#core/yard'
import { USUAL_PROFILE } from '#core/loads'
import { ANY_TIME, stagesOf } from '#core/year'
import { demoPlan } from '../../helpers/wire'
import { choicesOf, yearFigures, yearOfYard, type PlannedYear } from '#core/ask'

const yard = demoPlan().yards.find(({ name }) => name === 'Kiln Bank')!
const many: Yard = { ...yard, hives: Array.from({ length: 24 }, (_, i) => ({ ...yard.hives[0]!, id: `h${i}` })) }

/** All that the worker hands out, and whether it came to the end. */
async function written(
  one: Yard,
  mostChunks = Number.POSITIVE_INFINITY,
): Promise<PlannedYear & { whole: boolean; chunks: number[] }> {
  const hives: PlannedYear['hives'][number][] = []
  const figures: PlannedYear['figures'][number][] = []
  const chunks: number[] = []
  const whole = await yearOfYard(
    one,
    USUAL_PROFILE,
    (some) => {
      hives.push(...some.hives)
      figures.push(...some.figures)
      chunks.push(some.hives.length)
    },
    () => chunks.length === mostChunks,
  )
  return { hives, figures, whole, chunks }
}

describe('the year of a yard, as the worker writes it', () => {
  it('has every stage of every hive with its figures, and those that come at any time', async () => {
    const year = await written(yard)
    expect(year.whole).toBe(true)
    expect(year.hives.map(({ hiveId }) => hiveId)).toEqual(yard.hives.map(({ id }) => id))
    for (const { stages } of year.figures) {
      expect(stages.map(({ stage }) => stage)).toEqual([...stagesOf(yard), ...ANY_TIME])
      for (const { totalKg, heaviestKg, honeyKg } of stages) {
        expect(totalKg).toBeGreaterThan(heaviestKg)
        expect(honeyKg).toBeGreaterThanOrEqual(0)
      }
    }
  })

  it('hands out some hives at a time and stops when nobody waits any more', async () => {
    expect(await written(many, 2)).toMatchObject({ whole: false, chunks: [5, 5] })
    expect((await written(many)).chunks).toEqual([5, 5, 5, 5, 4])
  })

  it('a year in a few figures leaves out what comes at any time', async () => {
    const { stages } = (await written(yard)).figures[0]!
    const calendar = stages.filter(({ stage }) => !ANY_TIME.includes(stage))
    expect(yearFigures(stages)).toEqual(yearFigures(calendar))
    expect(yearFigures(stages).lifts).toBe(calendar.reduce((sum, { lifts }) => sum + lifts, 0))
  })

  it('every choice of keeping makes another year: more supers more boxes, a smaller winter less food', () => {
    const first = yard.hives[0]!.id
    const figures = (...asked: Parameters<typeof choicesOf>) => choicesOf(...asked).map((answer) => answer.figures)
    const supers = figures(yard, [first], USUAL_PROFILE, 'supers', [1, 3, 5], 'flow')
    expect(supers.map(({ boxes }) => boxes)).toEqual([...supers.map(({ boxes }) => boxes)].sort((a, b) => a - b))
    expect(supers[2]!.boxes - supers[0]!.boxes).toBe(4)
    const [all, one] = figures(yard, [first], USUAL_PROFILE, 'winterSize', ['all', 'one'], 'winter')
    expect(one!.winterKg).toBeLessThan(all!.winterKg)
    expect(choicesOf(yard, ['nobody'], USUAL_PROFILE, 'supers', [1], 'flow')).toEqual([])
    const [shown] = choicesOf(yard, [first], USUAL_PROFILE, 'supers', [2], 'flow')
    expect(shown!.shown!.stage).toBe('flow')
    const two = yard.hives.slice(0, 2).map(({ id }) => id)
    const [together] = figures(yard, two, USUAL_PROFILE, 'supers', [3], 'flow')
    const [each, other] = two.map((id) => figures(yard, [id], USUAL_PROFILE, 'supers', [3], 'flow')[0]!)
    expect(together!.boxes).toBe(each!.boxes + other!.boxes)
    expect(together!.heaviestKg).toBe(Math.max(each!.heaviestKg, other!.heaviestKg))
    const kept = { ...yard, season: { ...yard.season, way: { ...yard.season?.way, supers: 4 } } }
    const [once, twice] = figures(kept, [first], USUAL_PROFILE, 'crops', ['one', 'spring-and-summer'], 'flow')
    expect(once!.boxes - twice!.boxes).toBe(2)
    expect(twice!.highestMm).toBeLessThan(once!.highestMm)
    expect(twice!.movedKg).toBeLessThan(once!.movedKg)
  })
})
