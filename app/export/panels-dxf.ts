import Drawing from 'dxf-writer'
import type { PanelOutline } from '#core/parts/making'
import { pieceWord } from '#core/words'

/** Room between two boards on the sheet, mm. */
const APART_MM = 40

/** Boards as DXF in millimetres: what is cut through on layer CUT, what is cut into it on MARK, names on TEXT. */
export function panelsDxf(outlines: readonly PanelOutline[]): string {
  const drawing = new Drawing()
  drawing.setUnits('Millimeters')
  drawing.addLayer('CUT', Drawing.ACI.RED, 'CONTINUOUS')
  drawing.addLayer('MARK', Drawing.ACI.BLUE, 'CONTINUOUS')
  drawing.addLayer('TEXT', Drawing.ACI.GREEN, 'CONTINUOUS')
  for (const { outline, up } of stacked(outlines)) {
    const at = ([x, y]: readonly [number, number]): [number, number] => [x, y + up]
    drawing.setActiveLayer('CUT')
    drawing.drawPolyline(outline.edge.map(at), true)
    drawing.setActiveLayer('MARK')
    for (const { line } of outline.marks) drawing.drawPolyline(line.map(at), false)
    drawing.setActiveLayer('TEXT')
    drawing.drawText(10, up + 10, 12, 0, pieceWord(outline.name))
  }
  return drawing.toDxfString()
}

/** The boards one above the other. */
export function stacked(
  outlines: readonly PanelOutline[],
): { outline: PanelOutline; up: number; heightMm: number; lengthMm: number }[] {
  let up = 0
  return outlines.map((outline) => {
    const heightMm = Math.max(...outline.edge.map(([, y]) => y))
    const lengthMm = Math.max(...outline.edge.map(([x]) => x))
    const placed = { outline, up, heightMm, lengthMm }
    up += heightMm + APART_MM
    return placed
  })
}
