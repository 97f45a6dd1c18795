import type { Layout } from '#core/stack'
import type { Drawing, DrawnMark } from '#wire/drawing-schema'
import { INK, MATERIALS } from './palette'
import { halfOutsideMm, reachLeftMm, stackShapes } from './section'
import type { Shape } from './shape'

/** Lines that are thicker or darker on the screen are one ink on paper. */
const LINE_MM = 4
const BESIDE_MM = 12

/** A hive from the ground up as it is printed: what is too small to be seen on a card is left out. */
export function printedHive(layout: Layout): Drawing {
  const { parts, heightMm } = layout
  const half = Math.max(150, ...parts.map((part) => Math.max(halfOutsideMm(part, 'along'), reachLeftMm(part, 'along'))))
  const x = -half - BESIDE_MM
  const width = 2 * (half + BESIDE_MM)
  const top = Math.max(heightMm, ...parts.map(({ topMm }) => topMm)) + BESIDE_MM
  const ground: DrawnMark = {
    path: `M${round(x)} 0L${round(x + width)} 0`,
    fill: 'none',
    line: INK,
    width: 6,
    dash: '',
  }
  return {
    x: round(x),
    y: round(-top),
    width: round(width),
    height: round(top + BESIDE_MM),
    marks: [...stackShapes(layout, 'along').map(markOf), ground],
    words: [],
  }
}

function markOf(shape: Shape): DrawnMark {
  if (shape.type === 'line')
    return {
      path: `M${shape.x1} ${shape.y}L${shape.x2} ${shape.y}`,
      fill: 'none',
      line: INK,
      width: LINE_MM,
      dash: '14 5',
    }
  const { fill, edge } = MATERIALS[shape.material]
  return { path: shape.path, fill, line: edge, width: 2, dash: '' }
}

const round = (mm: number) => Math.round(mm * 10) / 10
