import { foodNeedOf, isNucleus, needOfHive, needOn, stageOn, yearOf, type NeedOn, type YardYear } from '../year'
import { storesByModelKg } from '../rules'
import { rangeOf, type Figures } from '../figures'
import type { StackedPart } from '../stack'
import { type HiveIn, winterForm, winterOf } from '../ask'
import { isCold, meaningOf, type KnownFood, type KnownStores } from '../yard'
import { isBox } from '../parts'
import { daysFrom } from '../units'
import {
  massOfPart,
  storesOf,
  sumOf,
  times,
  usualWeighing,
  ZERO,
  type Range,
  type Stores,
  type Weighing,
} from '../loads'
import { entriesOf } from './current'
import { dayOf, daysAfter, daysBetween, daysLater } from './days'
import { isEntry, type Entry } from './entries'
import { eatsADay, latestMeasured, ledgerOf, type Ledger, type MeasuredStores } from './ledger'
import { livingOn } from './living'
import { foodFramesOf, storesSeen, type Look } from './look'
import { cropFrom, treatmentsStillOn } from './treatment'

/** A reading of a scale: the whole hive, kg, on a day or at a moment by the clock where it stands. */
export interface Weighed {
  readonly at: string
  readonly kg: number
}

/** A super of honey, from the top down: what is in it, and what is left of the food once it and all above are taken. */
interface SuperOfFood {
  readonly partId: string
  readonly kg: Range
  readonly left: Range
  /** The need surely stays with it gone. */
  readonly mayGo: boolean
}

/** Why no crop is taken now, whatever is there. */
export type AgainstCrop =
  /** Never known, or so long ago in season that nobody knows what came in since. */
  | { readonly against: 'not-known'; readonly day: string | undefined }
  | { readonly against: 'withdrawal'; readonly product: string; readonly from: string | undefined }
  | { readonly against: 'unripe'; readonly sealedShare: number }

/** The food of a hive: what is known of it, what came and went since, what may be taken, how long it lasts. */
export interface FoodOfHive {
  readonly measured: MeasuredStores
  /** What it asks to eat now: what is still to come of its winter or dearth. */
  readonly asks: NeedOn
  readonly ledger: Ledger
  readonly supers: readonly SuperOfFood[]
  readonly against: readonly AgainstCrop[]
  /** What it eats a day when nothing comes in, kg. */
  readonly eatsADay: Range
  /** Days since it was measured on which nectar may have come in: how much, nobody knows until it is measured again. */
  readonly foragedDays: number
}

/**
 * The food of a hive from all that is known of it: the last weighing, frames counted or heft, whichever is latest, else
 * its combs as they were said; with what was fed, taken and eaten since. Every view asks this function.
 * @param entries what its book says now
 * @param weighings by scale or heft, in any order
 */
export function foodOf(
  known: HiveIn,
  entries: readonly Entry[],
  weighings: readonly Weighed[],
  today: string,
): FoodOfHive {
  const year = yearOf(known.yard)
  const { figures } = known.context
  const asks = needOf(known, today)
  // While it forages, a crop leaves what the winter to come asks.
  const toLeave = asks.share > 0 || isNucleus(known.assembled) ? asks : foodNeedOf(known.context)
  const latest = latestMeasured(measuresOf(known, entries, weighings, year), today)
  const isKnown = latest !== undefined && !isOld(latest, today, year)
  const measured = isKnown ? latest : byModel(known, today)
  const burns = burnsOn(known)
  const eatsOn = (day: string) => eatsADay(stageOn(day, year), burns(day), figures)
  const idle = isCold(stageOn(today, year)) ? burns(today) : rangeOf(figures, 'eatsKgADay')
  // What the model has is of no day: what came and went these days is not in it, and nothing is eaten of it.
  const from = isKnown ? measured : { ...measured, at: daysLater(today, -figures.lookSeasonDays) }
  const eats = { on: isKnown ? eatsOn : () => ZERO, withoutFlow: idle }
  const summed = ledgerOf(from, notGoneYet(known, entries, measured), today, eats, toLeave, figures)
  // What a winter's day eats says nothing of the days after forage: told only where it may run out before.
  const mayRunOut = asks.share === 0 || (summed.lastsDays?.low ?? 0) < daysFrom(dayOf(today).slice(5), asks.until)
  const ledger: Ledger = mayRunOut ? summed : { ...summed, lastsDays: undefined }
  const against: AgainstCrop[] = [
    ...(isKnown ? [] : [{ against: 'not-known' as const, day: latest && dayOf(latest.at) }]),
    ...againstCrop(entries, today, year),
  ]
  const look =
    measured.by === 'frames' ? entriesOf(entries, 'look').find(({ id }) => id === measured.entryId)?.body : undefined
  const supers = supersOf(known, look, ledger, against.length > 0)
  const foragedDays = isKnown
    ? daysAfter(measured.at, today).filter((day) => meaningOf(stageOn(day, year)).fillsSupers).length
    : 0
  return { measured, asks, ledger, supers, against, eatsADay: idle, foragedDays }
}

