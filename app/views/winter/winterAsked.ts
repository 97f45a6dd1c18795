import { type HiveIn, winterOf, type HiveWinter, type WinterFood } from '#core/ask'
import { showTemperature } from '#core/units'
import type { Reader } from '#core/words'
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

/** Only the bees are warm. */
export const CLUSTER = { warm: 'cluster' } as const

/** A hive as both schools think of it: only the cluster warm, or the whole inside. */
export function twoSchools(known: HiveIn, asked: WinterAsked, { units }: Pick<Reader, 'units'>): WinterSide[] {
  const celsius = known.context.figures.wholeCavityWarmCelsius
  const whole = `the whole inside at ${showTemperature(celsius, units)}`
  return [
    winterSide(known, asked, CLUSTER, 'Cluster warm', 'only the bees are warm, the air as it comes'),
    winterSide(known, asked, { warm: 'cavity', celsius }, 'Cavity warm', whole),
  ]
}

/** A hive as a sensor has it now; the winter as a whole is thought of as ever. */
export const asMeasured = (known: HiveIn, asked: WinterAsked, celsius: number, when: string): WinterSide =>
  winterSide(known, asked, { warm: 'cavity', celsius }, 'As measured', when, CLUSTER)
