import type { Handled, Work } from './model'
import type { Problem } from './problem'
import { isClear, type State } from './state'

/** One number that puts fewer lifts before fewer grams before fewer moves. */
const LIFT = 1e10
const GRAM = 1e3

export function costOf({ kg, isLift }: Handled): number {
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
 * on once, and once more when something that goes on before it lies under it; what comes is put on once.
 */
export function leastCost(state: State, { off, on, target }: Problem, costs: readonly number[]): number {
  let total = 0
  for (let i = state.done; i < state.piles[0]!.length; i++) {
    const part = state.piles[0]![i]!
    total += costs[part]! * (target[part]! < 0 ? 1 : 2)
  }
  for (let p = 1; p < state.piles.length; p++) {
    let lowest = Number.POSITIVE_INFINITY
    for (const part of state.piles[p]!) {
      total += costs[part]! * (target[part]! > lowest ? 2 : 1)
      lowest = Math.min(lowest, target[part]!)
    }
  }
  for (let i = state.done; i < on.length; i++) if (isComing(on[i]!, off)) total += costs[on[i]!]!
  return total
}

/** True for a part that came in the van: it leaves it only when it goes on where it belongs. */
export function isComing(part: number, off: readonly number[]): boolean {
  return part >= off.length
}

/** The part that goes on next, where the hive is clear for it; undefined otherwise. */
export function nextOn(state: State, { on }: Problem): number | undefined {
  return isClear(state) ? on[state.done] : undefined
}
