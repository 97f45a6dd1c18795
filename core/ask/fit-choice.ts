import { findAll, isBox, isFramePattern, resolvePart } from '../parts'
import type { Catalogue, HangingPattern, Part, Pattern } from '../parts'
import { boxOfPattern, type FitBox } from '../stack'
import { HIVE_SIDES, isUneven, partOnSide, type HiveSide, type Yard } from '../yard'

/** A box that is held against others: a pattern, or parts of the yard that measure the same. */
export interface FitChoice extends FitBox {
  /** How many parts of these sizes the yard has. */
  readonly alike?: number
  /** The side that is looked at, where the box is uneven. */
  readonly side?: HiveSide
}

/** Which boxes and frames are held against each other: what the yard owns, those of a format, or all there are. */
export type FitShown = 'owned' | 'all' | Pattern['format']

/** What is held against what: frames and boxes by row, boxes by column. */
export interface FitChoices {
  readonly frames: readonly HangingPattern[]
  readonly boxes: readonly FitChoice[]
  /** Boxes of one format are held against what the yard owns first, and then against each other. */
  readonly lowers: readonly FitChoice[]
}

/** An uneven box is looked at on each of its sides. */
function sidesOf(part: Part): readonly { readonly side?: HiveSide; readonly asThere: Part }[] {
  if (!isUneven(part)) return [{ asThere: part }]
  return HIVE_SIDES.map((side) => ({ side, asThere: partOnSide(part, side) }))
}

const sizesOf = ({ patternId, measured }: Part) =>
  `${patternId} ${JSON.stringify(
    Object.entries(measured ?? {})
      .map(([name, { mm, otherMm, plusMinusMm }]) => [name, mm, otherMm, plusMinusMm])
      .sort(),
  )}`

/** What the yard owns, by pattern; parts that were measured stand for themselves, and for those of the same sizes. */
function ownedBoxes(parts: readonly Part[], all: readonly FitBox[], catalogue: Catalogue): FitChoice[] {
  const boxes = parts.filter(({ patternId }) => isBox({ pattern: catalogue.patterns.get(patternId) }))
  const bySize = new Map<string, Part[]>()
  for (const part of boxes.filter(({ measured }) => measured))
    bySize.set(sizesOf(part), [...(bySize.get(sizesOf(part)) ?? []), part])
  const measured = [...bySize.values()].flatMap(([part, ...more]) =>
    part
      ? sidesOf(part).map(({ side, asThere }) => ({
          id: side ? `${part.id} ${side}` : part.id,
          alike: more.length + 1,
          ...(side ? { side } : {}),
          resolved: resolvePart(asThere, catalogue),
        }))
      : [],
  )
  const patterns = new Set(boxes.filter((part) => !part.measured).map(({ patternId }) => patternId))
  return [...all.filter(({ id }) => patterns.has(id)), ...measured]
}

const known = new WeakMap<Catalogue, readonly FitBox[]>()

/** Every box of a catalogue with its normal frames; the same objects as long as it is the same. */
function boxesOf(catalogue: Catalogue): readonly FitBox[] {
  const boxes =
    known.get(catalogue) ?? findAll(catalogue, { kind: 'box' }).map((pattern) => boxOfPattern(pattern, catalogue))
  known.set(catalogue, boxes)
  return boxes
}

/** What is held against what, for a yard or without one. From common practice: a keeper asks of the own kit first. */
export function fitChoices(yard: Yard | undefined, catalogue: Catalogue, shown: FitShown): FitChoices {
  const parts = yard?.parts ?? []
  const all = boxesOf(catalogue)
  const owned = ownedBoxes(parts, all, catalogue)
  const isShown = ({ resolved: { pattern } }: FitBox) => pattern?.format === shown || pattern?.own === true
  const boxes = shown === 'all' ? all : shown === 'owned' ? owned : all.filter(isShown)
  const ofOne = shown !== 'owned' && shown !== 'all'
  const hung = new Set(parts.flatMap(({ contents }) => contents.map(({ patternId }) => patternId)))
  return {
    frames: [...catalogue.hanging.values()].filter(
      (pattern) => isFramePattern(pattern) && (shown !== 'owned' || hung.has(pattern.id) || pattern.own),
    ),
    boxes,
    lowers: ofOne ? [...owned.filter(({ id }) => !boxes.some((box) => box.id === id)), ...boxes] : boxes,
  }
}
