import { FORMULA } from '../formula'
import { dimensionMm, type ResolvedPart } from '../geometry'
import { exactly, sumOf, type Range } from './range'

/**
 * Volume of the timber or foam in the shell of a box, mm³: side boards of full length, ends between them less the
 * rest that is cut out. A National's ends are a board with two rails (formats.md, from memory). Geometry.
 */
export function shellVolumeMm3(box: ResolvedPart): number {
  const mm = (name: Parameters<typeof dimensionMm>[1]) => dimensionMm(box, name)
  const sides = mm('outsideLength') * (mm('outsideWidth') - mm('insideWidth')) * mm('depth')
  const endMm = (mm('outsideLength') - mm('insideLength')) / 2
  const builtUp = box.pattern?.material === 'wood' && endMm > FORMULA.builtUpFrom.value
  if (builtUp) return sides + 2 * mm('insideWidth') * (FORMULA.endBoard.value * mm('depth') + 2 * FORMULA.railWidth.value * FORMULA.railDepth.value)
  const rest = ((mm('restToRest') - mm('insideLength')) / 2) * mm('restDepth')
  return sides + 2 * mm('insideWidth') * (endMm * mm('depth') - rest)
}

/**
 * Mass of an empty box without frames, kg: volume × density, and 5 % for nails, paint and propolis. Its bounds are
 * those of the density for polystyrene; a pattern with a mass of its own keeps that. From memory.
 */
export function shellKg(box: ResolvedPart, timberKgPerM3: number = FORMULA.timberDensity.value): Range {
  const { mass, material } = box.pattern ?? {}
  if (mass) return { low: mass.kg - mass.plusMinusKg, middle: mass.kg, high: mass.kg + mass.plusMinusKg }
  const m3 = shellVolumeMm3(box) / 1e9
  if (material !== 'polystyrene') return exactly(m3 * timberKgPerM3 * FORMULA.shellExtra.value)
  const { foamDensityLow, foamDensityHigh } = FORMULA
  return { low: m3 * foamDensityLow.value, middle: (m3 * (foamDensityLow.value + foamDensityHigh.value)) / 2, high: m3 * foamDensityHigh.value }
}

/** Mass of all that hangs in a box as it is bought, kg: wood and foundation, no comb; ± of the catalogue. */
export function hungWareKg({ hung }: ResolvedPart): Range {
  return sumOf(hung.flatMap(({ pattern }) => (pattern ? [{ low: pattern.mass.kg - pattern.mass.plusMinusKg, middle: pattern.mass.kg, high: pattern.mass.kg + pattern.mass.plusMinusKg }] : [])))
}
