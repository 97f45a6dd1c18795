import { type HangingPattern, dimensionMm, framesOf, type ResolvedPart, combAreaDm2 } from '../../parts'

/**
 * Worker cells on a square decimetre of one side: 10 000 / (0.8660 w²), w the cell width in mm.
 * Area of a regular hexagon by its width across the flats, (√3/2) w².
 */
export function cellsPerDm2(cellWidthMm: number): number {
  return 10_000 / ((Math.sqrt(3) / 2) * cellWidthMm ** 2)
}

/** Cells of a frame, both sides. */
export function cellsOfFrame(frame: HangingPattern, cellWidthMm: number): number {
  return 2 * combAreaDm2(frame) * cellsPerDm2(cellWidthMm)
}

/** Inside volume of a box in litres: inside length × inside width × depth. Geometry. */
export function insideLitres(box: ResolvedPart): number {
  return (dimensionMm(box, 'insideLength') * dimensionMm(box, 'insideWidth') * dimensionMm(box, 'depth')) / 1e6
}

/** Room for brood: comb, cells, litres and frames. */
export interface Room {
  readonly frames: number
  /** Comb, one side, dm². */
  readonly combDm2: number
  readonly cells: number
  readonly litres: number
}

/** What some boxes give in all. */
export function roomOf(boxes: readonly ResolvedPart[], cellWidthMm: number): Room {
  const frames = framesOf(boxes.flatMap(({ hung }) => hung)).map(({ pattern }) => pattern)
  return {
    frames: frames.length,
    combDm2: frames.reduce((sum, frame) => sum + combAreaDm2(frame), 0),
    cells: frames.reduce((sum, frame) => sum + cellsOfFrame(frame, cellWidthMm), 0),
    litres: boxes.reduce((sum, box) => sum + insideLitres(box), 0),
  }
}
