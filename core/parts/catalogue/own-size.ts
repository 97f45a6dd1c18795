import { entriesOf, type Length } from '../../units'
import { findAll } from './find'
import type { Catalogue, DimensionName, Pattern } from './pattern'

/**
 * The other pattern of the same kind and format that has a size just as it was read where this one has another: a
 * deep's depth read on what is written down as a medium. Common practice.
 * @param mm what was read, `plusMinusMm` how finely
 */
export function otherWithSize(
  catalogue: Catalogue,
  pattern: Pattern,
  name: DimensionName,
  mm: number,
  plusMinusMm: number,
): Pattern | undefined {
  const hasIt = ({ dimensions }: Pattern) =>
    entriesOf<DimensionName, Length>(dimensions).some(
      ([one, length]) => one === name && Math.abs(length.mm - mm) <= plusMinusMm + 1e-9,
    )
  if (hasIt(pattern)) return undefined
  return findAll(catalogue, { kind: pattern.kind, format: pattern.format }).find(hasIt)
}
