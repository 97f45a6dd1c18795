import type { DimensionName, PartKind, PatternOf } from './catalogue'
import type { AttachmentPlace, Role } from './model'
import type { PartShape } from './shape'
import type { ResolvedPart } from './resolve'

/** A part of a kind, with the sizes that its kind needs. */
export type PartOf<K extends PartKind> = Omit<ResolvedPart, 'pattern' | 'dimensions'> & {
  readonly pattern: PatternOf<K>
  readonly dimensions: PatternOf<K>['dimensions']
}

/** One layer of a stack, as a part looks for its place in it. */
export interface StackLayer {
  readonly kind: PartKind | undefined
  readonly role: Role | undefined
}

export const TRAY_GROUPS = ['boxes', 'stand-and-floor', 'between', 'on-top', 'fittings'] as const
/** Where a keeper looks for a part. */
export type KindGroup = (typeof TRAY_GROUPS)[number]

/**
 * one: it works one way up only; either: both ways are right, and one may be better; any: it is the same either way.
 */
export type WayUp = 'one' | 'either' | 'any'

/** All that the house knows of a kind of part. */
export interface Kind<K extends PartKind> {
  /** Sizes that such a part always has. */
  readonly sizes: readonly DimensionName[]
  /** Sizes that it has in the form it is made in. */
  readonly sizesInForm?: (pattern: PatternOf<K>) => readonly DimensionName[]
  /** Its bodies and faces as drawn; nothing for what is no layer. */
  readonly shape: (part: PartOf<K>) => PartShape
  readonly wayUp: (pattern: PatternOf<K>) => WayUp
  /** Where it usually goes in a stack, bottom first, as what it is mostly used for; common practice. */
  readonly usualPlace: (stack: readonly StackLayer[], role?: Role) => number
  /** Where it goes when it is no layer. */
  readonly attachedAt?: AttachmentPlace
  /** Where a keeper looks for it; nowhere where it never stands on a hive. */
  readonly tray: KindGroup | null
}
