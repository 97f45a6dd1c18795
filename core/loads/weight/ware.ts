import { materialMm3, shapeOf, type ResolvedPart } from '../../parts'
import { exactly, sumOf, type Range } from './range'

/**
 * Volume of the timber or foam in the shell of a box, mm³: its own bodies, less what a built-up end leaves out.
 * Geometry.
 */
export function shellVolumeMm3(box: ResolvedPart): number {
  return shapeOf(box).solids.reduce((sum, body) => (body.bears ? sum + materialMm3(body) : sum), 0)
}

/**
 * Mass of an empty box without frames, kg: volume × density, and 5 % for nails, paint and propolis. Its bounds are
 * those of the density for polystyrene; a pattern with a mass of its own keeps that. From memory.
 */
export function shellKg(box: ResolvedPart, timberKgPerM3: number = box.figures.timberDensityKgPerM3): Range {
  const { mass, material } = box.pattern ?? {}
  if (mass) return { low: mass.kg - mass.plusMinusKg, middle: mass.kg, high: mass.kg + mass.plusMinusKg }
  const m3 = shellVolumeMm3(box) / 1e9
  if (material !== 'polystyrene') return exactly(m3 * timberKgPerM3 * box.figures.shellTimes)
  const { foamDensityKgPerM3Low, foamDensityKgPerM3High } = box.figures
  return {
    low: m3 * foamDensityKgPerM3Low,
    middle: (m3 * (foamDensityKgPerM3Low + foamDensityKgPerM3High)) / 2,
    high: m3 * foamDensityKgPerM3High,
  }
}

/** Mass of all that hangs in a box as it is bought, kg: wood and foundation, no comb; ± of the catalogue. */
export function hungWareKg({ hung }: ResolvedPart): Range {
  return sumOf(
    hung.flatMap(({ pattern }) =>
      pattern
        ? [
            {
              low: pattern.mass.kg - pattern.mass.plusMinusKg,
              middle: pattern.mass.kg,
              high: pattern.mass.kg + pattern.mass.plusMinusKg,
            },
          ]
        : [],
    ),
  )
}
