import { celsiusFrom, fahrenheitFrom } from './temperature'
import { roundTo } from './length'
import { KG_PER_POUND } from './mass'
import type { UnitSystem } from './show-length'

interface UsUnit {
  readonly unit: string
  /** How many of it are in one of the metric unit. */
  readonly factor: number
}

/** What goes with inches for each unit of a figure (NIST SP 811, Appendix B.8, from memory); the rest are alike. */
const US_UNITS: Readonly<Record<string, UsUnit>> = {
  kg: { unit: 'lb', factor: 1 / KG_PER_POUND },
  'kg a day': { unit: 'lb a day', factor: 1 / KG_PER_POUND },
  g: { unit: 'oz', factor: 1 / 28.349_523_125 },
  mL: { unit: 'fl oz', factor: 1 / 29.573_53 },
  L: { unit: 'quarts', factor: 1.056_688 },
  'L/kg': { unit: 'quarts/lb', factor: 1.056_688 * KG_PER_POUND },
  'kg/L': { unit: 'lb/gal', factor: 8.345_404 },
  'kg/m³': { unit: 'lb/ft³', factor: 0.062_427_96 },
  'kg/m²': { unit: 'lb/ft²', factor: 0.204_816_1 },
  'dm²': { unit: 'in²', factor: 15.500_03 },
  'kg/dm²': { unit: 'lb/ft²', factor: 20.481_61 },
  'bees/cm²': { unit: 'bees/in²', factor: 6.4516 },
  'mm/m': { unit: 'in/ft', factor: 0.012 },
  'm/s²': { unit: 'ft/s²', factor: 3.280_84 },
  'W/kg': { unit: 'W/lb', factor: KG_PER_POUND },
  'W/(kg·K)': { unit: 'W/(lb·°F)', factor: KG_PER_POUND / 1.8 },
  'W/(m·K)': { unit: 'Btu·in/(h·ft²·°F)', factor: 6.933_472 },
  'J/(kg·K)': { unit: 'Btu/(lb·°F)', factor: 2.388_459e-4 },
  'J/(m³·K)': { unit: 'Btu/(ft³·°F)', factor: 1.491_066e-5 },
  'MJ/kg': { unit: 'Btu/lb', factor: 429.9226 },
}

/** The unit that a figure of the metric unit is shown and typed in. */
function unitShown(unit: string, units: UnitSystem): string {
  if (units === 'mm') return unit
  return unit === '°C' ? '°F' : (US_UNITS[unit]?.unit ?? unit)
}

/** A figure in the reader's unit, four figures of it at the most: `420 kg/m³`, `26.22 lb/ft³`, `50 °F`. */
export function showInUnit(value: number, unit: string, units: UnitSystem): string {
  const shown = units === 'mm' ? value : usFrom(value, unit)
  const text = String(units === 'mm' ? value : Number(shown.toPrecision(4))).replace('-', '−')
  return unit === '' ? text : `${text} ${unitShown(unit, units)}`
}

/** The metric value of a figure typed in the reader's unit. */
export function inMetric(typed: number, unit: string, units: UnitSystem): number {
  if (units === 'mm') return typed
  return roundTo(unit === '°C' ? celsiusFrom(typed) : typed / (US_UNITS[unit]?.factor ?? 1), 9)
}

/** The US figure of a metric one. */
export function usFrom(value: number, unit: string): number {
  return unit === '°C' ? fahrenheitFrom(value) : value * (US_UNITS[unit]?.factor ?? 1)
}
