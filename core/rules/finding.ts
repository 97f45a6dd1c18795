import type { Severity, UnevenSide } from '../stack'
import type { Measure } from '../units'
import type { Acceptance } from '../yard'
import type { Facts, RuleId } from './all'
import type { Remedy, TriedWay } from './remedy'
import type { Found } from './rule'

/** What a check found, as data; sentences are made of it in wording. */
export interface FindingOf<R extends RuleId> {
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
export type Finding = { readonly [R in RuleId]: FindingOf<R> }[RuleId]

const NONE = (): readonly TriedWay[] => []

const tried = new WeakMap<Finding, readonly Remedy[]>()

/** The ways out of a finding, tried once somebody looks at them and then remembered. */
export function remediesOf(finding: Finding): readonly Remedy[] {
  let known = tried.get(finding)
  if (!known) tried.set(finding, (known = finding.ways()))
  return known
}

/** What a rule found, told as of that rule; nothing measured and nothing to choose from unless said. */
export function findingOf<R extends RuleId>(
  rule: R,
  { at, severity, partIds, measured = null, band = null, marginal = false, facts, ways = NONE }: Found<unknown>,
): FindingOf<R> {
  // The list of rules holds each rule's facts beside its name: what it found is of its own type.
  const own = (facts ?? NO_FACTS) as Facts[R]
  return {
    key: `${rule}:${at ?? partIds.join('+')}`,
    rule,
    severity,
    partIds,
    measured,
    band,
    marginal,
    facts: own,
    ways,
  }
}

/** Of a rule that has none. */
const NO_FACTS = {}
