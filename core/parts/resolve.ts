import type { Figures } from '../figures'
import type { Catalogue, Dimensions, HangingPattern, Pattern } from './catalogue'
import type { Content, Part } from './model'

/** A frame or dummy with its pattern looked up; undefined where this catalogue lacks it. */
export interface HungContent {
  readonly content: Content
  readonly pattern: HangingPattern | undefined
}

/** A part with everything looked up that geometry needs. */
export interface ResolvedPart {
  readonly part: Part
  readonly pattern: Pattern | undefined
  readonly dimensions: Dimensions
  readonly hung: readonly HungContent[]
  /** What its yard counts with. */
  readonly figures: Figures
}

const NO_DIMENSIONS: Dimensions = {}

const resolved = new WeakMap<Catalogue, WeakMap<Part, ResolvedPart>>()

/** Looks up a part's pattern and lays its own measures over it; remembered, since parts never change in place. */
export function resolvePart(part: Part, catalogue: Catalogue): ResolvedPart {
  let known = resolved.get(catalogue)
  if (!known) resolved.set(catalogue, (known = new WeakMap()))
  let found = known.get(part)
  if (!found) known.set(part, (found = lookUp(part, catalogue)))
  return found
}

function lookUp(part: Part, catalogue: Catalogue): ResolvedPart {
  const pattern = catalogue.patterns.get(part.patternId)
  const drawn = pattern?.dimensions ?? NO_DIMENSIONS
  const dimensions = part.measured ? { ...drawn, ...part.measured } : drawn
  const hung = part.contents.map((content) => ({ content, pattern: catalogue.hanging.get(content.patternId) }))
  return { part, pattern, dimensions, hung, figures: catalogue.figures }
}
