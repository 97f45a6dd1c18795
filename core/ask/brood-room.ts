import { resolvePart, type Catalogue } from '../parts'
import { findPart, type Yard } from '../yard'
import { roomOf } from '../stack'
import { honeyKg, type Range } from '../loads'
import type { Figures } from '../figures'

/** What a queen fills, and from where on a brood nest's room is tight. */
export interface BroodNeed {
  readonly eggsADay: number
  /** Cells that brood of all ages takes at the peak. */
  readonly cellsFilled: number
  readonly mendCells: number
  readonly watchCells: number
}

/**
 * The brood nest's need of cells: laying at the peak times the days of brood, more for a prolific strain. Common
 * practice.
 */
export function broodNeed(figures: Figures, isProlific: boolean): BroodNeed {
  const times = isProlific ? figures.prolificRoomTimes : 1
  const eggsADay = figures.layingPeakEggsADay * times
  return {
    eggsADay,
    cellsFilled: eggsADay * figures.broodDays,
    mendCells: figures.broodNeedMendCells * times,
    watchCells: figures.broodNeedWatchCells * times,
  }
}

/** How good so many cells are against the need. */
export function broodRoomGrade(cells: number, need: BroodNeed): 'mend' | 'watch' | 'good' {
  return cells < need.mendCells ? 'mend' : cells < need.watchCells ? 'watch' : 'good'
}

/** The room of a hive's brood boxes, and the honey that its food boxes hold when full, kg. */
export interface HiveRoom {
  readonly name: string
  readonly room: ReturnType<typeof roomOf>
  readonly foodKg: Range | null
}

/** The brood room of every hive that has a brood box. */
export function hiveRooms(yard: Yard, catalogue: Catalogue, cellWidthMm: number): HiveRoom[] {
  return yard.hives.flatMap((hive) => {
    const boxes = (role: 'brood' | 'food') =>
      hive.stack.flatMap((placement) => {
        const part = placement.role === role ? findPart(yard, placement.partId) : undefined
        return part ? [resolvePart(part, catalogue)] : []
      })
    const brood = boxes('brood')
    return brood.length === 0
      ? []
      : [{ name: hive.name, room: roomOf(brood, cellWidthMm), foodKg: honeyKg(boxes('food')) }]
  })
}
