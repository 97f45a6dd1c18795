import type { Layout } from '../geometry'
import type { Climate } from '../hive'
import { balanceOf } from './colony'
import { enclosureOf } from './enclosure'
import { dripsFrom, wetFirst } from './moisture'
import { coldestCelsius } from './months'
import { lossWPerK } from './state'

/** Humidities from which the top and the walls of a stack drip in the coldest month, with a usual cluster in it. */
export interface Drips {
  readonly top: number
  readonly walls: number
  /** What each resists on its largest path, m²·K/W. */
  readonly topM2KPerW: number
  readonly wallM2KPerW: number
}

/**
 * Whether the top of a stack drips before its walls do: water on a crown falls on the bees, on a wall it runs down.
 * Undefined where no box stands, or where there is no winter.
 */
export function dripsOf(layout: Layout, climate: Climate): Drips | undefined {
  const { figures } = layout
  const outsideCelsius = coldestCelsius(climate)
  if (outsideCelsius === undefined) return undefined
  const enclosure = enclosureOf(layout)
  if (enclosure.faces.length === 0) return undefined
  const loss = lossWPerK(enclosure)
  const { insideCelsius } = balanceOf(figures.winterBees, outsideCelsius, (t) => loss * (t - outsideCelsius), figures)
  const air = { insideCelsius, outsideCelsius }
  const firstOf = (place: 'top' | 'wall') =>
    wetFirst(
      enclosure.faces.filter((face) => face.place === place),
      air,
    )
  const [top, wall] = [firstOf('top'), firstOf('wall')]
  return (
    top &&
    wall && {
      top: dripsFrom(top, air),
      walls: dripsFrom(wall, air),
      topM2KPerW: top.pathM2KPerW,
      wallM2KPerW: wall.pathM2KPerW,
    }
  )
}

/** True where water forms over the cluster as early as at the walls; a difference too small to tell is none. */
export function dripsNoLater({ top, walls }: Drips, dripsAlike: number): boolean {
  return top - walls < dripsAlike
}
