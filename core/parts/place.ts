import type { PartKind } from './catalogue'
import type { StackLayer } from './kind'

/** The place over the highest layer of a kind; undefined where there is none. */
export function over(stack: readonly StackLayer[], isIt: (layer: StackLayer) => boolean): number | undefined {
  const at = stack.findLastIndex(isIt)
  return at < 0 ? undefined : at + 1
}

/** The place under the lowest layer of these kinds; undefined where there is none. */
export function under(stack: readonly StackLayer[], ...kinds: readonly PartKind[]): number | undefined {
  const at = stack.findIndex(({ kind }) => kind !== undefined && kinds.includes(kind))
  return at < 0 ? undefined : at
}

/** Under the roof, or on top of all. */
export function underRoof(stack: readonly StackLayer[]): number {
  return under(stack, 'roof') ?? stack.length
}
