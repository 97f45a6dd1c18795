import { catalogueOf } from '../parts'
import type { Figures } from '../figures'
import { hiveIn } from '../ask'
import { isCold, type Hive, type Way, type Yard } from '../yard'
import { ownedKinds, stageOn, usualWay, wayOf, type YardYear } from '../year'
import { groupedBy } from './by-hive'
import { entriesOf } from './current'
import { dayOf, daysLater } from './days'
import type { Entry } from './entries'
import { foodFramesOf } from './look'
import { miteRate } from './mites'
import { compareShares, wilson, type Compared, type ShareOf } from './share'

/** One cold time of a yard, from its first day to the first day after it. */
export interface ColdTime {
  /** The year in which it began. */
  readonly winter: number
  readonly from: string
  readonly to: string
}

/** Every cold time that begins and ends between two days, by the yard's year. */
export function coldTimes(year: YardYear, from: string, to: string): ColdTime[] {
  const found: ColdTime[] = []
  let began: string | undefined
  let before = isCold(stageOn(dayOf(from), year))
  for (let day = daysLater(from, 1); day <= dayOf(to); day = daysLater(day, 1)) {
    const cold = isCold(stageOn(day, year))
    if (cold && !before) began = day
    if (!cold && before && began !== undefined) found.push({ winter: Number(began.slice(0, 4)), from: began, to: day })
    before = cold
  }
  return found
}

/** What became of one hive in one winter. */
export interface WinterOfHive {
  readonly hiveId: string
  readonly winter: number
  readonly alive: boolean
  /** Mites a day on the tray by the last count before it, where there is one. */
  readonly autumnFall: number | undefined
  /** Frames of sealed stores that went: in the last look before it less in the first after it. */
  readonly framesEaten: number | undefined
}

/** What became of a hive in a winter; undefined where nobody wrote of it before, or has said what became of it. */
export function winterOfHive(
  own: readonly Entry[],
  { winter, from, to }: ColdTime,
  { winterSeenDays, winterIntoDays, winterAutumnDays }: Figures,
): WinterOfHive | undefined {
  const until = daysLater(to, winterSeenDays)
  const within = daysLater(from, winterIntoDays)
  const fates = entriesOf(own, 'fate')
  const before = own.filter(({ at }) => dayOf(at) < within)
  const goneBefore = fates.findLast(({ at }) => dayOf(at) < from)
  const [first] = own
  const told = fates.filter(({ at }) => dayOf(at) >= from && dayOf(at) <= until)
  // A death is never outdone by the colony that came after it.
  const fate = told.find(({ body }) => body.fate === 'dead') ?? told.at(-1)
  // Who dies in the cold went into it, though nothing else was ever written of it.
  const diedInIt = fate?.body.fate === 'dead' && dayOf(fate.at) < to
  if (!first || (before.length === 0 && !diedInIt) || (goneBefore && goneBefore.body.fate !== 'alive')) return undefined
  const looks = entriesOf(own, 'look')
  const after = looks.find(({ at }) => dayOf(at) >= to && dayOf(at) <= until)
  const seen = fate ? fate.body.fate : after ? 'alive' : undefined
  if (seen !== 'alive' && seen !== 'dead') return undefined
  const recent = ({ at }: Entry) => dayOf(at) < within && dayOf(at) >= daysLater(from, -winterAutumnDays)
  const tray = entriesOf(own, 'mites').findLast((one) => recent(one) && one.body.way === 'tray')
  const lastLook = looks.findLast((one) => recent(one) && foodFramesOf(one.body, 'sealed') !== undefined)
  const [stood, left] = [lastLook, after].map((look) => look && foodFramesOf(look.body, 'sealed'))
  return {
    hiveId: first.hiveId,
    winter,
    alive: seen === 'alive',
    autumnFall: tray && miteRate(tray.body).rate,
    framesEaten: stood === undefined || left === undefined ? undefined : Math.max(0, stood - left),
  }
}

/** What winters are compared by. */
export const SCHOOL_FIELDS = ['winterTop', 'winterSize', 'wrap', 'floor', 'broodForm'] as const satisfies (keyof Way)[]
/** A choice of a way of keeping by which winters are compared. */
export type SchoolField = (typeof SCHOOL_FIELDS)[number] | 'strain' | 'climate'

/** Which school of a field a hive was kept by in its yard as it stood then. */
export function schoolOf(yard: Yard, hive: Hive, field: SchoolField): string {
  if (field === 'strain') return yard.prolific ? 'prolific' : 'usual'
  if (field === 'climate') return hiveIn(yard, hive).context.climate
  return wayOf(yard, hive, usualWay(hiveIn(yard, hive).assembled, ownedKinds(yard), catalogueOf(yard)))[field]
}

/** Hives of one school, or of one winter: how many lived, and what is known of mites and food. */
export interface WinterGroup {
  readonly key: string
  readonly alive: ShareOf
  /** Means, of those that it is known of. */
  readonly autumnFall: number | undefined
  readonly framesEaten: number | undefined
}

/** Winters of hives put together by what they have in common, each share with its interval; the largest group first. */
export function groupWinters(
  winters: readonly WinterOfHive[],
  keyOf: (one: WinterOfHive) => string,
): readonly WinterGroup[] {
  return [...groupedBy(winters, keyOf)]
    .map(([key, all]) => ({
      key,
      alive: wilson(all.filter(({ alive }) => alive).length, all.length),
      autumnFall: meanOf(all.map(({ autumnFall }) => autumnFall)),
      framesEaten: meanOf(all.map(({ framesEaten }) => framesEaten)),
    }))
    .sort((a, b) => b.alive.of - a.alive.of || (a.key < b.key ? -1 : 1))
}

function meanOf(values: readonly (number | undefined)[]): number | undefined {
  const known = values.filter((value) => value !== undefined)
  return known.length > 0 ? known.reduce((sum, value) => sum + value, 0) / known.length : undefined
}

/** The two largest of these groups held against each other; undefined where there are not two. */
export function comparedGroups(groups: readonly WinterGroup[], figures: Figures): Compared | undefined {
  const [a, b] = groups
  return a && b ? compareShares(a.alive, b.alive, figures) : undefined
}
