import type { Gap } from '../gaps'
import type { Layout, PlacedPart } from '../layout'
import { comparableMm } from '../../units'
import { outsideMm, type Band } from './band'
import { wayUpOf } from '../../parts'

/** A part that works either way up, tried both ways. */
export interface BetterWay {
  readonly partId: string
  readonly asItStands: BothFaces
  readonly turned: BothFaces
  readonly better: 'as-it-stands' | 'turned' | 'neither'
}

/** The gaps to frames below and above; null where no frames face that side. */
interface BothFaces {
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
    const below = gaps
      .filter((gap) => gap.upperId === part.part.id && gap.lowerSurface === 'top-bars' && gap.place !== 'through-open')
      .map(({ mm }) => mm)
    const above = gaps
      .filter(
        (gap) => gap.lowerId === part.part.id && gap.upperSurface === 'bottom-bars' && gap.place !== 'through-open',
      )
      .map(({ mm }) => mm)
    if (below.length === 0 && above.length === 0) return []
    const differenceMm = recessMm(part, 'upper') - recessMm(part, 'lower')
    const asItStands = bothFaces(below, above, band)
    const turned = bothFaces(
      below.map((mm) => mm + differenceMm),
      above.map((mm) => mm - differenceMm),
      band,
    )
    return [judgedWay(part.part.id, asItStands, turned)]
  })
}

/**
 * The same of a hive that is uneven: on every face the worse of its two sides counts, as it stands and turned, so that
 * no way up is called better that is worse on either side. Common practice.
 */
export function betterWaysOfBoth(first: readonly BetterWay[], other: readonly BetterWay[], band: Band): BetterWay[] {
  const onOther = new Map(other.map((way) => [way.partId, way]))
  return first.map((way) => {
    const twin = onOther.get(way.partId)
    if (!twin) return way
    const worse = (a: BothFaces, b: BothFaces) =>
      bothFaces(facesMm(a.belowMm, b.belowMm), facesMm(a.aboveMm, b.aboveMm), band)
    return judgedWay(way.partId, worse(way.asItStands, twin.asItStands), worse(way.turned, twin.turned))
  })
}

const facesMm = (...mms: readonly (number | null)[]) => mms.filter((mm) => mm !== null)

function judgedWay(partId: string, asItStands: BothFaces, turned: BothFaces): BetterWay {
  const gain = comparableMm(asItStands.outsideMm - turned.outsideMm)
  return { partId, asItStands, turned, better: gain > 0 ? 'turned' : gain < 0 ? 'as-it-stands' : 'neither' }
}

/** Both ways up are right, and one may be better. */
export function canStandEitherWay({ pattern }: PlacedPart): boolean {
  return pattern !== undefined && wayUpOf(pattern) === 'either'
}

function recessMm(part: PlacedPart, face: 'lower' | 'upper'): number {
  return part.faces[face].zones[0]?.recess.mm ?? 0
}

/** Frames and a board beside them are one joint: its worst counts, once. */
function bothFaces(belowMm: readonly number[], aboveMm: readonly number[], band: Band): BothFaces {
  const [below, above] = [worstOf(belowMm, band), worstOf(aboveMm, band)]
  return {
    belowMm: below,
    aboveMm: above,
    outsideMm: [below, above].reduce<number>((sum, mm) => sum + (mm === null ? 0 : outsideMm(mm, band)), 0),
  }
}

function worstOf(gapsMm: readonly number[], band: Band): number | null {
  return gapsMm.reduce<number | null>(
    (worst, mm) => (worst === null || outsideMm(mm, band) > outsideMm(worst, band) ? mm : worst),
    null,
  )
}
