import type { UnitSystem } from './show-length'

/** Miles an hour in a metre a second (exact: 3600 s over 1609.344 m; NIST SP 811, Appendix B.8). */
const MPH_PER_MS = 3600 / 1609.344

/** A wind as it is said: `24 km/h`, `15 mph`. */
export function showWind(ms: number, units: UnitSystem): string {
  return units === 'mm' ? `${Math.round(ms * 3.6)} km/h` : `${Math.round(ms * MPH_PER_MS)} mph`
}
