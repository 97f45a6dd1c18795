import type { Handling, Work } from './model'
import type { ChangeProblem } from './problem'
import { isClear, type State } from './state'
import { leastMovedAgain } from './moved-again'

/** One number that puts fewer lifts before fewer grams before fewer moves. */
const LIFT = 1e10
const GRAM = 1e3

export function costOf({ kg, isLift }: Handling): number {
  return (isLift ? LIFT : 0) + Math.round(kg * 1000) * GRAM + 1
}

export function workOfCost(cost: number): Work {
  const lifts = Math.floor(cost / LIFT)
  const rest = cost - lifts * LIFT
  const grams = Math.floor(rest / GRAM)
  return { lifts, kg: grams / 1000, moves: Math.round(rest - grams * GRAM) }
}

/**
 * What is still to be done at the least: a part on the old hive comes off and goes back, or leaves; one set down goes
 * on once; what comes is put on once; and what must be moved again, since no place keeps it in its order.
 */
export function leastCost(state: State, problem: ChangeProblem, costs: readonly number[]): number {
  const { off, on, target } = problem
  let total = 0
  for (let i = state.done; i < state.piles[0]!.length; i++) {
    const part = state.piles[0]![i]!
    total += costs[part]! * (target[part]! < 0 ? 1 : 2)
  }
  for (let p = 1; p < state.piles.length; p++) for (const part of state.piles[p]!) total += costs[part]!
  for (let i = state.done; i < on.length; i++) if (isComing(on[i]!, off)) total += costs[on[i]!]!
  return total + leastMovedAgain(state, problem, costs)
}

/** True for a part that came in the van: it leaves it only when it goes on where it belongs. */
export function isComing(part: number, off: readonly number[]): boolean {
  return part >= off.length
}

/** The part that goes on next, where the hive is clear for it; undefined otherwise. */
export function nextOn(state: State, { on }: ChangeProblem): number | undefined {
  return isClear(state) ? on[state.done] : undefined
}
