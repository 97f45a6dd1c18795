import type { Catalogue } from '../../parts'
import type { FindingOf, RuleId } from '../../rules'
import type { Reader } from '../names'

/** A finding with all that its words are made of. */
export interface Telling<R extends RuleId = RuleId> {
  readonly finding: FindingOf<R>
  readonly reader: Reader
  readonly catalogue: Catalogue
  /** Name of the n-th part of the finding. */
  readonly part: (n: number) => string
  readonly named: (partId: unknown) => string
  readonly figure: string
  /** A limit as it stands beside the figure: never written alike where they differ. */
  readonly limit: (mm: number) => string
}

/** How the findings of some rules are told, each by what its own rule says. */
export type Tellers<R extends RuleId> = { readonly [One in R]: (telling: Telling<One>) => ToldFinding }

/** A finding with what it is told of: names, figures, reader. */
export interface ToldFinding {
  readonly title: string
  /** What is there, with the figure. */
  readonly what: string
  /** What will happen if it is left. */
  readonly fate: string
  /** What stands before the title, where a list has room for little. */
  readonly before?: string
}
