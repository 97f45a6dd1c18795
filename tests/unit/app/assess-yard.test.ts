import { describe, expect, it } from 'vitest'
import { assessYard, type HiveVerdict } from '#core/words'
import { hiveIn, liftsOfHive, dayOfYard, yearOfYard, type PlannedYear } from '#core/ask'
import { CATALOGUE } from '#core/parts'
import { emptyYard, startHive, type Yard } from '#core/yard'
import { USUAL_PROFILE } from '#core/loads'
import { demoPlan } from '../../../demo/make-demo'
import { counter } from '../../helpers/hives'

function yardOf(count: number): Yard {
  const makeId = counter()
  const built = Array.from({ length: count }, (_, i) =>
    startHive(i % 3 === 0 ? 'empty' : 'national', `Hive ${i}`, CATALOGUE, makeId),
  )
  return {
    ...emptyYard('yard', 'Kiln Bank'),
    hives: built.map(({ hive }) => hive),
    parts: built.flatMap(({ parts }) => parts),
  }
}

describe('looking at a whole yard', () => {
  const reader = { vocabulary: 'british', units: 'mm' } as const

  it('says what is first said of every hive, some hives at a time', async () => {
    const handed: HiveVerdict[][] = []
    const all = await assessYard(
      yardOf(50),
      {},
      reader,
      (some) => void handed.push([...some]),
      () => false,
    )
    expect(all).toBe(true)
    expect(handed.map(({ length }) => length)).toEqual([20, 20, 10])
    expect(handed[0]!.slice(0, 2)).toEqual([
      { hiveId: expect.any(String), worst: 'note', says: 'Not a hive yet: bare ground' },
      { hiveId: expect.any(String), worst: 'good', says: 'Good: nothing to mend' },
    ])
  })

  it('says of every hive of the demo what its own assessment has first', async () => {
    const yards = demoPlan().yards
    for (const yard of yards)
      await assessYard(
        yard,
        {},
        reader,
        (some) => {
          for (const { hiveId, worst, says } of some) {
            const known = hiveIn(
              yard,
              yard.hives.find(({ id }) => id === hiveId)!,
            )
            const open = known.assessment.findings.filter((one) => !one.acceptance && one.severity !== 'note')
            expect(worst, hiveId).toBe(open[0]?.severity ?? 'good')
            expect(says, hiveId).toMatch(open.length > 0 ? /^(Stop|Mend|Watch): / : /^Good: nothing to mend$/)
          }
        },
        () => false,
      )
  })

  it('stops when nobody waits any more', async () => {
    let handed = 0
    const all = await assessYard(
      yardOf(400),
      {},
      reader,
      () => void handed++,
      async () => handed >= 2,
    )
    expect([all, handed]).toEqual([false, 2])
  })
})

describe('a day’s lifting in a whole yard', () => {
  it('adds up every hive as it stands, and finds the stage that asks most', async () => {
    const [yard] = demoPlan().yards
    const seen: number[] = []
    const day = (await dayOfYard(
      yard!,
      USUAL_PROFILE,
      (done) => seen.push(done),
      () => false,
    ))!
    const each = yard!.hives.map((hive) => liftsOfHive(yard!, hive, USUAL_PROFILE))
    expect(day.now.lifts).toBe(each.reduce((sum, { inspectionLifts }) => sum + inspectionLifts, 0))
    expect(day.now.movedKg).toBeCloseTo(
      each.reduce((sum, { movedKg }) => sum + movedKg.middle, 0),
      6,
    )
    expect(day.now.heaviestKg).toBeCloseTo(Math.max(...each.map(({ heaviest }) => heaviest?.kg.middle ?? 0)), 9)
    // A super may be full in the flow already: it is lifted as if it were.
    expect(['flow', 'crop']).toContain(day.worst.stage)
    expect(day.worst.duty.movedKg).toBeGreaterThan(day.now.movedKg)
    expect(day.now.framesTurned).toBeGreaterThan(60)
    expect(seen).toEqual([6])
  })

  it('gives each stage the figures that the year gives it', async () => {
    const [yard] = demoPlan().yards
    const day = (await dayOfYard(
      yard!,
      USUAL_PROFILE,
      () => undefined,
      () => false,
    ))!
    const year: PlannedYear[] = []
    await yearOfYard(
      yard!,
      USUAL_PROFILE,
      (some) => {
        year.push(some)
      },
      () => false,
    )
    const figures = year.flatMap((some) => some.figures)
    expect(day.hives.size).toBe(yard!.hives.length)
    for (const [hiveId, loads] of day.hives) {
      const planned = figures.find((one) => one.hiveId === hiveId)!.stages
      for (const load of loads) {
        const { totalKg, heaviestKg, lifts, movedKg } = planned.find(({ stage }) => stage === load.stage)!
        expect([load.totalKg, load.heaviestKg ?? 0, load.lifts, load.movedKg]).toEqual([
          totalKg,
          heaviestKg,
          lifts,
          movedKg,
        ])
      }
    }
  })

  it('stops when nobody waits any more', async () => {
    expect(
      await dayOfYard(
        yardOf(200),
        USUAL_PROFILE,
        () => undefined,
        () => true,
      ),
    ).toBeNull()
  })
})
