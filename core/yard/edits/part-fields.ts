import type { Condition, Content, DimensionName, Part, Reading, Spacing } from '../../parts'
import type { Length } from '../../units'

/** Fields of a part with what they become; null takes one away. Sizes and readings are changed one by one. */
export interface PartFields {
  readonly name?: string | null
  readonly measured?: Readonly<Partial<Record<DimensionName, Length | null>>>
  readonly contents?: readonly Content[]
  readonly spacing?: Spacing | null
  readonly hasHeld?: Part['hasHeld']
  readonly readings?: Readonly<Record<string, Reading | null>>
  readonly condition?: Condition | null
  readonly hole?: NonNullable<Part['hole']> | null
  readonly lacks?: NonNullable<Part['lacks']> | null
}

/** The order that fields had, where taking a change back has to give them again. */
export interface PartOrder {
  readonly part?: readonly string[]
  readonly measured?: readonly string[]
  readonly readings?: readonly string[]
}

/** A part with the place it has in the yard's list, so that the inverse gives back the same list. */
export interface PartAt {
  readonly at: number
  readonly part: Part
}
