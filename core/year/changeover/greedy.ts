import { there } from '../../units'
import type { ChangeProblem } from './problem'
import { type pileAt, type State, type Step, beginning, isClear, isDone, moved } from './state'
import { isComing } from './cost'

/**
 * A plan that always comes through: everything off, each part on the pile where it lies best for going back, then the
 * new hive up layer by layer, what lies in the way set aside. With no part in another's way it is the least there is.
 */
export function straightPlan(problem: ChangeProblem, places: number): Step[] {
  const steps: Step[] = []
  let state = beginning(problem, places)
  const take = (step: Step) => {
    steps.push(step)
    state = moved(state, step, problem)
  }
  while (!isClear(state)) {
    const part = there(state.piles[0]!.at(-1))
    take({ part, from: 'hive', to: problem.target[part]! < 0 ? 'van' : bestPlace(part, state, problem) })
  }
  while (!isDone(state, problem)) {
    const part = problem.on[state.done]!
    if (isComing(part, problem.off)) {
      take({ part, from: 'van', to: 'hive' })
      continue
    }
    const at = state.piles.findIndex((pile, i) => i > 0 && pile.includes(part))
    const top = there(state.piles[at]!.at(-1))
    take(
      top === part ? { part, from: at, to: 'hive' } : { part: top, from: at, to: bestPlace(top, state, problem, at) },
    )
  }
  return steps
}

/** The place whose top goes on soonest after this part; else an empty one; else the one that is needed last. */
function bestPlace(
  part: number,
  { piles }: State,
  { target }: ChangeProblem,
  not = 0,
): Exclude<ReturnType<typeof pileAt>, 'hive'> {
  let best = -1
  let bestRank = Number.POSITIVE_INFINITY
  for (let i = 1; i < piles.length; i++) {
    if (i === not) continue
    const lowest = piles[i]!.reduce((least, one) => Math.min(least, target[one]!), Number.POSITIVE_INFINITY)
    const rank = lowest === Number.POSITIVE_INFINITY ? 1e3 : lowest > target[part]! ? lowest : 1e6 - lowest
    if (rank < bestRank) [bestRank, best] = [rank, i]
  }
  return best
}
