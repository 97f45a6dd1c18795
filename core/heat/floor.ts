import { bodiesOf, type AttachedPart, type Layout, type PlacedPart } from '../stack'
import { dimensionMm, fittingBodies, insulationOf, isDivision, isFloor, isFloorInsert } from '../parts'
import { divisionFace } from './division'
import type { Cavity } from './cavity'
import { columnsOf, faceOfColumns } from './columns'
import type { HeatFace } from './enclosure'
import { airOf, layerOf, resistanceOf } from './layers'
import { INSIDE_SURFACE, OUTSIDE_SURFACE } from './still-air'

/**
 * What lies under the room of a colony: a board; or a mesh, which holds back no more than the two surfaces of its air,
 * with the insert tight below it where one lies there. EN ISO 6946; the mesh from memory.
 */
export function floorFace(cavity: Cavity, { attached, figures }: Layout): HeatFace {
  const { under, insideBelow: inside } = cavity
  if (under[0] && isDivision(under[0])) return divisionFace(under[0], { inside }, 'floor', figures)
  const floor = under.find((part) => isFloor(part))
  const bodies = floor ? bodiesOf(floor).filter(({ rect }) => rect.x1 > inside.x0) : []
  const inserted = attached
    .filter(shutsMesh)
    .flatMap((insert) => [
      airOf(floor ? underMeshMm(floor, insert) : 0, 'down'),
      layerOf(insulationOf(insert), dimensionMm(insert, 'depth'), figures),
    ])
  const columns = columnsOf(inside, bodies, 'down', figures).map(({ areaMm2, bodies: met }) => {
    const layers = [...met.map(({ material, fromMm, toMm }) => layerOf(material, toMm - fromMm, figures)), ...inserted]
    const surfaces = INSIDE_SURFACE.down + (layers.length > 0 ? OUTSIDE_SURFACE : INSIDE_SURFACE.down)
    return { areaMm2, layers, m2KPerW: surfaces + resistanceOf(layers) }
  })
  const { main, ...face } = faceOfColumns(columns)
  return {
    ...face,
    id: 'floor',
    place: 'floor',
    partId: floor?.part.id ?? null,
    insideM2KPerW: INSIDE_SURFACE.down,
    aired: main.layers.length === 0,
  }
}

/** An insert in the upper slot, tight under the mesh, shuts it; in the lower one air goes round it. */
export function shutsMesh(fitting: AttachedPart): boolean {
  return isFloorInsert(fitting) && fitting.attachment.place === 'floor-slot-upper'
}

/** How far an insert lies below the bees' floor, mm: the air between holds back warmth too. */
function underMeshMm(floor: PlacedPart, insert: AttachedPart): number {
  const [body] = fittingBodies(insert, insert.attachment.place, floor.resolved)
  const deckMm = floor.faces.depthMm - dimensionMm(floor.resolved, 'upperRecess')
  return body ? Math.max(0, deckMm - body.to.mm) : 0
}
