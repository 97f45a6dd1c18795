import type { Acceptance, Edit } from '../hive'

export const SEVERITIES = ['stop', 'mend', 'watch', 'note'] as const
/** stop: cannot be assembled, or harm; mend: works badly; watch: tolerable, know it; note. */
export type Severity = (typeof SEVERITIES)[number]
export type Grade = Severity | 'good'

export const RULES = [
  'bee-space.gap', 'bee-space.end-bar', 'bee-space.side', 'open-space',
  'joint.open', 'joint.bearing', 'joint.roof', 'joint.lip',
  'order.no-floor', 'order.below-floor', 'order.second-floor', 'order.no-roof', 'order.above-roof', 'order.no-crown', 'order.flush-lid-alone', 'order.second-crown', 'order.box-above-crown', 'order.box-above-feeder', 'order.food-below-brood', 'order.no-box',
  'order.super-below-brood', 'order.super-under-excluder', 'order.brood-above-excluder', 'order.two-excluders',
  'order.no-excluder', 'order.excluder-in-winter', 'order.feeder-no-way-up', 'order.feeder-proud', 'order.empty-box', 'order.upside-down',
  'order.no-excluder-clean-comb', 'room.brood', 'room.too-much', 'fit.frame',
  'frames.too-many', 'frames.no-play', 'frames.no-spacing', 'frames.mixed', 'frames.spread-shoulders', 'frames.winter-spacing', 'frames.comb-gap', 'frames.empty-place',
  'frames.undrawn-wide', 'frames.foundationless-pair', 'frames.foundationless-unsupported', 'frames.drain-loose', 'frames.drain-off-centre', 'frames.drain-in-brood',
  'season.no-guard', 'season.wide-entrance', 'season.narrow-entrance', 'season.insert-in', 'season.travel-open', 'season.travel-roof', 'season.winter-hole', 'season.thin-slab', 'season.thin-chips', 'season.absorber-shut-off', 'season.absorber-roofed-in', 'season.bare-top',
  'season.absorber-lacks', 'season.vent-shut-off', 'season.vent-cold', 'season.cold-top', 'season.lower-opening', 'season.upper-hole', 'season.shut-in', 'season.travel-air', 'season.travel-food',
  'season.headspace-overdue', 'season.headspace-undated', 'season.next-box', 'season.short-of-food', 'season.bait-room', 'season.bait-honey', 'season.bait-comb', 'season.bait-door', 'season.bait-excluder',
  'season.brood-kit', 'season.supers-in-treatment', 'season.feed-under-supers', 'season.supers-in-winter', 'season.super-too-soon', 'season.no-room',
  'pattern.unknown',
] as const
export type Rule = (typeof RULES)[number]

export const REMEDY_KINDS = [
  'turn-over', 'swap-for', 'exchange', 'add', 'take-off', 'move-below', 'move-above', 'open-hole', 'close-hole', 'centre',
  'push-together', 'centre-frames', 'touch-one-side', 'castellate', 'leave-out', 'alternate', 'add-dummy', 'add-frames', 'wire-frames', 'mend-part', 'use-as-food',
] as const
export type RemedyKind = (typeof REMEDY_KINDS)[number]

/** A way out, as an edit that can be previewed and applied. */
export interface Remedy {
  readonly kind: RemedyKind
  /** The part that is turned, swapped, moved or taken off. */
  readonly partId?: string
  /** The other part of a move or exchange. */
  readonly otherId?: string
  /** The pattern that is added or swapped in. */
  readonly patternId?: string
  readonly edit: Edit
  /** How many frames it is about. */
  readonly count?: number
  /** The figure that the remedy gives where the finding has one. */
  readonly resultMm?: number
  /** The figure is nearer the band and still outside it. */
  readonly onlyBetter?: true
}

/** What a check found, as data; sentences are made of it in wording. */
export interface Finding {
  /** Rule and place, the same as long as the finding is the same. */
  readonly key: string
  readonly rule: Rule
  readonly severity: Severity
  readonly partIds: readonly string[]
  readonly measured: { readonly mm: number; readonly plusMinusMm: number; readonly likelyPlusMinusMm: number } | null
  readonly accepted: { readonly minMm: number; readonly maxMm: number } | null
  readonly marginal: boolean
  /** What wording needs to choose its words. */
  readonly facts: Readonly<Record<string, string | number | boolean>>
  /** What would be tried against it; `remediesOf` tries it. */
  readonly ways: () => readonly Remedy[]
  /** The keeper's acceptance, as long as the figure is still the one accepted. */
  readonly acceptance?: Acceptance
}

const NONE = (): readonly Remedy[] => []

const tried = new WeakMap<Finding, readonly Remedy[]>()

/** The ways out of a finding, tried once somebody looks at them and then remembered. */
export function remediesOf(finding: Finding): readonly Remedy[] {
  let known = tried.get(finding)
  if (!known) tried.set(finding, (known = finding.ways()))
  return known
}

/** A finding with nothing measured and nothing to choose from. */
export function findingOf(rule: Rule, severity: Severity, partIds: readonly string[], more: Partial<Finding> = {}): Finding {
  return { key: `${rule}:${partIds.join('+')}`, rule, severity, partIds, measured: null, accepted: null, marginal: false, facts: {}, ways: NONE, ...more }
}

const RANK: Record<Grade, number> = { stop: 0, mend: 1, watch: 2, note: 3, good: 4 }

/** Worst first; ties keep their order. */
export function bySeverity(a: { readonly severity: Grade }, b: { readonly severity: Grade }): number {
  return RANK[a.severity] - RANK[b.severity]
}

/** The worse of two grades. */
export function worse(a: Grade, b: Grade): Grade {
  return RANK[a] <= RANK[b] ? a : b
}
