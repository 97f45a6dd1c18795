import type { DimensionName, PartKind, Pattern } from './catalogue'
import type { CombUse } from './comb'
import type { AttachmentPlace, Role } from './model'
import { barsOfRuns, hungBars, hungCombs, type CombsTold } from './box'
import { bodiesAt } from './fitting'
import { isBox, isFloor, isRoof } from './is'
import type { Kind, KindGroup, StackLayer, WayUp } from './kind'
import { KINDS } from './kinds'
import { BASE, above, below, byHand } from './level'
import { boundsOf, centredRect, type Rect } from './rect'
import { onceAForm, type ResolvedPart } from './resolve'
import { ownRects, shape, type FaceShape, type PartShape } from './shape'
import { solid, type Solid } from './solid'

/** What a part that no pattern describes is taken to be, mm. */
const UNKNOWN = { outsideMm: 450, depthMm: 100 } as const

/** A part as its kind describes it, before it is turned over or put anywhere; what no pattern describes is a block. */
export const shapeOf = onceAForm((part: ResolvedPart): PartShape =>
  isDescribed(part) ? kindOf(part.pattern).shape(part) : unknownShape(part),
)

function isDescribed(part: ResolvedPart): part is AnyPart {
  return part.pattern !== undefined
}

/** A part of whatever kind, and that kind: the one place that puts the two together. */
type AnyPart = ResolvedPart & { readonly pattern: Pattern }
type AnyKind = Omit<Kind<PartKind>, 'shape' | 'wayUp' | 'sizesInForm'> & {
  shape(part: AnyPart): PartShape
  wayUp(pattern: Pattern): WayUp
  sizesInForm?(pattern: Pattern): readonly DimensionName[]
}

function kindOf({ kind }: { readonly kind: PartKind }): AnyKind {
  return KINDS[kind] as AnyKind
}

function unknownShape(part: ResolvedPart): PartShape {
  const { outsideLength, outsideWidth, depth } = part.dimensions
  const rect = centredRect(outsideLength?.mm ?? UNKNOWN.outsideMm, outsideWidth?.mm ?? UNKNOWN.outsideMm)
  const top = above(BASE, depth ?? byHand(UNKNOWN.depthMm))
  const face: FaceShape = {
    bears: true,
    plusMinusMm: 0,
    zones: [{ rect, name: 'underside', surface: 'unknown', passes: 'nothing' }],
  }
  return shape(part, top, solid(rect, BASE, top, 'unknown', 'block'), face, face)
}

/** Every body of a part: its own, the bars that hang in it, and their combs as the use of the box fills them. */
export function solidsOf(part: ResolvedPart, use: CombUse, told: CombsTold = 'as-they-are'): readonly Solid[] {
  const own = shapeOf(part).solids
  return isBox(part) ? [...own, ...hungBars(part), ...hungCombs(part, use, told)] : own
}

/** The bodies that the stack meets: its own, and of each run of frames alike the bars of one. */
export function bodiesMet(part: ResolvedPart): readonly Solid[] {
  const own = shapeOf(part).solids
  return isBox(part) ? [...own, ...barsOfRuns(part)] : own
}

/** What a fitting is fixed to, among these parts, bottom first. */
export function hostOf<T extends ResolvedPart>(place: AttachmentPlace, parts: readonly T[]): T | undefined {
  if (place === 'around') return undefined
  return place === 'roof-top' ? parts.findLast(isRoof) : parts.find(isFloor)
}

/**
 * A fitting's bodies where it is on its host; heights above the host's lower edge. What no pattern describes, or does
 * not go there by its kind, has none.
 */
export function fittingBodies(fitting: ResolvedPart, place: AttachmentPlace, host: ResolvedPart): readonly Solid[] {
  if (!goesTo(fitting, place)) return []
  const hostShape = shapeOf(host)
  return bodiesAt(fitting, place, {
    shape: hostShape,
    deck: isFloor(host) ? below(hostShape.depth, host.dimensions.upperRecess) : hostShape.depth,
  })
}

const SLOTS: ReadonlySet<AttachmentPlace | undefined> = new Set<AttachmentPlace>([
  'floor-slot-upper',
  'floor-slot-lower',
])
function goesTo({ pattern }: ResolvedPart, place: AttachmentPlace): boolean {
  const usual = pattern && attachmentPlaceOf(pattern)
  return usual === place || (SLOTS.has(usual) && SLOTS.has(place))
}

/** The plan of a part, mm: round its bodies, without what stands out beyond them. */
export const outlineOf = onceAForm((part: ResolvedPart): Rect => boundsOf(ownRects(shapeOf(part))))

/** The plan of a part with all that stands out of it, mm. */
export function reachOf(part: ResolvedPart): Rect {
  return boundsOf(shapeOf(part).solids.map(({ rect }) => rect))
}

/** Which way up a part works. */
export function wayUpOf(pattern: Pattern): WayUp {
  return kindOf(pattern).wayUp(pattern)
}

/** Where a keeper looks for a part of a kind. */
export function trayGroupOf({ kind }: { readonly kind: PartKind }): KindGroup | null {
  return KINDS[kind].tray
}

/** Where a part goes that is no layer; undefined for a layer. */
export function attachmentPlaceOf({ kind }: { readonly kind: PartKind }): AttachmentPlace | undefined {
  return KINDS[kind].attachedAt
}

/** Where a part usually goes in a stack of these layers, bottom first. Common practice. */
export function usualPlace(
  { kind, usualRole }: { readonly kind: PartKind; readonly usualRole?: Role },
  stack: readonly StackLayer[],
): number {
  return KINDS[kind].usualPlace(stack, usualRole)
}

/** Sizes that a pattern of this kind and form cannot do without and lacks. */
export function missingSizes(pattern: Pattern): readonly DimensionName[] {
  const { sizes, sizesInForm } = kindOf(pattern)
  return [...sizes, ...(sizesInForm?.(pattern) ?? [])].filter((name) => pattern.dimensions[name] === undefined)
}
