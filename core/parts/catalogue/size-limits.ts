import { type Length, isOneOf } from '../../units'
import { HANGING_FIGURES, type HangingDimension } from './hanging-names'
import { DIMENSION_NAMES, type DimensionName, type Dimensions, type HangingPattern } from './pattern'

/** What a size can be at the least and at the most, mm. */
export interface SizeLimit {
  readonly leastMm: number
  readonly mostMm: number
}

const outline: SizeLimit = { leastMm: 20, mostMm: 2000 }
const inside: SizeLimit = { leastMm: 20, mostMm: 2000 }
/** A size that some parts do not have at all: a flush side, a frame that hangs proud of its box. */
const recess: SizeLimit = { leastMm: -300, mostMm: 300 }
const sheet: SizeLimit = { leastMm: 0.05, mostMm: 300 }

/** What each size of a part can be: far wider than any that is made, so that no sum runs away (from memory). */
export const SIZE_LIMITS: Readonly<Record<DimensionName, SizeLimit>> = {
  outsideLength: outline,
  outsideWidth: outline,
  insideLength: inside,
  insideWidth: inside,
  depth: { leastMm: 0.1, mostMm: 1500 },
  restToRest: inside,
  restDepth: { leastMm: 0, mostMm: 300 },
  upperRecess: recess,
  lowerRecess: recess,
  rimDepth: { leastMm: 0, mostMm: 300 },
  rimWidth: { leastMm: 0, mostMm: 500 },
  boardThickness: sheet,
  skirtDepth: { leastMm: 0, mostMm: 600 },
  deckThickness: sheet,
  gableHeight: { leastMm: 0, mostMm: 600 },
  holeLength: { leastMm: 0, mostMm: 1000 },
  holeWidth: { leastMm: 0, mostMm: 1000 },
  openingWidth: { leastMm: 0, mostMm: 1500 },
  openingHeight: { leastMm: 0, mostMm: 500 },
  fillDepth: { leastMm: 0, mostMm: 600 },
  nesting: { leastMm: 0, mostMm: 100 },
  divisionThickness: sheet,
  upperLength: outline,
  upperWidth: outline,
  lowerLength: outline,
  lowerWidth: outline,
}

/** What each size of what hangs in a box can be; the spacing decides how many go in (from memory). */
export const HANGING_LIMITS: Readonly<Record<HangingDimension, SizeLimit>> = {
  topBarLength: { leastMm: 20, mostMm: 2000 },
  topBarWidth: { leastMm: 0.5, mostMm: 300 },
  topBarThickness: { leastMm: 0.1, mostMm: 200 },
  lugThickness: { leastMm: 0.1, mostMm: 200 },
  lengthOverEndBars: { leastMm: 20, mostMm: 2000 },
  endBarThickness: { leastMm: 0, mostMm: 200 },
  bottomBarThickness: { leastMm: 0, mostMm: 200 },
  height: { leastMm: 10, mostMm: 1500 },
  spacing: { leastMm: 3, mostMm: 500 },
  thickness: { leastMm: 0.5, mostMm: 500 },
}

/** The limits of a size by its name; undefined where nothing is called so. */
export function sizeLimitOf(name: string): SizeLimit | undefined {
  if (isOneOf(DIMENSION_NAMES, name)) return SIZE_LIMITS[name]
  return isOneOf(HANGING_FIGURES, name) ? HANGING_LIMITS[name] : undefined
}

/** A length that a size of this name can be, on both of its sides. */
export function isSize(name: string, { mm, otherMm = mm }: Pick<Length, 'mm' | 'otherMm'>): boolean {
  const limit = sizeLimitOf(name)
  return limit !== undefined && [mm, otherMm].every((one) => one >= limit.leastMm && one <= limit.mostMm)
}

/** Every size that is given is one that there can be. */
export function areSizes(dimensions: Dimensions): boolean {
  return Object.entries(dimensions).every(([name, length]) => !length || isSize(name, length))
}

/** The same of what hangs in a box. */
export function areHangingSizes(pattern: HangingPattern): boolean {
  return HANGING_FIGURES.every((name) => {
    const length = pattern[name]
    return !length || isSize(name, length)
  })
}
