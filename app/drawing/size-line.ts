import type { DimensionName, Axis } from '#core/parts'
import type { PlacedPart } from '#core/stack'

/** Where a size is taken: in which section, and from where to where, mm; upwards is negative, as it is drawn. */
export interface SizeLine {
  readonly axis: Axis
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

/** Sizes that lie flat, by the section that shows them. */
const FLAT: Partial<Record<DimensionName, Axis>> = {
  outsideLength: 'along',
  insideLength: 'along',
  restToRest: 'along',
  holeLength: 'along',
  upperLength: 'along',
  lowerLength: 'along',
  outsideWidth: 'across',
  insideWidth: 'across',
  holeWidth: 'across',
  openingWidth: 'across',
  upperWidth: 'across',
  lowerWidth: 'across',
}
/** Sizes that stand, by where they begin; upwards from below, or downwards from above. */
const STANDING: Partial<Record<DimensionName, 'up' | 'down' | 'up-from-lower-recess'>> = {
  depth: 'up',
  lowerRecess: 'up',
  skirtDepth: 'up',
  rimDepth: 'up',
  openingHeight: 'up',
  fillDepth: 'up',
  nesting: 'up',
  restDepth: 'down',
  upperRecess: 'down',
  deckThickness: 'down',
  gableHeight: 'down',
  boardThickness: 'up-from-lower-recess',
}
/** Beside the part, so that the figure lies over nothing. */
const BESIDE_MM = 16

/** Where a size of a part is measured; undefined for those that no section shows. */
export function sizeLineOf(part: PlacedPart, name: DimensionName, halfOutsideMm: number): SizeLine | undefined {
  const sizeMm = (one: DimensionName) => part.resolved.dimensions[one]?.mm ?? 0
  const mm = sizeMm(name)
  const axis = FLAT[name]
  if (axis) {
    const upMm = name === 'restToRest' ? part.topMm - sizeMm('restDepth') : middleOf(part)
    return { axis, x1: -mm / 2, x2: mm / 2, y1: -upMm, y2: -upMm }
  }
  const begins = STANDING[name]
  if (!begins) return undefined
  const lowest = Math.min(part.bottomMm, part.hangsToMm)
  const fromMm = begins === 'down' ? part.topMm - mm : begins === 'up' ? lowest : part.bottomMm + sizeMm('lowerRecess')
  const x = halfOutsideMm + BESIDE_MM
  return { axis: 'along', x1: x, x2: x, y1: -fromMm, y2: -(fromMm + mm) }
}

const middleOf = ({ topMm, hangsToMm }: PlacedPart) => (topMm + hangsToMm) / 2
