import type { Pile } from './model'
import type { ChangeProblem } from './problem'

/**
 * Where everything is in the middle of the work: piles bottom first, the hive first of them, and how much of the goal
 * is done.
 */
export interface State {
  readonly piles: readonly (readonly number[])[]
  /** How many layers of the new hive stand as they should. */
  readonly done: number
}

/** A step of a changeover. */
export interface Step {
  readonly part: number
  readonly from: Pile
  readonly to: Pile
}

/** Everything still on the hive, every place empty. */
export function beginning({ off }: ChangeProblem, places: number): State {
  return { piles: [off, ...Array.from({ length: places }, () => [])], done: 0 }
}

export function isDone(state: State, { on }: ChangeProblem): boolean {
  return state.done === on.length
}

/** True where nothing stands on the hive but what belongs there, so that the next layer may go on. */
export function isClear({ piles, done }: State): boolean {
  return piles[0]!.length === done
}

/** The state after a part has gone from the top of one pile to another. */
export function moved(state: State, step: Step, problem: ChangeProblem): State {
  const piles = state.piles.slice()
  if (step.from !== 'van') piles[indexOf(step.from)] = piles[indexOf(step.from)]!.slice(0, -1)
  if (step.to !== 'van') piles[indexOf(step.to)] = [...piles[indexOf(step.to)]!, step.part]
  const fits =
    step.to === 'hive' &&
    piles[0]!.length === state.done + 1 &&
    isClear(state) &&
    problem.target[step.part] === state.done
  return { piles, done: fits ? state.done + 1 : state.done }
}

function indexOf(pile: Exclude<Pile, 'van'>): number {
  return pile === 'hive' ? 0 : pile
}

export function pileAt(index: number): Exclude<Pile, 'van'> {
  return index === 0 ? 'hive' : index
}

/** The same for states that differ only in which set-down place is which. */
export function keyOf({ piles, done }: State): string {
  const places: string[] = []
  for (let i = 1; i < piles.length; i++) places.push(signs(piles[i]!))
  return `${done}|${signs(piles[0]!)}|${places.sort().join('|')}`
}

/** A pile as a text of one sign a part, well above those that stand between piles. */
export function signs(pile: readonly number[]): string {
  let text = ''
  for (const part of pile) text += String.fromCharCode(256 + part)
  return text
}
