import { type Pattern, usualPlace } from '#core/parts'
import type { Placement } from '#core/yard'

/** Where a new part goes: over the part that was asked for, or where one of its kind usually does. */
export function placeInStack(
  pattern: Pattern | undefined,
  stack: readonly { readonly pattern: Pattern | undefined; readonly placement: Placement }[],
  overId: string | null,
): number {
  const over = stack.findIndex(({ placement }) => placement.partId === overId)
  if (over >= 0) return over + 1
  const layers = stack.map((layer) => ({ kind: layer.pattern?.kind, role: layer.placement.role }))
  return pattern ? usualPlace(pattern, layers) : layers.length
}
