import type { Layout } from '../stack'
import type { Rect } from '../parts'
import { cavityOf, ownInside, type Stand } from './cavity'
import { floorFace } from './floor'
import type { HeatLayer } from './layers'
import { topFace } from './top'
import { wallFaces } from './walls'
import { wrapsRound } from './wraps'

/** One side of a box, seen from its entrance. */
export type WallSide = 'front' | 'back' | 'left' | 'right'

/** A face of what encloses the colony. */
export interface HeatFace {
  /** The same as long as the face is the same. */
  readonly id: string
  readonly place: 'top' | 'wall' | 'floor'
  readonly side: WallSide | null
  /** The part that bees meet there; null where there is none. */
  readonly partId: string | null
  readonly areaM2: number
  /** Of the whole face, surfaces included, m²·K/W. */
  readonly m2KPerW: number
  /** Of its largest path, which is what gets cold: the same, but where a face is built of more than one. */
  readonly pathM2KPerW: number
  /** The surface inside, of both. */
  readonly insideM2KPerW: number
  /** Its largest path, from the inside outwards, without the surfaces. */
  readonly layers: readonly HeatLayer[]
  /** Air from outside goes through over it: what lies beyond holds nothing back. */
  readonly aired: boolean
  /** Another colony is on its other side: it loses heat to the colder of the two, none to the outside. */
  readonly isInner?: true
}

/** What encloses the colony of a stack: its top, its walls box by box, its floor; by sizes inside. */
export interface Enclosure {
  readonly faces: readonly HeatFace[]
  /** Room inside, litres, and how high it is, mm. */
  readonly litres: number
  readonly heightMm: number
  /** Boxes that the colony has, bottom first. */
  readonly boxIds: readonly string[]
  /** Colonies that share it side by side and so warm each other: two halves of one box are two. */
  readonly colonies: number
}

/**
 * The faces that lose heat of a colony, of the one that stands lowest unless asked otherwise; none where no box does.
 * Areas by inside dimensions: the floor's of the lowest box, the top's of the uppermost. R by EN ISO 6946; what a floor
 * of mesh is to hold back is from memory.
 */
export function enclosureOf(layout: Layout, colony: Stand = 'lower'): Enclosure {
  const cavity = cavityOf(layout.parts, colony)
  if (!cavity) return { faces: [], litres: 0, heightMm: 0, boxIds: [], colonies: 1 }
  const { rooms } = cavity
  const heightMm = rooms.reduce((sum, { faces }) => sum + faces.depthMm, 0)
  return {
    faces: [
      topFace(cavity, layout),
      ...rooms.flatMap((room) => wallFaces(room, wrapsRound(room, layout))),
      floorFace(cavity, layout),
    ],
    litres: rooms.reduce((sum, room) => sum + (planMm2(ownInside(room)) * room.faces.depthMm) / 1e6, 0),
    heightMm,
    boxIds: cavity.boxes.map(({ part }) => part.id),
    colonies: cavity.boxes.every(({ pattern }) => pattern?.halves) ? 2 : 1,
  }
}

const planMm2 = ({ x0, x1, y0, y1 }: Rect) => (x1 - x0) * (y1 - y0)
