import type { Catalogue, Format, Part, Role } from '../../parts'
import type { AssembledHive } from '../../stack'
import { type Climate, newPlacement, type Placement, type Stage, type Way } from '../../yard'
import type { Pool } from './pool'

/** A layer of a stage: the part, changed where the stage asks for it, and how it stands. */
export interface PlannedLayer {
  readonly part: Part
  readonly placement: Placement
}

/** What one stage is written from. */
export interface Writing {
  readonly stage: Stage
  readonly way: Way
  readonly assembled: AssembledHive
  readonly catalogue: Catalogue
  readonly pool: Pool
  readonly format: Format
  readonly climate: Climate
  /** Supers that stay on as food, once the crop is off. */
  readonly keptAsFood: ReadonlySet<string>
}

export function layer({ assembled, catalogue }: Writing, part: Part, role?: Role): PlannedLayer {
  const standing = assembled.stack.find(({ part: one }) => one.id === part.id)?.placement
  const fresh = newPlacement(part.id, catalogue.patterns.get(part.patternId), role)
  return { part, placement: standing ? (role ? { ...standing, role } : standing) : fresh }
}
