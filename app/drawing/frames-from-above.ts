import { there } from '#core/units'
import {
  dimensionMm,
  hungFromAbove,
  isFrame,
  isFrameFeeder,
  type Across,
  type HungComb,
  type Rect,
  type ResolvedPart,
} from '#core/parts'

/** A rectangle of the screen. */
interface Area {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** Where everything of a box from above lies on the screen, px. */
export interface AboveScale {
  readonly pxPerMm: number
  readonly width: number
  readonly height: number
  readonly outside: Area
  readonly inside: Area
  /** Where the middle of the length is left out, and how wide the break is; null when the whole length is drawn. */
  readonly breakAt: { readonly x: number; readonly width: number } | null
  readonly xOf: (mm: number) => number
  readonly yOf: (mm: number) => number
  readonly mmAt: (y: number) => number
}

const BREAK_PX = 24
/** The break lies towards the back, so that what is written on the frames stays whole. */
const BREAK_SHARE = 0.81
/** A frame is to be hit in gloves on a touch screen, by a mouse elsewhere. */
export const LEAST_FRAME_PX = { coarse: 44, fine: 30 } as const
const NARROWEST_FRAME_MM = 30

/**
 * The scale at which a box fits the room there is, with frames high enough to be hit; where the length does not go
 * in at that scale, its middle is left out as in an engineering drawing.
 */
export function aboveScale(
  box: ResolvedPart,
  room: { readonly width: number; readonly height: number },
  marksPx: number,
  leastPx: number,
): AboveScale {
  const length = dimensionMm(box, 'outsideLength')
  const across = dimensionMm(box, 'outsideWidth')
  const roomX = Math.max(200, room.width - marksPx - 12)
  const byHeight = (room.height - 8) / across
  const byLength = roomX / length
  const pxPerMm = Math.max(Math.min(byHeight, byLength), leastPx / NARROWEST_FRAME_MM)
  const drawn = Math.min(length * pxPerMm, roomX)
  const cut = drawn < length * pxPerMm - 1
  const [left, top] = [6, 4]
  const breakX = left + drawn * BREAK_SHARE - BREAK_PX / 2
  const xOf = (mm: number) => {
    if (!cut) return left + (mm + length / 2) * pxPerMm
    return mm < length * (BREAK_SHARE - 0.5)
      ? Math.min(left + (mm + length / 2) * pxPerMm, breakX)
      : Math.max(left + drawn - (length / 2 - mm) * pxPerMm, breakX + BREAK_PX)
  }
  const yOf = (mm: number) => top + (mm + across / 2) * pxPerMm
  const rect = (x: number, y: number): Area => ({
    x: xOf(-x),
    y: yOf(-y),
    width: xOf(x) - xOf(-x),
    height: 2 * y * pxPerMm,
  })
  return {
    pxPerMm,
    width: drawn + left + marksPx + 6,
    height: across * pxPerMm + 2 * top,
    outside: rect(length / 2, across / 2),
    inside: rect(dimensionMm(box, 'insideLength') / 2, dimensionMm(box, 'insideWidth') / 2),
    breakAt: cut ? { x: breakX, width: BREAK_PX } : null,
    xOf,
    yOf,
    mmAt: (y) => (y - top) / pxPerMm - across / 2,
  }
}

/** What is drawn of one thing that hangs. */
export interface HungDrawing {
  readonly id: string
  readonly place: number
  readonly holdsComb: boolean
  /** Of what it is drawn, where it is no frame. */
  readonly look: 'timber' | 'syrup'
  readonly centreMm: number
  /** Comb or board. */
  readonly body: Area
  readonly endBars: readonly Area[]
  readonly lugs: readonly Area[]
  /** What it takes across, for pressing and for the mark of selection. */
  readonly taken: Area
  readonly comb: HungComb | undefined
}

/** Everything that hangs in a box, cut open below the top bars. */
export function hungDrawings(across: Across, combs: readonly HungComb[], scale: AboveScale): HungDrawing[] {
  const byId = new Map(combs.map((comb) => [comb.contentId, comb]))
  return across.places.map(({ content, pattern, centreMm }) => {
    const comb = byId.get(content.id)
    const area = ({ x0, x1, y0, y1 }: Rect): Area => ({
      x: scale.xOf(x0),
      y: scale.yOf(y0),
      width: Math.max(0.5, scale.xOf(x1) - scale.xOf(x0)),
      height: Math.max(0.8, (y1 - y0) * scale.pxPerMm),
    })
    const { body, endBars, lugs, taken } = hungFromAbove(pattern, centreMm, comb)
    return {
      id: content.id,
      place: content.place,
      holdsComb: isFrame({ pattern }),
      look: isFrameFeeder({ pattern }) ? 'syrup' : 'timber',
      centreMm,
      comb,
      body: area(body),
      endBars: endBars.map(area),
      lugs: lugs.map(area),
      taken: area(taken),
    }
  })
}

/**
 * The place that a point across the box means: of what hangs nearest, or the next one after the last where it has room.
 */
export function placeAtMm(across: Across, yMm: number): number {
  const { places, spacing, rooms } = across
  if (places.length === 0) return 0
  const room = rooms[0]!
  if (spacing.system === 'castellation' && rooms.length === 1) {
    const slots = spacing.count ?? 10
    return Math.min(slots - 1, Math.max(0, Math.floor(((yMm - room.y0) / (room.y1 - room.y0)) * slots)))
  }
  const pitch = across.pitchMm || 35
  const last = there(places.at(-1))
  const beyond = Math.floor((yMm - last.centreMm) / pitch + 0.5)
  if (beyond >= 1 && last.centreMm + pitch * 1.5 <= there(rooms.at(-1)).y1 + 1) return last.content.place + 1
  const first = places[0]!
  if (first.content.place > 0 && yMm < first.centreMm - pitch / 2)
    return Math.max(0, first.content.place - Math.ceil((first.centreMm - pitch / 2 - yMm) / pitch))
  let best = places[0]!
  for (const place of places) if (Math.abs(place.centreMm - yMm) < Math.abs(best.centreMm - yMm)) best = place
  const off = Math.round((yMm - best.centreMm) / pitch)
  const free = !places.some(({ content }) => content.place === best.content.place + off)
  return off !== 0 && free && best.content.place + off >= 0 && best.content.place + off <= last.content.place
    ? best.content.place + off
    : best.content.place
}
