import { coversColony, type PlacedPart } from '../stack'
import { centredRect, insetRect, isBox, isDivision, isFloor, outlineOf, standRect, type Rect } from '../parts'

/** The room that a colony has in a stack. */
export interface Cavity {
  /** Parts with walls round the room, bottom first: boxes, and what gives room over or under them. */
  readonly rooms: readonly PlacedPart[]
  readonly boxes: readonly PlacedPart[]
  /** Of the uppermost box, in plan, and of the lowest. */
  readonly inside: Rect
  readonly insideBelow: Rect
  /** What lies over the room, bottom first; the first of it closes it. */
  readonly over: readonly PlacedPart[]
  /** What lies under the room, top first. */
  readonly under: readonly PlacedPart[]
}

/** Which of two colonies that stand over each other with a board between them. */
export type Stand = 'lower' | 'upper'

/**
 * The room of a colony: from the floor, or from the board over the colony below, up to the first part that no bee
 * passes; undefined where no box stands there, or the uppermost was measured to have no room in it.
 */
export function cavityOf(parts: readonly PlacedPart[], stand: Stand = 'lower'): Cavity | undefined {
  const division = parts.findIndex((part) => isDivision(part))
  if (stand === 'upper' && division === -1) return undefined
  const from = stand === 'upper' ? division : 0
  const first = parts.findIndex((part, i) => i >= from && isBox(part))
  if (first === -1) return undefined
  const closing = parts.findIndex((part, i) => i > first && !isBox(part) && coversColony(part))
  const end = closing === -1 ? parts.length : closing
  const floor = parts.findLastIndex((part, i) => i < first && (isFloor(part) || isDivision(part)))
  const rooms = parts.slice(floor + 1, end).filter(({ faces }) => !faces.nested && hasWalls(faces))
  const boxes = rooms.filter((part) => isBox(part))
  const [lowest, highest] = [boxes[0], boxes.at(-1)]
  if (!lowest || !highest) return undefined
  const [insideBelow, inside] = [insideOf(lowest), insideOf(highest)]
  if ([inside, insideBelow].some(({ x0, x1, y0, y1 }) => x1 <= x0 || y1 <= y0)) return undefined
  return { rooms, boxes, inside, insideBelow, over: parts.slice(end), under: parts.slice(0, floor + 1).reverse() }
}

const insideOf = (box: PlacedPart): Rect => standRect(ownInside(box), box.placement.yawDeg, box.placement.offsetMm)

/** Open from its lower to its upper face: a box, an eke, an adapter; not a grid, which adds no walls to speak of. */
function hasWalls({ lower, upper }: PlacedPart['faces']): boolean {
  const opens = ({ zones }: PlacedPart['faces']['lower']) =>
    zones.some(({ surface }) => surface === 'open' || surface === 'opening' || surface.endsWith('-bars'))
  return opens(lower) && opens(upper)
}

/** The inside of a part in plan, as it is drawn. */
export function ownInside({ resolved }: Pick<PlacedPart, 'resolved'>): Rect {
  const { insideLength, insideWidth, rimWidth } = resolved.dimensions
  return insideLength && insideWidth
    ? centredRect(insideLength.mm, insideWidth.mm)
    : insetRect(outlineOf(resolved), rimWidth?.mm ?? 0)
}
