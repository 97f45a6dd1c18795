import type { Gap, Layout, PlacedPart } from '../geometry'
import { comparableMm } from '../units'
import { outsideMm, type Band } from './band'

/** A part that works either way up, tried both ways. */
export interface BetterWay {
  readonly partId: string
  readonly asItStands: BothFaces
  readonly turned: BothFaces
  readonly better: 'as-it-stands' | 'turned' | 'neither'
}

/** The gaps to frames below and above; null where no frames face that side. */
export interface BothFaces {
  readonly belowMm: number | null
  readonly aboveMm: number | null
  /** Excess over the band + shortfall under it, summed over the faces that meet frames. */
  readonly outsideMm: number
}

/**
 * Tries the framed excluder and the crown both ways up. The better way is the one with the smaller sum of what
 * lies outside the band on the faces that meet frames; on a tie neither is better. Common practice.
 */
export function betterWays(layout: Layout, gaps: readonly Gap[], band: Band): BetterWay[] {
  return layout.parts.flatMap((part) => {
    if (!canStandEitherWay(part)) return []
    const below = gaps.find((gap) => gap.upperId === part.part.id && gap.lowerSurface === 'top-bars' && gap.place !== 'through-open')
    const above = gaps.find((gap) => gap.lowerId === part.part.id && gap.upperSurface === 'bottom-bars' && gap.place !== 'through-open')
    if (!below && !above) return []
    const differenceMm = recessMm(part, 'upper') - recessMm(part, 'lower')
    const asItStands = bothFaces(below?.mm, above?.mm, band)
    const turned = bothFaces(below && below.mm + differenceMm, above && above.mm - differenceMm, band)
    const gain = comparableMm(asItStands.outsideMm - turned.outsideMm)
    return [{ partId: part.part.id, asItStands, turned, better: gain > 0 ? 'turned' : gain < 0 ? 'as-it-stands' : 'neither' }]
  })
}

/** Crowns, framed excluders and reversible floors have two usable sides. */
export function canStandEitherWay({ pattern }: PlacedPart): boolean {
  return pattern?.kind === 'crown' || (pattern?.kind === 'excluder' && pattern.surface === 'rods')
}

function recessMm(part: PlacedPart, face: 'lower' | 'upper'): number {
  return part.faces[face].zones[0]?.recess.mm ?? 0
}

function bothFaces(belowMm: number | undefined, aboveMm: number | undefined, band: Band): BothFaces {
  const sum = [belowMm, aboveMm].reduce<number>((total, value) => total + (value === undefined ? 0 : outsideMm(value, band)), 0)
  return { belowMm: belowMm ?? null, aboveMm: aboveMm ?? null, outsideMm: sum }
}
