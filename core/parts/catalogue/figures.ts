import { entriesOf, type Length, type Source } from '../../units'
import { HANGING_FIGURES, type HangingDimension } from './hanging-names'
import type { Part } from '../model'
import { overrideKey } from './of-yard'
import type { Catalogue, DimensionName } from './pattern'
import type { Label } from './label'

/** One length of the catalogue with where it comes from. */
export interface CatalogueFigure {
  readonly key: string
  readonly patternId: string
  readonly label: Label
  readonly format: string
  readonly dimension: DimensionName | HangingDimension
  readonly length: Length
}

/** Every length of a catalogue, pattern by pattern. */
export function figuresOf({ patterns, hanging }: Catalogue): CatalogueFigure[] {
  const ofPatterns = [...patterns.values()].flatMap(({ id, label, format, dimensions }) =>
    entriesOf<DimensionName, Length>(dimensions).map(([dimension, length]) => ({
      key: overrideKey(id, dimension),
      patternId: id,
      label,
      format,
      dimension,
      length,
    })),
  )
  const ofHanging = [...hanging.values()].flatMap((pattern) =>
    HANGING_FIGURES.flatMap((dimension) => {
      const length = pattern[dimension]
      return length
        ? [
            {
              key: overrideKey(pattern.id, dimension),
              patternId: pattern.id,
              label: pattern.label,
              format: 'any',
              dimension,
              length,
            },
          ]
        : []
    }),
  )
  return [...ofPatterns, ...ofHanging]
}

/** How often each mark stands in a list. */
export function countMarks(
  figures: readonly { readonly length: { readonly source: Source } }[],
): Record<Source['mark'], number> {
  const counts: Record<Source['mark'], number> = { P: 0, C: 0, M: 0, measured: 0, own: 0 }
  for (const { length } of figures) counts[length.source.mark]++
  return counts
}

/** How many parts are of each pattern, or hold something of it, by the pattern's identity. */
export function patternsUsedIn({ parts }: { readonly parts: readonly Part[] }): ReadonlyMap<string, number> {
  const counts = new Map<string, number>()
  for (const { patternId, contents } of parts)
    for (const id of new Set([patternId, ...contents.map((one) => one.patternId)]))
      counts.set(id, (counts.get(id) ?? 0) + 1)
  return counts
}
