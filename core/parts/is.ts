import type { PartKind, Pattern, PatternOf } from './catalogue'

/** Anything that may be of a pattern. */
interface Patterned {
  readonly pattern: { readonly kind: PartKind } | undefined
}

/** A part, or whatever else has a pattern, of a kind. */
type Of<K extends PartKind, T> = T & { readonly pattern: PatternOf<K>; readonly dimensions: PatternOf<K>['dimensions'] }

function isOf<K extends PartKind>(kind: K) {
  return <T extends Patterned>(part: T): part is Of<K, T> => part.pattern?.kind === kind
}

/** What frames hang in. */
export const isBox = isOf('box')
export const isFloor = isOf('floor')
export const isRoof = isOf('roof')
export const isStand = isOf('stand')
/** The board over the bees. */
export const isCrown = isOf('crown')
/** Keeps the queen below. */
export const isExcluder = isOf('excluder')
/** Feeds from above; a trough among the frames is `isFrameFeeder`. */
export const isFeeder = isOf('feeder')
export const isAbsorber = isOf('absorber')
export const isSlab = isOf('slab')
export const isEke = isOf('eke')
/** Keeps two colonies apart. */
export const isDivision = isOf('division')
export const isEntranceFitting = isOf('entrance-fitting')
export const isFloorInsert = isOf('floor-insert')
export const isBallast = isOf('ballast')
/** What goes round the boxes against the cold. */
export const isWrap = isOf('wrap')
export const isAdapter = isOf('adapter')
/** What loose frames hang on in the shed. */
export const isRack = isOf('rack')

/** A box with something hanging in it, or its sections. */
export function isFilledBox<T extends Patterned & { readonly part: { readonly contents: readonly unknown[] } }>(
  part: T,
): part is Of<'box', T> {
  return isBox(part) && part.part.contents.length > 0
}

/** A rim with an opening of its own: an upper entrance. */
export function isVent({ pattern }: { readonly pattern: Pattern | undefined }): boolean {
  return isEke({ pattern }) && pattern?.dimensions.openingHeight !== undefined
}