/** What a hive asks on a day. */
const needOf = ({ yard, assembled, context }: HiveIn, day: string): NeedOn =>
  needOfHive(assembled, needOn(yard, day), context.figures)

/**
 * What the food of a hive says of its crop on a day, as its plan and its steps ask it. Its supers fill while it stands
 * as a stage of growth and the year of its yard is in one: a hive left as in flow in December fills none.
 */
export function knownFoodOf({ yard, hive }: HiveIn, food: FoodOfHive, today: string): KnownFood {
  const mayGo = food.supers.filter((one) => one.mayGo)
  const stillFills = [hive.stage, stageOn(today, yearOf(yard))].every((stage) => meaningOf(stage).fillsSupers)
  const stores = knownStoresOf(food, isCold(hive.stage) ? [] : stillFills ? food.supers : mayGo, stillFills)
  return { ...(stores ? { stores } : {}), mayGo: mayGo.map(({ partId }) => partId), stillFills }
}

/** What is left once this is gone, never below nothing. */
const leftOf = (there: Range, gone: Range): Range => ({
  low: Math.max(0, there.low - gone.high),
  middle: Math.max(0, there.middle - gone.middle),
  high: Math.max(0, there.high - gone.low),
})

/**
 * What of its food is a hive's for the winter, with how it is known: what is left without the supers that go. Undefined
 * where neither its book nor a scale says anything of these days.
 */
function knownStoresOf(
  { measured: { at, by }, ledger }: FoodOfHive,
  going: readonly SuperOfFood[],
  stillFills: boolean,
): KnownStores | undefined {
  if (by === 'model') return undefined
  const inAll = ledger.there
  const gone = sumOf(going.map(({ kg }) => kg))
  const since = ledger.lines.length > 1
  if (gone.high === 0) return { kg: inAll, inAll, at, by, since }
  return { kg: leftOf(inAll, gone), inAll, without: stillFills ? 'all-supers' : 'what-may-go', at, by, since }
}

/**
 * Crops without the share of their boxes that the measure knows to be gone: those that no longer stand there are not in
 * what a look or the model has of the others, and combs that were emptied are not in the model.
 */
function notGoneYet({ assembled }: HiveIn, entries: readonly Entry[], { by }: MeasuredStores): Entry[] {
  if (by !== 'frames' && by !== 'model') return [...entries]
  const standing = new Map(assembled.stack.map((layer) => [layer.part.id, layer]))
  const isGone = (boxId: string) => {
    const box = standing.get(boxId)
    return !box || (by === 'model' && box.part.contents.every(({ holds }) => holds === 'empty'))
  }
  return entries.map((entry): Entry => {
    if (!isEntry(entry, 'crop') || !entry.body.boxIds?.length) return entry
    const left = entry.body.boxIds.filter((id) => !isGone(id)).length / entry.body.boxIds.length
    return { ...entry, body: { ...entry.body, kg: entry.body.kg * left } }
  })
}

/** All that a book and a scale say of its food. */
function measuresOf(
  known: HiveIn,
  entries: readonly Entry[],
  weighings: readonly Weighed[],
  year: YardYear,
): MeasuredStores[] {
  const looks = entriesOf(entries, 'look')
  return [
    ...looks.flatMap(({ id, at, body: { heft } }): MeasuredStores[] => {
      if (!heft) return []
      // Who hefts judges it against what is still to come, not against a whole winter.
      const need = needOf(known, dayOf(at))
      const middle = (need.low + need.high) / 2
      const heaviest = need.high * known.context.figures.heftHeavyTimes
      const kg = {
        light: { low: 0, middle: need.low / 2, high: need.low },
        fair: { low: need.low, middle, high: need.high },
        heavy: { low: need.high, middle: (need.high + heaviest) / 2, high: heaviest },
      }[heft]
      return [{ at, kg, by: 'heft', entryId: id }]
    }),
    ...looks.flatMap(({ id, at, body }): MeasuredStores[] => {
      const kg = byFrames(known, body)
      return kg ? [{ at, kg, by: 'frames', entryId: id }] : []
    }),
    ...weighings.map((one): MeasuredStores => {
      const { storesKg } = storesByWeighing(known, entries, one, year)
      return { at: one.at, kg: storesKg, by: 'weighed' }
    }),
  ]
}

