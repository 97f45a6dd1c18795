import { entriesOf } from './current'
import { dayOf } from './days'
import type { Entry } from './entries'
import type { Weighed } from './food'
import { groupedBy } from './by-hive'
import { foodFramesOf, framesWithBrood, seamsIn } from './look'
import { miteRate } from './mites'

export const MEASURES = ['seams', 'brood', 'stores', 'weight', 'mites'] as const
/** What a book is drawn by: seams of bees, frames with brood, frames of sealed stores, kg by scale, mites a day. */
export type SeriesOf = (typeof MEASURES)[number]

/** One point of a book: what was found on a day. */
export interface FoundPoint {
  readonly day: string
  readonly value: number
}

/** What was found of one measure, oldest first; what was not said is not there. */
export function seriesOf(measure: SeriesOf, entries: readonly Entry[], weighings: readonly Weighed[]): FoundPoint[] {
  if (measure === 'weight')
    return weighings.map(({ at, kg }) => ({ day: dayOf(at), value: kg })).sort((a, b) => (a.day < b.day ? -1 : 1))
  if (measure === 'mites')
    return entriesOf(entries, 'mites')
      .filter(({ body }) => body.way === 'tray')
      .map(({ at, body }) => ({ day: dayOf(at), value: miteRate(body).rate }))
  return entriesOf(entries, 'look').flatMap(({ at, body }) => {
    const value = {
      seams: seamsIn(body),
      brood: framesWithBrood(body),
      stores: foodFramesOf(body, 'sealed'),
    }[measure]
    return value === undefined ? [] : [{ day: dayOf(at), value }]
  })
}

/** A leap year, so that every day of any year has its place when years are laid over each other. */
const ANY_YEAR = '2024'

/** The same with years over each other: each point moved to the same day of one year, newest year first. */
export function overYears(
  series: readonly FoundPoint[],
): { readonly year: string; readonly points: readonly FoundPoint[] }[] {
  return [...groupedBy(series, ({ day }) => day.slice(0, 4))]
    .map(([year, found]) => ({
      year,
      points: found.map(({ day, value }) => ({ day: `${ANY_YEAR}${day.slice(4)}`, value })),
    }))
    .sort((a, b) => (a.year < b.year ? 1 : -1))
}
