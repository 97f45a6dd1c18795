import { bodiesOf, type PlacedPart } from '../stack'
import type { Figures } from '../figures'
import type { Cavity } from './cavity'
import { columnsOf, faceOfColumns } from './columns'
import type { HeatFace } from './enclosure'
import { layerOf, resistanceOf } from './layers'
import { INSIDE_SURFACE } from './still-air'

/**
 * The board between two colonies that stand over each other, as a face of either: heat goes through it to the colder of
 * the two, none of it to the sky. The
 * room under its rims is the bees' own. EN ISO 6946, as for heat that goes up.
 */
export function divisionFace(
  board: PlacedPart,
  { inside }: Pick<Cavity, 'inside'>,
  place: 'top' | 'floor',
  figures: Figures,
): HeatFace {
  const columns = columnsOf(inside, bodiesOf(board), 'up', figures).map(({ areaMm2, bodies }) => {
    const layers = bodies.map(({ material, fromMm, toMm }) => layerOf(material, toMm - fromMm, figures))
    return { areaMm2, layers, m2KPerW: 2 * INSIDE_SURFACE.up + resistanceOf(layers) }
  })
  const { main: _main, ...face } = faceOfColumns(columns)
  return {
    ...face,
    id: place,
    place,
    partId: board.part.id,
    insideM2KPerW: INSIDE_SURFACE.up,
    aired: false,
    isInner: true,
  }
}
