import { type AssembledHive, cellsOfFrame } from '../../stack'
import { isFrame } from '../../parts'
import { rangeOf } from '../../figures'
import { times, type Range } from '../../loads'
import { broodFramesOf, type BroodStage, type Look } from './look'

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

/** Cells of every comb of its brood boxes, by the frame that it hangs in. */
function cellsOfCombs({ stack, figures }: AssembledHive): ReadonlyMap<string, number> {
  const boxes = stack.filter(({ placement }) => placement.role !== 'super')
  return new Map(
    boxes.flatMap(({ hung }) =>
      hung.filter(isFrame).map(({ content, pattern }) => [content.id, cellsOfFrame(pattern, figures.cellWidthMm)]),
    ),
  )
}

/**
 * Cells of combs that have brood: those that were pressed by their own frames; of combs that were only counted nobody
 * knows in which box they hang: as many of the smallest, of the largest, and of the mean. Cells of both sides × the
 * share that is brood (from memory).
 */
function broodCells(look: Look, stages: readonly BroodStage[], frames: number, assembled: AssembledHive): Range {
  const { figures } = assembled
  const cells = cellsOfCombs(assembled)
  const share = rangeOf(figures, 'broodOfCombShare')
  const isCounted = stages.some((stage) => look.broodFrames?.[stage] !== undefined)
  if (!isCounted) {
    const pressed = (look.combs ?? []).filter(({ brood }) => brood?.some((stage) => stages.includes(stage)))
    return times(
      share,
      pressed.reduce((sum, { contentId }) => sum + (cells.get(contentId) ?? 0), 0),
    )
  }
  const sorted = [...cells.values()].sort((a, b) => a - b)
  const mean = sorted.reduce((sum, one) => sum + one, 0) / sorted.length
  const [least, most] = [sorted[0] ?? 0, sorted.at(-1) ?? 0]
  return { low: share.low * frames * least, middle: share.middle * frames * mean, high: share.high * frames * most }
}

/**
 * Brood by frames with each stage: sealed brood all emerges within 12 days, eggs and larvae are all sealed within 9
 * (standard biology: egg 3, larva 6, capped 12 days). Undefined where nothing was told or no frame hangs there.
 */
export function broodSeen(look: Look, assembled: AssembledHive): BroodSeen | undefined {
  const [eggs, larvae, sealed] = (['eggs', 'larvae', 'sealed'] as const).map((stage) => broodFramesOf(look, stage))
  const told = [eggs, larvae, sealed].filter((count) => count !== undefined)
  if (cellsOfCombs(assembled).size === 0 || told.length === 0) return undefined
  const { figures } = assembled
  // Eggs and larvae share combs: the larger of the two is what is open.
  const open = eggs === undefined && larvae === undefined ? undefined : Math.max(eggs ?? 0, larvae ?? 0)
  return {
    frames: Math.max(...told),
    sealedCells: sealed === undefined ? undefined : broodCells(look, ['sealed'], sealed, assembled),
    openCells: open === undefined ? undefined : broodCells(look, ['eggs', 'larvae'], open, assembled),
    emergedInDays: figures.cappedDays,
    sealedInDays: figures.eggDays + figures.openDays,
  }
}
