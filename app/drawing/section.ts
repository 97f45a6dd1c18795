import type { HangingPattern } from '#core/catalogue'
import type { Content } from '#core/hive'
import { UNKNOWN_DEPTH_MM, combsAcross, dimensionMm, hangAcross, type AttachedPart, type HungComb, type PlacedPart } from '#core/geometry'
import { Pen, type Shape } from './pen'
import type { Material } from './palette'

/** Which way the hive is cut: along the frames (entrance at the left) or across them. */
export type Axis = 'along' | 'across'

/** The shapes of one part where it stands. `plain` leaves out what is too small to see in a row of hives. */
export function sectionOf(part: PlacedPart, axis: Axis, plain = false): Shape[] {
  const pen = new Pen(part.bottomMm, part.faces.depthMm, part.placement.turnedOver)
  const cut = part.placement.yawDeg % 180 === 0 ? axis : axis === 'along' ? 'across' : 'along'
  draw(pen, part, cut, plain)
  return pen.shapes
}

/** Half the outside of a part on the axis, mm. */
export function halfOutsideMm(part: PlacedPart, axis: Axis): number {
  const roofWall = part.faces.skirtMm > 0 ? dimensionMm(part, 'rimWidth') : 0
  const name = axis === 'along' ? (roofWall ? 'insideLength' : 'outsideLength') : (roofWall ? 'insideWidth' : 'outsideWidth')
  return dimensionMm(part, name, 450) / 2 + roofWall
}

function draw(pen: Pen, part: PlacedPart, axis: Axis, plain: boolean): void {
  const half = halfOutsideMm(part, axis)
  const depth = part.faces.depthMm
  const rim = dimensionMm(part, 'rimWidth')
  switch (part.pattern?.kind) {
    case 'stand': return drawStand(pen, part, half, depth)
    case 'floor': return drawFloor(pen, part, axis, half, depth, rim)
    case 'box': return drawBox(pen, part, axis, half, depth, plain)
    case 'excluder': return drawExcluder(pen, part, half, depth, rim)
    case 'adapter': return drawAdapter(pen, part, axis, half, depth)
    case 'division': return drawDivision(pen, part, half, depth, rim)
    case 'eke': return pen.pair(half, rim, 0, depth, 'timber')
    case 'feeder': return drawFeeder(pen, part, half, depth, rim)
    case 'crown': return drawCrown(pen, part, axis, half, depth, rim)
    case 'absorber': return drawAbsorber(pen, part, half, depth, rim)
    case 'slab': return pen.block(-half, half, 0, depth, 'foam')
    case 'roof': return drawRoof(pen, part, half, rim)
    default: return pen.block(-half, half, 0, depth || UNKNOWN_DEPTH_MM, 'unknown')
  }
}

function drawStand(pen: Pen, part: PlacedPart, half: number, depth: number): void {
  if (part.pattern?.material === 'masonry') {
    const hollow = depth > 150
    if (!hollow) return pen.block(-half, half, 0, depth, 'masonry')
    const web = half * 0.24
    for (const x of [-half, -web / 2, half - web]) pen.block(x, x + web, 0, depth, 'masonry')
    return pen.block(-half, half, depth - 30, depth, 'masonry')
  }
  const beam = Math.min(45, depth * 0.45)
  pen.pair(half - 22, 44, 0, depth - beam, 'timber')
  pen.block(-half, half, depth - beam, depth, 'timber')
}

function drawFloor(pen: Pen, part: PlacedPart, axis: Axis, half: number, depth: number, rim: number): void {
  const rails = dimensionMm(part, 'upperRecess')
  const under = dimensionMm(part, 'lowerRecess')
  const deck = depth - rails
  const mesh = part.pattern?.surface === 'mesh'
  const landing = axis === 'along' ? 45 : 0
  if (axis === 'across') pen.pair(half, rim, deck, depth, 'timber')
  else pen.block(half - rim, half, deck, depth, 'timber')
  if (under > 0) {
    if (axis === 'across') pen.pair(half, rim, 0, under, 'timber')
    else pen.block(half - rim, half, 0, under, 'timber')
  }
  if (!mesh) return pen.block(-half - landing, half, under, deck, 'timber')
  pen.pair(half, rim, 0, deck, 'timber')
  if (landing) pen.outline([[-half - landing, deck - 26], [-half, deck - 14], [-half, deck], [-half - landing, deck - 12]], 'timber')
  pen.line(-half + rim, half - rim, deck, 'mesh')
}

