import { isBox, isEke, isVent } from '../../parts'
import type { PlacedPart } from '../../stack'

/** True for a rim or a box with nothing in it: room that bees fill with comb in a flow. */
export function isHeadspace(layer: Pick<PlacedPart, 'pattern' | 'part'>): boolean {
  if (isBox(layer)) return layer.part.contents.length === 0 && !layer.pattern.sections
  return isEke(layer) && !isVent(layer)
}
