import type { Figures } from '../figures'
import { isBare, type Yard } from '../yard'
import { yearOf } from '../year'
import { byHiveOf } from './by-hive'
import { colonyOf } from './colony'
import { entriesOf } from './current'
import { dayOf, daysBetween } from './days'
import type { Entry } from './entries'
import { framesWithBrood } from './look'
import { treatmentEnd } from './treatment'

/** Why a hive gives no comb of brood to a nucleus. */
export type NoGift = 'no-look' | 'few-brood' | 'queen-unknown' | 'sign' | 'treated' | 'gone'

/** A hive as a giver of a comb of brood: its frames with brood at the last look, and why it gives none. */
export interface Giver {
  readonly hiveId: string
  readonly broodFrames: number | undefined
  readonly no: NoGift | undefined
}

/**
 * Who can give one comb of brood with its bees, never the queen: strong by a look of these days, the queen or her eggs
 * seen, no sign of anything, nothing in it that is treated with. Common practice.
 */
export function giversOf(yard: Yard, entries: readonly Entry[], today: string): Giver[] {
  const books = byHiveOf(entries)
  const { figures } = yearOf(yard)
  return yard.hives
    .filter((hive) => !isBare(yard, hive))
    .map(({ id }) => giverOf(id, books.get(id) ?? [], today, figures))
    .sort(
      (a, b) => Number(a.no !== undefined) - Number(b.no !== undefined) || (b.broodFrames ?? 0) - (a.broodFrames ?? 0),
    )
}

function giverOf(hiveId: string, own: readonly Entry[], today: string, figures: Figures): Giver {
  const colony = colonyOf(own, today)
  const look = entriesOf(own, 'look').findLast(({ at }) => dayOf(at) <= today)
  const broodFrames = look && framesWithBrood(look.body)
  const isTreated = entriesOf(own, 'treatment').some((treatment) => {
    const end = treatmentEnd(treatment)
    return dayOf(treatment.at) <= today && (end === undefined || end >= today)
  })
  const no: NoGift | undefined =
    colony && colony.is !== 'lives'
      ? 'gone'
      : colony
        ? 'sign'
        : !look || daysBetween(look.at, today) > figures.lookSeasonDays
          ? 'no-look'
          : look.body.signs?.length
            ? 'sign'
            : look.body.queen !== 'seen' && look.body.queen !== 'eggs'
              ? 'queen-unknown'
              : (broodFrames ?? 0) < figures.giverBroodFrames
                ? 'few-brood'
                : isTreated
                  ? 'treated'
                  : undefined
  return { hiveId, broodFrames, no }
}

/** What nuclei are made of: combs of brood, of food and empty ones, and a box, feeder, door and screen for each. */
export interface NucleiPlan {
  readonly nuclei: readonly { readonly givers: readonly [string, string] }[]
  readonly left: readonly string[]
  readonly needs: {
    readonly boxes: number
    readonly broodCombs: number
    readonly foodCombs: { readonly low: number; readonly high: number }
    readonly emptyCombs: number
    readonly feeders: number
    readonly doors: number
    readonly screens: number
  }
}

/** Nuclei of two combs of brood, each of another hive, 1 to 2 of food and an empty one (common practice). */
export function nucleiOf(givers: readonly Giver[], most = Infinity): NucleiPlan {
  const able = givers.filter(({ no }) => no === undefined).map(({ hiveId }) => hiveId)
  const count = Math.min(Math.floor(able.length / 2), most)
  return {
    nuclei: Array.from({ length: count }, (_, i) => ({ givers: [able[2 * i]!, able[2 * i + 1]!] as const })),
    left: able.slice(2 * count),
    needs: {
      boxes: count,
      broodCombs: 2 * count,
      foodCombs: { low: count, high: 2 * count },
      emptyCombs: count,
      feeders: count,
      doors: count,
      screens: count,
    },
  }
}