function drawBox(pen: Pen, part: PlacedPart, axis: Axis, half: number, depth: number, plain: boolean): void {
  const inside = dimensionMm(part, axis === 'along' ? 'insideLength' : 'insideWidth') / 2
  const material: Material = part.pattern?.material === 'polystyrene' ? 'polystyrene' : 'timber'
  if (axis === 'along') {
    const rest = dimensionMm(part, 'restToRest') / 2
    const ledge = depth - dimensionMm(part, 'restDepth')
    for (const side of [-1, 1]) {
      pen.outline([[side * half, 0], [side * inside, 0], [side * inside, ledge], [side * rest, ledge], [side * rest, depth], [side * half, depth]], material)
    }
  } else pen.pair(half, half - inside, 0, depth, material)
  const top = depth - dimensionMm(part, 'restDepth')
  const comb: Material = part.placement.role === 'brood' ? 'brood' : 'honey'
  if (part.pattern?.sections) return pen.block(-inside, inside, dimensionMm(part, 'lowerRecess'), depth - dimensionMm(part, 'upperRecess'), 'honey')
  const across = hangAcross(part.resolved)
  if (axis === 'along') {
    const frame = across.places.find(({ pattern }) => pattern.kind === 'frame') ?? across.places[0]
    if (frame) drawFrameAlong(pen, frame.pattern, top, comb, plain)
    return
  }
  if (part.pattern?.halves) pen.block(-dimensionMm(part, 'divisionThickness') / 2, dimensionMm(part, 'divisionThickness') / 2, 4, depth, 'timber')
  const combs = new Map(combsAcross(across, comb === 'brood' ? 'brood' : 'honey').map((one) => [one.contentId, one]))
  for (const { content, pattern, centreMm } of across.places) drawFrameAcross(pen, pattern, centreMm, top, combs.get(content.id), materialOf(content, comb), plain)
}

/** A frame on its rests, cut along; `seat` is the height of the rests in the part. */
export function drawFrameAlong(pen: Pen, frame: HangingPattern, seat: number, comb: Material, plain: boolean): void {
  const top = seat + frame.lugThickness.mm
  const bottom = top - frame.height.mm
  const end = frame.lengthOverEndBars.mm / 2
  const lug = frame.topBarLength.mm / 2
  const underBar = top - frame.topBarThickness.mm
  if (plain) return pen.block(-end, end, bottom, top, comb)
  pen.block(-end + frame.endBarThickness.mm, end - frame.endBarThickness.mm, bottom + frame.bottomBarThickness.mm, underBar, frame.kind === 'frame' ? comb : 'timber')
  pen.pair(end, frame.endBarThickness.mm, bottom, underBar, 'bar')
  pen.block(-end, end, bottom, bottom + frame.bottomBarThickness.mm, 'bar')
  pen.outline([[-lug, seat], [-end, seat], [-end, underBar], [end, underBar], [end, seat], [lug, seat], [lug, top], [-lug, top]], 'bar')
}

/** What a comb is drawn as: what it holds, else what its box is for. */
function materialOf({ comb, holds }: Content, use: Material): Material {
  if (holds === 'brood') return 'brood'
  if (holds === 'pollen' || holds === 'empty') return 'comb'
  if (holds !== undefined || (comb !== undefined && comb !== 'drawn')) return 'honey'
  return use
}

function drawFrameAcross(pen: Pen, frame: HangingPattern, centre: number, seat: number, comb: HungComb | undefined, material: Material, plain: boolean): void {
  const top = seat + frame.lugThickness.mm
  const bottom = top - frame.height.mm
  const boardHalf = (frame.thickness ?? frame.spacing).mm / 2
  if (!comb) return pen.block(centre - boardHalf, centre + boardHalf, bottom, top, frame.kind === 'feeder' ? 'syrup' : 'timber')
  const barHalf = frame.topBarWidth.mm / 2
  const underBar = top - frame.topBarThickness.mm
  if (comb.kind !== 'bare') pen.block(centre - Math.max(comb.nearMm, 0.6), centre + Math.max(comb.farMm, 0.6), bottom + frame.bottomBarThickness.mm, underBar, material)
  if (plain) return
  pen.block(centre - barHalf, centre + barHalf, underBar, top, 'bar')
  pen.block(centre - 8, centre + 8, bottom, bottom + frame.bottomBarThickness.mm, 'bar')
}

function drawExcluder(pen: Pen, part: PlacedPart, half: number, depth: number, rim: number): void {
  if (part.pattern?.surface === 'sheet') return pen.line(-half, half, depth / 2, 'sheet')
  const rods = dimensionMm(part, 'boardThickness')
  const [low, high] = part.pattern?.rimSide === 'below' ? [depth - rods, depth] : [0, rods]
  pen.pair(half, rim, 0, depth, 'timber')
  pen.line(-half + rim, half - rim, (low + high) / 2, 'rods')
}

function drawAdapter(pen: Pen, part: PlacedPart, axis: Axis, half: number, depth: number): void {
  const along = axis === 'along'
  const opening = dimensionMm(part, along ? 'insideLength' : 'insideWidth') / 2
  const board = dimensionMm(part, 'boardThickness')
  const rim = dimensionMm(part, 'rimDepth')
  const side = part.pattern?.rimSide
  const low = side === 'below' || side === 'both' ? rim : 0
  pen.pair(half, half - opening, low, low + board, 'timber')
  if (low > 0) pen.pair(dimensionMm(part, along ? 'lowerLength' : 'lowerWidth') / 2, dimensionMm(part, 'rimWidth'), 0, low, 'timber')
  if (side === 'above' || side === 'both') pen.pair(dimensionMm(part, along ? 'upperLength' : 'upperWidth') / 2, dimensionMm(part, 'rimWidth'), low + board, depth, 'timber')
}

