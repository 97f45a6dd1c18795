import type { Catalogue, Pattern, Content, Part, Role } from '../parts'
import type { Placement } from './model/yard'

/**
 * A new part of a pattern, with its normal contents hung in it.
 * @param makeId gives each part and each frame its identity
 */
export function newPart(pattern: Pattern, catalogue: Catalogue, makeId: () => string): Part {
  const part: Part = {
    id: makeId(),
    patternId: pattern.id,
    contents: normalContents(pattern, catalogue, makeId),
    hasHeld: [],
  }
  const slack = pattern.normalContents?.slack
  const hung: Part = slack ? { ...part, spacing: { system: 'touching', slack } } : part
  return pattern.dimensions.holeLength ? { ...hung, hole: 'open' } : hung
}

function normalContents(pattern: Pattern, catalogue: Catalogue, makeId: () => string): Content[] {
  const normal = pattern.normalContents
  if (!normal) return []
  const ids = [
    ...Array<string>(normal.count).fill(normal.framePatternId),
    ...(normal.dummyPatternId ? [normal.dummyPatternId] : []),
  ]
  return ids.filter((id) => catalogue.hanging.has(id)).map((patternId, place) => ({ id: makeId(), patternId, place }))
}

/** How a part of this pattern is put down when nothing else is said. */
export function newPlacement(
  partId: string,
  pattern: Pattern | undefined,
  role: Role | undefined = pattern?.usualRole,
): Placement {
  const placement: Placement = { partId, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 } }
  return role ? { ...placement, role } : placement
}
