import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES } from '#core/figures'
import {
  SET_DOWN_PLACES,
  changeoverMoves,
  compareWork,
  workOf,
  type Handling,
  straightPlan,
  problemOf,
} from '#core/year'
import { carriedOut, coinOf, leastByExhaustion } from '../../helpers/moves'
import { runs } from '../../helpers/runs'

const LIFT_KG = SHIPPED_FIGURES.liftFromKg
const part = (partId: string, kg: number, standing = ''): Handling => ({ partId, kg, isLift: kg >= LIFT_KG, standing })
const KG = [0.4, 1.5, 2.9, 3, 5, 12, 25]

/** Two stacks that share some of their parts, in any order, some turned over. */
function pairs(most: number) {
  return fc
    .record({
      count: fc.integer({ min: 1, max: most }),
      kgs: fc.array(fc.constantFrom(...KG), { minLength: most, maxLength: most }),
      before: fc.shuffledSubarray([...Array(most).keys()]),
      after: fc.shuffledSubarray([...Array(most).keys()]),
      turned: fc.array(fc.boolean(), { minLength: most, maxLength: most }),
    })
    .map(({ count, kgs, before, after, turned }) => ({
      before: before.filter((i) => i < count).map((i) => part(`p${i}`, kgs[i]!)),
      after: after.filter((i) => i < count).map((i) => part(`p${i}`, kgs[i]!, turned[i] ? 'over' : '')),
    }))
}

describe('a changeover', () => {
  it('of the worked example takes 8 moves: medium twice, empty deep once (domain sheet, common practice)', () => {
    const [floor, deep, empty, excluder, medium, crown, roof] = [
      part('floor', 3),
      part('deep', 30),
      part('empty', 9),
      part('excluder', 1.5),
      part('medium', 25),
      part('crown', 1.2),
      part('roof', 3.5),
    ]
    const { moves, work, provedLeast } = changeoverMoves(
      [floor, deep, empty, excluder, medium, crown, roof],
      [floor, deep, medium, crown, roof],
    )
    expect(
      moves.map(({ partId, to }) => `${partId} ${to === 'van' ? 'van' : to === 'hive' ? 'hive' : 'aside'}`),
    ).toEqual([
      'roof aside',
      'crown aside',
      'medium aside',
      'excluder van',
      'empty van',
      'medium hive',
      'crown hive',
      'roof hive',
    ])
    expect(work).toEqual({ lifts: 5, kg: 25 * 2 + 9 + 1.5 + 1.2 * 2 + 3.5 * 2, moves: 8 })
    expect(provedLeast).toBe(true)
  })

  it('from a stack to itself is no work at all; turning the top over costs taking it off and putting it back', () => {
    const stack = [part('a', 10), part('b', 1)]
    expect(changeoverMoves(stack, stack).moves).toEqual([])
    const over = changeoverMoves(stack, [stack[0]!, part('b', 1, 'over')])
    expect(over.moves.map(({ to, turned }) => [to, turned])).toEqual([
      [1, false],
      ['hive', true],
    ])
  })

  it('takes from an empty stand, and leaves one', () => {
    const stack = [part('a', 10), part('b', 1)]
    expect(changeoverMoves([], stack).moves.map(({ partId, from }) => [partId, from])).toEqual([
      ['a', 'van'],
      ['b', 'van'],
    ])
    expect(changeoverMoves(stack, []).moves.map(({ partId, to }) => [partId, to])).toEqual([
      ['b', 'van'],
      ['a', 'van'],
    ])
  })

  it('done on the first stack gives the second, piles kept, for any pair (property)', () => {
    fc.assert(
      fc.property(pairs(12), ({ before, after }) => {
        const { moves, work, atLeast } = changeoverMoves(before, after)
        expect(carriedOut(before, after, moves)).toEqual(after.map(({ partId }) => partId))
        expect(work).toEqual(workOf(moves))
        expect(compareWork(atLeast, work)).toBeLessThanOrEqual(0)
      }),
      { numRuns: runs(1000) },
    )
  })

  it('is the least there is, by a search apart through every state, for stacks of up to 5 parts (property)', () => {
    fc.assert(
      fc.property(pairs(5), ({ before, after }) => {
        const { moves, provedLeast } = changeoverMoves(before, after)
        expect(provedLeast).toBe(true)
        expect(coinOf(moves)).toBe(leastByExhaustion(before, after, 3))
      }),
      { numRuns: runs(60) },
    )
  }, 120_000)

  it('is the least where two places and an order turned round make parts lie in each other’s way: 6 parts', () => {
    const kgs = [12, 0.4, 5, 25, 1.5, 3]
    const before = kgs.map((kg, i) => part(`p${i}`, kg))
    const cases = [
      [5, 4, 3, 2, 1, 0],
      [1, 0, 3, 2, 5, 4],
      [5, 0, 4, 1, 3, 2],
    ]
    for (const order of cases) {
      const after = order.map((i) => before[i]!)
      const { moves, provedLeast } = changeoverMoves(before, after, 2)
      expect(provedLeast).toBe(true)
      expect(coinOf(moves)).toBe(leastByExhaustion(before, after, 2))
    }
  }, 120_000)

  it('never takes more lifts than everything off onto the same places and the new hive up from them (property)', () => {
    fc.assert(
      fc.property(pairs(12), ({ before, after }) => {
        const ground = part('ground', 0)
        // A ground that is turned over makes everything come off.
        const problem = problemOf([ground, ...before], [{ ...ground, standing: 'over' }, ...after])
        const lifts = straightPlan(problem, SET_DOWN_PLACES).filter(
          ({ part: n }) => problem.parts[n]!.kg >= LIFT_KG,
        ).length
        expect(changeoverMoves(before, after).work.lifts).toBeLessThanOrEqual(lifts)
      }),
      { numRuns: runs(1000) },
    )
  })

  it('of ten parts in another order is proved least in nine of ten, and comes through in all', () => {
    const kgs = [12, 0.4, 5, 25, 1.5, 3, 8, 19, 2.9, 30]
    const before = kgs.map((kg, i) => part(`p${i}`, kg))
    const orders = fc.sample(fc.shuffledSubarray(before, { minLength: 9 }), { numRuns: runs(40), seed: 29 })
    const proved = orders.filter((after) => {
      const { moves, provedLeast } = changeoverMoves(before, after)
      expect(carriedOut(before, after, moves)).toEqual(after.map(({ partId }) => partId))
      return provedLeast
    })
    expect(proved.length).toBeGreaterThanOrEqual(36)
  })

  it('says where it could not be proved least, with the bound beside it', () => {
    const before = Array.from({ length: 14 }, (_, i) => part(`p${i}`, 4 + i))
    const { work, atLeast, provedLeast, moves } = changeoverMoves(before, [...before].reverse(), 2)
    expect(carriedOut(before, [...before].reverse(), moves)).toEqual(before.map(({ partId }) => partId).reverse())
    expect(provedLeast || atLeast.lifts < work.lifts).toBe(true)
  })

  it('refuses a part that stands twice, and work with fewer than two places', () => {
    expect(() => changeoverMoves([part('a', 1), part('a', 1)], [])).toThrow(RangeError)
    expect(() => changeoverMoves([], [], 1)).toThrow(RangeError)
  })
})