function drawDivision(pen: Pen, part: PlacedPart, half: number, depth: number, rim: number): void {
  const low = dimensionMm(part, 'rimDepth')
  pen.pair(half, rim, 0, depth, 'timber')
  pen.block(-half, half, low, low + dimensionMm(part, 'boardThickness'), 'timber')
}

function drawFeeder(pen: Pen, part: PlacedPart, half: number, depth: number, rim: number): void {
  if (part.pattern?.feederForm === 'rapid') {
    pen.block(-half, half, 0, depth, 'plastic')
    pen.block(-half + 8, -30, 6, depth * 0.7, 'syrup')
    return pen.block(30, half - 8, 6, depth * 0.7, 'syrup')
  }
  const under = dimensionMm(part, 'lowerRecess')
  pen.pair(half, rim, 0, depth, 'timber')
  pen.block(-half + rim, half - rim, under, under + 10, 'timber')
  pen.block(-half + rim, -20, under + 10, depth * 0.75, 'syrup')
  pen.block(20, half - rim, under + 10, depth * 0.75, 'syrup')
}

function drawCrown(pen: Pen, part: PlacedPart, axis: Axis, half: number, depth: number, rim: number): void {
  const board = dimensionMm(part, 'boardThickness')
  const [low, high] = part.pattern?.rimSide === 'below' ? [depth - board, depth] : [0, board]
  const hole = dimensionMm(part, axis === 'along' ? 'holeLength' : 'holeWidth') / 2
  pen.pair(half, rim, 0, depth, 'timber')
  if (hole === 0 || part.part.hole === 'closed') return pen.block(-half, half, low, high, 'timber')
  pen.block(-half, -hole, low, high, 'timber')
  pen.block(hole, half, low, high, 'timber')
}

function drawAbsorber(pen: Pen, part: PlacedPart, half: number, depth: number, rim: number): void {
  pen.pair(half, rim, 0, depth, 'timber')
  pen.block(-half + rim, half - rim, 1, dimensionMm(part, 'fillDepth'), 'chips')
  pen.line(-half + rim, half - rim, 1, 'screen')
}

function drawRoof(pen: Pen, part: PlacedPart, half: number, rim: number): void {
  const risers = dimensionMm(part, 'lowerRecess')
  const deck = risers + dimensionMm(part, 'deckThickness')
  const gable = dimensionMm(part, 'gableHeight')
  const skirt = part.faces.skirtMm
  if (skirt > 0) pen.pair(half, rim, -skirt, deck, 'timber')
  if (risers > 0) pen.pair(half, rim, 0, risers, 'timber')
  pen.block(-half + (skirt > 0 ? rim : 0), half - (skirt > 0 ? rim : 0), risers, deck, 'timber')
  if (gable > 0) pen.outline([[-half - 12, deck], [half + 12, deck], [0, deck + gable]], 'timber')
  else pen.line(-half - 2, half + 2, deck + 2, 'metal')
}

/** What is no layer: entrance block, insert, brick. */
export function fittingShapes(fitting: AttachedPart, parts: readonly PlacedPart[], axis: Axis): Shape[] {
  const floor = parts.find(({ pattern }) => pattern?.kind === 'floor')
  const roof = [...parts].reverse().find(({ pattern }) => pattern?.kind === 'roof')
  if (fitting.attachment.place === 'entrance' && floor) {
    const rails = dimensionMm(floor, 'upperRecess')
    const pen = new Pen(floor.topMm - rails, rails, false)
    const half = halfOutsideMm(floor, axis)
    if (axis === 'along') pen.block(-half - 2, -half + 20, dimensionMm(fitting, 'openingHeight'), rails, 'bar')
    return pen.shapes
  }
  if (fitting.attachment.place.startsWith('floor-slot') && floor) {
    const pen = new Pen(floor.bottomMm, floor.faces.depthMm, false)
    const half = halfOutsideMm(floor, axis) - 25
    const low = fitting.attachment.place === 'floor-slot-lower' ? 8 : floor.faces.depthMm - dimensionMm(floor, 'upperRecess') - 10
    pen.block(-half, half, low, low + 4, 'plastic')
    return pen.shapes
  }
  if (fitting.attachment.place === 'roof-top' && roof) {
    const pen = new Pen(roof.topMm + 4, dimensionMm(fitting, 'depth'), false)
    const half = dimensionMm(fitting, axis === 'along' ? 'outsideLength' : 'outsideWidth') / 2
    pen.block(-half, half, 0, dimensionMm(fitting, 'depth'), 'masonry')
    return pen.shapes
  }
  return []
}
