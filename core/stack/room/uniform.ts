import { catalogueOf, isBox, isFrame, resolvePart } from '../../parts'
import type { Yard } from '../../yard'
import { comparableMm } from '../../units'

/** How many sizes of box and frame a yard keeps. */
export interface UniformKit {
  readonly boxes: number
  /** Depth in mm, and how many boxes have it; most first. */
  readonly depths: readonly { readonly depthMm: number; readonly count: number }[]
  /** Frame pattern, and how many hang or lie in boxes; most first. */
  readonly frames: readonly { readonly patternId: string; readonly count: number }[]
  /** Boxes and frames that one size for all would replace, keeping the size there is most of. */
  readonly boxesToReplace: number
  readonly framesToReplace: number
}

/** How many different box depths and frame sizes a yard keeps, and what one size for all would mean. */
export function uniformKit(yard: Yard): UniformKit {
  const catalogue = catalogueOf(yard)
  const boxes = yard.parts.map((part) => resolvePart(part, catalogue)).filter(isBox)
  const depths = tally(boxes.map(({ dimensions }) => comparableMm(dimensions.depth?.mm ?? 0)))
  const frames = tally(
    boxes.flatMap(({ hung }) =>
      hung.flatMap(({ content, pattern }) => (pattern && !isFrame({ pattern }) ? [] : [content.patternId])),
    ),
  )
  const rest = (counts: readonly (readonly [unknown, number])[]) =>
    counts.slice(1).reduce((sum, [, count]) => sum + count, 0)
  return {
    boxes: boxes.length,
    depths: depths.map(([depthMm, count]) => ({ depthMm, count })),
    frames: frames.map(([patternId, count]) => ({ patternId, count })),
    boxesToReplace: rest(depths),
    framesToReplace: rest(frames),
  }
}

function tally<T>(list: readonly T[]): [T, number][] {
  const counts = new Map<T, number>()
  for (const item of list) counts.set(item, (counts.get(item) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])
}
