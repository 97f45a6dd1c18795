import type { PartLookup } from '../../stack'
import type { Hive, Stage } from '../../yard'
import type { Part } from '../../parts'

/** A hive as it is to stand at a stage. */
export interface PlannedStage {
  readonly stage: Stage
  /** The hive as planned: its stack, its fittings, its stage. */
  readonly hive: Hive
  /** Parts that the yard has yet to get, and parts that are changed for the stage. */
  readonly parts: readonly Part[]
  readonly byHand: boolean
  /** What would be written now, where the plan by hand was made from something else. */
  readonly conflict?: PlannedStage
  /** Patterns of parts of the plan by hand that the yard no longer has. */
  readonly lacks: readonly string[]
}

/** The parts of a yard with those that a plan brings or changes. */
export function partsWith(parts: PartLookup, plan: Pick<PlannedStage, 'parts'>): PartLookup {
  if (plan.parts.length === 0) return parts
  const brought = new Map(plan.parts.map((part) => [part.id, part]))
  return { get: (partId) => brought.get(partId) ?? parts.get(partId) }
}
