import type { UnitSystem } from './show-length'

/** A temperature in °F (by definition). */
export function fahrenheitFrom(celsius: number): number {
  return celsius * 1.8 + 32
}

/** A temperature in °C (by definition). */
export function celsiusFrom(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8
}

/** A temperature as it is shown: `−5 °C`, `23 °F`; °F goes with inches. */
export function showTemperature(celsius: number, units: UnitSystem, digits = 0): string {
  const value = units === 'mm' ? celsius : fahrenheitFrom(celsius)
  const rounded = value.toFixed(digits)
  return `${rounded.replace('-', Number(rounded) === 0 ? '' : '−')} ${units === 'mm' ? '°C' : '°F'}`
}
