import { there } from '../../units'
import type { ChangeProblem } from './problem'
import { signs, type State } from './state'

/** What lies on one set-down place as it can go on, bottom first: each goes on before the one under it. */
type Run = readonly number[]

/** What is worked out for one problem is kept for all of its states, up to so many; over that the bound says less. */
const MOST_KNOWN = 60_000
const knownOf = new WeakMap<ChangeProblem, Map<string, number>>()

/**
 * What is to be moved once more than off and on, at the least. Parts come off top first. Two that lie on one place
 * together go on from there only where the upper one goes on first, and none goes on before all is off: so those that
 * are moved no more than they must be make one falling run of places in the goal on each set-down place. What the
 * dearest such runs leave over is moved again (runs of a sequence: Greene 1974, An extension of Schensted’s theorem,
 * Advances in Mathematics 14, from memory; here all of them are tried).
 * @param costs of moving each part once
 */
export function leastMovedAgain(state: State, problem: ChangeProblem, costs: readonly number[]): number {
  const { target } = problem
  const [hive, ...piles] = state.piles
  const coming = there(hive)
    .slice(state.done)
    .filter((part) => target[part]! >= 0)
    .reverse()
  const known = knownOf.get(problem) ?? new Map<string, number>()
  knownOf.set(problem, known)

  const least = (at: number, runs: readonly Run[]): number => {
    const part = coming[at]
    if (part === undefined) return 0
    const key = `${signs(coming.slice(at))}|${runs.map(signs).sort().join('|')}`
    const before = known.get(key)
    if (before !== undefined) return before
    if (known.size >= MOST_KNOWN) return 0
    let best = costs[part]! + least(at + 1, runs)
    let emptyTried = false
    for (let place = 0; place < runs.length && best > 0; place++) {
      const run = runs[place]!
      if (run.length === 0 && emptyTried) continue
      emptyTried ||= run.length === 0
      const stays = run.filter((one) => target[one]! > target[part]!)
      let paid = 0
      for (const one of run) if (target[one]! < target[part]!) paid += costs[one]!
      if (paid < best) best = Math.min(best, paid + least(at + 1, runs.with(place, [...stays, part])))
    }
    known.set(key, best)
    return best
  }

  let already = 0
  const runs = piles.map((pile) => {
    const run: number[] = []
    for (const part of pile)
      if (run.length === 0 || target[part]! < target[there(run.at(-1))]!) run.push(part)
      else already += costs[part]!
    return run
  })
  return already + least(0, runs)
}
