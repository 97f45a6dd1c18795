import type { Catalogue, DimensionName, Dimensions, HangingPattern, Pattern } from '../catalogue'
import type { Attachment, Content, Hive, Part, Placement, Yard } from '../hive'
import type { Length } from '../units'

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
}

export interface StackedPart extends ResolvedPart {
  /** The part without its place, for what does not depend on it. */
  readonly resolved: ResolvedPart
  readonly placement: Placement
}

export interface AttachedPart extends ResolvedPart {
  readonly attachment: Attachment
}

/** A hive with its parts and patterns in hand. */
export interface AssembledHive {
  readonly hive: Hive
  readonly stack: readonly StackedPart[]
  readonly attached: readonly AttachedPart[]
}

/** Parts by their identity. */
export type PartLookup = Pick<ReadonlyMap<string, Part>, 'get'>

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
  return { part, pattern, dimensions, hung }
}

/**
 * Looks up everything that stands in a hive.
 * @throws RangeError when a placement names a part that the yard does not have
 */
export function assembleHive(hive: Hive, parts: PartLookup, catalogue: Catalogue): AssembledHive {
  const resolve = (partId: string) => {
    const part = parts.get(partId)
    if (!part) throw new RangeError(`hive ${hive.id} names part ${partId}, which the yard does not have`)
    return resolvePart(part, catalogue)
  }
  return {
    hive,
    stack: hive.stack.map((placement) => {
      const resolved = resolve(placement.partId)
      return { part: resolved.part, pattern: resolved.pattern, dimensions: resolved.dimensions, hung: resolved.hung, resolved, placement }
    }),
    attached: hive.attachments.map((attachment) => ({ ...resolve(attachment.partId), attachment })),
  }
}

/** The parts of a yard by identity, for `assembleHive`. */
export function partsById({ parts }: Pick<Yard, 'parts'>): ReadonlyMap<string, Part> {
  const found = known.get(parts) ?? new Map(parts.map((part) => [part.id, part]))
  known.set(parts, found)
  return found
}

/** A yard's list of parts never changes: a changed yard has another list. */
const known = new WeakMap<Yard['parts'], ReadonlyMap<string, Part>>()

/** A dimension in mm, or a stand-in where neither pattern nor ruler gives one. */
export function dimensionMm(part: ResolvedPart, name: DimensionName, standInMm = 0): number {
  return part.dimensions[name]?.mm ?? standInMm
}

/** A dimension with its ±, zero where there is none. */
export function dimension(part: ResolvedPart, name: DimensionName): Length {
  return part.dimensions[name] ?? NOTHING
}

const NOTHING: Length = { mm: 0, plusMinusMm: 0, source: { mark: 'C', text: 'not part of this pattern' } }
