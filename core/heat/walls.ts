import type { PlacedPart } from '../stack'
import type { Figures } from '../figures'
import { hasBuiltUpEnds, isBox, MADE_OF, outlineOf } from '../parts'
import { ownInside } from './cavity'
import type { HeatFace, WallSide } from './enclosure'
import { airOf, layerOf, resistanceOf, sideBySide, type HeatLayer } from './layers'
import { INSIDE_SURFACE, OUTSIDE_SURFACE } from './still-air'

const SURFACES = INSIDE_SURFACE.sideways + OUTSIDE_SURFACE

/**
 * The four walls of a part round the room of a colony, by its inside sizes, with what is wrapped round them (EN ISO
 * 6946).
 */
export function wallFaces(part: PlacedPart, wraps: readonly HeatLayer[] = []): HeatFace[] {
  const inside = ownInside(part)
  const outside = outlineOf(part.resolved)
  const highMm = part.faces.depthMm
  const sides: readonly (readonly [side: WallSide, wideMm: number, thickMm: number])[] = [
    ['front', inside.y1 - inside.y0, inside.x0 - outside.x0],
    ['back', inside.y1 - inside.y0, outside.x1 - inside.x1],
    ['left', inside.x1 - inside.x0, inside.y0 - outside.y0],
    ['right', inside.x1 - inside.x0, outside.y1 - inside.y1],
  ]
  return sides.map(([side, wideMm, thickMm]) => {
    const own = wallOf(part, side, thickMm, wraps)
    return {
      id: `${part.part.id}:${side}`,
      place: 'wall',
      side,
      partId: part.part.id,
      areaM2: (wideMm * highMm) / 1e6,
      m2KPerW: own.m2KPerW,
      pathM2KPerW: SURFACES + resistanceOf(own.layers),
      insideM2KPerW: INSIDE_SURFACE.sideways,
      layers: own.layers,
      aired: false,
    }
  })
}

/** A wall of its layers one after another, and how they resist in all, m²·K/W. */
interface Wall {
  readonly m2KPerW: number
  readonly layers: readonly HeatLayer[]
}

function wallOf(part: PlacedPart, side: WallSide, thickMm: number, wraps: readonly HeatLayer[]): Wall {
  const { figures } = part
  if (isBox(part) && (side === 'front' || side === 'back') && hasBuiltUpEnds(part))
    return builtUpEnd(thickMm, part.faces.depthMm, wraps, figures)
  const layers = [layerOf(MADE_OF[part.pattern?.material ?? 'wood'], thickMm, figures), ...wraps]
  return { m2KPerW: SURFACES + resistanceOf(layers), layers }
}

/**
 * An end that is a board with two rails, as two paths side by side: the mean of the upper and the lower limit (EN ISO
 * 6946, Eq. 5 to 8). Without a wrap the paths are board alone and board, air, rail, and in the lower limit the rails
 * hold nothing back, since the air of outside lies beside them; a wrap shuts that air in, and it counts. Its largest
 * path is the one between the rails.
 */
function builtUpEnd(thickMm: number, highMm: number, wraps: readonly HeatLayer[], figures: Figures): Wall {
  const { endBoardMm, railWidthMm, railDepthMm } = figures
  const board = layerOf('timber', endBoardMm, figures)
  const gapMm = Math.max(0, thickMm - endBoardMm - railWidthMm)
  const rail = [airOf(gapMm, 'sideways'), layerOf('timber', thickMm - endBoardMm - gapMm, figures)]
  const between = wraps.length > 0 ? [airOf(thickMm - endBoardMm, 'sideways')] : []
  const share = Math.min(1, (2 * railDepthMm) / highMm)
  const through = SURFACES + board.m2KPerW + resistanceOf(wraps)
  const upper = sideBySide([
    { share, m2KPerW: through + resistanceOf(rail) },
    { share: 1 - share, m2KPerW: through + resistanceOf(between) },
  ])
  const layer = [
    { share, m2KPerW: resistanceOf(rail) },
    { share: 1 - share, m2KPerW: resistanceOf(between) },
  ]
  const lower = through + (between.length > 0 ? sideBySide(layer) : 0)
  return { m2KPerW: (upper + lower) / 2, layers: [board, ...between, ...wraps] }
}
