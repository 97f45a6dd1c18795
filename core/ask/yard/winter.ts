import { hiveAt, type HiveIn } from '../hive-in'
import { hiveByWay, newHiveByWay, winterForm, winterOf, winterWays, type WinterFood } from '../wintering'
import type { Hive, Stage, Yard } from '../../yard'
import type { Part } from '../../parts'
import { dryByAir, firstWet, foodInAll, lossWPerK, stateOf, type Bounded, type DryByAir, type Inside } from '../../heat'

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
  /** The top is wet as soon as the walls, and the air that goes through does not carry the water off first. */
  readonly wetTop: boolean
}

function figuresOf(known: HiveIn, wayId: string | null, { outsideCelsius, beesKg, inside }: WinterTry): WayFigures {
  const winter = winterOf(known)
  const { figures } = known.context
  const state = stateOf(winter.shell, { outsideCelsius, beesKg, inside }, figures)
  const drips = (place: 'top' | 'wall') =>
    firstWet(state.faces.filter(({ face }) => face.place === place))?.dripsFrom ?? null
  const [topDrips, wallsDrip] = [drips('top'), drips('wall')]
  const dry = dryByAir(winter.shell, state, figures.outsideHumidityShare, figures) ?? null
  const asSoon = topDrips !== null && wallsDrip !== null && topDrips - wallsDrip < figures.dripsAlikeShare
  return {
    wayId,
    watts: state.watts,
    insideCelsius: state.insideCelsius,
    honeyKgADay: state.honeyKgADay,
    winterKg: foodInAll(winter.burns(beesKg, inside)),
    topDrips,
    wallsDrip,
    dry,
    wetTop: asSoon && !(dry !== null && dry.passesM3PerS >= dry.m3PerS),
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

/** What one top makes of the winter of a whole yard, thought of in both ways. */
export interface TopFigures {
  readonly wayId: string
  /** Honey of all hives with only the cluster warm, kg, and with the whole cavity warm. */
  readonly clusterKg: Bounded
  readonly cavityKg: number
  /** Hives whose top is wet as soon as their walls in the coldest month, air notwithstanding. */
  readonly wetTops: number
  readonly hives: number
}

/** Tops that are told apart for a whole yard: a slab as it ships, chips, a vent, none. */
const MOST_TOPS = 6

/**
 * Every top for every hive of a yard, through every month, in both schools and their bounds; null when nobody waits any
 * more. Tops of the hives' own formats count as one: the first slab of each.
 */
export async function topsOfYard(
  yard: Yard,
  onProgress: (done: number) => void,
  isCancelled: () => Promise<boolean> | boolean,
): Promise<TopFigures[] | null> {
  const totals = new Map<string, TopFigures>()
  const known = new Map<string, readonly TopFigures[]>()
  const parts = new Map(yard.parts.map((part) => [part.id, part]))
  for (const [i, hive] of yard.hives.entries()) {
    const like = likeness(hive, parts)
    let tops = known.get(like)
    if (!tops) known.set(like, (tops = topsOf(yard, hive)))
    for (const top of tops) totals.set(top.wayId, added(totals.get(top.wayId), top))
    if (i % CHUNK < CHUNK - 1) continue
    onProgress(i + 1)
    if (await isCancelled()) return null
  }
  return [...totals.values()]
}

/** All that the winter of a hive depends on: hives alike to the last frame winter alike. */
function likeness({ stage, season, stack, attachments }: Hive, parts: ReadonlyMap<string, Part>): string {
  const made = (partId: string) => {
    const part = parts.get(partId)
    const { patternId, measured, hole, lacks, spacing, hasHeld, contents } = part ?? {}
    return [patternId, measured, hole, lacks, spacing, hasHeld, contents?.map(({ id: _id, ...one }) => one)]
  }
  return JSON.stringify([
    stage,
    season,
    stack.map(({ partId, ...how }) => [made(partId), how]),
    attachments.map(({ partId, place, edge }) => [made(partId), place, edge]),
  ])
}

/** Every top for one hive. */
function topsOf(yard: Yard, hive: Hive): TopFigures[] {
  const own = winterForm(yard, hive)
  const tops = winterWays(own).filter(({ group, way }) => group === 'top' && !way.winterParts?.crown)
  return tops.slice(0, MOST_TOPS).flatMap((top) => {
    const other = newHiveByWay(yard, hive, own.context.stage, top)
    if (!other) return []
    const winter = winterOf(other)
    const { wholeCavityWarmCelsius, mildLookCelsius } = other.context.figures
    const coldest = Math.min(...winter.months.map(({ celsius }) => celsius))
    const { wetTop, winterKg } = figuresOf(other, top.id, {
      outsideCelsius: Number.isFinite(coldest) ? coldest : mildLookCelsius,
      beesKg: winter.beesKg,
      inside: { warm: 'cluster' },
    })
    return [
      {
        wayId: kindOfTop(top.id, tops[0]?.id),
        clusterKg: winterKg,
        cavityKg: foodInAll(winter.burns(winter.beesKg, { warm: 'cavity', celsius: wholeCavityWarmCelsius })).middle,
        wetTops: wetTop ? 1 : 0,
        hives: 1,
      },
    ]
  })
}

function added(so: TopFigures | undefined, { wayId, clusterKg, cavityKg, wetTops, hives }: TopFigures): TopFigures {
  if (!so) return { wayId, clusterKg, cavityKg, wetTops, hives }
  return {
    wayId,
    clusterKg: {
      low: so.clusterKg.low + clusterKg.low,
      middle: so.clusterKg.middle + clusterKg.middle,
      high: so.clusterKg.high + clusterKg.high,
    },
    cavityKg: so.cavityKg + cavityKg,
    wetTops: so.wetTops + wetTops,
    hives: so.hives + hives,
  }
}

/** The first slab of any format is one way: a slab as it ships. */
const kindOfTop = (id: string, first: string | undefined) => (id === first ? 'top:closed' : id)
