import type { Figures } from '../figures'
import { hiveIn } from '../hive-in'
import type { Edit, Hive, Yard } from '../hive'
import { isBox } from '../parts'
import { byHiveOf } from './by-hive'
import { entriesOf } from './current'
import { dayOf, daysBetween } from './days'
import type { Entry } from './entry'
import { seamsIn } from './look'

/** Why a hive is not merged with another. */
type NoMerge = 'no-look' | 'sign' | 'gone'

/** A colony on its way into winter: its seams by the last look, whether it is too weak, and why it stays apart. */
export interface ForMerging {
  readonly hiveId: string
  readonly seams: number | undefined
  readonly isWeak: boolean
  readonly queenKnown: boolean
  readonly no: NoMerge | undefined
}

/** Looks of so many days count (from memory). */
const LOOKS_OF = 28

/**
 * Colonies that are too weak to winter alone, by a look of these weeks: so few seams, and no sign of anything. The one
 * with the fewest seams first. Common practice; the seams from memory.
 */
export function forMerging(
  hives: readonly Pick<Hive, 'id'>[],
  entries: readonly Entry[],
  today: string,
  { weakSeams }: Figures,
): ForMerging[] {
  const books = byHiveOf(entries)
  return hives
    .map(({ id }): ForMerging => {
      const own = books.get(id) ?? []
      const fate = entriesOf(own, 'fate').at(-1)
      const recent = entriesOf(own, 'look').filter(({ at }) => daysBetween(at, today) <= LOOKS_OF && dayOf(at) <= today)
      const seams = recent.map(({ body }) => seamsIn(body)).findLast((count) => count !== undefined)
      const no: NoMerge | undefined =
        fate && fate.body.fate !== 'alive'
          ? 'gone'
          : recent.some(({ body }) => body.signs?.length)
            ? 'sign'
            : seams === undefined
              ? 'no-look'
              : undefined
      return {
        hiveId: id,
        seams,
        isWeak: no === undefined && seams !== undefined && seams <= weakSeams,
        queenKnown: recent.some(({ body }) => body.queen === 'seen' || body.queen === 'eggs'),
        no,
      }
    })
    .sort((a, b) => (a.seams ?? Infinity) - (b.seams ?? Infinity))
}

/** Whom a weak colony goes to: the strongest whose queen is known and that shows no sign; undefined where none is. */
export function partnerOf(weak: ForMerging, all: readonly ForMerging[]): ForMerging | undefined {
  return all
    .filter((one) => one.hiveId !== weak.hiveId && one.no === undefined && one.queenKnown)
    .reduce<ForMerging | undefined>((best, one) => ((best?.seams ?? 0) >= (one.seams ?? 0) ? best : one), undefined)
}

/**
 * The boxes of a colony onto another, over its boxes and under what covers them, with their bees; floor, crown and roof
 * stay where they are. One edit that can be undone.
 */
export function mergeEdit(yard: Yard, weak: Hive, onto: Hive): Edit {
  const boxes = (hive: Hive) => hiveIn(yard, hive).assembled.stack.filter((layer) => isBox(layer))
  const topBox = boxes(onto).at(-1)?.part.id
  const at = onto.stack.findIndex(({ partId }) => partId === topBox) + 1
  return {
    kind: 'batch',
    edits: boxes(weak).map(({ part }, i) => ({
      kind: 'move-part',
      partId: part.id,
      fromHiveId: weak.id,
      toHiveId: onto.id,
      at: at + i,
    })),
  }
}
