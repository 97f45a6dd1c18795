import { foodNeedOf, storesByModelKg } from '../checks'
import { rangeOf } from '../figures'
import type { StackedPart } from '../geometry'
import type { HiveIn } from '../hive-in'
import { isCold } from '../hive'
import { isBox, isFrame } from '../parts'
import { stageOn, yearOf, type YardYear } from '../season'
import { honeyKg, massOfPart, storesOf, sumOf, times, usualWeighing, ZERO, type Range } from '../weight'
import { winterForm, winterOf } from '../wintering'
import { entriesOf } from './current'
import { dayOf, daysBetween, daysLater } from './days'
import type { Entry } from './entry'
import { eatsADay, latestMeasured, ledgerOf, type Ledger, type Measured } from './ledger'
import { foodFramesOf, type Look } from './look'
import { cropFrom, treatmentsStillOn } from './treatment'

/** A reading of a scale: the whole hive on a day, kg. */
export interface Weighed {
  readonly day: string
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
  readonly measured: Measured
  readonly ledger: Ledger
  readonly supers: readonly SuperOfFood[]
  readonly against: readonly AgainstCrop[]
  /** What it eats a day when nothing comes in, kg. */
  readonly eatsADay: Range
}

/** By heft: light is less than the need, fair is the need, heavy up to so many times the most of it (from memory). */
const HEAVY_TIMES = 1.3

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
  const need = foodNeedOf(known.context)
  const latest = latestMeasured(measuresOf(known, entries, weighings, year), today)
  const isKnown = latest !== undefined && !isOld(latest, today, year)
  const measured = isKnown ? latest : byModel(known, today)
  const burns = burnsOn(known)
  const eatsOn = (day: string) => eatsADay(stageOn(day, year), burns(day), figures)
  const idle = isCold(stageOn(today, year)) ? burns(today) : rangeOf(figures, 'eatsADay')
  const ledger = ledgerOf(measured, entries, today, { on: eatsOn, withoutFlow: idle }, need, figures)
  const against: AgainstCrop[] = [
    ...(isKnown ? [] : [{ against: 'not-known' as const, day: latest?.day }]),
    ...againstCrop(entries, today, year),
  ]
  return { measured, ledger, supers: supersOf(known, ledger, against.length > 0), against, eatsADay: idle }
}

/** All that a book and a scale say of its food. */
function measuresOf(
  known: HiveIn,
  entries: readonly Entry[],
  weighings: readonly Weighed[],
  year: YardYear,
): Measured[] {
  const need = foodNeedOf(known.context)
  const looks = entriesOf(entries, 'look')
  return [
    ...looks.flatMap(({ at, body: { heft } }): Measured[] => {
      if (!heft) return []
      const middle = (need.low + need.high) / 2
      const kg = {
        light: { low: 0, middle: need.low / 2, high: need.low },
        fair: { low: need.low, middle, high: need.high },
        heavy: { low: need.high, middle: (need.high * (1 + HEAVY_TIMES)) / 2, high: need.high * HEAVY_TIMES },
      }[heft]
      return [{ day: dayOf(at), kg, by: 'heft' }]
    }),
    ...looks.flatMap(({ at, body }): Measured[] => {
      const kg = byFrames(known, body)
      return kg ? [{ day: dayOf(at), kg, by: 'frames' }] : []
    }),
    ...weighings.map(({ day, kg }): Measured => {
      const { storesKg } = storesOf(known.assembled, kg, usualWeighing(stageOn(day, year)), need)
      return { day, kg: storesKg, by: 'weighed' }
    }),
  ]
}

const boxesOf = ({ assembled }: HiveIn, isSuper: boolean): StackedPart[] =>
  assembled.stack.filter((box) => isBox(box) && (box.placement.role === 'super') === isSuper)

/** Frames of sealed stores × the honey of a full frame of that box; supers by the share that is sealed. */
function byFrames(known: HiveIn, look: Look): Range | undefined {
  const frames = foodFramesOf(look, 'sealed')
  const own = boxesOf(known, false)[0]
  if (frames === undefined || !own) return undefined
  const inBox = own.hung.filter(isFrame).length
  if (inBox === 0) return undefined
  const supers = boxesOf(known, true).map(({ resolved }) => resolved)
  const share = look.superSealed
  return sumOf([
    times(honeyKg([own.resolved]), frames / inBox),
    share === undefined || supers.length === 0 ? ZERO : times(honeyKg(supers), share),
  ])
}

const superHoney = ({ resolved }: StackedPart, { context }: HiveIn) =>
  massOfPart(resolved, 'super', usualWeighing(context.stage)).items.honey

/** Where nobody has said anything: its combs as they were said to be, else as they usually are at its stage. */
function byModel(known: HiveIn, today: string): Measured {
  const { stage, planned } = known.context
  const supers = boxesOf(known, true).map((box) => superHoney(box, known))
  return { day: today, kg: sumOf([storesByModelKg(known.assembled, { planned, stage }), ...supers]), by: 'model' }
}

/** What its winter form burns on a day, kg, by its month; by the mean of its winter outside of those. */
function burnsOn({ yard, hive }: HiveIn): (day: string) => Range {
  const months = winterOf(winterForm(yard, hive)).burns()
  const each = new Map(months.map(({ month, days, honeyKg: kg }) => [month, times(kg, 1 / days)]))
  const mean = months.length > 0 ? times(sumOf([...each.values()]), 1 / months.length) : ZERO
  return (day) => each.get(Number(day.slice(5, 7))) ?? mean
}

function supersOf(known: HiveIn, { there, mayTake }: Ledger, isHeldBack: boolean): SuperOfFood[] {
  let taken: Range = ZERO
  return boxesOf(known, true)
    .reverse()
    .map((box) => {
      const kg = superHoney(box, known)
      taken = sumOf([taken, kg])
      const left = {
        low: Math.max(0, there.low - taken.high),
        middle: Math.max(0, there.middle - taken.middle),
        high: Math.max(0, there.high - taken.low),
      }
      return { partId: box.part.id, kg, left, mayGo: !isHeldBack && taken.high <= mayTake.low }
    })
}

/** More days in season since than between looks: nobody knows what came in. */
function isOld({ day: measuredOn }: Measured, today: string, year: YardYear): boolean {
  const since = Array.from({ length: Math.max(0, daysBetween(measuredOn, today)) }, (_, i) =>
    daysLater(measuredOn, i + 1),
  )
  return since.filter((day) => !isCold(stageOn(day, year))).length > year.figures.lookSeasonDays
}

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
