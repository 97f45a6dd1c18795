import type { Axis } from '#core/parts'
import type { FaceState, WinterState } from '#core/heat'
import type { winterSection } from './winter-section'

type Section = ReturnType<typeof winterSection>

/** Where a section stands on its picture: the middle, the ground line, and pixels to a mm. */
export interface OnPicture {
  readonly section: Section
  readonly widthPx: number
  readonly groundPx: number
  readonly scale: number
  /** Height of the whole hive with its stand, mm. */
  readonly hiveHeightMm: number
}

/** Pixels of an arrow's width to a watt. */
const PX_PER_WATT = 4.5
/** Less than this is not drawn, W. */
const LEAST_DRAWN_W = 0.05

/** The lowest point of what is drawn stands on the line. */
export const floorOf = ({ section, hiveHeightMm }: OnPicture) => hiveHeightMm - section.heightMm
export const xOf = ({ widthPx, scale }: OnPicture, mm: number) => widthPx / 2 + mm * scale
export const yOf = (on: OnPicture, mm: number) => on.groundPx + (mm + floorOf(on)) * on.scale

const widthOf = (watts: number) => Math.max(2, Math.min(46, watts * PX_PER_WATT))

/** An arrow of so wide a body from a point along x or y, as a path. */
function arrow(fromX: number, fromY: number, dx: number, dy: number, widePx: number): string {
  const [body, head] = [16, 12]
  const [tipX, tipY] = [fromX + dx * (body + head), fromY + dy * (body + head)]
  const [midX, midY] = [fromX + dx * body, fromY + dy * body]
  const h = widePx / 2
  const w = h + 4
  return dx === 0
    ? `M${fromX - h} ${fromY}V${midY}H${fromX - w}L${tipX} ${tipY}L${fromX + w} ${midY}H${fromX + h}V${fromY}Z`
    : `M${fromX} ${fromY - h}H${midX}V${fromY - w}L${tipX} ${tipY}L${midX} ${fromY + w}V${fromY + h}H${fromX}Z`
}

/** An arrow with the place of its words. */
interface Mark {
  readonly d: string
  readonly tx: number
  readonly ty: number
  readonly anchor: 'start' | 'end'
}

/** What goes through each face that is drawn. */
export function faceArrows(on: OnPicture): (Mark & { readonly face: FaceState })[] {
  return on.section.lines.map(({ state, x1, y1, y2 }) => {
    const wide = widthOf(state.watts)
    if (state.face.place === 'wall') {
      const way = x1 < 0 ? -1 : 1
      const from = xOf(on, way * on.section.halfWidthMm) + way * 4
      const at = yOf(on, (y1 + y2) / 2)
      const anchor = way < 0 ? 'end' : 'start'
      return { face: state, d: arrow(from, at, way, 0, wide), tx: from + way * 34, ty: at, anchor }
    }
    const isTop = state.face.place === 'top'
    const at = isTop ? yOf(on, -on.hiveHeightMm) - 4 : yOf(on, -floorOf(on)) + 4
    const d = arrow(on.widthPx / 2, at, 0, isTop ? -1 : 1, wide)
    return { face: state, d, tx: on.widthPx / 2 + wide / 2 + 10, ty: at + (isTop ? -28 : 22), anchor: 'start' }
  })
}

type OpeningDrawn = Section['openings'][number]

/** Air takes warmth along where it leaves: an arrow beside those of the faces. `watts` by opening, in their order. */
export function airArrows(
  on: OnPicture,
  axis: Axis,
  watts: readonly number[],
): (Mark & { readonly what: OpeningDrawn['what']; readonly watts: number })[] {
  return on.section.openings.flatMap(({ what, y }, i) => {
    const leaving = watts[i] ?? 0
    if (leaving < LEAST_DRAWN_W) return []
    const wide = widthOf(leaving)
    if (axis === 'along' && what === 'door') {
      const [from, at] = [xOf(on, -on.section.halfWidthMm) - 4, yOf(on, y) + 26]
      const d = arrow(from, at, -1, 0, wide)
      return [{ what, watts: leaving, d, tx: from, ty: at + wide / 2 + 18, anchor: 'end' as const }]
    }
    const isLow = what === 'door' || what === 'mesh'
    const from = on.widthPx / 2 - 90
    const at = isLow ? yOf(on, -floorOf(on)) + 4 : yOf(on, -on.hiveHeightMm) - 4
    const d = arrow(from, at, 0, isLow ? 1 : -1, wide)
    const ty = at + (isLow ? 22 : -14)
    return [{ what, watts: leaving, d, tx: from - wide / 2 - 8, ty, anchor: 'end' as const }]
  })
}

/** Drops along a face: where it is wet now all along it, where it will be first a single one. */
export function drops(on: OnPicture, { wetFirst }: WinterState, isWet: (face: FaceState) => boolean) {
  return on.section.lines.flatMap((line) => {
    const { face } = line.state
    const wet = isWet(line.state)
    if (!wet && wetFirst?.face.id !== face.id) return []
    const isWall = face.place === 'wall'
    const count = wet ? 5 : 1
    return Array.from({ length: count }, (_, i) => {
      const share = (i + 0.5) / count
      const inward = line.x1 < 0 ? 8 : -8
      return {
        key: `${face.id}${i}`,
        px: isWall ? xOf(on, line.x1) + inward : xOf(on, line.x1 + (line.x2 - line.x1) * share),
        py: isWall
          ? yOf(on, line.y1 + (line.y2 - line.y1) * share)
          : yOf(on, line.y1) + (face.place === 'top' ? 9 : -12),
        frost: line.state.surfaceCelsius < 0,
        wet,
      }
    })
  })
}

/** The ball of the bees in the room, as wide as its litres, as far as the room is. */
export function clusterOn(on: OnPicture, litres: number): { readonly r: number; readonly cy: number } {
  const radiusMm = Math.cbrt((litres * 1e6 * 3) / (4 * Math.PI))
  const { top, bottom, x1, x2 } = on.section.room
  const r = Math.min(radiusMm, (x2 - x1) / 2, (bottom - top) / 2)
  const share = Math.min(0.5, Math.max(0.42, r / Math.max(1, bottom - top)))
  return { r: r * on.scale, cy: yOf(on, bottom + (top - bottom) * share) }
}
