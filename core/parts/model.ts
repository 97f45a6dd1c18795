import type { Length } from '../units'
import type { DimensionName, SlackPlace } from './catalogue'

// A thing that is owned: its shell, what hangs in it, where its kind may be put.

export const ROLES = ['brood', 'food', 'super'] as const

/** What a box is for in its stack. */
export type Role = (typeof ROLES)[number]

export const ATTACHMENT_PLACES = ['entrance', 'floor-slot-upper', 'floor-slot-lower', 'roof-top', 'around'] as const

/** Where a fitting is held that is no layer. */
export type AttachmentPlace = (typeof ATTACHMENT_PLACES)[number]

export const EDGES = ['lower', 'upper'] as const

/** Where the opening of an entrance fitting lies. */
export type OpeningEdge = (typeof EDGES)[number]

export const ABSORBER_FEATURES = ['screen', 'vent-holes'] as const

/**
 * What an absorbing winter top needs beside its chips: a screen that carries them, holes above them that let the damp
 * out.
 */
export type AbsorberFeature = (typeof ABSORBER_FEATURES)[number]

export const CONDITIONS = ['good', 'worn', 'needs-repair'] as const

/** The state of a part or a frame. */
export type Condition = (typeof CONDITIONS)[number]

/** One time that a dimension was measured; all are kept, so that they can be compared. */
export interface Reading {
  readonly id: string
  readonly dimension: DimensionName
  readonly mm: number
  readonly plusMinusMm: number
  readonly inches?: string
  /** The same on the right or back side, where that is another one. */
  readonly otherMm?: number
  /** What it was read with. */
  readonly text: string
  readonly at: string
}

/** A size of the catalogue, overwritten for one yard. */
export interface Override {
  /** `patternId.dimension`. */
  readonly key: string
  readonly length: Length
}

export const COMB_STARTS = ['wax-foundation', 'plastic-foundation', 'starter-strip', 'foundationless', 'drawn'] as const

/** How far the comb of a frame is: what it starts on, or drawn. */
export type CombStart = (typeof COMB_STARTS)[number]

export const COMB_SUPPORTS = ['none', 'mid-bar', 'wires'] as const

/** What holds a comb in its frame. */
export type CombSupport = (typeof COMB_SUPPORTS)[number]

export const COMB_HOLDS = ['capped-honey', 'nectar', 'pollen', 'brood', 'empty'] as const

/** What a comb holds. */
export type CombHolds = (typeof COMB_HOLDS)[number]

export const PARTLY = ['corner', 'half'] as const

/** What is known of the comb in a frame; what is not said is absent. */
export interface FrameState {
  readonly comb?: CombStart
  readonly support?: CombSupport
  readonly holds?: CombHolds
  /** How much of the comb is sealed honey, where it is not all of it. */
  readonly stores?: (typeof PARTLY)[number]
}

/** Something that hangs in a box: a frame, a dummy board, a frame feeder or a division, with an identity of its own. */
export interface Content extends FrameState {
  readonly id: string
  readonly patternId: string
  /** Its place across the box, counted from the side where y is least; a number left out is a place left empty. */
  readonly place: number
  /** What this comb held before it came into its box, where it came from another. */
  readonly hasHeld?: readonly ('honey' | 'brood')[]
  /** Hangs the other way round, end for end. */
  readonly turned?: boolean
  /** Middle of it from the middle of the box, where the box is spaced by hand. */
  readonly atMm?: number
  /** Its half of a divided box; where it is left out, what hangs there is shared out evenly in its order. */
  readonly half?: Half
}

export const HALVES = ['near', 'far'] as const

/** A half of a divided box: near is the one where y is least. */
export type Half = (typeof HALVES)[number]

export const SPACING_SYSTEMS = ['touching', 'castellation', 'spacer', 'by-hand'] as const

type SpacingSystem = (typeof SPACING_SYSTEMS)[number]

/** How the frames of a box are kept apart, and where the room goes that is left. */
export interface Spacing {
  readonly system: SpacingSystem
  /** Slots of a castellation, or frames that a spacer sets. */
  readonly count?: number
  readonly slack: SlackPlace
  /** The wall that frames are pushed to; the one where y is least unless set. */
  readonly tightTo?: 'near' | 'far'
}

/** A part that is with others for a while: who has it, or whose it is. */
export interface Loan {
  /** The other yard, where it is one of this Duvet. */
  readonly yardId?: string
  /** Its name, or whoever else has it. */
  readonly name: string
  /** Days: `2026-05-01`. */
  readonly since: string
  readonly backBy?: string
}

/** A physical thing: its shell (a pattern, or own sizes over it), what hangs in it, what it has held. */
export interface Part {
  readonly id: string
  readonly patternId: string
  /** The keeper's own name for it; plain text. */
  readonly name?: string
  /** Sizes as measured, in place of the pattern's. */
  readonly measured?: Readonly<Partial<Record<DimensionName, Length>>>
  readonly contents: readonly Content[]
  /** How its frames are spaced; touching, tight to one side, where nothing is said. */
  readonly spacing?: Spacing
  readonly hasHeld: readonly ('honey' | 'brood')[]
  /** Every measurement taken, oldest first; the one in use is in `measured`. */
  readonly readings?: readonly Reading[]
  readonly condition?: Condition
  /** A crown's hole, where it has one. */
  readonly hole?: 'open' | 'closed'
  /** What an absorbing top has not got; none where nothing is said. */
  readonly lacks?: readonly AbsorberFeature[]
  /** It belongs here, and others have it. */
  readonly lent?: Loan
  /** It is here, and belongs to others. */
  readonly borrowed?: Loan
}
