import { bodiesOf, type Layout } from '../geometry'
import { isFloor } from '../parts'
import type { Cavity } from './cavity'
import { columnsOf, faceOfColumns } from './columns'
import type { HeatFace } from './enclosure'
import { layerOf, resistanceOf } from './layers'
import { INSIDE_SURFACE, OUTSIDE_SURFACE } from './still-air'

/**
 * What lies under the room of a colony: a board; or a mesh, which holds back no more than the two surfaces of its air,
 * with the insert below it where one lies there. EN ISO 6946; the mesh from memory.
 */
export function floorFace({ under, inside }: Cavity, { figures }: Layout): HeatFace {
  const floor = under.find((part) => isFloor(part))
  const bodies = floor ? bodiesOf(floor).filter(({ rect }) => rect.x1 > inside.x0) : []
  const columns = columnsOf(inside, bodies, 'down', figures).map(({ areaMm2, bodies: met }) => {
    const layers = met.map(({ material, fromMm, toMm }) => layerOf(material, toMm - fromMm, figures))
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
