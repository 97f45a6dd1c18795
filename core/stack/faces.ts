import {
  BASE,
  bodiesMet,
  onceAForm,
  boundsOf,
  rise,
  shapeOf,
  type FaceShape,
  type Level,
  type PartShape,
  type Passes,
  type Rect,
  type ResolvedPart,
  type Solid,
  type Surface,
  type TermName,
  type ZoneShape,
} from '../parts'

/** The ring that bears, in plan; `inside` is null where the part is a plate without a hole. */
export interface Edge {
  readonly outside: Rect
  readonly inside: Rect | null
  readonly form: 'flat' | 'lipped'
  readonly nestingMm: number
  /** How far its outer and inner lines may be off on one side, added up. */
  readonly plusMinusMm: number
}

/** How deep something lies within a part. */
interface Recess {
  readonly name: TermName
  readonly mm: number
  readonly plusMinusMm: number
}

/** One summand of a gap, with the part it comes from. */
export interface Term extends Recess {
  readonly partId: string
}

/** A rectangle of a face with the first surface a bee would meet there. */
export interface Zone {
  readonly rect: Rect
  /** How far inside the part's own edge plane the surface lies; for an open zone, the part's depth. */
  readonly recess: Recess
  readonly surface: Surface
  readonly passes: Passes
  readonly colony?: string
}

interface Face {
  /** Null for what bears nothing: the top of a roof, a part that stands inside the next one. */
  readonly edge: Edge | null
  readonly zones: readonly Zone[]
}

/** A part as the stack sees it. */
export interface PartFaces {
  readonly lower: Face
  readonly upper: Face
  /** What it adds to the height of the stack. */
  readonly depthMm: number
  /** How far it hangs down over the parts below. */
  readonly skirtMm: number
  /** It stands inside the part above, on what is below. */
  readonly nested: boolean
}

/** A space that goes through the part: an empty part is open, a board with a way through has an opening. */
export function goesThrough(surface: Surface): boolean {
  return surface === 'open' || surface === 'opening'
}

/** Covers what is below: no bee goes up through it, but by a hole. */
export function coversColony({ faces: { lower } }: { readonly faces: PartFaces }): boolean {
  return (
    lower.zones.length > 0 &&
    lower.zones.every(({ surface, passes }) => surface === 'hole' || passes === 'air' || passes === 'nothing')
  )
}

/**
 * The lower and upper face of a part as it is: shell, contents, own measures, the way up it stands. Edges and
 * recesses follow from its bodies. All lengths in mm. Geometry.
 */
export function facesOf(part: ResolvedPart, turnedOver: boolean): PartFaces {
  const faces = drawnFaces(part)
  return turnedOver ? { ...faces, lower: faces.upper, upper: faces.lower } : faces
}

const drawnFaces = onceAForm((part: ResolvedPart): PartFaces => {
  const shape = shapeOf(part)
  const bodies = bodiesMet(part)
  const faces = {
    lower: faceOf('lower', shape, bodies),
    upper: faceOf('upper', shape, bodies),
  }
  return { ...faces, depthMm: shape.depth.mm, skirtMm: shape.skirtMm, nested: shape.nested }
})

function faceOf(which: 'lower' | 'upper', shape: PartShape, bodies: readonly Solid[]): Face {
  const zones: Zone[] = []
  for (const zone of shape[which].zones) {
    const { mm, plusMinusMm } = recessOf(zone, bodies, shape, which)
    const { rect, surface, passes, colony } = zone
    zones.push({
      rect,
      surface,
      passes,
      recess: { name: zone.name, mm, plusMinusMm },
      ...(colony ? { colony } : {}),
    })
  }
  return { edge: edgeOf(shape, which), zones }
}

/** From the edge plane to the first body that is met in a zone, or to the mouth of what has none. */
function recessOf(
  zone: ZoneShape,
  bodies: readonly Solid[],
  { depth }: PartShape,
  which: 'lower' | 'upper',
): { readonly mm: number; readonly plusMinusMm: number } {
  if (zone.mouth && goesThrough(zone.surface)) return rise(BASE, zone.mouth)
  const met = zone.mouth ?? firstMet(zone.rect, bodies, which)
  if (!met) return { mm: 0, plusMinusMm: 0 }
  return which === 'lower' ? rise(BASE, met) : rise(met, depth)
}

function firstMet(rect: Rect, bodies: readonly Solid[], which: 'lower' | 'upper'): Level | undefined {
  let met: Level | undefined
  for (const body of bodies) {
    if (!liesIn(body.rect, rect)) continue
    if (which === 'lower' ? !met || body.from.mm < met.mm : !met || body.to.mm > met.mm)
      met = which === 'lower' ? body.from : body.to
  }
  return met
}

/** The middle of one lies within the other: a body that only touches the side of a zone is none of it. */
function liesIn(a: Rect, b: Rect): boolean {
  const [x, y, u, v] = [(a.x0 + a.x1) / 2, (a.y0 + a.y1) / 2, (b.x0 + b.x1) / 2, (b.y0 + b.y1) / 2]
  return (x > b.x0 && x < b.x1 && y > b.y0 && y < b.y1) || (u > a.x0 && u < a.x1 && v > a.y0 && v < a.y1)
}

/** The ring that the bodies at the edge plane make: round them all, less what they leave free in the middle. */
function edgeOf(shape: PartShape, which: 'lower' | 'upper'): Edge | null {
  const face: FaceShape = shape[which]
  const touching = face.bears
    ? atPlane(
        shape.solids.filter(({ bears }) => bears),
        which,
      )
    : []
  if (touching.length === 0) return null
  const outside = boundsOf(touching)
  const free = freeIn(outside, touching)
  const lip = { form: shape.nestingMm > 0 ? ('lipped' as const) : ('flat' as const), nestingMm: shape.nestingMm }
  return {
    outside,
    inside: free,
    ...lip,
    plusMinusMm: face.plusMinusMm,
  }
}

/** The bodies that reach furthest to one side. */
function atPlane(bodies: readonly Solid[], which: 'lower' | 'upper'): readonly Rect[] {
  const levels = bodies.map(({ from, to }) => (which === 'lower' ? from.mm : -to.mm))
  const outermost = Math.min(...levels)
  return bodies.filter((_, i) => levels[i]! - outermost < 1e-6).map(({ rect }) => rect)
}

/** The rectangle that rails along the sides leave free; null where something fills it, or nothing does. */
function freeIn(outside: Rect, rects: readonly Rect[]): Rect | null {
  let { x0, x1, y0, y1 } = outside
  for (const rect of rects) {
    const [front, back, left, right] = [
      rect.x0 <= outside.x0,
      rect.x1 >= outside.x1,
      rect.y0 <= outside.y0,
      rect.y1 >= outside.y1,
    ]
    // A rail as long as a side lies along that side; one that touches a single side, along that one.
    if (left && !right) y0 = Math.max(y0, rect.y1)
    else if (right && !left) y1 = Math.min(y1, rect.y0)
    else if (front && !back) x0 = Math.max(x0, rect.x1)
    else if (back && !front) x1 = Math.min(x1, rect.x0)
  }
  if (x1 <= x0 || y1 <= y0) return null
  const free = { x0, x1, y0, y1 }
  return rects.some((rect) => rect.x0 <= x0 && rect.x1 >= x1 && rect.y0 <= y0 && rect.y1 >= y1) ? null : free
}
