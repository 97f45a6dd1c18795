import { costOf, leastCost, workOfCost } from './cost'
import { straightPlan } from './greedy'
import { compareWork, SET_DOWN_PLACES, workOf, type Changeover, type Handling, type Move } from './model'
import { problemOf } from './problem'
import { leastPlan } from './search'
import { beginning, type Step } from './state'

/** States looked at before a search is given up, so that a visit is planned while one looks. */
const MOST_STATES = 250
/** How much dearer than the least a plan may be that is looked for once the least is given up, one after the other. */
const HASTES = [1.5, 4]

/**
 * The moves from one stack to another, both bottom first, in an order that one person can do: fewest lifts, then least
 * kilogrammes, then fewest moves, with so many set-down places, each last on, first off. Common practice; the search is
 * named where it is done. Where the plan is not proved least, the bound stands beside it.
 * @throws RangeError where there are fewer than two set-down places, or a part stands twice
 */
export function changeoverMoves(
  before: readonly Handling[],
  after: readonly Handling[],
  places: number = SET_DOWN_PLACES,
): Changeover {
  if (places < 2) throw new RangeError('a changeover needs two set-down places')
  for (const stack of [before, after])
    if (new Set(stack.map(({ partId }) => partId)).size < stack.length)
      throw new RangeError('a part stands twice in one stack')
  const problem = problemOf(before, after)
  const toMoves = (steps: readonly Step[]): Move[] => {
    const last = new Map(steps.map(({ part, to }, i) => [to === 'hive' ? part : -1, i]))
    return steps.map(({ part, from, to }, i) => ({
      partId: problem.parts[part]!.partId,
      from,
      to,
      kg: problem.parts[part]!.kg,
      isLift: problem.parts[part]!.isLift,
      turned: problem.turned[part]! && last.get(part) === i,
    }))
  }
  const straight = toMoves(straightPlan(problem, places))
  const bound = workOfCost(leastCost(beginning(problem, places), problem, problem.parts.map(costOf)))
  if (compareWork(workOf(straight), bound) <= 0)
    return { moves: straight, work: workOf(straight), atLeast: workOf(straight), provedLeast: true }
  const found = leastPlan(problem, places, MOST_STATES)
  if (found.steps) {
    const moves = toMoves(found.steps)
    return { moves, work: workOf(moves), atLeast: workOf(moves), provedLeast: true }
  }
  const hasty = HASTES.flatMap((haste) => {
    const { steps } = leastPlan(problem, places, MOST_STATES, haste)
    return steps ? [toMoves(steps)] : []
  })
  const moves = [straight, ...hasty].reduce((best, other) =>
    compareWork(workOf(other), workOf(best)) < 0 ? other : best,
  )
  return { moves, work: workOf(moves), atLeast: workOfCost(found.atLeastCost), provedLeast: false }
}
