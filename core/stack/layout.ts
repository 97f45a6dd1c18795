import type { Figures } from '../figures'
import { facesOf, type PartFaces } from './faces'
import { standRect } from '../parts'
import type { AssembledHive, AttachedPart, StackedPart } from './assemble'

/** A part at its place in the stack: heights above the ground, faces as they lie. */
export interface PlacedPart extends StackedPart {
  readonly index: number
  readonly faces: PartFaces
  readonly bottomMm: number
  readonly topMm: number
  /** Lowest point, skirt included. */
  readonly hangsToMm: number
}

/** Every part of a stack at its height, mm. */
export interface Layout {
  readonly parts: readonly PlacedPart[]
  readonly heightMm: number
  /** What is no layer: at the entrance, in the floor, round the boxes. */
  readonly attached: readonly AttachedPart[]
  /** What its yard counts with. */
  readonly figures: Figures
}

/**
 * Where every part sits, in mm above the ground. A part that stands inside the next one does not raise it;
 * a skirt hangs down outside; an interlocking lip reaches into the next part and adds nothing. Geometry.
 */
export function layOut(hive: AssembledHive): Layout {
  const parts: PlacedPart[] = []
  let seatMm = 0
  let heightMm = 0
  hive.stack.forEach((stacked, index) => {
    const faces = standFaces(facesOf(stacked.resolved, stacked.placement.turnedOver), stacked)
    const bottomMm = seatMm
    const topMm = bottomMm + faces.depthMm
    const { part, pattern, dimensions, hung, figures, kept, form, resolved, placement } = stacked
    parts.push({
      part,
      pattern,
      dimensions,
      hung,
      figures,
      kept,
      form,
      resolved,
      placement,
      index,
      faces,
      bottomMm,
      topMm,
      hangsToMm: bottomMm - faces.skirtMm,
    })
    if (!faces.nested) seatMm = topMm
    heightMm = Math.max(heightMm, topMm)
  })
  return { parts, heightMm, attached: hive.attached, figures: hive.figures }
}

function standFaces(faces: PartFaces, { placement }: StackedPart): PartFaces {
  const { yawDeg, offsetMm } = placement
  if (yawDeg === 0 && offsetMm.x === 0 && offsetMm.y === 0) return faces
  const stand = (face: PartFaces['lower']) => ({
    edge: face.edge && {
      ...face.edge,
      outside: standRect(face.edge.outside, yawDeg, offsetMm),
      inside: face.edge.inside && standRect(face.edge.inside, yawDeg, offsetMm),
    },
    zones: face.zones.map((zone) => ({ ...zone, rect: standRect(zone.rect, yawDeg, offsetMm) })),
  })
  return { ...faces, lower: stand(faces.lower), upper: stand(faces.upper) }
}

/** Whether a wrap goes round a part: those that it is said to go round, else all that are no supers. */
export function isWrapped({ round }: AttachedPart['attachment'], { part, placement }: PlacedPart): boolean {
  return round ? round.includes(part.id) : placement.role !== 'super'
}
