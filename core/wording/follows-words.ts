import { beesSeen, broodSeen, cellsSeen, nextLook, queenSince, roomLeft, type Look, type NextLook } from '../book'
import type { HiveIn } from '../hive-in'
import { isCold } from '../hive'
import { stageOn, yearOf } from '../season'
import type { Range } from '../weight'
import { dayInWords } from './day-words'
import { counted, type Reader } from './names'
import { rangeInWords } from './weight-words'

/** One thing that follows from a look, with how it was worked out. */
export interface Follows {
  readonly of: 'bees' | 'to-come' | 'open-brood' | 'cells' | 'queen' | 'room' | 'next'
  readonly what: string
  readonly said: string
  readonly how: string
}

const thousands = ({ low, high }: Range) => `${(low / 1000).toFixed(1)} to ${(high / 1000).toFixed(1)} thousand`

const WHY_NEXT: Readonly<Record<NextLook['because'], string>> = {
  swarming: 'every 7 days while swarming is likely',
  clipped: 'every 9 days with a clipped queen',
  season: 'every 14 days',
  cells: 'before the first open cell is sealed',
}

/** What follows from a look into a hive, and when to look next. */
export function followsInWords(known: HiveIn, look: Look, day: string, clipped: boolean, reader: Reader): Follows[] {
  return [
    ...beesAndBrood(known, look, reader),
    ...queenAndRoom(known, look, day, reader),
    next(known, look, day, clipped, reader),
  ]
}

function beesAndBrood({ assembled }: HiveIn, look: Look, reader: Reader): Follows[] {
  const bees = beesSeen(look, assembled)
  const brood = broodSeen(look, assembled)
  return [
    ...(bees
      ? [
          {
            of: 'bees' as const,
            what: 'Bees',
            said: `${thousands(bees.bees)}, ${rangeInWords(bees.kg, reader, 1)}`,
            how: `${counted(bees.seams, 'seam')} × what a covered comb of this box holds, ± a fifth`,
          },
        ]
      : []),
    ...(brood?.sealedCells
      ? [
          {
            of: 'to-come' as const,
            what: 'Bees to come',
            said: `${thousands(brood.sealedCells)} within ${brood.emergedInDays} days`,
            how: 'sealed brood all emerges within 12 days; a comb that has brood is 40 to 85 % brood',
          },
        ]
      : []),
    ...(brood?.openCells
      ? [
          {
            of: 'open-brood' as const,
            what: 'Open brood',
            said: `${thousands(brood.openCells)}, all sealed within ${brood.sealedInDays} days`,
            how: 'egg 3 days, larva 6',
          },
        ]
      : []),
  ]
}

function queenAndRoom(known: HiveIn, look: Look, day: string, { vocabulary }: Reader): Follows[] {
  const { figures } = known.context
  const say = (iso: string) => dayInWords(iso, vocabulary)
  const cells = cellsSeen(look, day, figures)
  const queen = queenSince(look, day, figures)
  // In the cold a colony fills no combs with brood, and no box is put on.
  const rests = isCold(stageOn(day, yearOf(known.yard)))
  const room = rests ? undefined : roomLeft(look, day, known.assembled, known.yard.prolific)
  return [
    ...(cells
      ? [
          {
            of: 'cells' as const,
            what: 'Queen cells',
            said: cells.virginBy
              ? `sealed: a swarm may be gone already; a virgin by ${say(cells.virginBy)} at the latest`
              : `open: the first is sealed by ${say(cells.sealedBy ?? day)}, and about then a swarm leaves`,
            how: 'a queen: egg 3 days, larva 5½, in her sealed cell 7 to 8',
          },
        ]
      : []),
    ...(queen && queen.from !== queen.to
      ? [
          {
            of: 'queen' as const,
            what: 'Queen',
            said: `she was there on ${say(queen.from)} or later`,
            how: 'eggs stay eggs for three days',
          },
        ]
      : []),
    ...(room
      ? [
          {
            of: 'room' as const,
            what: 'Room for brood',
            said: `${room.free} of ${counted(room.combs, 'comb')} free: the next box is due from ${say(room.boxDue)}`,
            how: 'free cells by a queen at her best; a colony that slows down takes longer',
          },
        ]
      : []),
  ]
}

function next({ yard, context }: HiveIn, look: Look, day: string, clipped: boolean, { vocabulary }: Reader): Follows {
  const openCells = (look.cells?.open ?? 0) > 0
  const found = nextLook(day, stageOn(day, yearOf(yard)), { clipped, openCells }, context.figures, look.celsius)
  return found
    ? {
        of: 'next',
        what: 'Next look',
        said: `${dayInWords(found.day, vocabulary)}, in ${counted(found.days, 'day')}`,
        how: WHY_NEXT[found.because],
      }
    : { of: 'next', what: 'Next look', said: 'none: no hive is opened in the cold', how: 'below about 10 °C' }
}
