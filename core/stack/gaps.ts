import { sumOfMeasures, type Measure, there } from '../units'
import { covers, overlapOf, type Rect, type ResolvedPart, type Surface } from '../parts'
import { goesThrough, type Term, type Zone } from './faces'
import type { Layout, PlacedPart } from './layout'

/** Where a gap is, which decides the band it is judged by. */
export type GapPlace = 'frames' | 'excluder' | 'cover' | 'under-frames' | 'floor' | 'through-open' | 'no-frames'

/** A vertical gap between two surfaces that face each other. */
export interface Gap extends Measure {
  readonly lowerId: string
  readonly upperId: string
  readonly lowerSurface: Surface
  readonly upperSurface: Surface
  readonly place: GapPlace
  /** Open parts that it passes through, bottom first. */
  readonly throughIds: readonly string[]
  readonly terms: readonly Term[]
  /** Height of its two surfaces above the ground. */
  readonly fromMm: number
  readonly toMm: number
  /** Bees of the colony get there. */
  readonly reached: boolean
}

/** Identity of a gap: the two parts and the two surfaces that it lies between. */
export function gapKey(gap: Pick<Gap, 'lowerId' | 'upperId' | 'lowerSurface' | 'upperSurface'>): string {
  return `${gap.lowerId}+${gap.upperId}:${gap.lowerSurface}-${gap.upperSurface}`
}

interface Trace {
  readonly from: PlacedPart
  readonly zone: Zone
  readonly terms: readonly Term[]
  readonly throughIds: readonly string[]
}

interface DraftGap {
  readonly gap: { -readonly [K in keyof Gap]: Gap[K] }
  readonly fromIndex: number
  readonly toIndex: number
  readonly lowerPasses: boolean
  readonly upperPasses: boolean
}

/**
 * Every vertical gap of a stack: recess of the upper face below + depth of each open part between + recess of
 * the lower face above, for each pair of zones that overlap in plan. Lengths in mm. Geometry.
 * @param beeTightMm below this no bee passes
 */
export function gapsOf(layout: Layout, beeTightMm: number): GapChain {
  const traced = withReach(draftsOf(layout), beeTightMm)
  const reached = traced.filter((gap) => gap.reached)
  return {
    gaps: traced.filter(facesNoHole),
    reachedFromBelow: reached.length > 0 ? new Set(reached.map(({ upperId }) => upperId)) : undefined,
  }
}

/** The gaps of a stack, bottom first, and where its bees get to. */
export interface GapChain {
  readonly gaps: readonly Gap[]
  /**
   * Parts whose underside the colony gets to, by identity; undefined without frames, when nobody can say where its bees
   * are.
   */
  readonly reachedFromBelow: ReadonlySet<string> | undefined
}

/** What trying a change needs of a gap. */
export type GapSum = Pick<Gap, 'lowerId' | 'upperId' | 'place' | 'mm'>

/** The sums alone, without what they are made of and whether bees reach them: the lean path, for trying things out. */
export function gapSumsOf(layout: Layout): GapSum[] {
  const lean = new LeanPaths()
  walk(layout.parts, lean)
  return lean.sums
}

/** A way up from a face, with no more than its sum. */
interface LeanPath {
  readonly from: PlacedPart
  readonly below: Zone
  readonly mm: number
  readonly open: boolean
}

class LeanPaths implements Visitor<LeanPath> {
  readonly sums: GapSum[] = []

  sees({ surface }: Zone): boolean {
    return surface !== 'hole'
  }

  begin(from: PlacedPart, below: Zone): LeanPath {
    return { from, below, mm: below.recess.mm, open: false }
  }

  through({ from, below, mm, open }: LeanPath, zone: Zone): LeanPath {
    return { from, below, mm: mm + zone.recess.mm, open: open || zone.surface === 'open' }
  }

  arrive({ from, below, mm, open }: LeanPath, part: PlacedPart, zone: Zone): void {
    this.sums.push({
      lowerId: from.part.id,
      upperId: part.part.id,
      place: placeOf(below.surface, zone.surface, open && !hangsDown(zone)),
      mm: mm + zone.recess.mm,
    })
  }
}

/** What is made of the way up from every face to the next one that stops it. */
interface Visitor<Path> {
  sees(zone: Zone): boolean
  begin(from: PlacedPart, zone: Zone): Path
  /** Goes on through an open part. */
  through(path: Path, zone: Zone, part: PlacedPart): Path
  /** Meets a face. */
  arrive(path: Path, part: PlacedPart, zone: Zone): void
}

/**
 * Walks up from every zone of every upper face, through open parts, to each zone that it meets: the one tracer of gaps.
 */
function walk<Path>(parts: readonly PlacedPart[], visitor: Visitor<Path>): void {
  for (let at = 0; at < parts.length; at++) {
    const from = parts[at]!
    for (const zone of from.faces.upper.zones) {
      if (!goesThrough(zone.surface) && visitor.sees(zone))
        walkUp(parts, at + 1, zone.rect, visitor.begin(from, zone), visitor)
    }
  }
}

function walkUp<Path>(
  parts: readonly PlacedPart[],
  index: number,
  rect: Rect,
  path: Path,
  visitor: Visitor<Path>,
): void {
  if (index >= parts.length) return
  const part = parts[index]!
  const { zones } = part.faces.lower
  for (const zone of zones) {
    if (!visitor.sees(zone) || !meetsBroadly(rect, zone.rect, part.resolved.figures.sliverMm)) continue
    if (goesThrough(zone.surface))
      walkUp(parts, index + 1, there(overlapOf(rect, zone.rect)), visitor.through(path, zone, part), visitor)
    else visitor.arrive(path, part, zone)
  }
  // What stands inside the next part leaves the rest of the way free.
  if (part.faces.nested && !(zones[0] && covers(zones[0].rect, rect))) walkUp(parts, index + 1, rect, path, visitor)
}

