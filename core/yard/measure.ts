import type { DimensionName, Part, Reading } from '../parts'
import { parseLength, type Length, type LengthLimits, type ParsedLength, type UnitSystem } from '../units'

/** What a dimension of a hive part can sensibly be, mm; common practice, wide. */
const RECESS: LengthLimits = { minMm: 0, maxMm: 150 }
const OUTSIDE: LengthLimits = { minMm: 20, maxMm: 1000 }
const LIMITS: Readonly<Record<DimensionName, LengthLimits>> = {
  outsideLength: OUTSIDE,
  outsideWidth: OUTSIDE,
  insideLength: OUTSIDE,
  insideWidth: OUTSIDE,
  restToRest: OUTSIDE,
  depth: { minMm: 0.5, maxMm: 700 },
  restDepth: RECESS,
  upperRecess: RECESS,
  lowerRecess: RECESS,
  rimDepth: RECESS,
  rimWidth: { minMm: 3, maxMm: 120 },
  boardThickness: { minMm: 1, maxMm: 80 },
  deckThickness: { minMm: 1, maxMm: 120 },
  skirtDepth: { minMm: 0, maxMm: 300 },
  gableHeight: { minMm: 0, maxMm: 500 },
  fillDepth: { minMm: 0, maxMm: 300 },
  nesting: RECESS,
  divisionThickness: { minMm: 1, maxMm: 60 },
  upperLength: OUTSIDE,
  upperWidth: OUTSIDE,
  lowerLength: OUTSIDE,
  lowerWidth: OUTSIDE,
  holeLength: { minMm: 5, maxMm: 400 },
  holeWidth: { minMm: 5, maxMm: 400 },
  openingWidth: { minMm: 5, maxMm: 450 },
  openingHeight: { minMm: 3, maxMm: 60 },
}

export function limitsOf(name: DimensionName): LengthLimits {
  return LIMITS[name]
}

/** Reads a typed dimension within what that dimension can be. */
export function parseDimension(name: DimensionName, text: string, units: UnitSystem): ParsedLength {
  return parseLength(text, units, LIMITS[name])
}

/** The part with a dimension as the ruler had it, or with the pattern's again when `length` is undefined. */
export function withMeasured(part: Part, name: DimensionName, length: Length | undefined): Part {
  const { [name]: _old, ...others } = part.measured ?? {}
  const measured = length ? { ...others, [name]: length } : others
  const { measured: _before, ...rest } = part
  return Object.keys(measured).length === 0 ? rest : { ...rest, measured }
}

/** The part with one of its readings as the figure in use. */
export function withReadingInUse(part: Part, { dimension, mm, plusMinusMm, inches, otherMm, text }: Reading): Part {
  return withMeasured(part, dimension, {
    mm,
    plusMinusMm,
    source: { mark: 'measured', text },
    ...(inches ? { inches } : {}),
    ...(otherMm === undefined ? {} : { otherMm }),
  })
}

/** The part with one more reading, which from now on is the figure in use; earlier ones are kept. */
export function withReading(part: Part, reading: Reading): Part {
  return { ...withReadingInUse(part, reading), readings: [...(part.readings ?? []), reading] }
}

/** How finely a ruler reads, as ± in mm (common practice). */
export const RULERS = [
  { id: 'half-mm', plusMinusMm: 0.5 },
  { id: 'one-mm', plusMinusMm: 1 },
  { id: 'thirty-second', plusMinusMm: 0.79375 },
  { id: 'sixteenth', plusMinusMm: 1.5875 },
] as const
