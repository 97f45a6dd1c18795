import type { Label } from './label'
import type { Figures } from '../../figures'
import type { NeededSize } from '../needs'
import type { Length, Source } from '../../units'
import type { Format } from './formats'

export const PART_KINDS = [
  'stand',
  'floor',
  'box',
  'excluder',
  'adapter',
  'division',
  'eke',
  'absorber',
  'feeder',
  'crown',
  'slab',
  'roof',
  'entrance-fitting',
  'floor-insert',
  'ballast',
  'wrap',
  'rack',
] as const
/** What sort of part a pattern is. */
export type PartKind = (typeof PART_KINDS)[number]

/** Dimensions by their trade names; every one is a length. */
export const DIMENSION_NAMES = [
  'outsideLength',
  'outsideWidth',
  'insideLength',
  'insideWidth',
  'depth',
  'restToRest',
  'restDepth',
  'upperRecess',
  'lowerRecess',
  'rimDepth',
  'rimWidth',
  'boardThickness',
  'skirtDepth',
  'deckThickness',
  'gableHeight',
  'holeLength',
  'holeWidth',
  'openingWidth',
  'openingHeight',
  'fillDepth',
  'nesting',
  'divisionThickness',
  'upperLength',
  'upperWidth',
  'lowerLength',
  'lowerWidth',
] as const
/** The name of a size of a part. */
export type DimensionName = (typeof DIMENSION_NAMES)[number]
/** Sizes of a part of any kind; those that its kind needs are there in `SizesOf`. */
export type Dimensions = Readonly<Partial<Record<DimensionName, Length>>>

/** Sizes of a part of one kind. */
type SizesOf<K extends PartKind> = Dimensions & Readonly<Record<NeededSize<K>, Length>>

export const BOX_SIZES = ['deep', 'medium', 'shallow', 'large'] as const
/**
 * A depth by its place among those of its format: a National brood box is its deep, its super the shallow, the 14×12
 * the large.
 */
export type BoxSize = (typeof BOX_SIZES)[number]

export const BEE_SPACES = ['top', 'bottom'] as const
/** The end of a box at which its bee space is. */
export type BeeSpace = (typeof BEE_SPACES)[number]

export const USES = [
  'solid',
  'mesh',
  'insert',
  'reversible',
  'food',
  'vent',
  'cover',
  'travel',
  'narrow',
  'guard',
  'robbing',
  'shut',
  'low',
  'battens',
] as const
/** What a part is for among those of its kind. */
export type Use = (typeof USES)[number]

export const SLACK_PLACES = ['one-side', 'both-sides', 'beside-dummy', 'spread'] as const
/** Where the room goes that frames leave across a box. */
export type SlackPlace = (typeof SLACK_PLACES)[number]

/** A mass with its range and source, kg. */
export interface Mass {
  readonly kg: number
  readonly plusMinusKg: number
  readonly source: Source
}

/** What a box normally hangs: how many of which frame, and what fills the rest. */
export interface NormalContents {
  readonly framePatternId: string
  readonly count: number
  readonly dummyPatternId?: string
  /** Where the room goes that they leave; at one side unless set. */
  readonly slack?: SlackPlace
}

/** A part of one kind as made: sizes with their sources, and what tells its faces apart. */
export interface PatternOf<K extends PartKind> {
  readonly id: string
  readonly kind: K
  readonly label: Label
  readonly format: Format | 'any'
  readonly material: 'wood' | 'metal' | 'polystyrene' | 'foam' | 'masonry' | 'plastic'
  readonly dimensions: SizesOf<K>
  readonly mass?: Mass
  /** Thermal resistance of a panel as its maker gives it, m²K/W: it counts before thickness and material. */
  readonly rValue?: number
  /** What a stand may carry, kg. */
  readonly ratingKg?: number
  /** What a bee meets on the face: by kind unless set. */
  readonly surface?: 'solid' | 'mesh' | 'sheet' | 'rods'
  /** The side with the rim, as the part is drawn. */
  readonly rimSide?: 'above' | 'below' | 'both' | 'none'
  /** May be used either way up. */
  readonly reversible?: boolean
  readonly normalContents?: NormalContents | undefined
  /** The depth of a usual box of its format. */
  readonly size?: BoxSize
  /** Where a box of a format that is made both ways has its bee space. */
  readonly space?: BeeSpace
  readonly use?: Use
  /** The same box with its bee space at the other end. */
  readonly twinId?: string
  readonly roofForm?: 'telescoping' | 'flush' | 'gabled'
  readonly feederForm?: 'tray' | 'rapid'
  readonly slots?: 'upper' | 'upper-and-lower'
  readonly usualRole?: 'brood' | 'super'
  /** Two colonies side by side, with a fixed division between. */
  readonly halves?: boolean
  /** Holds comb that must stay clean of brood: cut comb, sections, drain frames. */
  readonly cleanComb?: boolean
  /** Sections on boards in place of frames; the recesses are the pattern's own. */
  readonly sections?: boolean
  /** A pattern of the keeper's own. */
  readonly own?: boolean
}

/** A part as made, of any kind. */
export type Pattern = { readonly [K in PartKind]: PatternOf<K> }[PartKind]

export const HANGING_KINDS = ['frame', 'dummy', 'feeder', 'division'] as const
/** What hangs in a box: frame, dummy, feeder, division. */
export type HangingKind = (typeof HANGING_KINDS)[number]

export const SPACED_BY = ['shoulders', 'ends', 'wide-bars', 'nothing'] as const
/**
 * What keeps a frame from its neighbour: shoulders of the end bars, ends pushed on the lugs, end bars wide to the
 * bottom, or nothing of its own.
 */
export type SpacedBy = (typeof SPACED_BY)[number]

/** What hangs in a box, as made: a frame, a dummy board, a frame feeder, a division. */
export interface HangingPattern {
  readonly id: string
  readonly kind: HangingKind
  readonly label: Label
  readonly topBarLength: Length
  readonly topBarWidth: Length
  readonly topBarThickness: Length
  readonly lugThickness: Length
  readonly lengthOverEndBars: Length
  readonly endBarThickness: Length
  readonly bottomBarThickness: Length
  readonly height: Length
  /** Width it takes across the box: between the middles of two alike that touch. */
  readonly spacing: Length
  readonly mass: Mass
  /** Shoulders unless set. */
  readonly spacedBy?: SpacedBy
  /** Board of a dummy or division, or wall to wall of a feeder, where it is less than what it takes across the box. */
  readonly thickness?: Length
  /** What a frame feeder holds. */
  readonly litres?: number
  readonly cleanComb?: boolean
  readonly own?: boolean
}

/** All patterns that there are for a yard: those shipped, and its own. */
export interface Catalogue {
  /** What is counted with: gaps, thicknesses, densities. */
  readonly figures: Figures
  readonly patterns: ReadonlyMap<string, Pattern>
  readonly hanging: ReadonlyMap<string, HangingPattern>
}
