import { SHIPPED_FIGURES } from '#core/figures'
import {
  CATALOGUE,
  resolvePart,
  type ResolvedPart,
  type Content,
  type FrameState,
  type Part,
  type Role,
  type Spacing,
} from '#core/parts'
import { type Context, type Finding, assessBox } from '#core/rules'
import { newPlacement, type Stage } from '#core/yard'

export interface Hung {
  readonly spacing?: Spacing
  /** State of every frame, or of the n-th. */
  readonly state?: FrameState | ((place: number) => FrameState)
  /** Patterns that hang after the frames. */
  readonly then?: readonly string[]
  readonly contents?: readonly Content[]
}

/** A box with so many of one frame hung in it. */
export function boxWith(
  boxId: string,
  frameId: string,
  count: number,
  { spacing, state = {}, then = [], contents }: Hung = {},
): Part {
  const hung = [...Array<string>(count).fill(frameId), ...then]
  return {
    id: 'box',
    patternId: boxId,
    hasHeld: [],
    ...(spacing ? { spacing } : {}),
    contents:
      contents ??
      hung.map((patternId, place) => ({
        id: `f${place}`,
        patternId,
        place,
        ...(place < count ? (typeof state === 'function' ? state(place) : state) : {}),
      })),
  }
}

export const resolved = (part: Part): ResolvedPart => resolvePart(part, CATALOGUE)

export function contextFor(stage: Stage = 'flow'): Context {
  return {
    catalogue: CATALOGUE,
    stage,
    band: { minMm: 6.35, maxMm: 9.525 },
    figures: SHIPPED_FIGURES,
    climate: 'cool-maritime',
    prolific: false,
  }
}

/** Findings about one box in a role. */
export function findingsOf(part: Part, role: Role = 'super', stage: Stage = 'flow'): Finding[] {
  return assessBox(part, newPlacement(part.id, CATALOGUE.patterns.get(part.patternId), role), contextFor(stage))
}

export const rulesFor = (part: Part, role: Role = 'super', stage: Stage = 'flow') =>
  findingsOf(part, role, stage).map(({ rule }) => rule)

export const FULL_WIDTH_MM = { langstroth: 374.65, national: 422.275 } as const
