import { framesOf } from '../../parts'
import { DAYS_A_MONTH, there } from '../../units'
import { narrowed, seamsOfBees, stateOf } from '../../heat'
import type { HiveIn } from '../hive-in'
import { winterOf } from './hive-winter'

/** How much room the bees of a winter take of their own, and the most that less of it would save. */
export interface RoomOfBees {
  readonly litres: number
  /** Of all the room inside, 0 to 1. */
  readonly share: number
  /** Closed in by dummies that are sealed; null where the cluster leaves no frame free. */
  readonly narrower: {
    readonly seams: number
    readonly frames: number
    readonly savesWatts: number
    readonly savesKgAMonth: number
  } | null
}

/** The room that bees take in a hive, L: by the comb that they hang on, or by their mass (from memory). */
export function litresOfBees(known: HiveIn, beesKg: number): number {
  const { comb } = winterOf(known)
  const { figures } = known.context
  return comb ? seamsOfBees(beesKg, comb, figures) * comb.litres : beesKg * figures.clusterLitresPerKg
}

/**
 * The same as a share of the hive, and what closing it in would save at a temperature outside, with only the cluster
 * warm: heat through the walls shrinks with the frames that are left. From memory.
 */
export function roomOfBees(
  known: HiveIn,
  asked: { readonly outsideCelsius: number; readonly beesKg: number },
): RoomOfBees {
  const { figures } = known.context
  const { comb, shell } = winterOf(known)
  const litres = litresOfBees(known, asked.beesKg)
  const frames = Math.max(0, ...known.assembled.stack.map(({ hung }) => framesOf(hung).length))
  const own = comb ? seamsOfBees(asked.beesKg, comb, figures) : frames
  const seams = Math.ceil(own) + figures.spareSeams
  const share = litres / shell.enclosure.litres
  if (seams >= frames) return { litres, share, narrower: null }
  const inside = { warm: 'cluster' } as const
  const [now, closedIn] = [shell, { ...shell, enclosure: narrowed(shell.enclosure, seams / frames) }].map((one) =>
    stateOf(one, { ...asked, inside }, figures),
  )
  return {
    litres,
    share,
    narrower: {
      seams,
      frames,
      savesWatts: there(now).watts - there(closedIn).watts,
      savesKgAMonth: (there(now).honeyKgADay - there(closedIn).honeyKgADay) * DAYS_A_MONTH,
    },
  }
}
