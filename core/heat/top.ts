import { there } from '../units'
import { bodiesOf, type Layout, type PlacedPart, type StandingBody } from '../stack'
import { isAbsorber, isCrown, isDivision, isRoof, isSlab, isVent } from '../parts'
import { divisionFace } from './division'
import type { Cavity } from './cavity'
import { columnsOf, faceOfColumns, type HeatColumn } from './columns'
import type { HeatFace } from './enclosure'
import { airOf, layerOf, resistanceOf, type HeatLayer } from './layers'
import { INSIDE_SURFACE, OUTSIDE_SURFACE } from './still-air'

/** What lies over the room of a colony, up to the sky; bare where nothing does. EN ISO 6946. */
export function topFace(cavity: Cavity, { figures }: Layout): HeatFace {
  const { over, inside } = cavity
  if (over[0] && isDivision(over[0])) return divisionFace(over[0], cavity, 'top', figures)
  const aired = over.flatMap(airedBy)
  const roofs = new Set(over.filter((part) => isRoof(part)).map(({ part }) => part.id))
  const isAired = (below: StandingBody, above: StandingBody) =>
    aired.some(
      ({ fromMm, toMm, underRoofOnly }) =>
        above.fromMm >= fromMm && below.toMm <= toMm && (!underRoofOnly || roofs.has(above.partId)),
    )
  const screen = over.find((part) => isCrown(part) && part.pattern.surface === 'mesh')
  /** Nothing holds heat back below what lies over a screen, and air moves between the two. */
  const isUnderScreen = ({ bodies: [first] }: HeatColumn) => screen && first && first.fromMm >= screen.topMm
  const given = new Map(
    over.flatMap((part) => (givenOf(part) === undefined ? [] : [[part.part.id, there(givenOf(part))]])),
  )
  const columns = columnsOf(inside, over.flatMap(bodiesOf), 'up', figures).map((column) => ({
    ...column,
    ...(isUnderScreen(column) ? OPEN_TO_AIR : pathUp(column, isAired, given, figures)),
  }))
  const { main, ...face } = faceOfColumns(columns)
  return {
    ...face,
    id: 'top',
    place: 'top',
    partId: over[0]?.part.id ?? null,
    insideM2KPerW: INSIDE_SURFACE.up,
    aired: main.aired,
  }
}

/** Air of outside right over the bees: no layer counts. */
const OPEN_TO_AIR = { m2KPerW: 2 * INSIDE_SURFACE.up, layers: [], aired: true }

/** A panel's resistance as its maker gives it. */
const givenOf = (part: PlacedPart): number | undefined =>
  isSlab(part) && part.pattern.rValue ? part.pattern.rValue : undefined

/** A space that air from outside moves through, between these heights, mm. */
interface Aired {
  readonly fromMm: number
  readonly toMm: number
  readonly underRoofOnly: boolean
}

/**
 * Where air from outside moves: through the opening of a rim, over a screen, over chips whose vents let it out, and
 * between a board with an open hole and the roof.
 */
function airedBy(part: PlacedPart): Aired[] {
  const over = { fromMm: part.topMm, toMm: part.topMm, underRoofOnly: false }
  if (isVent(part)) return [{ ...over, fromMm: part.bottomMm }]
  if (isAbsorber(part)) return part.part.lacks?.includes('vent-holes') ? [] : [over]
  if (!isCrown(part)) return []
  if (part.pattern.surface === 'mesh') return [over]
  return hasOpenHole(part) ? [{ ...over, fromMm: part.bottomMm, underRoofOnly: true }] : []
}

/** A hole of a crown that nothing shuts. */
export function hasOpenHole({ dimensions, part }: Pick<PlacedPart, 'dimensions' | 'part'>): boolean {
  return dimensions.holeLength !== undefined && dimensions.holeWidth !== undefined && (part.hole ?? 'open') === 'open'
}

/** What a body holds back; under the boards of a gable is air. */
function layersOf({ material, fromMm, toMm, ridged }: StandingBody, figures: Layout['figures']): HeatLayer[] {
  if (!ridged) return [layerOf(material, toMm - fromMm, figures)]
  return [airOf((toMm - fromMm) / 2, 'up'), layerOf('timber', figures.gableBoardMm, figures)]
}

function pathUp(
  { bodies }: HeatColumn,
  isAired: (below: StandingBody, above: StandingBody) => boolean,
  given: ReadonlyMap<string, number>,
  figures: Layout['figures'],
): { readonly m2KPerW: number; readonly layers: readonly HeatLayer[]; readonly aired: boolean } {
  const layers: HeatLayer[] = []
  let last: StandingBody | undefined
  for (const body of bodies) {
    const gapMm = last ? body.fromMm - last.toMm : 0
    // Air moves only where there is a space: a slab that lies flat on a board shuts its hole.
    if (gapMm > 0 && isAired(there(last), body)) return { ...whole(layers, INSIDE_SURFACE.up), layers, aired: true }
    if (gapMm > 0) layers.push(airOf(gapMm, 'up'))
    const own = given.get(body.partId)
    const thickMm = body.toMm - body.fromMm
    layers.push(...(own === undefined ? layersOf(body, figures) : [{ of: 'given' as const, thickMm, m2KPerW: own }]))
    last = body
  }
  return { ...whole(layers, OUTSIDE_SURFACE), layers, aired: false }
}

const whole = (layers: readonly HeatLayer[], outside: number) => ({
  m2KPerW: INSIDE_SURFACE.up + resistanceOf(layers) + outside,
})
