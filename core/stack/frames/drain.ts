import { dimensionMm, hangAcross, isFrame, type ResolvedPart } from '../../parts'

/** What a box of frames that drain in place needs to run dry; lengths in mm. */
export interface DrainPlan {
  readonly frames: number
  readonly fits: number
  /** Room that they leave, to be shared between both walls and taken up. */
  readonly playMm: number
  readonly eachSideMm: number
  /** How much the back of the floor is lowered for them to empty, over the length of the box. */
  readonly backDownMm: number
  readonly tiltDeg: number
}

/**
 * How many drain frames fit a box, the play to take up, and how far back it is tilted to empty them. Geometry; the tilt
 * from memory, the maker of the frames says what theirs need.
 */
export function drainPlan(box: ResolvedPart, spacingMm: number): DrainPlan {
  const widthMm = dimensionMm(box, 'insideWidth')
  const fits = Math.floor((widthMm + 1e-9) / spacingMm)
  const frames = hangAcross(box).places.filter(isFrame).length
  const tiltDeg = box.figures.drainTiltDeg
  const playMm = widthMm - Math.min(frames, fits) * spacingMm
  return {
    frames,
    fits,
    playMm,
    eachSideMm: playMm / 2,
    backDownMm: dimensionMm(box, 'outsideLength') * Math.tan((tiltDeg * Math.PI) / 180),
    tiltDeg,
  }
}
