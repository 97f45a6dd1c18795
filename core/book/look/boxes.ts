import type { StackedPart } from '../../stack'
import { SEAMS_OF, type Look } from './look'

/** Seams that were told of each box that stands there, with what hangs in it. */
export function assembledSeams(
  { seams, combs }: Look,
  stack: readonly StackedPart[],
): { readonly seams: number; readonly hung: StackedPart['hung'] }[] {
  const byBox = new Map<string, number>()
  if (seams && seams.length > 0) for (const { boxId, seams: count } of seams) byBox.set(boxId, count)
  else
    for (const { boxId, bees } of combs ?? [])
      if (bees !== undefined) byBox.set(boxId, (byBox.get(boxId) ?? 0) + SEAMS_OF[bees])
  return stack.flatMap(({ part, hung }) => {
    const count = byBox.get(part.id)
    return count === undefined ? [] : [{ seams: count, hung }]
  })
}
