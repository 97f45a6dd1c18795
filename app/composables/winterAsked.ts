import { type HiveIn, winterOf, type HiveWinter, type WinterFood } from '#core/ask'
import { canGive, stateOf, type CanGive, type Inside, type WinterState } from '#core/heat'

/** What a keeper tries on a hive in winter. */
export interface WinterAsked {
  readonly outsideCelsius: number
  readonly beesKg: number
}

/** One hive of two that stand beside each other. */
export interface WinterSide {
  readonly title: string
  readonly under: string
  readonly known: HiveIn
  readonly winter: HiveWinter
  readonly state: WinterState
  readonly food: WinterFood
  readonly canGive: CanGive
}

/** A hive at one time, thought of in one way: what every drawing and figure of it is made from. */
export function winterSide(
  known: HiveIn,
  asked: WinterAsked,
  inside: Inside,
  title: string,
  under: string,
  /** How the whole winter is thought of: one reading says nothing of the other months. */
  winterInside = inside,
): WinterSide {
  const winter = winterOf(known)
  const { figures } = known.context
  const state = stateOf(winter.shell, { outsideCelsius: asked.outsideCelsius, beesKg: asked.beesKg, inside }, figures)
  const food = winter.food(asked.beesKg, winterInside)
  return { title, under, known, winter, state, food, canGive: canGive(state, asked.beesKg, figures) }
}
