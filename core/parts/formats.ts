import { HIVE_FORMATS, type Pattern } from './catalogue'
import { isAdapter, isBox } from './is'

interface OfPattern {
  readonly pattern: Pattern | undefined
}

/**
 * What a hive is built of: the formats of its boxes from the ground up, then those of its other parts; parts that go
 * with any are left out.
 */
export function formatsOf(stack: readonly OfPattern[]): Pattern['format'][] {
  const [ofBoxes, ofOthers] = [new Set<Pattern['format']>(), new Set<Pattern['format']>()]
  for (const part of stack)
    if (part.pattern && part.pattern.format !== 'any') (isBox(part) ? ofBoxes : ofOthers).add(part.pattern.format)
  return [...new Set([...ofBoxes, ...ofOthers])]
}

/**
 * Whether a part goes on a stack of a format at all: of that format, of none, the keeper's own, or a board that joins
 * that format to another. Geometry.
 */
export function goesWith(pattern: Pattern, format: Pattern['format']): boolean {
  if (pattern.own || pattern.format === format) return true
  if (pattern.format !== 'any') return false
  const part = { pattern }
  if (format === 'any' || !isAdapter(part)) return true
  const { outsideLength, outsideWidth } = HIVE_FORMATS[format]
  const { upperLength, upperWidth, lowerLength, lowerWidth } = part.pattern.dimensions
  return (
    (upperLength.mm === outsideLength.mm && upperWidth.mm === outsideWidth.mm) ||
    (lowerLength.mm === outsideLength.mm && lowerWidth.mm === outsideWidth.mm)
  )
}
