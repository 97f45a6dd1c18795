import type { Handling } from './model'

/** What is to be done, with parts as small numbers: those that stand in the way, and where each has to go. */
export interface ChangeProblem {
  /** Parts by number: kept ones, those that leave, those that come. */
  readonly parts: readonly Handling[]
  /** What comes off, bottom first, over what stays untouched. */
  readonly off: readonly number[]
  /** What goes on over it, bottom first. */
  readonly on: readonly number[]
  /** Place of each part in what goes on; −1 where it leaves. */
  readonly target: readonly number[]
  readonly turned: readonly boolean[]
}

/** Everything above the first difference has to come off; nothing under it is touched. */
export function problemOf(before: readonly Handling[], after: readonly Handling[]): ChangeProblem {
  let same = 0
  while (
    same < before.length &&
    same < after.length &&
    before[same]!.partId === after[same]!.partId &&
    before[same]!.standing === after[same]!.standing
  )
    same++
  const parts = before.slice(same)
  const off = parts.map((_, i) => i)
  const all = [...parts]
  const on = after.slice(same).map((part) => {
    const known = parts.findIndex(({ partId }) => partId === part.partId)
    if (known >= 0) return known
    all.push(part)
    return all.length - 1
  })
  const goal = after.slice(same)
  return {
    parts: all,
    off,
    on,
    target: all.map((_, i) => on.indexOf(i)),
    turned: all.map((part, i) => i < parts.length && on.includes(i) && goal[on.indexOf(i)]!.standing !== part.standing),
  }
}
