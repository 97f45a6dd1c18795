import { there } from '../../units'
import TinyQueue from 'tinyqueue'
import { costOf, isComing, leastCost, nextOn } from './cost'
import type { ChangeProblem } from './problem'
import { beginning, isDone, keyOf, moved, pileAt, type State, type Step } from './state'

interface Node {
  readonly state: State
  readonly spent: number
  /** What it takes in all, at the least. */
  readonly inAll: number
  readonly step: Step | null
  readonly before: Node | null
}

/** A plan of steps that was found, with its cost. */
export interface FoundPlan {
  /** The steps of the least plan, or null where the search was given up. */
  readonly steps: readonly Step[] | null
  readonly atLeastCost: number
}

/**
 * The least plan, by best-first search with a bound that never says too much (Hart, Nilsson & Raphael 1968, A formal
 * basis for the heuristic determination of minimum cost paths, from memory), given up after so many states.
 * @param haste 1 for the least plan; more for one that is found sooner and may be that much dearer (Pohl 1970,
 * Heuristic search viewed as path finding in a graph, Artificial Intelligence 1, from memory)
 */
export function leastPlan(problem: ChangeProblem, places: number, mostStates: number, haste = 1): FoundPlan {
  const costs = problem.parts.map(costOf)
  const start = beginning(problem, places)
  const queue = new TinyQueue<Node>(
    [{ state: start, spent: 0, inAll: haste * leastCost(start, problem, costs), step: null, before: null }],
    (a, b) => a.inAll - b.inAll,
  )
  const seen = new Map<string, number>()
  let atLeastCost = there(queue.peek()).inAll
  for (let looked = 0; looked < mostStates; looked++) {
    const node = queue.pop()
    if (!node) break
    atLeastCost = node.inAll
    if (isDone(node.state, problem)) return { steps: stepsTo(node), atLeastCost }
    for (const step of stepsFrom(node.state, problem)) {
      const state = moved(node.state, step, problem)
      const spent = node.spent + costs[step.part]!
      const key = keyOf(state)
      if (spent >= (seen.get(key) ?? Number.POSITIVE_INFINITY)) continue
      seen.set(key, spent)
      queue.push({ state, spent, inAll: spent + haste * leastCost(state, problem, costs), step, before: node })
    }
  }
  return { steps: null, atLeastCost }
}

/** Moves worth a look: what is next goes on at once, what leaves goes to the van at once; else any top to any pile. */
function stepsFrom(state: State, problem: ChangeProblem): Step[] {
  const next = nextOn(state, problem)
  if (next !== undefined && isComing(next, problem.off)) return [{ part: next, from: 'van', to: 'hive' }]
  const steps: Step[] = []
  for (let from = 0; from < state.piles.length; from++) {
    const part = state.piles[from]!.at(-1)
    if (part === undefined || (from === 0 && state.piles[0]!.length === state.done)) continue
    if (problem.target[part]! < 0) return [{ part, from: pileAt(from), to: 'van' }]
    if (from > 0 && part === next) return [{ part, from, to: 'hive' }]
    let emptyTried = false
    for (let to = 0; to < state.piles.length; to++) {
      if (to === from) continue
      // Empty places are all alike.
      if (to > 0 && state.piles[to]!.length === 0) {
        if (emptyTried) continue
        emptyTried = true
      }
      steps.push({ part, from: pileAt(from), to: pileAt(to) })
    }
  }
  return steps
}

function stepsTo(last: Node): Step[] {
  const steps: Step[] = []
  for (let node: Node | null = last; node?.step; node = node.before) steps.push(node.step)
  return steps.reverse()
}
