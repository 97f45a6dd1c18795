import type { HiveIn } from '../ask'
import { KG_PER_POUND } from '../units'
import { stageOn, type YardYear } from '../year'
import { usualWeighing, weighInProblem, type Weighing } from '../loads'
import { dayOf } from './days'
import type { Entry } from './entries'
import { foodOf, storesByWeighing, type Weighed } from './food'

/** Why a reading is asked about before it is kept, with the figure that it is held against, kg. */
export interface WeighDoubt {
  readonly doubt: 'below-tare' | 'above-full' | 'off-known'
  readonly limitKg: number
  /** The reading taken as the other unit, where that would be nothing to ask about. */
  readonly otherUnitKg?: { readonly kg: number; readonly typedAs: 'lb' | 'kg' }
}

/**
 * What is odd about a reading: lighter than the stack is empty, more stores than all its combs hold, or more than a
 * fifth off what the last weighing, look and what came and went since let one expect. Undefined where nothing is.
 * Common practice; the fifth from memory.
 */
export function weighDoubt(
  known: HiveIn,
  entries: readonly Entry[],
  weighings: readonly Weighed[],
  reading: Weighed,
  year: YardYear,
  as: Partial<Weighing> = {},
): WeighDoubt | undefined {
  const found = oddness(known, entries, weighings, reading, year, as)
  if (!found) return undefined
  const others = [
    { kg: reading.kg * KG_PER_POUND, typedAs: 'lb' as const },
    { kg: reading.kg / KG_PER_POUND, typedAs: 'kg' as const },
  ]
  const other = others.find(({ kg }) => !oddness(known, entries, weighings, { ...reading, kg }, year, as))
  return other ? { ...found, otherUnitKg: other } : found
}

function oddness(
  known: HiveIn,
  entries: readonly Entry[],
  weighings: readonly Weighed[],
  reading: Weighed,
  year: YardYear,
  as: Partial<Weighing>,
): WeighDoubt | undefined {
  const day = dayOf(reading.at)
  const weighing = { ...usualWeighing(stageOn(day, year)), ...as }
  const problem = weighInProblem(known.assembled, reading.kg, weighing)
  if (problem) return { doubt: problem.problem, limitKg: problem.limitKg }
  const stores = storesByWeighing(known, entries, reading, year, as)
  const offKg = reading.kg - stores.storesKg.middle
  if (stores.fill > 1) return { doubt: 'above-full', limitKg: offKg + stores.storesKg.middle / stores.fill }
  const earlier = weighings.filter(({ at }) => at < reading.at)
  const { measured, ledger, against } = foodOf(
    known,
    entries.filter(({ at }) => at <= reading.at),
    earlier,
    day,
  )
  if (measured.by === 'model' || against.some((one) => one.against === 'not-known')) return undefined
  const off = known.context.figures.offKnownShare
  const [least, most] = [offKg + ledger.there.low, offKg + ledger.there.high]
  if (reading.kg < least * (1 - off)) return { doubt: 'off-known', limitKg: least }
  return reading.kg > most * (1 + off) ? { doubt: 'off-known', limitKg: most } : undefined
}

/** A reading, and its halves where it has some, taken as the mass that it was in the other unit, kg. */
export function asOtherMass<Row extends { readonly kg: number; readonly leftKg?: number; readonly rightKg?: number }>(
  row: Row,
  kg: number,
): Row {
  const times = kg / row.kg
  const halves =
    row.leftKg === undefined || row.rightKg === undefined
      ? {}
      : { leftKg: row.leftKg * times, rightKg: row.rightKg * times }
  return { ...row, kg, ...halves }
}