/** What a weighing says of the stores of a hive, less the bees and brood of its day; the same in every view. */
export function storesByWeighing(
  known: HiveIn,
  entries: readonly Entry[],
  { at, kg }: Weighed,
  year: YardYear,
  as: Partial<Weighing> = {},
): Stores {
  const weighing = { ...usualWeighing(stageOn(dayOf(at), year)), ...as }
  return storesOf(known.assembled, kg, weighing, needOf(known, dayOf(at)), livingOn(known, entries, at, year))
}

const boxesOf = ({ assembled }: HiveIn, isSuper: boolean): StackedPart[] =>
  assembled.stack.filter((box) => isBox(box) && (box.placement.role === 'super') === isSuper)

/** What a look says of sealed stores, box by box; supers of which it says nothing as the model has them. */
function byFrames(known: HiveIn, look: Look): Range | undefined {
  const seen = storesSeen(look, known.assembled.stack)
  if (seen.length === 0 || foodFramesOf(look, 'sealed') === undefined) return undefined
  const told = new Set(seen.map(({ partId }) => partId))
  const others = boxesOf(known, true).filter(({ part }) => !told.has(part.id))
  return sumOf([...seen.map(({ kg }) => kg), ...others.map((box) => superHoney(box, known))])
}

const superHoney = ({ resolved }: StackedPart, { context }: HiveIn) =>
  massOfPart(resolved, 'super', usualWeighing(context.stage)).items.honey

/** Where nobody has said anything: its combs as they were said to be, else as they usually are at its stage. */
function byModel(known: HiveIn, today: string): MeasuredStores {
  const { stage, planned } = known.context
  const supers = boxesOf(known, true).map((box) => superHoney(box, known))
  return { at: today, kg: sumOf([storesByModelKg(known.assembled, { planned, stage }), ...supers]), by: 'model' }
}

/** What its winter form burns on a day, kg, by its month; by the mean of its winter outside of those. */
function burnsOn({ yard, hive }: HiveIn): (day: string) => Range {
  const months = winterOf(winterForm(yard, hive)).burns()
  const each = new Map(months.map(({ month, days, honeyKg: kg }) => [month, times(kg, 1 / days)]))
  const mean = months.length > 0 ? times(sumOf([...each.values()]), 1 / months.length) : ZERO
  return (day) => each.get(Number(day.slice(5, 7))) ?? mean
}

/**
 * The supers from the top down. What a look or the model has in each is never told as more than there is in all: where
 * the sum of the boxes is more than is there, each has its share of it.
 */
function supersOf(
  known: HiveIn,
  look: Look | undefined,
  { there, mayTake }: Ledger,
  isHeldBack: boolean,
): SuperOfFood[] {
  const seen = new Map(look ? storesSeen(look, known.assembled.stack).map(({ partId, kg }) => [partId, kg]) : [])
  const supers = boxesOf(known, true).reverse()
  const each = supers.map((box) => seen.get(box.part.id) ?? superHoney(box, known))
  const sum = sumOf(each)
  const share = (of: number, all: number) => (all > of && all > 0 ? of / all : 1)
  const scaled = each.map(({ low, middle, high }) => ({
    low: low * share(there.low, sum.low),
    middle: middle * share(there.middle, sum.middle),
    high: high * share(there.high, sum.high),
  }))
  let taken: Range = ZERO
  return supers.map((box, i) => {
    const kg = scaled[i]!
    taken = sumOf([taken, kg])
    const left = leftOf(there, taken)
    return { partId: box.part.id, kg, left, mayGo: kg.high === 0 || (!isHeldBack && taken.high <= mayTake.low) }
  })
}

/** More days in season since than between looks: nobody knows what came in. */
const isOld = ({ at }: MeasuredStores, today: string, year: YardYear): boolean =>
  daysAfter(at, today).filter((day) => !isCold(stageOn(day, year))).length > year.figures.lookSeasonDays

function againstCrop(entries: readonly Entry[], today: string, year: YardYear): AgainstCrop[] {
  const { lookSeasonDays, ripeShare } = year.figures
  const sealedShare = entriesOf(entries, 'look').findLast(({ body }) => body.superSealed !== undefined)
  const share = sealedShare?.body.superSealed
  const isFresh = sealedShare && daysBetween(sealedShare.at, today) <= lookSeasonDays
  return [
    ...treatmentsStillOn(entries, today).map((treatment) => ({
      against: 'withdrawal' as const,
      product: treatment.body.product,
      from: cropFrom(treatment),
    })),
    ...(isFresh && share !== undefined && share < ripeShare
      ? [{ against: 'unripe' as const, sealedShare: share }]
      : []),
  ]
}

/** Food that lasts so few days that it is told before all else. */
export function isFoodShort({ ledger }: Pick<FoodOfHive, 'ledger'>, { foodSoonDays }: Figures): boolean {
  return ledger.lastsDays !== undefined && ledger.lastsDays.low < foodSoonDays
}
