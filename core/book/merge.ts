import { boxOfSize, combAreaDm2, isBox, isExcluder } from '../parts'
import { hiveIn } from '../ask'
import { isBare, type Edit, type Hive, type Yard, meaningOf } from '../yard'
import { stageOn, yearOf } from '../year'
import { combOfBees } from '../heat'
import { byHiveOf } from './by-hive'
import { entriesOf } from './current'
import { dayOf, daysBetween } from './days'
import type { Entry } from './entries'
import { seamsIn } from './look'

/** Why a hive is not merged with another. */
type NoMerge = 'no-look' | 'sign' | 'gone'

/** A colony on its way into winter: its seams by the last look, whether it is too weak, and why it stays apart. */
export interface ForMerging {
  readonly hiveId: string
  readonly seams: number | undefined
  /** Few seams for their size, whatever the time of the year. */
  readonly isSmall: boolean
  readonly isWeak: boolean
  readonly queenKnown: boolean
  readonly no: NoMerge | undefined
}

/** Whether it is the time for uniting: in spring a small colony is ordinary, and grows. */
export function isUnitingTime(yard: Yard, today: string): boolean {
  return meaningOf(stageOn(today, yearOf(yard))).isUnitingTime
}

/**
 * Colonies that are too weak to winter alone, by a look of these weeks: so few seams, counted as of deep Langstroth
 * combs, and no sign of anything; none but from late summer to early autumn. The one with the fewest seams first.
 * Common practice; the seams from memory.
 */
export function forMerging(yard: Yard, entries: readonly Entry[], today: string): ForMerging[] {
  const books = byHiveOf(entries)
  const isTime = isUnitingTime(yard, today)
  return yard.hives
    .filter((hive) => !isBare(yard, hive))
    .map((hive): ForMerging => {
      const { id } = hive
      const { weakSeams, mergeLooksDays } = hiveIn(yard, hive).context.figures
      const own = books.get(id) ?? []
      const fate = entriesOf(own, 'fate').at(-1)
      const recent = entriesOf(own, 'look').filter(
        ({ at }) => daysBetween(at, today) <= mergeLooksDays && dayOf(at) <= today,
      )
      const seams = recent.map(({ body }) => seamsIn(body)).findLast((count) => count !== undefined)
      const no: NoMerge | undefined =
        fate && fate.body.fate !== 'alive'
          ? 'gone'
          : recent.some(({ body }) => body.signs?.length)
            ? 'sign'
            : seams === undefined
              ? 'no-look'
              : undefined
      const isSmall = no === undefined && seams !== undefined && seams * ofADeep(yard, hive) <= weakSeams
      return {
        hiveId: id,
        seams,
        isSmall,
        isWeak: isTime && isSmall,
        queenKnown: recent.some(({ body }) => body.queen === 'seen' || body.queen === 'eggs'),
        no,
      }
    })
    .sort((a, b) => (a.seams ?? Infinity) - (b.seams ?? Infinity))
}

/** A seam of these combs as a share of one of a deep Langstroth comb. */
function ofADeep(yard: Yard, hive: Hive): number {
  const { assembled, context } = hiveIn(yard, hive)
  const comb = assembled.stack.map(({ hung }) => combOfBees(hung)).find((one) => one !== undefined)
  const box = boxOfSize(context.catalogue, 'langstroth-10', 'deep')
  const deep = context.catalogue.hanging.get(box?.normalContents?.framePatternId ?? '')
  return comb && deep ? comb.areaDm2 / (2 * combAreaDm2(deep)) : 1
}

/** Whom a weak colony goes to: the strongest whose queen is known and that shows no sign; undefined where none is. */
export function partnerOf(weak: ForMerging, all: readonly ForMerging[]): ForMerging | undefined {
  return all
    .filter((one) => one.hiveId !== weak.hiveId && one.no === undefined && one.queenKnown)
    .reduce<ForMerging | undefined>((best, one) => ((best?.seams ?? 0) >= (one.seams ?? 0) ? best : one), undefined)
}

/**
 * The boxes of a colony onto another, over its brood and under what covers it, with their bees; floor, crown and roof
 * stay where they are. Supers and excluders of both come off first. One edit that can be undone.
 */
export function mergeEdit(yard: Yard, weak: Hive, onto: Hive): Edit {
  const layersOf = (hive: Hive) => hiveIn(yard, hive).assembled.stack
  const comesOff = (layer: ReturnType<typeof layersOf>[number]) =>
    isExcluder(layer) || (isBox(layer) && layer.placement.role === 'super')
  const stays = (hive: Hive) => layersOf(hive).filter((layer) => isBox(layer) && !comesOff(layer))
  const off = [weak, onto].flatMap((hive) =>
    layersOf(hive)
      .filter(comesOff)
      .map(({ part }): Edit => ({ kind: 'take-off', hiveId: hive.id, partId: part.id }))
      .reverse(),
  )
  const topBox = stays(onto).at(-1)?.part.id
  const left = layersOf(onto).filter((layer) => !comesOff(layer))
  const at = left.findIndex(({ part }) => part.id === topBox) + 1
  return {
    kind: 'batch',
    edits: [
      ...off,
      ...stays(weak).map(({ part }, i): Edit => ({
        kind: 'move-part',
        partId: part.id,
        fromHiveId: weak.id,
        toHiveId: onto.id,
        at: at + i,
      })),
    ],
  }
}
