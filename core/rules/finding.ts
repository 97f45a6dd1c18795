import type { Severity, UnevenSide } from '../stack'
import type { Measure } from '../units'
import type { Acceptance, Edit } from '../yard'
import type { TriedHive } from './context'
import type { Facts, Rule } from './facts'

export type RemedyKind =
  | 'turn-over'
  | 'swap-for'
  | 'exchange'
  | 'add'
  | 'take-off'
  | 'move-below'
  | 'move-above'
  | 'open-hole'
  | 'close-hole'
  | 'centre'
  | 'push-together'
  | 'centre-frames'
  | 'touch-one-side'
  | 'castellate'
  | 'leave-out'
  | 'alternate'
  | 'add-dummy'
  | 'add-frames'
  | 'wire-frames'
  | 'mend-part'
  | 'use-as-food'

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
  /** How many boxes it is done in, where it is more than one. */
  readonly boxes?: number
  /** The figure that the remedy gives where the finding has one. */
  readonly resultMm?: number
  /** The figure is nearer the band and still outside it. */
  readonly onlyBetter?: true
}

/** A way out as it is tried, with where its figure is found once it is done. */
export interface TriedWay extends Remedy {
  readonly resultIn?: (trial: TriedHive) => number | undefined
}

/** What a check found, as data; sentences are made of it in wording. */
export interface FindingOf<R extends Rule> {
  /** Rule and place, the same as long as the finding is the same. */
  readonly key: string
  readonly rule: R
  readonly severity: Severity
  readonly partIds: readonly string[]
  readonly measured: Measure | null
  readonly band: { readonly minMm: number; readonly maxMm: number } | null
  readonly marginal: boolean
  /** What wording needs to choose its words. */
  readonly facts: Facts[R]
  /** What would be tried against it; `remediesOf` tries it. */
  readonly ways: () => readonly TriedWay[]
  /** On one side of the hive only, where a part is uneven. */
  readonly uneven?: UnevenSide
  /** The keeper's acceptance, as long as the figure is still the one accepted. */
  readonly acceptance?: Acceptance
}

/** A finding of any rule. */
export type Finding = { readonly [R in Rule]: FindingOf<R> }[Rule]

const NONE = (): readonly TriedWay[] => []

const tried = new WeakMap<Finding, readonly Remedy[]>()

/** The ways out of a finding, tried once somebody looks at them and then remembered. */
export function remediesOf(finding: Finding): readonly Remedy[] {
  let known = tried.get(finding)
  if (!known) tried.set(finding, (known = finding.ways()))
  return known
}

/** What a finding says beside its rule, severity and parts. */
type More<R extends Rule> = Partial<Omit<FindingOf<R>, 'rule' | 'severity' | 'partIds' | 'facts'>> &
  (Record<never, never> extends Facts[R] ? { readonly facts?: Facts[R] } : { readonly facts: Facts[R] })

/** A finding with its facts; nothing measured and nothing to choose from unless said. */
export function findingOf<R extends Rule>(
  rule: R,
  severity: Severity,
  partIds: readonly string[],
  ...[more]: Record<never, never> extends Facts[R] ? [More<R>?] : [More<R>]
): FindingOf<R> {
  // Facts are there wherever the rule has any: the type of the last argument asks for them.
  const facts = (more?.facts ?? NO_FACTS) as Facts[R]
  return {
    key: `${rule}:${partIds.join('+')}`,
    rule,
    severity,
    partIds,
    measured: null,
    band: null,
    marginal: false,
    ways: NONE,
    ...more,
    facts,
  }
}

/** Of a rule that has none. */
const NO_FACTS = {}
