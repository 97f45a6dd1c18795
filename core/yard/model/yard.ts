import type { OwnFigure } from '../../figures'
import type { Stage } from '../stages'
import type { AttachmentPlace, OpeningEdge, Override, Part, Role, HangingPattern, Pattern } from '../../parts'
import type { Colonies } from './colony'
import type { KnownFoods } from './food'
import type { HiveSeason, Visit, YardSeason } from './season'

export const BAND_PRESETS = ['range', 'single-figure', 'metric'] as const
/** Which bee space a yard holds its gaps against. */
export type BandPreset = (typeof BAND_PRESETS)[number]

export const YAWS_DEG = [0, 90, 180, 270] as const
/** How far a part is turned on its stack, degrees. */
export type YawDeg = (typeof YAWS_DEG)[number]

/** How a part stands in a stack. */
export interface Placement {
  readonly partId: string
  readonly turnedOver: boolean
  readonly yawDeg: YawDeg
  readonly offsetMm: { readonly x: number; readonly y: number }
  readonly role?: Role
  /** The day by which it is to come off again, such as headspace after a treatment: `2026-09-20`. */
  readonly offBy?: string
}

/** A part that is no layer: entrance fitting, floor insert, ballast, strap. */
export interface Attachment {
  readonly partId: string
  readonly place: AttachmentPlace
  /** The edge at which an entrance fitting opens; the lower one where nothing is said. */
  readonly edge?: OpeningEdge
  /** The boxes that a wrap goes round; all of the colony's where nothing is said. */
  readonly round?: readonly string[]
}

/** A finding that the keeper has accepted, with the figure it had then. */
export interface Acceptance {
  readonly findingKey: string
  readonly measuredMm: number | null
  readonly reason: string
}

/** A hive, told by the yard that it stands in. */
export interface HiveOfYard {
  readonly yardId: string
  readonly hiveId: string
}

/** A hive: its stack, its fittings, its stage. */
export interface Hive {
  readonly id: string
  readonly name: string
  readonly stage: Stage
  readonly note: string
  /** Bottom first. */
  readonly stack: readonly Placement[]
  readonly attachments: readonly Attachment[]
  readonly accepted: readonly Acceptance[]
  /** How it is kept otherwise than its yard, and stages planned by hand. */
  readonly season?: HiveSeason
  /** A changeover that is under way. */
  readonly visit?: Visit
}

/** A yard: its hives, all its parts, its year and what it overwrites. */
export interface Yard {
  readonly id: string
  readonly name: string
  readonly note: string
  readonly band: BandPreset
  /** Bees of a strain that moves every need for room up by a half. */
  readonly prolific: boolean
  /** The yard's year, and how bees are kept in it. */
  readonly season?: YardSeason
  /** Sizes of the catalogue that are otherwise here. */
  readonly overrides: readonly Override[]
  /** Figures of the trade that this yard counts otherwise with. */
  readonly figures: readonly OwnFigure[]
  /** Patterns of the keeper's own. */
  readonly patterns: readonly Pattern[]
  readonly hanging: readonly HangingPattern[]
  readonly hives: readonly Hive[]
  /** Every part of the yard; one that stands on no hive is in the shed, or lent. */
  readonly parts: readonly Part[]
  /** What the book says of its colonies: worked out, in no file and never stored. */
  readonly colonies?: Colonies
  /** What is known of the food of its hives: worked out, in no file and never stored. */
  readonly foods?: KnownFoods
}

/** A yard as it is kept in files and stored. */
export type YardAsKept = Omit<Yard, 'colonies' | 'foods'>

/** A yard with nothing in it. */
export function emptyYard(id: string, name: string): Yard {
  return {
    id,
    name,
    note: '',
    band: 'range',
    prolific: false,
    overrides: [],
    figures: [],
    patterns: [],
    hanging: [],
    hives: [],
    parts: [],
  }
}

/** The part with this identity, or undefined. */
export function findPart(yard: Yard, partId: string): Part | undefined {
  return yard.parts.find((part) => part.id === partId)
}

/** The parts that stand on no hive and are not lent, in the yard's order. */
export function shedOf(yard: Yard): readonly Part[] {
  let found = lying.get(yard)
  if (!found) {
    const placed = new Set(yard.hives.flatMap(partIdsOf))
    lying.set(yard, (found = yard.parts.filter((part) => !placed.has(part.id) && !part.lent)))
  }
  return found
}

/** A yard never changes: a changed yard is another one. Every plan of every hive asks for its shed. */
const lying = new WeakMap<Yard, readonly Part[]>()

/** The parts that stand on a hive, in any order: the same as long as no box goes or comes. */
export function standingParts({ stack }: Pick<Hive, 'stack'>): string {
  return stack
    .map(({ partId }) => partId)
    .sort()
    .join()
}

/** Every part of a hive: its layers bottom first, then what is attached. */
export function partIdsOf(hive: Hive): string[] {
  return [
    ...hive.stack.map((placement) => placement.partId),
    ...hive.attachments.map((attachment) => attachment.partId),
  ]
}
