import { hiveAt, type HiveIn } from '#core/hive-in'
import type { Stage, Yard } from '#core/hive'
import { dryByAir, firstWet, lossWPerK, stateOf, type Bounded, type DryByAir, type Inside } from '#core/winter'
import { hiveByWay, winterForm, winterOf, winterWays, type WinterFood } from '#core/wintering'

/** What is tried on every way of wintering a hive. */
export interface WinterTry {
  readonly outsideCelsius: number
  readonly beesKg: number
  readonly inside: Inside
}

/** One way of wintering a hive in figures; its id is null for the hive as it is. */
export interface WayFigures {
  readonly wayId: string | null
  readonly watts: number
  readonly insideCelsius: number
  readonly honeyKgADay: number
  readonly winterKg: Bounded
  readonly topDrips: number | null
  readonly wallsDrip: number | null
  readonly dry: DryByAir | null
}

function figuresOf(known: HiveIn, wayId: string | null, { outsideCelsius, beesKg, inside }: WinterTry): WayFigures {
  const winter = winterOf(known)
  const { figures } = known.context
  const state = stateOf(winter.shell, { outsideCelsius, beesKg, inside }, figures)
  const drips = (place: 'top' | 'wall') =>
    firstWet(state.faces.filter(({ face }) => face.place === place))?.dripsFrom ?? null
  return {
    wayId,
    watts: state.watts,
    insideCelsius: state.insideCelsius,
    honeyKgADay: state.honeyKgADay,
    winterKg: winter.food(beesKg, inside).byHeat,
    topDrips: drips('top'),
    wallsDrip: drips('wall'),
    dry: dryByAir(winter.shell, state, figures.outsideHumidity, figures) ?? null,
  }
}

/** Every way of wintering one hive, the hive as it is first. */
export function winterWaysOf(yard: Yard, hiveId: string, stage: Stage, tried: WinterTry): WayFigures[] {
  const hive = yard.hives.find(({ id }) => id === hiveId)
  if (!hive) return []
  const known = hiveAt(yard, hive, stage)
  return [
    figuresOf(known, null, tried),
    ...winterWays(known).flatMap((way) => {
      const other = hiveByWay(yard, hive, stage, way)
      return other ? [figuresOf(other, way.id, tried)] : []
    }),
  ]
}

/** The winter of one hive of a yard in figures. */
export interface HiveWinterFigures extends Pick<WinterFood, 'need' | 'byHeat' | 'more' | 'stores' | 'short'> {
  readonly hiveId: string
  readonly wPerK: number
  readonly topDrips: number | null
  readonly wallsDrip: number | null
  readonly insideCelsius: number
}

const CHUNK = 10

/**
 * The winter of every hive of a yard at a temperature outside, as it stands in the cold or as it is planned; null when
 * nobody waits any more.
 */
export async function winterOfYard(
  yard: Yard,
  outsideCelsius: number,
  onProgress: (done: number) => void,
  isCancelled: () => Promise<boolean> | boolean,
): Promise<HiveWinterFigures[] | null> {
  const found: HiveWinterFigures[] = []
  for (const hive of yard.hives) {
    const known = winterForm(yard, hive)
    const winter = winterOf(known)
    const { need, byHeat, more, stores, short } = winter.food()
    const { topDrips, wallsDrip, insideCelsius } = figuresOf(known, null, {
      outsideCelsius,
      beesKg: winter.beesKg,
      inside: { warm: 'cluster' },
    })
    found.push({
      hiveId: hive.id,
      wPerK: lossWPerK(winter.shell.enclosure),
      topDrips,
      wallsDrip,
      insideCelsius,
      need,
      byHeat,
      more,
      stores,
      short,
    })
    if (found.length % CHUNK > 0) continue
    onProgress(found.length)
    if (await isCancelled()) return null
  }
  return found
}
