import type { Layout, PlacedPart } from '../stack'
import { dimensionMm, isCrown, isEke, isEntranceFitting, isFloor, isRoof, isVent } from '../parts'
import { cavityOf, type Cavity, type Stand } from './cavity'
import type { AirOpening } from './draught'
import { shutsMesh } from './floor'
import { hasOpenHole } from './top'

/** A way for air in a stack: which one it is. */
export interface StackOpening extends AirOpening {
  readonly what: 'door' | 'mesh' | 'vent' | 'hole'
  readonly partId: string
}

/**
 * Ways for air through the room of a colony, of the one that stands lowest unless asked otherwise: its door as it is
 * narrowed, a mesh floor without its insert, the openings of rims, an open hole under a roof. What chips let through is
 * no draught. Common practice; how much of a mesh is open is from memory.
 */
export function openingsOf(layout: Layout, colony: Stand = 'lower'): StackOpening[] {
  const cavity = cavityOf(layout.parts, colony)
  return cavity ? [...atTheFloor(cavity, layout), ...inTheWalls(cavity), ...atTheTop(cavity)] : []
}

function atTheFloor({ under, insideBelow: inside }: Cavity, { attached, figures }: Layout): StackOpening[] {
  const floor = under.find((part) => isFloor(part))
  if (!floor) return []
  const [wideMm, highMm] = [inside.y1 - inside.y0, dimensionMm(floor.resolved, 'upperRecess')]
  const fitting = attached.find(isEntranceFitting)
  const [narrowMm, lowMm] = fitting
    ? [Math.min(wideMm, dimensionMm(fitting, 'openingWidth')), Math.min(highMm, dimensionMm(fitting, 'openingHeight'))]
    : [wideMm, highMm]
  const atMm = fitting?.attachment.edge === 'upper' ? floor.topMm - lowMm / 2 : floor.topMm - highMm + lowMm / 2
  const door = { what: 'door', partId: floor.part.id, areaMm2: narrowMm * lowMm, atMm, highMm: lowMm } as const
  const meshMm2 = floor.pattern?.surface === 'mesh' && !attached.some(shutsMesh) ? figures.meshOpenShare : 0
  if (meshMm2 === 0) return [door]
  const areaMm2 = meshMm2 * (inside.x1 - inside.x0) * wideMm
  return [door, { what: 'mesh', partId: floor.part.id, areaMm2, atMm: floor.topMm - highMm, highMm: 0 }]
}

const ventOf = (part: PlacedPart): StackOpening => {
  const [wideMm, highMm] = [dimensionMm(part.resolved, 'openingWidth'), dimensionMm(part.resolved, 'openingHeight')]
  return {
    what: 'vent',
    partId: part.part.id,
    areaMm2: wideMm * highMm,
    atMm: (part.bottomMm + part.topMm) / 2,
    highMm,
  }
}

function inTheWalls({ rooms }: Cavity): StackOpening[] {
  return rooms.filter((part) => isVent(part)).map(ventOf)
}

/**
 * Over the crown: its open hole, where a space over it lets air get away under the roof; through a rim, no more than
 * that lets through. What lies on the hole shuts it, and it is no way for air.
 */
function atTheTop({ over }: Cavity): StackOpening[] {
  const crown = over.find((part) => isCrown(part))
  const { holeLength, holeWidth } = crown?.dimensions ?? {}
  if (!crown || !holeLength || !holeWidth || !hasOpenHole(crown)) return []
  const above = over.slice(over.indexOf(crown) + 1)
  const next = above.find((part) => isVent(part) || !isEke(part))
  const rimsMm = above.reduce((sum, part) => sum + (isEke(part) && !isVent(part) ? part.faces.depthMm : 0), 0)
  if (next && !isVent(next) && !(isRoof(next) && rimsMm + spaceOverMm(crown, next) > 0)) return []
  const hole: StackOpening = {
    what: 'hole',
    partId: crown.part.id,
    areaMm2: holeLength.mm * holeWidth.mm,
    atMm: crown.topMm,
    highMm: 0,
  }
  if (!next || !isVent(next)) return [hole]
  const vent = ventOf(next)
  return [{ ...vent, areaMm2: 1 / Math.hypot(1 / vent.areaMm2, 1 / hole.areaMm2) }]
}

/** Room between the board of a crown and what lies on it, mm. */
function spaceOverMm(crown: PlacedPart, next: PlacedPart): number {
  const recessMm = ({ zones }: PlacedPart['faces']['upper']) =>
    zones.find(({ surface }) => surface !== 'hole')?.recess.mm ?? 0
  return recessMm(crown.faces.upper) + recessMm(next.faces.lower)
}
