import { isOneOf } from '#core/units'
import type { SolidMaterial } from '#core/parts'

const LINES = ['mesh', 'screen', 'sheet', 'rods', 'cladding'] as const satisfies readonly SolidMaterial[]
/** Of what a body is so thin that it is drawn as a line. */
export type LineLook = (typeof LINES)[number]
/** Of what a body is drawn as an area. */
export type Material = Exclude<SolidMaterial, LineLook>

/** A thing to draw, in mm: x to the right, y downwards from the ground line (heights are negative). */
export type Shape =
  | { readonly type: 'area'; readonly path: string; readonly material: Material }
  | { readonly type: 'line'; readonly x1: number; readonly x2: number; readonly y: number; readonly look: LineLook }

/** True for what is drawn as a line. */
export function isLine(material: SolidMaterial): material is LineLook {
  return isOneOf(LINES, material)
}