/** Overlaps by more than the edge of a zone both ways. */
export function meetsBroadly(a: Rect, b: Rect, sliverMm: number): boolean {
  const wide = (a.x1 < b.x1 ? a.x1 : b.x1) - (a.x0 > b.x0 ? a.x0 : b.x0)
  const deep = (a.y1 < b.y1 ? a.y1 : b.y1) - (a.y0 > b.y0 ? a.y0 : b.y0)
  return wide >= sliverMm && deep >= sliverMm
}

function facesNoHole(gap: Pick<Gap, 'lowerSurface' | 'upperSurface'>): boolean {
  return gap.lowerSurface !== 'hole' && gap.upperSurface !== 'hole'
}

function draftsOf(layout: Layout): DraftGap[] {
  const drafts: DraftGap[] = []
  walk<Trace>(layout.parts, {
    sees: () => true,
    begin: (from, zone) => ({ from, zone, terms: [termOf(zone, from)], throughIds: [] }),
    through: (trace, zone, part) => ({
      ...trace,
      terms: [...trace.terms, termOf(zone, part)],
      throughIds: zone.surface === 'open' ? [...trace.throughIds, part.part.id] : trace.throughIds,
    }),
    arrive: (trace, part, zone) => {
      if (!repeats(drafts, trace, part, zone))
        drafts.push(draftGap(trace, part, zone, [...trace.terms, termOf(zone, part)]))
    },
  })
  return drafts
}

/** A recess as a summand of a gap. */
export const termOf = ({ recess }: Zone, { part }: ResolvedPart): Term => ({ ...recess, partId: part.id })

/** Several zones of one kind between the same two parts are one gap. */
function repeats(found: readonly DraftGap[], trace: Trace, to: PlacedPart, zone: Zone): boolean {
  return found.some(
    ({ gap, fromIndex, toIndex }) =>
      fromIndex === trace.from.index &&
      toIndex === to.index &&
      gap.lowerSurface === trace.zone.surface &&
      gap.upperSurface === zone.surface &&
      gap.terms[0]!.mm === trace.zone.recess.mm &&
      there(gap.terms.at(-1)).mm === zone.recess.mm,
  )
}

function draftGap(trace: Trace, to: PlacedPart, zone: Zone, terms: readonly Term[]): DraftGap {
  const sum = sumOfMeasures(terms)
  const gap = {
    mm: sum.mm,
    plusMinusMm: sum.plusMinusMm,
    likelyPlusMinusMm: sum.likelyPlusMinusMm,
    lowerId: trace.from.part.id,
    upperId: to.part.id,
    lowerSurface: trace.zone.surface,
    upperSurface: zone.surface,
    place: placeOf(trace.zone.surface, zone.surface, trace.throughIds.length > 0 && !hangsDown(zone)),
    throughIds: trace.throughIds,
    terms,
    fromMm: trace.from.topMm - trace.zone.recess.mm,
    toMm: to.bottomMm + zone.recess.mm,
    reached: false,
  }
  return {
    gap,
    fromIndex: trace.from.index,
    toIndex: to.index,
    lowerPasses: passesBees(trace.zone),
    upperPasses: passesBees(zone),
  }
}

function passesBees(zone: Zone): boolean {
  return zone.passes === 'bee' || zone.passes === 'worker'
}

/** Frames taller than their box fill the open part below it: what they leave is judged by what lies under it. */
function hangsDown({ surface, recess }: Zone): boolean {
  return surface === 'bottom-bars' && recess.mm < 0
}

const ACTS_AS_FLOOR: ReadonlySet<Surface> = new Set(['floor', 'floor-mesh', 'division'])

function placeOf(lower: Surface, upper: Surface, throughOpen: boolean): GapPlace {
  const framesBelow = lower === 'top-bars'
  const framesAbove = upper === 'bottom-bars'
  if (throughOpen) return 'through-open'
  if (framesBelow && framesAbove) return 'frames'
  if (framesAbove) return isExcluder(lower) ? 'excluder' : ACTS_AS_FLOOR.has(lower) ? 'floor' : 'under-frames'
  if (framesBelow) return isExcluder(upper) ? 'excluder' : 'cover'
  return 'no-frames'
}

function isExcluder(surface: Surface): boolean {
  return surface === 'rods' || surface === 'sheet'
}

/** Floods outward from the frames through everything that lets a worker pass. */
function withReach(drafts: readonly DraftGap[], beeTightMm: number): Gap[] {
  const reached = new Set(
    drafts.filter(({ gap }) => gap.lowerSurface === 'top-bars' || gap.upperSurface === 'bottom-bars'),
  )
  const sameSpace = (a: DraftGap, b: DraftGap) =>
    a.fromIndex === b.fromIndex && a.gap.mm >= beeTightMm && b.gap.mm >= beeTightMm
  const through = (below: DraftGap, above: DraftGap) =>
    below.toIndex === above.fromIndex && below.upperPasses && above.lowerPasses
  const joins = (draft: DraftGap) => {
    for (const known of reached)
      if (sameSpace(known, draft) || through(known, draft) || through(draft, known)) return true
    return false
  }
  for (let grew = true; grew;) {
    grew = false
    for (const draft of drafts) {
      if (reached.has(draft) || !joins(draft)) continue
      reached.add(draft)
      grew = true
    }
  }
  return drafts.map((draft) => {
    draft.gap.reached = reached.has(draft)
    return draft.gap
  })
}
