import type { DimensionName } from './catalogue'
import type { Length } from '../units'
import type { ResolvedPart } from './resolve'

/** A size that a part of its kind and form has. @throws RangeError where it has none */
export function dimension(
  { dimensions, part }: Pick<ResolvedPart, 'dimensions' | 'part'>,
  name: DimensionName,
): Length {
  const found = dimensions[name]
  if (!found) throw new RangeError(`${part.patternId} has no size ${name}`)
  return found
}

/** The same, in mm. @throws RangeError where it has none */
export function dimensionMm(part: Pick<ResolvedPart, 'dimensions' | 'part'>, name: DimensionName): number {
  return dimension(part, name).mm
}
