import type { HangingPattern } from '#core/catalogue'
import { dimensionMm, type PlacedPart } from '#core/geometry'
import { Pen, type Shape } from './pen'
import { drawFrameAlong } from './section'

/** One frame of any kind hung in a box, whether it fits or not. */
export function frameShapes(frame: HangingPattern, box: PlacedPart): Shape[] {
  const pen = new Pen(box.bottomMm, box.faces.depthMm, false)
  drawFrameAlong(pen, frame, box.faces.depthMm - dimensionMm(box, 'restDepth'), 'honey', false)
  return pen.shapes
}
