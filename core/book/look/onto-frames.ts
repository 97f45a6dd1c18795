import { findPart, partEdit, type Edit, type Yard } from '../../yard'
import type { CombHolds, Content } from '../../parts'
import type { CombSeen, Look } from './look'

/** What a comb holds by what was seen on it: brood before food, sealed stores before nectar before pollen. */
function heldBy({ brood, food }: CombSeen): CombHolds | undefined {
  if (brood && brood.length > 0) return 'brood'
  if (food?.includes('sealed')) return 'capped-honey'
  return food?.includes('nectar') ? 'nectar' : food?.includes('pollen') ? 'pollen' : undefined
}

/**
 * Writes what was seen comb by comb onto the frames of the stack, as one edit that can be undone; undefined where
 * nothing would change. A comb with something in it is drawn.
 */
export function ontoFrames(yard: Yard, { combs }: Look): Edit | undefined {
  const seen = new Map((combs ?? []).map((comb) => [comb.contentId, comb]))
  const edits = [...new Set((combs ?? []).map(({ boxId }) => boxId))].flatMap((boxId): Edit[] => {
    const part = findPart(yard, boxId)
    if (!part) return []
    const contents = part.contents.map((content): Content => {
      const comb = seen.get(content.id)
      const holds = comb && heldBy(comb)
      if (!holds) return content
      const { stores: _before, ...rest } = content
      const stores = holds === 'capped-honey' && comb.stores !== 'full' ? comb.stores : undefined
      const next: Content = { ...rest, holds, comb: 'drawn', ...(stores ? { stores } : {}) }
      return content.holds === holds && content.comb === 'drawn' && content.stores === stores ? content : next
    })
    return contents.some((content, i) => content !== part.contents[i]) ? [partEdit(part, { ...part, contents })] : []
  })
  return edits.length > 0 ? { kind: 'batch', edits } : undefined
}
