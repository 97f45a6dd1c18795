import { type Catalogue, isUndrawn, isBox, isFramePattern, type Part } from '../../parts'
import type { AssembledHive, StackedPart } from '../../stack'

/**
 * True for a box that may hold bees, brood or their food: one the colony lives in, unless every comb in it is known to
 * be empty or is not drawn. What nobody has said counts as held (common practice: no such box leaves as wood).
 */
export function mayHoldColony({
  part,
  placement,
  pattern,
}: Pick<StackedPart, 'part' | 'placement' | 'pattern'>): boolean {
  return (
    isBox({ pattern }) &&
    placement.role !== 'super' &&
    part.contents.some((content) => !isUndrawn(content) && content.holds !== 'empty')
  )
}

/** The boxes of the colony that stay and take the frames of one that leaves, in their order. */
export function boxesToSortInto(
  leaving: StackedPart,
  before: AssembledHive,
  staying: ReadonlySet<string>,
  catalogue: Catalogue,
): string[] {
  const sizeOf = ({ part }: StackedPart) =>
    new Set(
      part.contents.flatMap(({ patternId }) => (isFramePattern(catalogue.hanging.get(patternId)) ? [patternId] : [])),
    )
  const own = sizeOf(leaving)
  return before.stack
    .filter(
      (box) =>
        isBox(box) &&
        box.placement.role !== 'super' &&
        staying.has(box.part.id) &&
        [...sizeOf(box)].some((patternId) => own.has(patternId)),
    )
    .map(({ part }) => part.id)
}

/** The box once its frames were gone through: nothing of the colony is left in it. */
export function sortedOut(part: Part): Part {
  return {
    ...part,
    contents: part.contents.map((content) =>
      isUndrawn(content) ? content : { ...content, comb: 'drawn' as const, holds: 'empty' as const },
    ),
  }
}

/** A box that took frames of another: which combs hang in it now, nobody has said. */
export function sortedIn(part: Part): Part {
  return { ...part, contents: part.contents.map(({ holds: _holds, comb: _comb, ...content }) => content) }
}
