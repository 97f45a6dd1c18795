import type { FigureName, Figures } from './all'

/** Figures of which each is no more than the one after it. */
export const ORDERED: readonly (readonly FigureName[])[] = [
  ['beeTightMm', 'beeSpaceMinMm', 'beeSpaceMaxMm'],
  ['singleMinMm', 'singleMaxMm'],
  ['metricMinMm', 'metricMaxMm'],
  ['floorMinMm', 'floorMaxMm'],
  ['combGapMinMm', 'combGapMaxMm'],
  ['coverShareLow', 'coverShareTypical', 'coverShareHigh'],
  ['winterCoverShareLow', 'winterCoverShareTypical', 'winterCoverShareHigh'],
  ['broodOfCombShareLow', 'broodOfCombShareTypical', 'broodOfCombShareHigh'],
  ['eatsKgADayLow', 'eatsKgADayTypical', 'eatsKgADayHigh'],
  ['fillShareLow', 'fillShareTypical', 'fillShareHigh'],
  ['waxHoldsKgPerKgLow', 'waxHoldsKgPerKg', 'waxHoldsKgPerKgHigh'],
  ['nectarShareLow', 'nectarShareTypical', 'nectarShareHigh'],
  ['winterStoreShareLow', 'winterStoreShareTypical', 'winterStoreShareHigh'],
  ['broodKgPerDm2Low', 'broodKgPerDm2Typical', 'broodKgPerDm2High'],
  ['foodYearMinKg', 'foodYearMaxKg'],
  ['foamDensityKgPerM3Low', 'foamDensityKgPerM3High'],
  ['needMaritimeKgLow', 'needMaritimeKgHigh'],
  ['needWarmKgLow', 'needWarmKgHigh'],
  ['needColdKgLow', 'needColdKgHigh'],
  ['needDearthKgLow', 'needDearthKgHigh'],
  ['needNucleusKgLow', 'needNucleusKgHigh'],
  ['baitLeastLitres', 'baitUsualLitres', 'baitMostLitres'],
  ['ripeWaterShare', 'mostWaterShare'],
]

/** Two figures of which the lower is more than the upper. */
export interface Crossed {
  readonly lower: FigureName
  readonly upper: FigureName
}

/**
 * The first two figures that cross; undefined where every least is no more than its most.
 * @param about only pairs with this one in them
 */
export function crossedIn(figures: Figures, about?: FigureName): Crossed | undefined {
  for (const names of about ? ORDERED.filter((one) => one.includes(about)) : ORDERED)
    for (let i = 1; i < names.length; i++) {
      const [lower, upper] = [names[i - 1]!, names[i]!]
      if (figures[lower] > figures[upper] && (!about || lower === about || upper === about)) return { lower, upper }
    }
  return undefined
}

/** The same figures, with those that cross as they ship: a yard's own pair without sense counts for nothing. */
export function uncrossed(figures: Figures, shipped: Figures): Figures {
  const bad = ORDERED.filter((names) => names.some((name, i) => i > 0 && figures[names[i - 1]!] > figures[name])).flat()
  return bad.length === 0
    ? figures
    : { ...figures, ...Object.fromEntries(bad.map((name) => [name, shipped[name]] as const)) }
}
