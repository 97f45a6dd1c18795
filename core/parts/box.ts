import type { CombUse } from './comb'
import { comparableMm, type Length, there } from '../units'
import { hangAcross } from './across'
import { combsAcross } from './across-gaps'
import { BASE, above, below, type Level } from './level'
import { barsOf, combBodyOf, combMaterial, framesOf, levelsOf } from './frame'
import type { Kind, PartOf } from './kind'
import { over, under } from './place'
import {
  insideRect,
  openZone,
  outerPlusMinusMm,
  outsideRect,
  shape,
  type FaceShape,
  type PartShape,
  type ZoneShape,
} from './shape'
import { solid, volumeMm3, type Solid, type SolidMaterial } from './solid'
import { overlapOf, type Rect } from './rect'
import { dimension } from './sizes'

/** Sizes that such a part always has. */
export const BOX_NEEDS = [
  'outsideLength',
  'outsideWidth',
  'insideLength',
  'insideWidth',
  'restToRest',
  'restDepth',
  'depth',
] as const

/** Four walls that frames hang in, or a rack of sections; some divided for two colonies. */
export const BOX: Kind<'box'> = {
  sizes: BOX_NEEDS,
  sizesInForm: ({ halves, sections }) => [
    ...(halves ? ['divisionThickness' as const] : []),
    ...(sections ? ['upperRecess' as const, 'lowerRecess' as const] : []),
  ],
  shape: boxShape,
  wayUp: () => 'one',
  // What the queen lays in goes under an excluder, what the crop is put in over it.
  usualPlace: (stack, role) =>
    (role === 'brood' && stack.some(({ kind }) => kind === 'excluder')
      ? over(stack, (layer) => layer.role === 'brood')
      : over(stack, ({ kind }) => kind === 'box' || kind === 'excluder')) ??
    under(stack, 'crown', 'roof') ??
    over(stack, ({ kind }) => kind === 'floor') ??
    stack.length,
  tray: 'boxes',
}

function boxShape(part: PartOf<'box'>): PartShape {
  const depth = above(BASE, part.dimensions.depth)
  const inside = insideRect(part)
  const hung = hungZones(part, inside, depth)
  const { insideLength, insideWidth, restToRest } = part.dimensions
  const plusMinusMm =
    outerPlusMinusMm(part) + Math.max(insideLength.plusMinusMm, insideWidth.plusMinusMm, restToRest.plusMinusMm) / 2
  const solids = [...shellOf(part, depth), ...divisionOf(part, depth), ...sectionsOf(part, inside, depth)]
  const [lower, upper]: FaceShape[] = [
    { bears: true, plusMinusMm, zones: hung.lower },
    { bears: true, plusMinusMm, zones: hung.upper },
  ]
  return shape(part, depth, solids, there(lower), there(upper), { cutMm: { x: 0, y: cutAlongMm(part) } })
}

/** Along its first frame, where one hangs. */
function cutAlongMm(part: PartOf<'box'>): number {
  const { places } = hangAcross(part)
  const first = framesOf(places)[0] ?? places[0]
  return first?.centreMm ?? (part.pattern.halves ? part.dimensions.insideWidth.mm / 4 : 0)
}

/** Sides of full length, ends between them with the rest cut out of their upper inner edge. */
function shellOf(part: PartOf<'box'>, depth: Level): Solid[] {
  const { restToRest, restDepth } = part.dimensions
  const [outside, inside] = [outsideRect(part), insideRect(part)]
  const material: SolidMaterial = part.pattern.material === 'polystyrene' ? 'polystyrene' : 'timber'
  const ledge = below(depth, restDepth)
  const { y0, y1 } = inside
  const restMm = restToRest.mm / 2
  const ends = [
    ...solid({ x0: outside.x0, x1: inside.x0, y0, y1 }, BASE, ledge, material, 'front'),
    ...solid({ x0: outside.x0, x1: -restMm, y0, y1 }, ledge, depth, material, 'front'),
    ...solid({ x0: inside.x1, x1: outside.x1, y0, y1 }, BASE, ledge, material, 'back'),
    ...solid({ x0: restMm, x1: outside.x1, y0, y1 }, ledge, depth, material, 'back'),
  ]
  const share = builtUpShare(part, ends)
  return [
    ...solid({ ...outside, y1: inside.y0 }, BASE, depth, material, 'left'),
    ...solid({ ...outside, y0: inside.y1 }, BASE, depth, material, 'right'),
    ...(share === 1 ? ends : ends.map((body) => ({ ...body, share }))),
  ]
}

/** Ends of a wooden box that are thicker than a board are a board with two rails. */
export function hasBuiltUpEnds({ pattern, dimensions, figures }: PartOf<'box'>): boolean {
  return (
    pattern.material === 'wood' &&
    (dimensions.outsideLength.mm - dimensions.insideLength.mm) / 2 > figures.builtUpFromMm
  )
}

