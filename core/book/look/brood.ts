import type { Figures } from '../../figures'
import type { AssembledHive } from '../../geometry'
import { isFrame } from '../../parts'
import { cellsOfFrame } from '../../room'
import { rangeOf } from '../../figures'
import { times, type Range } from '../../weight'
import { broodFramesOf, type Look } from './look'

/** Brood by a look, cells: now, and as far as it is known what becomes of it. */
export interface BroodSeen {
  readonly frames: number
  /** Cells under a cap: all of them are bees within the days that a worker is capped. */
  readonly sealedCells: Range | undefined
  readonly openCells: Range | undefined
  /** Days after which all that is sealed now has emerged. */
  readonly emergedInDays: number
  /** Days after which all that is open now is sealed. */
  readonly sealedInDays: number
}

/** The frame that most of a colony's brood hangs in: of its lowest brood box. */
function broodFrame({ stack }: AssembledHive) {
  const boxes = stack.filter(({ placement }) => placement.role === 'brood')
  return boxes.flatMap(({ hung }) => hung.filter(isFrame)).at(0)?.pattern
}

/** Cells of so many combs that have brood: cells of both sides × the share that is brood (from memory). */
function broodCells(frames: number, cellsOfComb: number, figures: Figures): Range {
  return times(rangeOf(figures, 'broodOfComb'), frames * cellsOfComb)
}

/**
 * Brood by frames with each stage: sealed brood all emerges within 12 days, eggs and larvae are all sealed within 9
 * (standard biology: egg 3, larva 6, capped 12 days). Undefined where nothing was told or no frame hangs there.
 */
export function broodSeen(look: Look, assembled: AssembledHive): BroodSeen | undefined {
  const frame = broodFrame(assembled)
  const [eggs, larvae, sealed] = (['eggs', 'larvae', 'sealed'] as const).map((stage) => broodFramesOf(look, stage))
  const told = [eggs, larvae, sealed].filter((count) => count !== undefined)
  if (!frame || told.length === 0) return undefined
  const { figures } = assembled
  const cells = cellsOfFrame(frame, figures.cellWidth)
  // Eggs and larvae share combs: the larger of the two is what is open.
  const open = eggs === undefined && larvae === undefined ? undefined : Math.max(eggs ?? 0, larvae ?? 0)
  return {
    frames: Math.max(...told),
    sealedCells: sealed === undefined ? undefined : broodCells(sealed, cells, figures),
    openCells: open === undefined ? undefined : broodCells(open, cells, figures),
    emergedInDays: figures.cappedDays,
    sealedInDays: figures.eggDays + figures.openDays,
  }
}
