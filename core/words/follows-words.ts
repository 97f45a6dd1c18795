import { showTemperature } from '../units'
import {
  beesSeen,
  broodSeen,
  cellsSeen,
  foodOf,
  miteLimit,
  miteRate,
  nextLook,
  queenSince,
  roomLeft,
  type Entry,
  type Look,
  type NextLook,
} from '../book'
import type { HiveIn } from '../ask'
import { isCold } from '../yard'
import { stageOn, yearOf } from '../year'
import type { Range } from '../loads'
import { freeInWords } from './due-words'
import { dayInWords } from './day-words'
import { counted, type Reader } from './names'
import { rangeInWords } from './weight-words'

/** One thing that follows from a look, with how it was worked out. */
export interface Follows {
  readonly of: 'bees' | 'to-come' | 'open-brood' | 'food' | 'cells' | 'queen' | 'room' | 'mites' | 'next'
  readonly what: string
  readonly said: string
  readonly how: string
}

const thousands = ({ low, high }: Range) => `${(low / 1000).toFixed(1)} to ${(high / 1000).toFixed(1)} thousand`

const WHY_NEXT: Readonly<Record<NextLook['because'], string>> = {
  swarming: 'every 7 days while swarming is likely',
  clipped: 'every 9 days with a clipped queen',
  first: 'the first of the year',
  season: 'every 14 days',
  cells: 'one may be sealed tomorrow',
  virgin: 'three weeks’ peace; then a young queen lays, or there is none',
}

/** What is said beside a look: whether her wing is clipped, and the tray that was drawn out. */
interface Beside {
  readonly clipped: boolean
  readonly mites?: number | undefined
  readonly days?: number | undefined
}

/** What follows from a look into a hive, and when to look next. */
export function followsInWords(known: HiveIn, look: Look, day: string, beside: Beside, reader: Reader): Follows[] {
  return [
    ...beesAndBrood(known, look, reader),
    ...food(known, look, day, reader),
    ...queenAndRoom(known, look, day, reader),
    ...mites(known, day, beside),
    next(known, look, day, beside.clipped, reader),
  ]
}

/** Food by what was counted or hefted, against the one need. */
function food(known: HiveIn, look: Look, day: string, reader: Reader): Follows[] {
  const entry: Entry = { id: 'look', hiveId: known.hive.id, at: day, madeAt: day, device: '', sort: 'look', body: look }
  const { measured, ledger } = foodOf(known, [entry], [], day)
  if (measured.by === 'model') return []
  const mass = (kg: Pick<Range, 'low' | 'high'>) => rangeInWords(kg, reader, 0)
  return [
    {
      of: 'food',
      what: 'Food',
      said: `${mass(ledger.there)}; its winter asks ${mass(ledger.need)}`,
      how: measured.by === 'heft' ? 'by heft, against the need' : 'frames of stores × the honey of a full frame',
    },
  ]
}

function mites({ yard }: HiveIn, day: string, beside: Beside): Follows[] {
  if (beside.mites === undefined || !beside.days) return []
  const year = yearOf(yard)
  const { rate } = miteRate({ way: 'tray', mites: beside.mites, days: beside.days })
  const limit = miteLimit('day', day, year)
  return [
    {
      of: 'mites',
      what: 'Mites',
      said: `${rate.toFixed(1)} a day; the limit now is ${limit}: ${rate >= limit ? 'at or over it' : 'under it'}`,
      how: rate >= limit ? 'decide with the label and local law' : `${beside.mites} ÷ ${counted(beside.days, 'day')}`,
    },
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
            how:
              'sealed worker brood all emerges within 12 days' +
              (look.droneBrood ? `, drones within ${assembled.figures.droneCappedDays}` : '') +
              '; a comb that has brood is 40 to 85 % brood',
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
            said:
              (cells.open > 0
                ? `act now: one may be sealed from ${say(cells.sealedFrom ?? day)} on, and the swarm leaves. `
                : '') +
              (cells.virginBy
                ? `sealed: a swarm may be gone already; a virgin by ${say(cells.virginBy)} at the latest. ` +
                  'Thin to one, then leave it alone for three weeks: several virgins mean casts'
                : ''),
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
            said: `${freeInWords(room)} free: the next box is due from ${say(room.boxDue)}`,
            how: 'free cells by a queen at her best; a colony that slows down takes longer',
          },
        ]
      : []),
  ]
}

function next({ yard }: HiveIn, look: Look, day: string, clipped: boolean, { vocabulary, units }: Reader): Follows {
  const [openCells, sealedCells] = [(look.cells?.open ?? 0) > 0, (look.cells?.sealed ?? 0) > 0]
  const { lookLeastCelsius } = yearOf(yard).figures
  const found = nextLook(day, yard, { clipped, openCells, sealedCells }, look.celsius)
  return found
    ? {
        of: 'next',
        what: 'Next inspection',
        said:
          found.days === 0
            ? 'none: act at this one'
            : `${dayInWords(found.day, vocabulary)}, in ${counted(found.days, 'day')}`,
        how: WHY_NEXT[found.because],
      }
    : {
        of: 'next',
        what: 'Next inspection',
        said: 'none: no hive is opened in the cold',
        how: `below about ${showTemperature(lookLeastCelsius, units)}`,
      }
}