function builtUpShare(part: PartOf<'box'>, ends: readonly Solid[]): number {
  if (!hasBuiltUpEnds(part)) return 1
  const { insideWidth, depth } = part.dimensions
  const { endBoardMm, railWidthMm, railDepthMm } = part.figures
  const woodMm3 = 2 * insideWidth.mm * (endBoardMm * depth.mm + 2 * railWidthMm * railDepthMm)
  return woodMm3 / ends.reduce((sum, body) => sum + volumeMm3(body), 0)
}

function divisionOf(part: PartOf<'box'>, depth: Level): Solid[] {
  if (!part.pattern.halves) return []
  const half = dimension(part, 'divisionThickness').mm / 2
  return solid({ ...insideRect(part), y0: -half, y1: half }, BASE, depth, 'timber', 'division', { bears: false })
}

function sectionsOf(part: PartOf<'box'>, inside: Rect, depth: Level): Solid[] {
  if (!part.pattern.sections) return []
  return solid(
    inside,
    above(BASE, dimension(part, 'lowerRecess')),
    below(depth, dimension(part, 'upperRecess')),
    'honey',
    'sections',
    { bears: false, filling: true },
  )
}

/** What bees meet above and below: bars of each run of frames, sections, or nothing at all. */
function hungZones(
  part: PartOf<'box'>,
  inside: Rect,
  depth: Level,
): { readonly lower: ZoneShape[]; readonly upper: ZoneShape[] } {
  const spans = part.pattern.sections
    ? [{ rect: inside }]
    : hangAcross(part).runs.flatMap(({ pattern, room, y0, y1 }) => {
        const half = pattern.lengthOverEndBars.mm / 2
        // What does not go in is told as that: gaps are those of the frames between the walls.
        const rect = overlapOf({ x0: -half, x1: half, y0, y1 }, inside)
        return rect ? [{ rect, ...(part.pattern.halves ? { colony: room === 0 ? 'near' : 'far' } : {}) }] : []
      })
  if (spans.length === 0) return { lower: [openZone(inside, depth)], upper: [openZone(inside, depth)] }
  return {
    upper: spans.map((span) => ({ ...span, name: 'top-space', surface: 'top-bars', passes: 'bee' })),
    lower: spans.map((span) => ({ ...span, name: 'bottom-space', surface: 'bottom-bars', passes: 'bee' })),
  }
}

/** The bars, boards and feeders that hang in a box, at their places across it. */
export function hungBars(part: PartOf<'box'>): Solid[] {
  const seat = seatIn(part)
  return hangAcross(part).places.flatMap(({ content, pattern, centreMm }) =>
    barsOf(pattern, content.id, centreMm, seat),
  )
}

/** The bars that bees meet over and under each run of neighbours alike: those of one of them stand for all. */
export function barsOfRuns(part: PartOf<'box'>): Solid[] {
  const seat = seatIn(part)
  return hangAcross(part).runs.flatMap(({ pattern, y0, y1 }, i) => barsOf(pattern, `run-${i}`, (y0 + y1) / 2, seat))
}

/** What is told of the combs: each as it is, or all of them drawn and filled as the box is used. */
export type CombsTold = 'as-they-are' | 'by-use'

/** The combs in its frames, as thick as they are drawn for what the box is used for. */
export function hungCombs(part: PartOf<'box'>, use: CombUse, told: CombsTold): Solid[] {
  const seat = seatIn(part)
  const contents = new Map(part.hung.map(({ content }) => [content.id, content]))
  return combsAcross(hangAcross(part), use).flatMap((comb) =>
    told === 'by-use'
      ? combBodyOf({ ...comb, kind: use }, comb.pattern, seat, use)
      : combBodyOf(comb, comb.pattern, seat, combMaterial(there(contents.get(comb.contentId)), use)),
  )
}

/**
 * How many of the frames of a box end at this height over its lower edge, mm, and of how many; undefined where all do,
 * or none hangs. What hangs to two heights leaves two gaps at one face.
 */
export function framesEndingAt(part: PartOf<'box'>, overEdgeMm: number): { count: number; of: number } | undefined {
  const seat = seatIn(part)
  const frames = framesOf(hangAcross(part).places)
  const ends = frames.filter(
    ({ pattern }) => comparableMm(levelsOf(pattern, seat).bottom.mm) === comparableMm(overEdgeMm),
  )
  return ends.length > 0 && ends.length < frames.length ? { count: ends.length, of: frames.length } : undefined
}

/** Level of the frame rests. */
export function seatIn({
  dimensions,
}: {
  readonly dimensions: { readonly depth: Length; readonly restDepth: Length }
}): Level {
  return below(above(BASE, dimensions.depth), dimensions.restDepth)
}
