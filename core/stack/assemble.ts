import type { Figures } from '../figures'
import { type Catalogue, resolvePart, type ResolvedPart, type Part } from '../parts'
import type { Attachment, Hive, Placement, Yard } from '../yard'

/** A part where it stands in a stack. */
export interface StackedPart extends ResolvedPart {
  /** The part without its place, for what does not depend on it. */
  readonly resolved: ResolvedPart
  readonly placement: Placement
}

/** A fitting where it is held. */
export interface AttachedPart extends ResolvedPart {
  readonly attachment: Attachment
}

/** A hive with its parts and patterns in hand. */
export interface AssembledHive {
  readonly hive: Hive
  readonly stack: readonly StackedPart[]
  readonly attached: readonly AttachedPart[]
  /** What its yard counts with. */
  readonly figures: Figures
}

/** Parts by their identity. */
export type PartLookup = Pick<ReadonlyMap<string, Part>, 'get'>

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
    figures: catalogue.figures,
    stack: hive.stack.map((placement) => {
      const resolved = resolve(placement.partId)
      return {
        part: resolved.part,
        pattern: resolved.pattern,
        dimensions: resolved.dimensions,
        figures: resolved.figures,
        hung: resolved.hung,
        kept: resolved.kept,
        form: resolved.form,
        resolved,
        placement,
      }
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
