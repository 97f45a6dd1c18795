import { figuresWith, type OwnFigure } from '../../figures'
import { isOneOf } from '../../units'
import type { Override } from '../model'
import { missingSizes } from '../describe'
import { CATALOGUE } from './all'
import { HANGING_FIGURES, type HangingDimension } from './hanging-names'
import { areHangingSizes, areSizes, isSize } from './size-limits'
import type { Catalogue, DimensionName, Dimensions, HangingPattern, Pattern } from './pattern'

/** What a yard has of its own beside what ships. */
export interface OwnWare {
  readonly overrides: readonly Override[]
  readonly figures: readonly OwnFigure[]
  readonly patterns: readonly Pattern[]
  readonly hanging: readonly HangingPattern[]
}

const known = new WeakMap<
  OwnWare['overrides'],
  Pick<OwnWare, 'patterns' | 'hanging' | 'figures'> & { readonly catalogue: Catalogue }
>()

/** The catalogue as a yard has it: what ships, its own patterns, and the figures it has overwritten. */
export function catalogueOf(yard: OwnWare): Catalogue {
  const { overrides, patterns: own, hanging: hung, figures } = yard
  if ([overrides, own, hung, figures].every(({ length }) => length === 0)) return CATALOGUE
  const last = known.get(overrides)
  if (last?.patterns === own && last.hanging === hung && last.figures === figures) return last.catalogue
  const patterns = new Map([
    ...CATALOGUE.patterns,
    ...own.filter(isWhole).map((pattern) => [pattern.id, pattern] as const),
  ])
  const hanging = new Map([
    ...CATALOGUE.hanging,
    ...hung.filter(areHangingSizes).map((pattern) => [pattern.id, pattern] as const),
  ])
  for (const { key, length } of overrides) {
    const { patternId, name } = splitKey(key)
    if (!isSize(name, length)) continue
    const pattern = patterns.get(patternId)
    const frame = hanging.get(patternId)
    if (pattern && name in pattern.dimensions) patterns.set(patternId, withSizes(pattern, { [name]: length }))
    if (frame && isLength(frame, name)) hanging.set(patternId, { ...frame, [name]: length } satisfies HangingPattern)
  }
  const catalogue = { patterns, hanging, figures: figuresWith(figures) }
  known.set(overrides, { patterns: own, hanging: hung, figures, catalogue })
  return catalogue
}

/**
 * A pattern without the sizes of its kind, or with one that no part can have, is as good as unknown: nothing can be
 * told of it.
 */
function isWhole(pattern: Pattern): boolean {
  return missingSizes(pattern).length === 0 && areSizes(pattern.dimensions)
}

/** A pattern with some of its sizes as given. */
export function withSizes<P extends Pattern>(pattern: P, sizes: Dimensions): P {
  return { ...pattern, dimensions: { ...pattern.dimensions, ...sizes } }
}

/** The key under which a figure is overwritten. */
export function overrideKey(patternId: string, name: DimensionName | HangingDimension): string {
  return `${patternId}.${name}`
}

function splitKey(key: string): { patternId: string; name: string } {
  const dot = key.lastIndexOf('.')
  return { patternId: key.slice(0, dot), name: key.slice(dot + 1) }
}

function isLength(frame: HangingPattern, name: string): name is HangingDimension {
  return isOneOf(HANGING_FIGURES, name) && typeof frame[name]?.mm === 'number'
}
