import type { PartKind } from './catalogue'
import type { Layer } from './kind'

/** The place over the highest layer of a kind; undefined where there is none. */
export function over(stack: readonly Layer[], isIt: (layer: Layer) => boolean): number | undefined {
  const at = stack.findLastIndex(isIt)
  return at < 0 ? undefined : at + 1
}

/** The place under the lowest layer of these kinds; undefined where there is none. */
export function under(stack: readonly Layer[], ...kinds: readonly PartKind[]): number | undefined {
  const at = stack.findIndex(({ kind }) => kind !== undefined && kinds.includes(kind))
  return at < 0 ? undefined : at
}

/** Under the roof, or on top of all. */
export function underRoof(stack: readonly Layer[]): number {
  return under(stack, 'roof') ?? stack.length
}
