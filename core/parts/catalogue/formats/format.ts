import type { Length } from '../../../units'
import type { BoxSize, Pattern } from '../pattern'
import type { Format } from '.'

/** The plan of a format's boxes: outside, inside, and the length free for the top bar. */
export interface Footprint {
  readonly outsideLength: Length
  readonly outsideWidth: Length
  readonly insideLength: Length
  readonly insideWidth: Length
  readonly restToRest: Length
  readonly material: 'wood' | 'polystyrene'
  readonly frames: number
  readonly name: string
  readonly short: string
  /** How far interlocking edges reach into each other. */
  readonly nesting?: Length
}

/** A first hive, as a newcomer buys it: pattern and role, from the ground up (common practice). */
export type StartStack = readonly (readonly [patternId: string, role?: 'brood'])[]

/** A usual way of giving a colony room for its brood: its name, and the sizes of its boxes. */
type BroodRoom = readonly [name: string, sizes: readonly BoxSize[]]

/** One format of hive: all that is asked of it. */
export interface HiveFormat extends Footprint {
  /** Bee space lies below the frames, or above them: rims are drawn on that side too. */
  readonly space: 'below' | 'above'
  /** Every box of it that ships, for a boxful of one colony's frames. */
  readonly boxes: readonly Pattern[]
  /** Boxes that hold something else: two colonies, drained combs, sections. */
  readonly specialBoxes: readonly Pattern[]
  /** The word that its parts go without where no other format is in sight. */
  readonly leftOut: string | null
  /** The same make eight frames wide. */
  readonly narrower: Format | null
  /** The format of its nuclei. */
  readonly nucleus: Format | null
  /** The format whose supers go on its brood boxes, where it has none of its own. */
  readonly supersOf: Format | null
  /** Formats that an adapter board joins it to, with this one on top. */
  readonly adaptedTo: readonly Format[]
  /** A board between two colonies is made for it. */
  readonly hasDivisionBoard: boolean
  readonly broodRooms: readonly BroodRoom[]
  readonly start: StartStack | null
}
