import {
  canGive,
  dryByAir,
  firstWet,
  stateOf,
  type CanGive,
  type DryByAir,
  type Inside,
  type WinterState,
} from '../../heat'
import type { HiveIn } from '../hive-in'
import { winterOf, type HiveWinter, type WinterFood } from './hive-winter'
import type { WinterWay } from './ways'

/** What a keeper tries on a hive in winter. */
export interface WinterAsked {
  readonly outsideCelsius: number
  readonly beesKg: number
}

/** A hive at one time of winter, thought of in one way: what every drawing and figure of it is made from. */
export interface HiveInWinter {
  readonly known: HiveIn
  readonly winter: HiveWinter
  readonly state: WinterState
  readonly food: WinterFood
  readonly canGive: CanGive
}

/** Only the bees are warm. */
export const CLUSTER = { warm: 'cluster' } as const

/**
 * A hive at one time of winter.
 * @param winterInside how the whole winter is thought of: one reading says nothing of the other months
 */
export function hiveInWinter(
  known: HiveIn,
  asked: WinterAsked,
  inside: Inside,
  winterInside: Inside = inside,
): HiveInWinter {
  const winter = winterOf(known)
  const { figures } = known.context
  const state = stateOf(winter.shell, { ...asked, inside }, figures)
  const food = winter.food(asked.beesKg, winterInside)
  return { known, winter, state, food, canGive: canGive(state, asked.beesKg, figures) }
}

/** The air that keeps its top dry, and what it costs; undefined where nothing of it is known. */
export function dryAir({ winter, state, known }: HiveInWinter): DryByAir | undefined {
  return dryByAir(winter.shell, state, known.context.figures.outsideHumidityShare, known.context.figures)
}

/** Where water forms, of top and walls: which is wet as soon as the other, and whether air carries it off first. */
export function wetOf(side: HiveInWinter) {
  const at = (place: 'top' | 'wall' | 'floor') => firstWet(side.state.faces.filter(({ face }) => face.place === place))
  const [top, wall, floor] = [at('top'), at('wall'), at('floor')]
  const air = dryAir(side)
  return {
    top,
    wall,
    floor,
    isFloorFirst: floor !== undefined && side.state.wetFirst === floor,
    isTopAsSoon:
      top !== undefined &&
      wall !== undefined &&
      top.dripsFrom - wall.dripsFrom < side.known.context.figures.dripsAlikeShare,
    airCarriesOff: air !== undefined && air.passesM3PerS >= air.m3PerS,
  }
}

/** Beside a hive first what changes most: its top where it has none of its own, else what goes round it. */
export function wayToTryFirst(ways: readonly WinterWay[], known: HiveIn): WinterWay | undefined {
  const own = known.layout.parts.map(({ part }) => part.patternId)
  const slab = ways.find(({ group, part }) => group === 'top' && part && !own.includes(part.id))
  const hasTop = own.some((id) => ways.some(({ group, part }) => group === 'top' && part?.id === id))
  return hasTop ? (ways.find(({ group, part }) => group === 'wrap' && part) ?? slab) : slab
}
