import { type Catalogue, isFoundationless, isFramePattern, type Content, type Part } from '../../parts'
import { inOrder } from '../../yard'

/** What a frame without foundation has to follow at one side. */
type Guide = 'drawn' | 'foundation' | 'none'

/** What a frame follows when bees draw it: its neighbour or its own foundation. */
export interface Followed {
  readonly contentId: string
  readonly place: number
  /** The frame that it will follow: the better of its two neighbours; null where neither gives a guide. */
  readonly followsId: string | null
  readonly by: Guide
}

/**
 * Which comb each frame without foundation will follow: drawn comb rather than foundation, and nothing else. Common
 * practice.
 */
export function combsFollowed(part: Part, catalogue: Catalogue): Followed[] {
  const ordered = inOrder(part)
  return ordered.flatMap((content, i) => {
    if (!isFoundationless(content)) return []
    const [near, far] = [guide(ordered[i - 1], content, catalogue), guide(ordered[i + 1], content, catalogue)]
    const best = near.by === 'drawn' || far.by === 'none' ? near : far.by === 'drawn' || near.by === 'none' ? far : near
    return [
      { contentId: content.id, place: content.place, followsId: best.by === 'none' ? null : best.id, by: best.by },
    ]
  })
}

function guide(
  neighbour: Content | undefined,
  { place }: Content,
  catalogue: Catalogue,
): { id: string | null; by: Guide } {
  if (
    !neighbour ||
    Math.abs(neighbour.place - place) > 1 ||
    !isFramePattern(catalogue.hanging.get(neighbour.patternId)) ||
    isFoundationless(neighbour)
  )
    return { id: null, by: 'none' }
  const foundation = neighbour.comb === 'wax-foundation' || neighbour.comb === 'plastic-foundation'
  return { id: neighbour.id, by: foundation ? 'foundation' : 'drawn' }
}
