import type { Attachment, Placement } from './yard'
import type { Stage } from '../stages'
import type { Part, BoxSize } from '../../parts'

export const CLIMATES = ['cool-maritime', 'cold-continental', 'warm-temperate', 'tropical-highland'] as const
/** A climate by which stages and winters are reckoned. */
export type Climate = (typeof CLIMATES)[number]

/** A flow, from its first day to the day after its last, `MM-DD`. */
interface FlowDates {
  readonly start: string
  readonly end: string
}

/** A yard's year: days as `MM-DD`, which are those of its own hemisphere. */
export interface Calendar {
  readonly climate: Climate
  readonly firstPollen: string
  readonly flowStart: string
  readonly flowEnd: string
  readonly secondFlow?: FlowDates
  /** Null where there is no frost, and so no winter. */
  readonly firstFrost: string | null
  readonly lastFrost: string | null
  /** Beginnings of stages that the keeper has moved. */
  readonly moved?: Readonly<Partial<Record<Stage, string>>>
}

/** Whether a year is of the southern hemisphere: its first frost comes in the first half (common practice). */
export function isSouthern({ firstFrost, lastFrost }: Pick<Calendar, 'firstFrost' | 'lastFrost'>): boolean {
  const month = Number((firstFrost ?? lastFrost ?? '10').slice(0, 2))
  return month >= 2 && month <= 7
}

export const BROOD_FORMS = [
  'as-it-stands',
  'single',
  'single-large',
  'with-food',
  'brood-and-half',
  'double',
  'mediums',
] as const
/** Which boxes the colony lives in. */
export type BroodForm = (typeof BROOD_FORMS)[number]

export const EXCLUDER_PLACES = ['none', 'above-brood', 'above-food'] as const
export const SUPER_STARTS = ['foundation', 'alternating', 'foundationless'] as const
export const FLOOR_WAYS = ['as-it-stands', 'solid', 'mesh', 'mesh-and-insert'] as const
export const WINTER_TOPS = ['condensing', 'absorbing', 'vented', 'bare'] as const
type WinterTop = (typeof WINTER_TOPS)[number]
export const WINTER_SIZES = ['one', 'all'] as const
export const WRAPS = ['none', 'wrap'] as const
export const WINTER_DOORS = ['guard', 'narrow', 'open'] as const
export const CROP_WAYS = ['one', 'spring-and-summer'] as const
export const MOST_SUPERS = 8

/** How a keeper keeps bees: every choice named. */
export interface Way {
  readonly broodForm: BroodForm
  readonly excluder: (typeof EXCLUDER_PLACES)[number]
  /** Supers at the height of the flow. */
  readonly supers: number
  readonly superSize: BoxSize
  /** Frames in a super of drawn comb, fewer than it is made for: 0, 1 or 2. */
  readonly framesLess: 0 | 1 | 2
  /** What a new super starts on. */
  readonly superStart: (typeof SUPER_STARTS)[number]
  readonly floor: (typeof FLOOR_WAYS)[number]
  readonly winterTop: WinterTop
  readonly winterSize: (typeof WINTER_SIZES)[number]
  /** What goes round the boxes in the cold. */
  readonly wrap: (typeof WRAPS)[number]
  /** What the entrance has in the cold. */
  readonly winterDoor: (typeof WINTER_DOORS)[number]
  /** Which slab, wrap or crown as made, by its pattern; the usual one where nothing is said. */
  readonly winterParts?: Readonly<Partial<Record<'slab' | 'wrap' | 'crown', string>>>
  readonly crops: (typeof CROP_WAYS)[number]
  /** A feeder stands on while a colony settles and after the crop. */
  readonly feeds: boolean
}

/** What the identity of a part begins with that a plan needs and the yard has yet to get. */
export const WANTED = 'want:'

/** A layer of a plan made by hand; the pattern stands in where the part is no longer there. */
interface HandLayer {
  readonly placement: Placement
  readonly patternId: string
  /** Its hole at this stage, where it has one. */
  readonly hole?: 'open' | 'closed'
}

/** A stage as the keeper wants it. */
export interface HandPlan {
  readonly layers: readonly HandLayer[]
  readonly attachments: readonly (Attachment & { readonly patternId: string })[]
  /** What had been written when it was made, so that a newer writing is noticed. */
  readonly writtenFrom: string
}

/** What a yard says of its year and its way. */
export interface YardSeason {
  readonly calendar?: Calendar
  readonly way?: Readonly<Partial<Way>>
  /** Means outside of its winter months, °C, the first of them first; those of its climate where nothing is said. */
  readonly winterMeansCelsius?: readonly number[]
}

/** What a hive says of its year and its way. */
export interface HiveSeason {
  /** Where this hive is kept otherwise than its yard. */
  readonly way?: Readonly<Partial<Way>>
  /** Bees of its winter cluster as last counted, kg. */
  readonly winterBeesKg?: number
  readonly byHand?: Readonly<Partial<Record<Stage, HandPlan>>>
}

export const TRAVEL_TASKS = ['distance', 'fix', 'shade', 'water', 'open-again'] as const
/** What is done on a move beside parts that come and go. */
export type TravelTask = (typeof TRAVEL_TASKS)[number]

/** One step of a visit: a part taken off, put on or attached. */
export interface VisitStep {
  readonly partId: string
  readonly patternId: string
  readonly from: 'hive' | 'van' | number
  readonly to: 'hive' | 'van' | number
  readonly kg: number
  readonly turned: boolean
  /** How it is put down, where it goes onto the hive. */
  readonly placement?: Placement
  /** A part that the yard does not own yet, or one that is changed on the way. */
  readonly part?: Part
  /** A fitting: by hand, without a lift. */
  readonly attachment?: Attachment
  /**
   * The frames of this box are gone through before it leaves: what holds bees, brood or food goes into these boxes.
   * Asked, not known.
   */
  readonly sortInto?: readonly string[]
  /** Nothing is moved at the hive: what is done for the road. */
  readonly task?: TravelTask
}

/** A changeover that is being carried out; steps before `done` are ticked. */
export interface Visit {
  readonly id: string
  readonly toStage: Stage
  readonly startedOn: string
  readonly steps: readonly VisitStep[]
  readonly done: number
  /** Parts of steps that could not be done: the hive does not stand as planned when the visit ends. */
  readonly leftOut?: readonly string[]
}
