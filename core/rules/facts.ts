import type { PartKind, SpacedBy, AbsorberFeature } from '../parts'
import type { FrameReason, GapPlace, Side, LimitDistance, GapVerdict } from '../stack'
import type { Climate, KnownStores, Stage } from '../yard'
import type { AcrossVerdict } from './frames/judge-across'

/** A rule whose sentence needs no more than its parts and its figure. */
type Nothing = Readonly<Record<never, never>>

/** Humidities inside from which top and walls drip, in percent, and what they resist, m²·K/W. */
export interface DripFacts {
  readonly topDrips: number
  readonly wallsDrip: number
  readonly topM2KPerW: number
  readonly wallM2KPerW: number
}

/** What the sentence of each rule is made of; a rule is a line here, its check, and its sentence in wording. */
export interface Facts {
  'bee-space.gap': GapFacts
  'bee-space.end-bar': { readonly framePatternId: string; readonly side: LimitDistance['side'] }
  'bee-space.side': { readonly pitchMm: number; readonly isShared: boolean }
  'open-space': { readonly verdict: GapVerdict; readonly lowerId: string; readonly upperId: string }
  'joint.open': { readonly side: Side; readonly sides: readonly Side[] }
  'joint.bearing': { readonly side: Side; readonly leastMm: number }
  'joint.roof': Nothing
  'joint.lip': Nothing
  'order.no-floor': Nothing
  'order.below-floor': { readonly floorId: string }
  'order.second-floor': Nothing
  'order.no-roof': Nothing
  'order.above-roof': { readonly roofId: string }
  'order.no-crown': Nothing
  'order.flush-lid-alone': Nothing
  'order.second-crown': { readonly clearing: boolean }
  'order.box-above-crown': { readonly crownId: string }
  'order.box-above-feeder': { readonly feederId: string }
  'order.food-below-brood': { readonly broodId: string }
  'order.no-box': Nothing
  'order.super-below-brood': { readonly broodId: string }
  'order.super-under-excluder': Nothing
  'order.brood-above-excluder': { readonly broodBelow: boolean }
  'order.two-excluders': Nothing
  'order.no-excluder': Nothing
  'order.excluder-in-winter': { readonly mild: boolean }
  'order.feeder-no-way-up': Nothing
  'order.feeder-proud': Nothing
  'order.empty-box': Nothing
  'order.upside-down': { readonly kind: PartKind; readonly empty: boolean }
  'order.no-excluder-clean-comb': Nothing
  'room.brood': {
    readonly cells: number
    readonly needCells: number
    readonly layingPeak: number
    readonly shared: boolean
    readonly litres: number
  }
  'room.too-much': { readonly frames: number }
  'fit.frame': { readonly reason: FrameReason; readonly framePatternId: string }
  'frames.too-many': TooManyFacts
  'frames.no-play': { readonly frames: number }
  'frames.no-spacing': { readonly frames: number }
  'frames.mixed': {
    readonly how: 'systems' | 'in-slots' | 'widths'
    readonly ways: readonly SpacedBy[]
    readonly leastMm: number
    readonly mostMm: number
  }
  'frames.spread-shoulders': Nothing
  'frames.winter-spacing': { readonly stage: Stage }
  'frames.comb-gap': {
    readonly verdict: AcrossVerdict
    readonly gaps: number
    readonly brood: boolean
    readonly board: boolean
  }
  'frames.empty-place': { readonly places: number; readonly building: boolean }
  'frames.undrawn-wide': {
    readonly undrawn: number
    readonly frames: number
    readonly full: number
    readonly whole: boolean
  }
  'frames.foundationless-pair': { readonly pairs: number; readonly bare: number; readonly school: boolean }
  'frames.foundationless-unsupported': { readonly frames: number; readonly said: boolean }
  'frames.drain-loose': Nothing
  'frames.drain-off-centre': { readonly playMm: number }
  'frames.drain-in-brood': Nothing
  'season.no-guard': { readonly narrow: boolean }
  'season.wide-entrance': { readonly stage: Stage }
  'season.narrow-entrance': Nothing
  'season.insert-in': Nothing
  'season.mesh-shut-off': Nothing
  'season.mesh-wind': Nothing
  'season.clear-door': Nothing
  'season.travel-open': Nothing
  'season.travel-covered': { readonly freeMm: number; readonly leastMm: number }
  'season.winter-hole': Nothing
  'season.thin-chips': { readonly leastMm: number }
  'season.absorber-shut-off': Nothing
  'season.absorber-roofed-in': { readonly leastMm: number; readonly fullInDays: number | null }
  'season.bare-top': DripFacts & { readonly climate: Climate }
  'season.absorber-lacks': { readonly feature: AbsorberFeature; readonly fullInDays: number | null }
  'season.vent-shut-off': Nothing
  'season.vent-cold': Nothing
  'season.cold-top': DripFacts
  'season.lower-opening': Nothing
  'season.upper-hole': { readonly stage: Stage }
  'season.shut-in': Nothing
  'season.travel-air': { readonly isAired: boolean }
  'season.travel-food': Nothing
  'season.headspace-overdue': { readonly offBy: string }
  'season.headspace-undated': Nothing
  'season.next-box': { readonly frames: number; readonly of: number }
  'season.short-of-food': {
    readonly climate: Climate
    readonly storesLow: number
    readonly storesHigh: number
    readonly needLow: number
    readonly needHigh: number
    /** So much of its winter or dearth is still to come, and until when. */
    readonly share: number
    readonly until: string
    readonly leastKg: number
    /** What its book has it from, and of when. */
    readonly by?: KnownStores['by']
    readonly at?: string
    readonly unsaid?: true
    readonly supers?: true
  }
  'season.bait-room': { readonly litres: number; readonly least: number; readonly most: number }
  'season.bait-honey': Nothing
  'season.bait-comb': Nothing
  'season.bait-door': Nothing
  'season.bait-excluder': Nothing
  'season.brood-kit': { readonly combs: number; readonly isOneSize: boolean }
  'season.supers-in-treatment': Nothing
  'season.feed-under-supers': Nothing
  'season.supers-in-winter': Nothing
  'season.super-too-soon': Nothing
  'season.no-time-to-treat': {
    readonly beesFrom: string
    readonly treatBy: string
    readonly cropEnds: string
    readonly between?: { readonly from: string; readonly to: string }
  }
  'season.no-room': Nothing
  'colony.closed': { readonly signs: readonly string[]; readonly since: string }
  'colony.combs-held': { readonly signs: readonly string[]; readonly since: string }
  'colony.dead': { readonly of: string; readonly since: string; readonly held: boolean; readonly mayBeDisease: boolean }
  'colony.empty': { readonly because: string; readonly since: string; readonly held: boolean }
  'pattern.unknown': { readonly patternId: string }
}

export type Rule = keyof Facts

/** What a gap is told with: where it is, what bees do there, and what would make it otherwise. */
export interface GapFacts {
  readonly place: GapPlace
  readonly verdict: GapVerdict
  /** Usual for two parts of this make. */
  readonly usual?: true
  /** So many of the frames over it leave it: they hang to two heights. */
  readonly under?: { readonly count: number; readonly of: number }
  /** A make of box that leaves less, mm. */
  readonly closer?: { readonly patternId: string; readonly mm: number }
  /** A box with its bee space on top meets one with it at the bottom. */
  readonly mixed?: { readonly topSpaceId: string; readonly bottomSpaceId: string }
  readonly eitherWay?: { readonly partId: string; readonly better: 'as-it-stands' | 'turned' | 'neither' }
}

/** What too many frames in a box are told with. */
interface TooManyFacts {
  readonly frames: number
  readonly others: number
  readonly fits: number
  readonly leave: number
  readonly inSlots: boolean
  readonly slots: number
  readonly mostPitchMm: number
  readonly spacingMm: number
}
