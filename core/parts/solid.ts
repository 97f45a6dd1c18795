import type { Level } from './level'
import { insetRect, type Rect } from './rect'

/** What a body is of, as it is told apart in heat, mass and drawing. */
export type SolidMaterial =
  | 'timber'
  | 'plywood'
  | 'polystyrene'
  | 'foam'
  | 'masonry'
  | 'metal'
  | 'plastic'
  | 'chips'
  | 'syrup'
  | 'bar'
  | 'brood'
  | 'honey'
  | 'comb'
  | 'mesh'
  | 'screen'
  | 'sheet'
  | 'rods'
  | 'cladding'
  | 'unknown'

/** A rectangular body of a part, as it is drawn: not turned over, about the middle of the hive. */
export interface Solid {
  readonly rect: Rect
  readonly from: Level
  readonly to: Level
  readonly material: SolidMaterial
  /** Bodies of one name are one piece: drawn as one. */
  readonly piece: string
  /** Part of an edge that other parts stand on. */
  readonly bears: boolean
  /** How much of it is what it is of: a built-up end is a board and rails. */
  readonly share: number
  /** Narrows upwards to a ridge across the frames. */
  readonly ridged?: true
  /** Stands out beyond the part: a landing board, the eaves of a roof. */
  readonly projects?: true
  /** Takes what bees make or what is filled in; not ware. */
  readonly filling?: true
}

/** A body; undefined sizes of nothing make none. */
export function solid(
  rect: Rect,
  from: Level,
  to: Level,
  material: SolidMaterial,
  piece: string,
  more: Partial<Pick<Solid, 'bears' | 'share' | 'ridged' | 'projects' | 'filling'>> = {},
): Solid[] {
  if (rect.x1 - rect.x0 <= 0 || rect.y1 - rect.y0 <= 0 || to.mm - from.mm <= 0) return []
  return [{ rect, from, to, material, piece, bears: true, share: 1, ...more }]
}

/** Four rails round a rectangle, the long ones whole; without the front one where bees come in. */
export function rails(
  outside: Rect,
  widthMm: number,
  from: Level,
  to: Level,
  material: SolidMaterial,
  piece: string,
  openFront = false,
): Solid[] {
  const { x0, x1, y0, y1 } = insetRect(outside, widthMm)
  const solids = [
    ...solid({ x0: outside.x0, x1: outside.x1, y0: outside.y0, y1: y0 }, from, to, material, `${piece}-left`),
    ...solid({ x0: outside.x0, x1: outside.x1, y0: y1, y1: outside.y1 }, from, to, material, `${piece}-right`),
    ...solid({ x0: x1, x1: outside.x1, y0, y1 }, from, to, material, `${piece}-back`),
  ]
  if (!openFront) solids.push(...solid({ x0: outside.x0, x1: x0, y0, y1 }, from, to, material, `${piece}-front`))
  return solids
}

/** Two rails along the sides, with nothing at the ends. */
export function battens(outside: Rect, free: Rect, from: Level, to: Level): Solid[] {
  return [
    ...solid({ ...outside, y1: free.y0 }, from, to, 'timber', 'batten-left'),
    ...solid({ ...outside, y0: free.y1 }, from, to, 'timber', 'batten-right'),
  ]
}

/** A plate with a rectangle left open in it, as four boards that are one piece. */
export function plateAround(
  outside: Rect,
  opening: Rect | undefined,
  from: Level,
  to: Level,
  material: SolidMaterial,
  piece: string,
): Solid[] {
  if (!opening) return solid(outside, from, to, material, piece)
  return aroundOf(outside, opening).flatMap((rect) => solid(rect, from, to, material, piece))
}

/** What a rectangle shows round an opening in it, as strips. */
export function aroundOf(whole: Rect, opening: Rect): Rect[] {
  return [
    { ...whole, x1: opening.x0 },
    { ...whole, x0: opening.x1 },
    { ...opening, y0: whole.y0, y1: opening.y0 },
    { ...opening, y0: opening.y1, y1: whole.y1 },
  ].filter(({ x0, x1, y0, y1 }) => x1 > x0 && y1 > y0)
}

/** Volume that a body takes, mm³. Geometry. */
export function volumeMm3({ rect, from, to, ridged }: Solid): number {
  return ((rect.x1 - rect.x0) * (rect.y1 - rect.y0) * (to.mm - from.mm)) / (ridged ? 2 : 1)
}

/** Volume of what a body is of, mm³: less than it takes where it is built up. */
export function materialMm3(body: Solid): number {
  return volumeMm3(body) * body.share
}
