import { shapeOf, standRect, type Rect, type Solid, type SolidMaterial } from '../parts'
import type { PlacedPart } from './layout'

/** A body of a part where it stands: mm above the ground, as it lies in plan. */
export interface StandingBody {
  readonly partId: string
  readonly rect: Rect
  readonly fromMm: number
  readonly toMm: number
  readonly material: SolidMaterial
  /** How much of it is what it is of. */
  readonly share: number
  /** Narrows upwards to a ridge. */
  readonly ridged?: true
}

/** The bodies of a part as it stands: turned over, turned about and shifted as it is. Geometry. */
export function bodiesOf(part: PlacedPart): StandingBody[] {
  return shapeOf(part.resolved).solids.map((body) => standing(body, part))
}

function standing({ rect, from, to, material, share, ridged }: Solid, part: PlacedPart): StandingBody {
  const { turnedOver, yawDeg, offsetMm } = part.placement
  const [low, high] = turnedOver ? [part.faces.depthMm - to.mm, part.faces.depthMm - from.mm] : [from.mm, to.mm]
  return {
    partId: part.part.id,
    rect: standRect(rect, yawDeg, offsetMm),
    fromMm: part.bottomMm + low,
    toMm: part.bottomMm + high,
    material,
    share,
    ...(ridged ? { ridged } : {}),
  }
}
