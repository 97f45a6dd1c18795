import { CLUSTER, hiveInWinter, type HiveIn, type HiveInWinter, type WinterAsked } from '#core/ask'
import { showTemperature } from '#core/units'
import type { Reader } from '#core/words'

/** One hive of two that stand beside each other. */
export interface WinterSide extends HiveInWinter {
  readonly title: string
  readonly under: string
}

/** A hive as it winters, under its title. */
export const winterSide = (known: HiveIn, asked: WinterAsked, title: string, under: string): WinterSide => ({
  ...hiveInWinter(known, asked, CLUSTER),
  title,
  under,
})

/** A hive as both schools think of it: only the cluster warm, or the whole inside. */
export function twoSchools(known: HiveIn, asked: WinterAsked, { units }: Pick<Reader, 'units'>): WinterSide[] {
  const celsius = known.context.figures.wholeCavityWarmCelsius
  const under = `the whole inside at ${showTemperature(celsius, units)}`
  return [
    winterSide(known, asked, 'Cluster warm', 'only the bees are warm, the air as it comes'),
    { ...hiveInWinter(known, asked, { warm: 'cavity', celsius }), title: 'Cavity warm', under },
  ]
}

/** A hive as a sensor has it now; the winter as a whole is thought of as ever. */
export const asMeasured = (known: HiveIn, asked: WinterAsked, celsius: number, when: string): WinterSide => ({
  ...hiveInWinter(known, asked, { warm: 'cavity', celsius }, CLUSTER),
  title: 'As measured',
  under: when,
})
