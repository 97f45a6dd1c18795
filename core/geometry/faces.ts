import type { Length } from '../units'
import { hangAcross } from './across'
import { centredRect, insetRect, type Rect } from './rect'
import { dimension, dimensionMm, type ResolvedPart } from './resolve'
import { termOf, type Term, type TermName } from './term'

export type Surface =
  | 'top-bars' | 'bottom-bars' | 'floor' | 'floor-mesh' | 'board' | 'division' | 'sheet' | 'rods' | 'screen' | 'chips' | 'slab' | 'underside'
  | 'hole' | 'feeder' | 'open' | 'opening' | 'unknown'

export type Passes = 'bee' | 'worker' | 'air' | 'nothing'

/** The ring that bears, in plan; `inside` is null where the part is a plate without a hole. */
export interface Edge {
  readonly outside: Rect
  readonly inside: Rect | null
  readonly form: 'flat' | 'lipped'
  readonly nestingMm: number
  /** The entrance side of a floor does not bear. */
  readonly openFront: boolean
  /** How far its outer and inner lines may be off on one side, added up. */
  readonly plusMinusMm: number
}

/** A space that goes through the part: an empty part is open, a board with a way through has an opening. */
export function goesThrough(surface: Surface): boolean {
  return surface === 'open' || surface === 'opening'
}

/** Covers what is below: no bee goes up through it, but by a hole. */
export function coversColony({ faces: { lower } }: { readonly faces: PartFaces }): boolean {
  return lower.zones.length > 0 && lower.zones.every(({ surface, passes }) => surface === 'hole' || passes === 'air' || passes === 'nothing')
}

/** A rectangle of a face with the first surface a bee would meet there. */
export interface Zone {
  readonly rect: Rect
  /** How far inside the part's own edge plane the surface lies; for an open zone, the part's depth. */
  readonly recess: Term
  readonly surface: Surface
  readonly passes: Passes
  readonly colony?: string
}

