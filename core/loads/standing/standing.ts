import { there } from '../../units'
import type { Figures } from '../../figures'
import { isBallast, isRoof, isStand, outlineOf } from '../../parts'
import type { Layout, PlacedPart, AttachedPart } from '../../stack'
import { sumOf, ZERO, type HiveMass, type Range } from '../weight'
import { roofWindMs, tippingWindMs } from './wind'

/** Whether a hive stands; heights in mm above the ground, masses in kg, wind in m/s. */
export interface Standing {
  readonly heightMm: number
  readonly standMm: number
  readonly kg: Range
  /** On the stand. */
  readonly loadKg: Range
  readonly ratingKg: number | null
  readonly overloaded: boolean
  readonly centreOfMassMm: number
  /** How wide it stands, across the way that it tips. */
  readonly baseMm: number
  readonly winds: Winds
  /** Round hive and stand, with a tail to pull on. */
  readonly strapMm: number
  /** Room beside the hive on its stand, all round at its narrowest: what a wrap down to the floor needs. */
  readonly wrapRoomMm: number
}

/** Wind that does it, m/s; null where there is nothing to blow away. */
interface Winds {
  readonly asItStands: number
  readonly empty: number
  readonly strapped: number
  readonly withBrick: number
  readonly roof: number | null
  readonly roofWithBrick: number | null
}

/**
 * Whether a hive stands: load against rating, centre of mass, wind, strap. Sources with each formula; the rest
 * geometry.
 * @param feetMm how far apart the feet stand, mm, where they are closer than the stand is wide: cups, narrow legs
 */
export function standingOf(
  layout: Layout,
  attached: readonly AttachedPart[],
  mass: HiveMass,
  emptyMass: HiveMass,
  feetMm = Number.POSITIVE_INFINITY,
): Standing {
  const { figures } = layout
  const stands = layout.parts.filter(isStand)
  const hive = layout.parts.filter((part) => !isStand(part))
  const standMm = Math.max(0, ...stands.map(({ topMm }) => topMm))
  const ratings = stands.flatMap(({ pattern }) => (pattern?.ratingKg === undefined ? [] : [pattern.ratingKg]))
  const ratingKg = ratings.length > 0 ? Math.min(...ratings) : null
  const roof = hive.find(isRoof)
  const ballast = attached.filter(isBallast).map(({ part }) => there(mass.parts.get(part.id)).kg)
  const roofKg = roof ? there(mass.parts.get(roof.part.id)).kg.middle + sumOf(ballast).middle : null
  const side = sideOf(hive)
  const standing = { side, standMm, baseMm: Math.min(baseOf(stands, side), feetMm), standKg: mass.standKg.middle }
  const widest = Math.max(0, ...hive.filter((part) => !isRoof(part)).map((part) => footprintOf(part).widthMm))
  return {
    heightMm: layout.heightMm,
    standMm,
    kg: mass.kg,
    loadKg: mass.kg,
    ratingKg,
    overloaded: ratingKg !== null && mass.kg.high > ratingKg,
    centreOfMassMm: centreOfMass(layout.parts, mass),
    baseMm: standing.baseMm,
    winds: {
      asItStands: tips(mass.kg.middle, standing, figures, false),
      empty: tips(emptyMass.kg.middle, standing, figures, false),
      strapped: tips(mass.kg.middle, standing, figures, true),
      withBrick: tips(mass.kg.middle + figures.brickKg, standing, figures, false),
      roof: roof && roofKg !== null ? roofWindMs(roofKg, roofArea(roof), figures) : null,
      roofWithBrick: roof && roofKg !== null ? roofWindMs(roofKg + figures.brickKg, roofArea(roof), figures) : null,
    },
    strapMm: 2 * (layout.heightMm + widest) + figures.strapTailMm,
    wrapRoomMm:
      stands.length === 0
        ? 0
        : Math.min(
            ...hive.slice(0, 1).flatMap((part) => roomBeside(footprintOf(part), footprintOf(there(stands.at(-1))))),
          ),
  }
}

interface Side {
  readonly areaM2: number
  readonly heightMm: number
  readonly narrowMm: number
}

/**
 * The larger side of the hive, without its stand, and the narrower side of what it stands on: its lowest part, not a
 * narrow one on top.
 */
function sideOf(hive: readonly PlacedPart[]): Side {
  const sides = (part: PlacedPart) => (isRoof(part) ? [] : [footprintOf(part).lengthMm, footprintOf(part).widthMm])
  const longMm = Math.max(0, ...hive.flatMap(sides))
  const narrowMm = Math.min(...(hive.map(sides).find((one) => one.length > 0) ?? [longMm || 1]))
  const heightMm =
    Math.max(0, ...hive.map(({ topMm }) => topMm)) -
    Math.min(...hive.map(({ bottomMm }) => bottomMm), Number.POSITIVE_INFINITY)
  return {
    areaM2: (longMm * Math.max(0, heightMm)) / 1e6,
    heightMm: Number.isFinite(heightMm) ? heightMm : 0,
    narrowMm,
  }
}

function baseOf(stands: readonly PlacedPart[], { narrowMm }: Side): number {
  const bases = stands.map((part) => Math.min(footprintOf(part).lengthMm, footprintOf(part).widthMm))
  return bases.length > 0 ? Math.min(...bases) : narrowMm
}

/** On a stand it may tip with it or off it: the smaller wind counts; strapped to it, the stand's mass takes part. */
function tips(
  kg: number,
  {
    side,
    standMm,
    baseMm,
    standKg,
  }: { readonly side: Side; readonly standMm: number; readonly baseMm: number; readonly standKg: number },
  figures: Figures,
  strapped: boolean,
): number {
  if (side.areaM2 <= 0) return Number.POSITIVE_INFINITY
  const whole = tippingWindMs(kg + standKg, baseMm, side.areaM2, standMm + side.heightMm / 2, figures)
  if (strapped) return whole
  return Math.min(whole, tippingWindMs(kg, side.narrowMm, side.areaM2, side.heightMm / 2, figures))
}

/** How long and wide a part is in plan, mm. */
function footprintOf({ resolved }: PlacedPart): { readonly lengthMm: number; readonly widthMm: number } {
  const { x0, x1, y0, y1 } = outlineOf(resolved)
  return { lengthMm: x1 - x0, widthMm: y1 - y0 }
}

type Plan = ReturnType<typeof footprintOf>

function roomBeside(part: Plan, stand: Plan): number[] {
  return [(stand.lengthMm - part.lengthMm) / 2, (stand.widthMm - part.widthMm) / 2]
}

/** What the wind gets under, m²: as wide as what the roof lies on. */
function roofArea({ faces }: PlacedPart): number {
  const { x0, x1, y0, y1 } = there(faces.lower.edge).outside
  return ((x1 - x0) * (y1 - y0)) / 1e6
}

function centreOfMass(parts: readonly PlacedPart[], mass: HiveMass): number {
  let moment = 0
  let total = 0
  for (const part of parts) {
    const { middle } = mass.parts.get(part.part.id)?.kg ?? ZERO
    moment += middle * ((part.bottomMm + part.topMm) / 2)
    total += middle
  }
  return total > 0 ? moment / total : 0
}
