import type { Figures } from '../figures'
import { once, type Keeps } from '../units'
import type { Catalogue, Dimensions, HangingPattern, Pattern } from './catalogue'
import type { Content, Part } from './model'

/** A frame or dummy with its pattern looked up; undefined where this catalogue lacks it. */
export interface HungContent {
  readonly content: Content
  readonly pattern: HangingPattern | undefined
}

/** A part with everything looked up that geometry needs; one with anything changed is resolved anew, never copied. */
export interface ResolvedPart extends Keeps {
  readonly part: Part
  readonly pattern: Pattern | undefined
  readonly dimensions: Dimensions
  readonly hung: readonly HungContent[]
  /** What its yard counts with. */
  readonly figures: Figures
  /** Shared by all parts that are cut and filled alike, whichever of them is asked. */
  readonly form: Keeps
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
  return { part, pattern, dimensions, hung, figures: catalogue.figures, kept: [], form: formOf(part, catalogue) }
}

/** How many forms are remembered: sizes that are tried one after the other are each a form of their own. */
const MOST_FORMS = 4000

const forms = new WeakMap<Catalogue, Map<string, Keeps>>()

/** The form of a part: parts of one pattern and the same sizes, with the same hung at the same places, share one. */
function formOf({ patternId, hole, spacing, measured, contents }: Part, catalogue: Catalogue): Keeps {
  let known = forms.get(catalogue)
  if (!known || known.size > MOST_FORMS) forms.set(catalogue, (known = new Map()))
  // As JSON, so that no identity of a pattern can be read as two of them.
  const hung = contents.map(({ patternId: id, place, half, atMm }) => [id, place, half, atMm])
  const key = JSON.stringify([patternId, hole, spacing, measured, hung])
  let form = known.get(key)
  if (!form) known.set(key, (form = { kept: [] }))
  return form
}

/** Asked of every part of a form as of one. */
export const onceAForm = <Answer extends object>(answerOf: (part: ResolvedPart) => Answer) =>
  once(answerOf, ({ form }) => form.kept)
