import { inchesFromFraction, mmFromInches, type Length, type Source } from '../../units'
import type { Label } from './label'
import type { Mass } from './pattern'

export const USDA: Source = {
  mark: 'P',
  text: 'USDA Agriculture Handbook 335, Beekeeping in the United States, hive drawings, from memory',
}
export const BS1300: Source = { mark: 'P', text: 'BS 1300:1960, Beehives, frames and wax foundation, from memory' }
export const COMMON: Source = { mark: 'C', text: 'common practice of the trade' }
export const MEMORY: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }

/** What a value from memory may be off by, by material. */
const MEMORY_PLUS_MINUS_MM = { wood: 1, polystyrene: 3 } as const

/** A length drawn in inches; keeps its fraction. Published and common values carry no ±, those from memory 1 mm. */
export function inches(fraction: string, source: Source): Length {
  const value = inchesFromFraction(fraction)
  if (value === undefined) throw new RangeError(`not an inch fraction: ${fraction}`)
  return { mm: mmFromInches(value), plusMinusMm: plusMinusMm(source), source, inches: fraction }
}

/** A length drawn in millimetres. */
export function mm(value: number, source: Source): Length {
  return { mm: value, plusMinusMm: plusMinusMm(source), source }
}

/** A length from memory in a material: 1 mm in wood, 3 mm in polystyrene. */
export function memory(value: number, material: keyof typeof MEMORY_PLUS_MINUS_MM): Length {
  return { mm: value, plusMinusMm: MEMORY_PLUS_MINUS_MM[material], source: MEMORY }
}

/** A plane that is flat by the way it is made: zero without a ±. */
export const FLUSH: Length = { mm: 0, plusMinusMm: 0, source: { mark: 'C', text: 'flat by construction' } }

/** A mass from memory, ± 20 %. */
export function massFromMemory(kg: number): Mass {
  return { kg, plusMinusKg: kg * 0.2, source: MEMORY }
}

export function label(british: string, northAmerican = british): Label {
  return { british, northAmerican }
}

function plusMinusMm(source: Source): number {
  return source.mark === 'M' ? MEMORY_PLUS_MINUS_MM.wood : 0
}

/** Rails round boards and floors, as such parts are made. */
export const RIM_WIDTH = mm(19, MEMORY)
