import { type Catalogue, type Pattern, resolvePart, type ResolvedPart, type Role } from '../../parts'
import { newPart, newPlacement, type Placement } from '../../yard'

/** A layer of a hive with what it weighs, as a lighter form is put together. */
export interface Layer {
  readonly resolved: ResolvedPart
  readonly placement: Placement
}

export function layerOf(pattern: Pattern, role: Role | undefined, catalogue: Catalogue, makeId: () => string): Layer {
  const part = newPart(pattern, catalogue, makeId)
  return { resolved: resolvePart(part, catalogue), placement: newPlacement(part.id, pattern, role) }
}
