import type { HangingPattern } from './catalogue'
import { combHalfMm, combKindOf, type CombKind, type CombUse } from './comb'
import type { Across, HangingPlace } from './across'

/** A frame's comb as it is, or as it would be once drawn and sealed. */
export type CombView = CombUse | 'all-honey'

/** The comb of one frame: how far it reaches to either side of the frame's middle. */
export interface HungComb {
  readonly contentId: string
  readonly pattern: HangingPattern
  readonly kind: CombKind
  readonly centreMm: number
  readonly nearMm: number
  readonly farMm: number
  /** Middle to middle with the frames beside it; its own width where it hangs alone. */
  readonly pitchMm: number
}

type AcrossFace = 'wall' | 'comb' | 'undrawn' | 'board'

/** What lies between two neighbours across a box, or between the last of them and the wall. */
export interface AcrossGap {
  readonly fromId: string | null
  readonly toId: string | null
  readonly from: AcrossFace
  readonly to: AcrossFace
  /** Face to face: of comb, board or wall. */
  readonly mm: number
  readonly plusMinusMm: number
  /** Between what the two take by their spacing: 0 where they touch, below zero where they are in each other's way. */
  readonly apartMm: number
  /** Places left empty between them. */
  readonly emptyPlaces: number
  /** Middle to middle, for two frames side by side. */
  readonly pitchMm: number
  readonly y0: number
  readonly y1: number
}

/** Every comb of a box, in order across. Lengths in mm; thickness by `combHalfMm`. */
export function combsAcross(across: Across, view: CombView): HungComb[] {
  const combs: HungComb[] = []
  for (const { places } of across.rooms) {
    for (let i = 0; i < places.length; i++) {
      const place = places[i]!
      if (place.pattern.kind !== 'frame') continue
      const near = neighbourPitch(places[i - 1], place)
      const far = neighbourPitch(place, places[i + 1])
      const own = ownPitch(near, far, place, across)
      const kind: CombKind = view === 'all-honey' ? 'honey' : combKindOf(place.content, view)
      combs.push({
        contentId: place.content.id,
        pattern: place.pattern,
        kind,
        centreMm: place.centreMm,
        pitchMm: own,
        nearMm: combHalfMm(kind, near ?? own, across.figures),
        farMm: combHalfMm(kind, far ?? own, across.figures),
      })
    }
  }
  return combs
}

/** Middle to middle of two frames that hang in places side by side. */
function neighbourPitch(a: HangingPlace | undefined, b: HangingPlace | undefined): number | undefined {
  if (!a || !b || a.pattern.kind !== 'frame' || b.pattern.kind !== 'frame' || b.content.place > a.content.place + 1)
    return undefined
  return b.centreMm - a.centreMm
}

function ownPitch(
  near: number | undefined,
  far: number | undefined,
  { pattern }: HangingPlace,
  { pitchMm, spacing }: Across,
): number {
  if (near !== undefined && far !== undefined) return (near + far) / 2
  return near ?? far ?? (spacing.system === 'touching' ? pattern.spacing.mm : Math.max(pitchMm, pattern.spacing.mm))
}

/** Every gap across a box, from the wall where y is least to the other. Lengths in mm. Geometry. */
export function gapsAcross(across: Across, view: CombView): AcrossGap[] {
  const combs = combsAcross(across, view)
  const gaps: AcrossGap[] = []
  let at = 0
  for (let r = 0; r < across.rooms.length; r++) {
    const { places, y0, y1 } = across.rooms[r]!
    let from = wallSide(y0, r === 0 ? -1 : (places[0]?.content.place ?? 0) - 1, across.slackPlusMinusMm)
    for (const place of places) {
      const comb = place.pattern.kind === 'frame' ? combs[at++] : undefined
      gaps.push(gapBetween(from, sideOf(place, comb, -1)))
      from = sideOf(place, comb, 1)
    }
    gaps.push(gapBetween(from, wallSide(y1, from.place + 1, across.slackPlusMinusMm)))
  }
  return gaps
}

/** One side of a gap: what it is, where its face is, and where what it takes ends. */
interface Side {
  readonly id: string | null
  readonly face: AcrossFace
  readonly y: number
  readonly takenTo: number
  readonly place: number
  readonly centreMm: number
  readonly plusMinusMm: number
}

function wallSide(y: number, place: number, plusMinusMm: number): Side {
  return { id: null, face: 'wall', y, takenTo: y, place, centreMm: y, plusMinusMm }
}

function sideOf({ content, pattern, centreMm }: HangingPlace, comb: HungComb | undefined, direction: 1 | -1): Side {
  const half = comb ? (direction < 0 ? comb.nearMm : comb.farMm) : (pattern.thickness ?? pattern.spacing).mm / 2
  const takes = Math.max(pattern.spacing.mm, comb?.pitchMm ?? 0) / 2
  const face: AcrossFace = !comb ? 'board' : comb.kind === 'sheet' || comb.kind === 'bare' ? 'undrawn' : 'comb'
  return {
    id: content.id,
    face,
    y: centreMm + direction * half,
    takenTo: centreMm + direction * takes,
    place: content.place,
    centreMm,
    plusMinusMm: pattern.spacing.plusMinusMm / 2,
  }
}

function gapBetween(from: Side, to: Side): AcrossGap {
  const frames = from.face !== 'wall' && from.face !== 'board' && to.face !== 'wall' && to.face !== 'board'
  return {
    fromId: from.id,
    toId: to.id,
    from: from.face,
    to: to.face,
    mm: round(to.y - from.y),
    plusMinusMm:
      from.face === 'wall' ? from.plusMinusMm : to.face === 'wall' ? to.plusMinusMm : from.plusMinusMm + to.plusMinusMm,
    apartMm: round(to.takenTo - from.takenTo),
    emptyPlaces: Math.max(0, to.place - from.place - 1),
    pitchMm: frames ? round(to.centreMm - from.centreMm) : 0,
    y0: from.y,
    y1: to.y,
  }
}

function round(value: number): number {
  return Math.round(value * 1e6) / 1e6
}
