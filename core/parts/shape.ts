import type { Level } from './level'
import { centredRect, type Rect } from './rect'
import { dimension, dimensionMm } from './sizes'
import type { ResolvedPart } from './resolve'
import type { Solid } from './solid'

/** What bees meet first at a zone of a face. */
export type Surface =
  | 'top-bars'
  | 'bottom-bars'
  | 'floor'
  | 'floor-mesh'
  | 'board'
  | 'division'
  | 'sheet'
  | 'rods'
  | 'screen'
  | 'chips'
  | 'slab'
  | 'underside'
  | 'hole'
  | 'feeder'
  | 'open'
  | 'opening'
  | 'unknown'

/** What goes through a zone: bee, worker, air, nothing. */
export type Passes = 'bee' | 'worker' | 'air' | 'nothing'

/** What a recess or depth is, so that a gap can say what it is made of. */
export type TermName =
  | 'top-space'
  | 'bottom-space'
  | 'rim'
  | 'flat-side'
  | 'rod-side'
  | 'sheet'
  | 'floor-rails'
  | 'underside'
  | 'open-depth'
  | 'screen'
  | 'chips'
  | 'slab'

/** A rectangle of a face: what a bee meets there. How deep it lies follows from the solids. */
export interface ZoneShape {
  readonly rect: Rect
  readonly name: TermName
  readonly surface: Surface
  readonly passes: Passes
  readonly colony?: string
  /** Where there is no solid to meet: the level of the mouth of a hole. */
  readonly mouth?: Level
}

/** How a face is cut: its edge and its zones. */
export interface FaceShape {
  /** Other parts stand on this face, or it on them. */
  readonly bears: boolean
  /** How far the outer and inner lines of its edge may be off on one side, added up. */
  readonly plusMinusMm: number
  readonly zones: readonly ZoneShape[]
}

/** A part as it is drawn, described once: its bodies, and what bees meet on its two faces. */
export interface PartShape {
  /** What it adds to the height of the stack. */
  readonly depth: Level
  /** How far it hangs down over the parts below. */
  readonly skirtMm: number
  /** It stands inside the part above, on what is below. */
  readonly nested: boolean
  /** How far an interlocking lip reaches into the next part. */
  readonly nestingMm: number
  /** Its own bodies, without what hangs in it. */
  readonly solids: readonly Solid[]
  readonly lower: FaceShape
  readonly upper: FaceShape
  /** Where it is cut for a drawing: along the frames at this y, across them at this x. */
  readonly cutMm: { readonly x: number; readonly y: number }
}

/** A shape of these bodies and faces; what is not said is as in most parts. */
export function shape(
  part: ResolvedPart,
  depth: Level,
  solids: readonly Solid[],
  lower: FaceShape,
  upper: FaceShape,
  more: Partial<PartShape> = {},
): PartShape {
  return {
    depth,
    solids,
    lower,
    upper,
    skirtMm: 0,
    nested: false,
    nestingMm: part.dimensions.nesting?.mm ?? 0,
    cutMm: { x: 0, y: 0 },
    ...more,
  }
}

/** A face that bears, its edge as far off as the outside and these other sizes may be. */
export function bearing(part: ResolvedPart, zones: readonly ZoneShape[], ...others: readonly 'rimWidth'[]): FaceShape {
  return {
    bears: true,
    plusMinusMm: outerPlusMinusMm(part) + others.reduce((sum, name) => sum + dimension(part, name).plusMinusMm, 0),
    zones,
  }
}

/** A face that nothing stands on. */
export const NOTHING_STANDS_HERE: FaceShape = { bears: false, plusMinusMm: 0, zones: [] }

/** Half of what the outside may be off, since both sides share it. */
export function outerPlusMinusMm({ dimensions: { outsideLength, outsideWidth } }: ResolvedPart): number {
  return Math.max(outsideLength?.plusMinusMm ?? 0, outsideWidth?.plusMinusMm ?? 0) / 2
}

/** The outside of a part in plan. */
export function outsideRect(part: ResolvedPart): Rect {
  return centredRect(dimensionMm(part, 'outsideLength'), dimensionMm(part, 'outsideWidth'))
}

/** The inside of a part in plan. */
export function insideRect(part: ResolvedPart): Rect {
  return centredRect(dimensionMm(part, 'insideLength'), dimensionMm(part, 'insideWidth'))
}

/** The plan of each of a part's bodies, without what stands out beyond it. */
export function ownRects({ solids }: PartShape): Rect[] {
  return solids.filter(({ projects }) => !projects).map(({ rect }) => rect)
}

/** What a part without frames lets through, from edge to edge. */
export function openZone(rect: Rect, depth: Level, surface: 'open' | 'opening' = 'open'): ZoneShape {
  return { rect, name: 'open-depth', surface, passes: 'bee', mouth: depth }
}
