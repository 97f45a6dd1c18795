import { there } from '#core/units'
import type { PlacedPart } from '#core/stack'
import { isBallast, isStand, outlineOf, type Axis } from '#core/parts'
import { ownInside, type FaceState, type StackOpening, type WinterState } from '#core/heat'
import type { HiveIn } from '#core/ask'
import { fittingShapes, sectionOf } from './section'
import type { Shape } from './shape'

/** A line along the inside of a face, mm: x to the right, heights upwards negative. */
interface FaceLine {
  readonly state: FaceState
  readonly x1: number
  readonly x2: number
  readonly y1: number
  readonly y2: number
}

/** A hive cut through, with what its heat does where it does it; mm from its middle and from its floor's lower edge. */
interface WinterSection {
  readonly shapes: readonly Shape[]
  readonly lines: readonly FaceLine[]
  readonly openings: readonly (StackOpening & { readonly x: number; readonly y: number })[]
  /** Of the room of the colony. */
  readonly room: { readonly x1: number; readonly x2: number; readonly top: number; readonly bottom: number }
  readonly halfWidthMm: number
  readonly heightMm: number
}

/** The walls that a cut shows at its left and at its right. */
const SIDES = { across: ['left', 'right'], along: ['front', 'back'] } as const

/** How high a hive is drawn here, mm: without its stand. */
export function drawnHeightMm({ layout: { parts, heightMm } }: HiveIn): number {
  const seen = parts.filter((part) => !isStand(part))
  return heightMm - (seen[0]?.bottomMm ?? 0)
}

/** The section of a hive at one time, without its stand: what stands below the floor loses nothing. */
export function winterSection(
  known: HiveIn,
  state: WinterState,
  openings: readonly StackOpening[],
  axis: Axis,
): WinterSection {
  const { parts, attached } = known.layout
  const seen = parts.filter((part) => !isStand(part))
  const byId = new Map(parts.map((part) => [part.part.id, part]))
  const boxes = state.faces.flatMap(({ face }) => (face.place === 'wall' ? (byId.get(there(face.partId)) ?? []) : []))
  const [left, right] = SIDES[axis]
  const lines = state.faces.flatMap((face): FaceLine[] => {
    const part = byId.get(face.face.partId ?? '')
    if (face.face.place === 'wall') {
      if (!part || (face.face.side !== left && face.face.side !== right)) return []
      const x = insideAt(part, axis)[face.face.side === left ? 0 : 1]
      return [{ state: face, x1: x, x2: x, y1: -part.bottomMm, y2: -part.topMm }]
    }
    const box = face.face.place === 'top' ? boxes.at(-1) : boxes[0]
    if (!box) return []
    const [x1, x2] = insideAt(box, axis)
    const y = face.face.place === 'top' ? -box.topMm : -box.bottomMm
    return [{ state: face, x1, x2, y1: y, y2: y }]
  })
  const [lowest, highest] = [boxes[0], boxes.at(-1)]
  const [x1, x2] = highest ? insideAt(highest, axis) : [0, 0]
  const halves = seen.map(({ resolved }) => outlineOf(resolved)).map((rect) => (axis === 'along' ? rect.x1 : rect.y1))
  return {
    shapes: [
      ...seen.flatMap((part) => sectionOf(part, axis)),
      ...attached.filter((one) => !isBallast(one)).flatMap((fitting) => fittingShapes(fitting, parts, axis)),
    ],
    lines,
    openings: openings.map((one) => ({
      ...one,
      x: axis === 'along' ? (one.what === 'hole' ? 0 : x1) : 0,
      y: -one.atMm,
    })),
    room: { x1, x2, top: -(highest?.topMm ?? 0), bottom: -(lowest?.bottomMm ?? 0) },
    halfWidthMm: Math.max(0, ...halves),
    heightMm: drawnHeightMm(known),
  }
}

function insideAt({ resolved }: PlacedPart, axis: Axis): readonly [number, number] {
  const { x0, x1, y0, y1 } = ownInside({ resolved })
  return axis === 'along' ? [x0, x1] : [y0, y1]
}
