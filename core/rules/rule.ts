import type { Severity } from '../stack'
import type { Measure } from '../units'
import type { StageMeaning } from '../yard'
import type { Context, MeasuredHive } from './context'
import type { TriedWay } from './remedy'

/** Facts of a rule whose sentence needs no more than its parts and its figure. */
type Nothing = Readonly<Record<never, never>>

/** What a rule found, as data; sentences are made of it in words, by the rule's name. */
export type Found<F = Nothing> = Case & (Nothing extends F ? { readonly facts?: F } : { readonly facts: F })

interface Case {
  readonly severity: Severity
  readonly partIds: readonly string[]
  /** Where it is, where that is more than its parts: the same as long as the finding is the same. */
  readonly at?: string
  readonly measured?: Measure | null
  readonly band?: { readonly minMm: number; readonly maxMm: number } | null
  readonly marginal?: boolean
  /** What would be tried against it; `remediesOf` tries it. */
  readonly ways?: () => readonly TriedWay[]
}

/** One thing that a hive is looked through for. `F`: the facts that its sentence is made of. */
export interface Rule<Id extends string = string, F = Nothing> {
  /** Its name, which is also the key of its words. */
  readonly id: Id
  /**
   * What it looks at: how the hive stands, what hangs in one box (asked of a box by itself too), the bees that live in
   * it (nothing is said where none do), or what is written of them (which stays until it is written otherwise).
   */
  readonly of: 'stack' | 'box' | 'bees' | 'book'
  /** Stages in which it is asked; in all where none is said. */
  readonly when?: (means: StageMeaning) => boolean
  readonly find: (measured: MeasuredHive, context: Context) => readonly Found<F>[]
}

/** One finding where there is anything to find. */
export const oneOf = <T>(found: T | undefined | false | null): readonly T[] => (found ? [found] : [])
