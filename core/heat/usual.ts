import type { Layout } from '../stack'
import type { Figures } from '../figures'
import type { Climate, HiveSeason } from '../yard'
import { coldestCelsius } from './months'
import { shellOf } from './shell'
import { firstWet, stateOf } from './state'

/** What a hive's winter is judged in, wherever it is: the coldest month of its yard, and the bees it has. */
export interface ColdestTime {
  readonly outsideCelsius: number
  readonly beesKg: number
}

/** The coldest month and the bees of one colony, as last counted or a usual cluster; undefined without a winter. */
export function coldestTimeOf(
  { season }: { readonly season?: Pick<HiveSeason, 'winterBeesKg'> },
  place: { readonly climate: Climate; readonly winterMeansCelsius?: readonly number[]; readonly figures: Figures },
): ColdestTime | undefined {
  const outsideCelsius = coldestCelsius(place.climate, place.winterMeansCelsius)
  return outsideCelsius === undefined
    ? undefined
    : { outsideCelsius, beesKg: season?.winterBeesKg ?? place.figures.winterBeesKg }
}

/** Humidities from which the top and the walls of a stack drip in the coldest time of its winter. */
export interface Drips {
  readonly top: number
  readonly walls: number
  /** What each resists on its largest path, m²·K/W. */
  readonly topM2KPerW: number
  readonly wallM2KPerW: number
}

/**
 * Whether the top of a stack drips before its walls do: water on a crown falls on the bees, on a wall it runs down.
 * Undefined where no box stands.
 */
export function dripsOf(layout: Layout, { outsideCelsius, beesKg }: ColdestTime): Drips | undefined {
  const { faces } = stateOf(shellOf(layout), { outsideCelsius, beesKg, inside: { warm: 'cluster' } }, layout.figures)
  const firstOf = (place: 'top' | 'wall') => firstWet(faces.filter(({ face }) => face.place === place))
  const [top, wall] = [firstOf('top'), firstOf('wall')]
  return (
    top &&
    wall && {
      top: top.dripsFrom,
      walls: wall.dripsFrom,
      topM2KPerW: top.face.pathM2KPerW,
      wallM2KPerW: wall.face.pathM2KPerW,
    }
  )
}

/** True where water forms over the cluster as early as at the walls; a difference too small to tell is none. */
export function dripsNoLater({ top, walls }: Drips, dripsAlike: number): boolean {
  return top - walls < dripsAlike
}
