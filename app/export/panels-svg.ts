import type { PanelOutline } from '#core/parts/making'
import { pieceWord } from '#core/words'
import { stacked } from './panels-dxf'

const EDGE_MM = 10

/** Boards as SVG at full size: a unit is a millimetre. */
export function panelsSvg(outlines: readonly PanelOutline[]): string {
  const placed = stacked(outlines)
  const width = Math.max(0, ...placed.map(({ lengthMm }) => lengthMm)) + 2 * EDGE_MM
  const height = Math.max(0, ...placed.map(({ up, heightMm }) => up + heightMm)) + 2 * EDGE_MM
  const path = (points: readonly (readonly [number, number])[], up: number, close: string) =>
    `M${points.map(([x, y]) => `${round(x + EDGE_MM)} ${round(height - EDGE_MM - up - y)}`).join('L')}${close}`
  const shapes = placed.flatMap(({ outline, up }) => [
    `<path class="cut" d="${path(outline.edge, up, 'Z')}" fill="none" stroke="#9e2a2f" stroke-width="0.5"/>`,
    ...outline.marks.map(
      ({ line }) =>
        `<path class="mark" d="${path(line, up, '')}" fill="none" stroke="#27408b" ` +
        'stroke-width="0.5" stroke-dasharray="4 2"/>',
    ),
    `<text x="${EDGE_MM + 10}" y="${round(height - EDGE_MM - up - 10)}" font-size="12" ` +
      `font-family="sans-serif">${pieceWord(outline.name)}</text>`,
  ])
  return (
    '<?xml version="1.0" encoding="UTF-8"?>\n<svg xmlns="http://www.w3.org/2000/svg" ' +
    `width="${round(width)}mm" height="${round(height)}mm" viewBox="0 0 ${round(width)} ` +
    `${round(height)}">\n${shapes.join('\n')}\n</svg>\n`
  )
}

function round(mm: number): number {
  return Math.round(mm * 1000) / 1000
}