export interface Face {
  /** Null for a part that stands inside the next one, and bears nothing. */
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

/** What a part that no pattern describes is taken to be deep. */
export const UNKNOWN_DEPTH_MM = 100
const UNKNOWN_OUTSIDE_MM = 450

/**
 * The lower and upper face of a part as it is: shell, contents, own measures, the way up it stands.
 * All lengths in mm. Geometry from dimensions; source of each dimension in the catalogue.
 */
export function facesOf(part: ResolvedPart, turnedOver: boolean): PartFaces {
  let faces = drawn.get(part)
  if (!faces) drawn.set(part, (faces = drawnFaces(part)))
  return turnedOver ? { ...faces, lower: faces.upper, upper: faces.lower } : faces
}

const drawn = new WeakMap<ResolvedPart, PartFaces>()

function drawnFaces(part: ResolvedPart): PartFaces {
  switch (part.pattern?.kind) {
    case 'box': return boxFaces(part)
    case 'floor': return floorFaces(part)
    case 'crown': return part.pattern.surface === 'mesh' ? boardWithRim(part, 'screen', 'flat-side', 'air') : boardWithRim(part, 'board', 'flat-side', 'nothing')
    case 'excluder': return part.pattern.surface === 'rods' ? boardWithRim(part, 'rods', 'rod-side', 'worker') : plate(part, 'sheet', 'sheet', 'worker')
    case 'adapter': return adapterFaces(part)
    case 'division': return boardBetweenRims(part)
    case 'eke': return ekeFaces(part)
    case 'feeder': return feederFaces(part)
    case 'absorber': return absorberFaces(part)
    case 'slab': return plate(part, 'slab', 'slab', 'nothing')
    case 'roof': return roofFaces(part)
    case 'stand': return solid(part, [], [])
    default: return unknownFaces(part)
  }
}

function outsideOf(part: ResolvedPart): Rect {
  return centredRect(dimensionMm(part, 'outsideLength', UNKNOWN_OUTSIDE_MM), dimensionMm(part, 'outsideWidth', UNKNOWN_OUTSIDE_MM))
}

function ring(part: ResolvedPart, widthMm: number, openFront = false, outside = outsideOf(part)): Edge {
  return { outside, inside: insetRect(outside, widthMm), ...lipOf(part), openFront, plusMinusMm: outerPlusMinusMm(part) + dimension(part, 'rimWidth').plusMinusMm }
}

function plateEdge(outside: Rect, part?: ResolvedPart): Edge {
  return { outside, inside: null, ...lipOf(part), openFront: false, plusMinusMm: part ? outerPlusMinusMm(part) : 0 }
}

/** Half of what the outside may be off, since both sides share it. */
function outerPlusMinusMm(part: ResolvedPart): number {
  return Math.max(dimension(part, 'outsideLength').plusMinusMm, dimension(part, 'outsideWidth').plusMinusMm) / 2
}

/** Interlocking edges have a lip, flat ones have none. */
function lipOf(part: ResolvedPart | undefined): Pick<Edge, 'form' | 'nestingMm'> {
  const nestingMm = part ? dimensionMm(part, 'nesting') : 0
  return { form: nestingMm > 0 ? 'lipped' : 'flat', nestingMm }
}

function zone(part: ResolvedPart, rect: Rect, name: TermName, length: Length, surface: Surface, passes: Passes): Zone {
  return { rect, recess: termOf(name, length, part.part.id), surface, passes }
}

function solid(part: ResolvedPart, lower: readonly Zone[], upper: readonly Zone[]): PartFaces {
  const edge = plateEdge(outsideOf(part), part)
  return { lower: { edge, zones: lower }, upper: { edge, zones: upper }, depthMm: dimensionMm(part, 'depth'), skirtMm: 0, nested: false }
}

function plate(part: ResolvedPart, surface: Surface, name: TermName, passes: Passes): PartFaces {
  const rect = outsideOf(part)
  const at = (recess: Length) => [zone(part, rect, name, recess, surface, passes)]
  return solid(part, at(dimension(part, 'lowerRecess')), at(dimension(part, 'upperRecess')))
}

function openZone(part: ResolvedPart, rect: Rect, depth: Length): Zone {
  return zone(part, rect, 'open-depth', depth, 'open', 'bee')
}

function boxFaces(part: ResolvedPart): PartFaces {
  const depth = dimension(part, 'depth')
  const outside = outsideOf(part)
  const inside = centredRect(dimensionMm(part, 'insideLength'), dimensionMm(part, 'insideWidth'))
  const upperInside = { ...inside, x0: -dimensionMm(part, 'restToRest') / 2, x1: dimensionMm(part, 'restToRest') / 2 }
  const innerPlusMinusMm = Math.max(...(['insideLength', 'insideWidth', 'restToRest'] as const).map((name) => dimension(part, name).plusMinusMm)) / 2
  const edge = { outside, ...lipOf(part), openFront: false, plusMinusMm: outerPlusMinusMm(part) + innerPlusMinusMm }
  const rest = dimension(part, 'restDepth')
  const lower: Zone[] = []
  const upper: Zone[] = []
  for (const run of hangAcross(part).runs) {
    const { pattern } = run
    const topMm = rest.mm - pattern.lugThickness.mm
    const bottomMm = depth.mm - topMm - pattern.height.mm
    const topPlusMinusMm = rest.plusMinusMm + pattern.lugThickness.plusMinusMm
    const bottomPlusMinusMm = depth.plusMinusMm + topPlusMinusMm + pattern.height.plusMinusMm
    const rect = { x0: -pattern.lengthOverEndBars.mm / 2, x1: pattern.lengthOverEndBars.mm / 2, y0: run.y0, y1: run.y1 }
    const partId = part.part.id
    const colony = part.pattern?.halves ? { colony: run.room === 0 ? 'near' : 'far' } : {}
    upper.push({ rect, recess: { name: 'top-space', mm: topMm, plusMinusMm: topPlusMinusMm, partId }, surface: 'top-bars', passes: 'bee', ...colony })
    lower.push({ rect, recess: { name: 'bottom-space', mm: bottomMm, plusMinusMm: bottomPlusMinusMm, partId }, surface: 'bottom-bars', passes: 'bee', ...colony })
  }
  if (part.pattern?.sections) {
    upper.push(zone(part, inside, 'top-space', dimension(part, 'upperRecess'), 'top-bars', 'bee'))
    lower.push(zone(part, inside, 'bottom-space', dimension(part, 'lowerRecess'), 'bottom-bars', 'bee'))
  }
  if (upper.length === 0) {
    const open = openZone(part, inside, depth)
    upper.push(open)
    lower.push(open)
  }
  return { lower: { edge: { ...edge, inside }, zones: lower }, upper: { edge: { ...edge, inside: upperInside }, zones: upper }, depthMm: depth.mm, skirtMm: 0, nested: false }
}

function floorFaces(part: ResolvedPart): PartFaces {
  const widthMm = dimensionMm(part, 'rimWidth')
  const surface = part.pattern?.surface === 'mesh' ? 'floor-mesh' : 'floor'
  const passes = surface === 'floor-mesh' ? 'air' : 'nothing'
  const edge = ring(part, widthMm, true)
  const rect = edge.inside ?? edge.outside
  const reversible = part.pattern?.reversible === true
  const upper = [zone(part, rect, 'floor-rails', dimension(part, 'upperRecess'), surface, passes)]
  const lower = reversible ? [zone(part, rect, 'floor-rails', dimension(part, 'lowerRecess'), surface, passes)] : []
  const depthMm = part.dimensions.depth?.mm ?? dimensionMm(part, 'upperRecess') + dimensionMm(part, 'boardThickness') + dimensionMm(part, 'lowerRecess')
  return { lower: { edge: reversible ? edge : plateEdge(edge.outside, part), zones: lower }, upper: { edge, zones: upper }, depthMm, skirtMm: 0, nested: false }
}

function boardWithRim(part: ResolvedPart, surface: Surface, flatName: TermName, passes: Passes): PartFaces {
  const rimEdge = ring(part, dimensionMm(part, 'rimWidth'))
  const rect = rimEdge.inside ?? rimEdge.outside
  const flat: Length = { ...dimension(part, 'rimDepth'), mm: 0, plusMinusMm: 0 }
  const faceZones = (name: TermName, recess: Length) => [zone(part, rect, name, recess, surface, passes), ...holeIn(part, name, recess)]
  const rimFace = { edge: rimEdge, zones: faceZones('rim', dimension(part, 'rimDepth')) }
  const flatFace = { edge: plateEdge(rimEdge.outside, part), zones: faceZones(flatName, flat) }
  const above = part.pattern?.rimSide !== 'below'
  const depthMm = dimensionMm(part, 'boardThickness') + dimensionMm(part, 'rimDepth')
  return { lower: above ? flatFace : rimFace, upper: above ? rimFace : flatFace, depthMm, skirtMm: 0, nested: false }
}

function holeIn(part: ResolvedPart, name: TermName, recess: Length): Zone[] {
  const lengthMm = dimensionMm(part, 'holeLength')
  if (lengthMm === 0) return []
  const passes = part.part.hole === 'closed' ? 'nothing' : 'bee'
  return [zone(part, centredRect(lengthMm, dimensionMm(part, 'holeWidth')), name, recess, 'hole', passes)]
}

function ekeFaces(part: ResolvedPart): PartFaces {
  const edge = ring(part, dimensionMm(part, 'rimWidth'))
  const open = openZone(part, edge.inside ?? edge.outside, dimension(part, 'depth'))
  return { lower: { edge, zones: [open] }, upper: { edge, zones: [open] }, depthMm: open.recess.mm, skirtMm: 0, nested: false }
}

/** A board with a rim on both faces and nothing to pass through: a cover to the colony below, a floor to the one above. */
function boardBetweenRims(part: ResolvedPart): PartFaces {
  const edge = ring(part, dimensionMm(part, 'rimWidth'))
  const face = { edge, zones: [zone(part, edge.inside ?? edge.outside, 'rim', dimension(part, 'rimDepth'), 'division', 'nothing')] }
  return { lower: face, upper: face, depthMm: dimensionMm(part, 'boardThickness') + 2 * dimensionMm(part, 'rimDepth'), skirtMm: 0, nested: false }
}

/** A board open in the middle; each face bears as its own rim, or as the board where it has none. */
function adapterFaces(part: ResolvedPart): PartFaces {
  const opening = centredRect(dimensionMm(part, 'insideLength'), dimensionMm(part, 'insideWidth'))
  const board = outsideOf(part)
  const rim = dimension(part, 'rimDepth')
  const side = part.pattern?.rimSide
  const rims = { upper: side === 'above' || side === 'both', lower: side === 'below' || side === 'both' }
  const count = Number(rims.upper) + Number(rims.lower)
  const thickness = dimension(part, 'boardThickness')
  const depth = { ...thickness, mm: thickness.mm + count * rim.mm, plusMinusMm: thickness.plusMinusMm + count * rim.plusMinusMm }
  const faceOf = (which: 'upper' | 'lower'): Face => {
    const footprint = centredRect(dimensionMm(part, `${which}Length`), dimensionMm(part, `${which}Width`))
    const edge = rims[which] ? ring(part, dimensionMm(part, 'rimWidth'), false, footprint) : { ...plateEdge(board, part), inside: opening }
    const recess = rims[which] ? rim : { ...rim, mm: 0, plusMinusMm: 0 }
    const shelf = around(rims[which] ? insetRect(footprint, dimensionMm(part, 'rimWidth')) : board, opening)
    return { edge, zones: [{ ...openZone(part, opening, depth), surface: 'opening' }, ...shelf.map((rect) => zone(part, rect, rims[which] ? 'rim' : 'flat-side', recess, 'board', 'nothing'))] }
  }
  return { lower: faceOf('lower'), upper: faceOf('upper'), depthMm: depth.mm, skirtMm: 0, nested: false }
}

/** What a rectangle shows round an opening in it, as strips. */
function around(whole: Rect, opening: Rect): Rect[] {
  return [
    { ...whole, x1: opening.x0 }, { ...whole, x0: opening.x1 },
    { ...opening, y0: whole.y0, y1: opening.y0 }, { ...opening, y0: opening.y1, y1: whole.y1 },
  ].filter(({ x0, x1, y0, y1 }) => x1 > x0 && y1 > y0)
}

function feederFaces(part: ResolvedPart): PartFaces {
  const nested = part.pattern?.feederForm === 'rapid'
  const edge = nested ? null : ring(part, dimensionMm(part, 'rimWidth'))
  const rect = edge?.inside ?? outsideOf(part)
  const face = (recess: Length) => ({ edge, zones: [zone(part, rect, 'underside', recess, 'feeder', 'nothing')] })
  return { lower: face(dimension(part, 'lowerRecess')), upper: face(dimension(part, 'upperRecess')), depthMm: dimensionMm(part, 'depth'), skirtMm: 0, nested }
}

function absorberFaces(part: ResolvedPart): PartFaces {
  const edge = ring(part, dimensionMm(part, 'rimWidth'))
  const rect = edge.inside ?? edge.outside
  const lower = [zone(part, rect, 'screen', dimension(part, 'lowerRecess'), 'screen', 'air')]
  const upper = [zone(part, rect, 'chips', dimension(part, 'upperRecess'), 'chips', 'air')]
  return { lower: { edge, zones: lower }, upper: { edge, zones: upper }, depthMm: dimensionMm(part, 'depth'), skirtMm: 0, nested: false }
}

function roofFaces(part: ResolvedPart): PartFaces {
  const telescoping = part.pattern?.roofForm !== 'flush'
  const inside = centredRect(dimensionMm(part, 'insideLength'), dimensionMm(part, 'insideWidth'))
  const risers = dimension(part, 'lowerRecess')
  const edge = telescoping ? plateEdge(inside) : risers.mm > 0 ? ring(part, dimensionMm(part, 'rimWidth')) : plateEdge(outsideOf(part), part)
  const rect = edge.inside ?? edge.outside
  const depthMm = dimensionMm(part, 'deckThickness') + risers.mm + dimensionMm(part, 'gableHeight')
  return {
    lower: { edge, zones: [zone(part, rect, 'underside', risers, 'underside', 'nothing')] },
    upper: { edge: null, zones: [] },
    depthMm,
    skirtMm: telescoping ? dimensionMm(part, 'skirtDepth') : 0,
    nested: false,
  }
}

function unknownFaces(part: ResolvedPart): PartFaces {
  const rect = outsideOf(part)
  const edge = plateEdge(rect)
  const face = { edge, zones: [zone(part, rect, 'underside', dimension(part, 'lowerRecess'), 'unknown', 'nothing')] }
  return { lower: face, upper: face, depthMm: dimensionMm(part, 'depth', UNKNOWN_DEPTH_MM), skirtMm: 0, nested: false }
}
