import { usFrom } from './figure-unit'
import type { UnitSystem } from './show-length'

/** US R, ft²·°F·h/Btu, in 1 m²·K/W (NIST SP 811, Appendix B.8, from memory). */
const US_R_PER_M2K_PER_W = 5.678

/** Room as it is shown: `22 litres`, `23 quarts`; quarts go with inches. */
export function showVolume(litres: number, units: UnitSystem, digits = 0): string {
  return units === 'mm' ? `${litres.toFixed(digits)} litres` : `${usFrom(litres, 'L').toFixed(digits)} quarts`
}

/** Thermal resistance as it is shown: `0.17 m²K/W`, `R 1`; the US R goes with inches. */
export function showResistance(m2KPerW: number, units: UnitSystem): string {
  return units === 'mm' ? `${figureOfR(m2KPerW, units)} m²K/W` : showR(m2KPerW, units)
}

/** The same where the unit is said elsewhere: `R 0.17`, `R 1`. */
export function showR(m2KPerW: number, units: UnitSystem): string {
  return `R ${figureOfR(m2KPerW, units)}`
}

function figureOfR(m2KPerW: number, units: UnitSystem): number {
  return units === 'mm' ? Math.round(m2KPerW * 100) / 100 : Math.round(m2KPerW * US_R_PER_M2K_PER_W * 10) / 10
}

/** Thermal resistance, m²·K/W, of one typed in the reader's units. */
export function resistanceFrom(typed: number, units: UnitSystem): number {
  return units === 'mm' ? typed : typed / US_R_PER_M2K_PER_W
}
