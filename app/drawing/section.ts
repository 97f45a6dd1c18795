import { there } from '#core/units'
import {
  type HangingPattern,
  above,
  BASE,
  byHand,
  isEke,
  isWrap,
  wrapBodies,
  barsOf,
  combBodyOf,
  fittingBodies,
  hostOf,
  isBox,
  outlineOf,
  reachOf,
  seatIn,
  shapeOf,
  sliceOf,
  solidsOf,
  type Axis,
  type HungComb,
  type Slice,
  type Solid,
  type SolidMaterial,
} from '#core/parts'
import { isWrapped, type AttachedPart, type Layout, type PlacedPart } from '#core/stack'
import { isLine, type Material, type Shape } from './shape'

/** Too small to see in a row of hives. */
const SMALL: ReadonlySet<SolidMaterial> = new Set(['bar'])

/**
 * The shapes of one part where it stands. `plain` leaves out what is too small to see in a row of hives, `bare` what
 * bees make and what they are fed: of a hive without a colony nobody says that there is any.
 */
export function sectionOf(part: PlacedPart, axis: Axis, plain = false, bare = false): Shape[] {
  const { cutMm } = shapeOf(part.resolved)
  const cut = part.placement.yawDeg % 180 === 0 ? axis : axis === 'along' ? 'across' : 'along'
  // Along the frames a single comb is cut: it stands for the box, whatever it holds itself.
  const solids = solidsOf(
    part.resolved,
    part.placement.role === 'brood' ? 'brood' : 'honey',
    cut === 'along' ? 'by-use' : 'as-they-are',
  )
  const there = bare ? solids.filter(({ filling }) => !filling) : solids
  const seen = plain && !bare ? there.filter(({ material }) => !SMALL.has(material)) : there
  return shapesAt(sliceOf(seen, cut, cut === 'along' ? cutMm.y : cutMm.x), part)
}

/** Half the outside of a part on the axis, mm. */
export function halfOutsideMm({ resolved }: PlacedPart, axis: Axis): number {
  const { x1, y1 } = outlineOf(resolved)
  return axis === 'along' ? x1 : y1
}

/** How far a part reaches to the left of the middle on the axis, landing board and all, mm. */
export function reachLeftMm({ resolved }: PlacedPart, axis: Axis): number {
  const { x0, y0 } = reachOf(resolved)
  return axis === 'along' ? -x0 : -y0
}

/** What is no layer: entrance block, insert, brick, a wrap round the boxes. */
export function fittingShapes(fitting: AttachedPart, parts: readonly PlacedPart[], axis: Axis): Shape[] {
  if (isWrap(fitting))
    return parts
      .filter((part) => (isBox(part) || isEke(part)) && isWrapped(fitting.attachment, part))
      .flatMap((box) => wrapShapes(fitting, box, axis))
  const host = hostOf(fitting.attachment.place, parts)
  return host
    ? shapesAt(sliceOf(fittingBodies(fitting, fitting.attachment.place, host.resolved), axis, 0), {
        ...host,
        placement: { turnedOver: false },
      })
    : []
}

/** A whole hive, small: its parts and what is no layer. */
export function stackShapes({ parts, attached }: Layout, axis: Axis, bare = false): Shape[] {
  return [
    ...parts.flatMap((part) => sectionOf(part, axis, true, bare)),
    ...attached.flatMap((fitting) => fittingShapes(fitting, parts, axis)),
  ]
}

/** A wrap round one box, cut through. */
function wrapShapes(wrap: AttachedPart, box: PlacedPart, axis: Axis): Shape[] {
  const high = above(BASE, byHand(box.faces.depthMm))
  const bodies = wrapBodies(wrap, outlineOf(box.resolved), BASE, high)
  return shapesAt(
    sliceOf(
      bodies.map((body, i) => ({ ...body, piece: `wrap-${i}` })),
      axis,
      0,
    ),
    box,
  )
}

/** One frame of any kind hung in a box, cut along, whether it fits or not. */
export function frameShapes(frame: HangingPattern, box: PlacedPart): Shape[] {
  if (!isBox(box)) return []
  const seat = seatIn(box)
  const bodies: Solid[] = [...barsOf(frame, 'frame', 0, seat), ...combBodyOf(aloneOf(frame), frame, seat, 'honey')]
  return shapesAt(sliceOf(bodies, 'along', 0), box)
}

/** A frame's comb where nothing hangs beside it. */
function aloneOf(pattern: HangingPattern): HungComb {
  return { contentId: 'frame', pattern, kind: 'honey', centreMm: 0, nearMm: 10, farMm: 10, pitchMm: pattern.spacing.mm }
}

interface Standing {
  readonly bottomMm: number
  readonly faces: { readonly depthMm: number }
  readonly placement: { readonly turnedOver: boolean }
}

/** Slices as shapes where a part stands: bodies of one piece as one, thin ones as a line. */
function shapesAt(slices: readonly Slice[], part: Standing): Shape[] {
  const y = (z: number) => -(part.bottomMm + (part.placement.turnedOver ? part.faces.depthMm - z : z))
  const pieces = new Map<string, { path: string; material: Material }>()
  const lines: Shape[] = []
  for (const slice of slices) {
    const { a, b, low, high, material, piece } = slice
    if (isLine(material))
      lines.push({ type: 'line', x1: round(a), x2: round(b), y: round(y((low + high) / 2)), look: material })
    else {
      const known = pieces.get(piece)
      const path = outline(slice, y)
      pieces.set(piece, { path: known ? known.path + path : path, material })
    }
  }
  return [...[...pieces.values()].map(({ path, material }): Shape => ({ type: 'area', path, material })), ...lines]
}

function outline({ a, b, low, high, pointed }: Slice, y: (z: number) => number): string {
  const points = pointed
    ? [
        [a, low],
        [b, low],
        [(a + b) / 2, high],
      ]
    : [
        [a, low],
        [b, low],
        [b, high],
        [a, high],
      ]
  return `M${points.map(([x, z]) => `${round(there(x))} ${round(y(there(z)))}`).join('L')}Z`
}

function round(value: number): number {
  return Math.round(value * 100) / 100
}
